<?php

declare(strict_types=1);

namespace Ondergrond\Project;

/** A change of a released design. */
final readonly class DesignChange
{
    /**
     * @param  string  $what  differs, in words; empty while it is being made
     * @param  string  $at  UTC
     */
    public function __construct(
        public string $why,
        public string $what,
        public string $by,
        public string $at,
    ) {}
}
