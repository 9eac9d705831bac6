<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Sequence\HoldPoint;

/** That somebody lets the work go on past a hold point. */
final readonly class Passing
{
    /**
     * @param  list<string>  $over  ids of its items that were out or missing then
     * @param  string  $reason  why all the same; empty where nothing was
     * @param  string  $competent  name of the competent person or engineer, where an item asks for one
     * @param  string  $document  what that person gave, with its date
     */
    public function __construct(
        public HoldPoint $hold,
        public array $over = [],
        public string $reason = '',
        public string $competent = '',
        public string $document = '',
    ) {}
}
