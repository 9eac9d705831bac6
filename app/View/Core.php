<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Rules\Ruling;

/** One verdict at a glance: its word, and its one figure against the limit. */
final readonly class Core
{
    /**
     * @param  string  $name  `Heat`
     * @param  list<float>  $shares  of the limit used, one a method; none where it is not known or no limit is set
     * @param  string  $figure  what was found, written out; empty where nothing is known yet
     * @param  string  $of  what that is held against, and of what it is
     * @param  string  $more  a second line; empty where there is none
     */
    public function __construct(
        public string $slug,
        public string $name,
        public Ruling $ruling,
        public array $shares,
        public string $figure,
        public string $of,
        public string $more = '',
    ) {}
}
