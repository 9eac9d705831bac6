<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Units\Said;

/** What an entry says, at once. */
final readonly class Reading
{
    public function __construct(
        public State $state,
        public Said $words,
    ) {}
}
