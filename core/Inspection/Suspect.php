<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** A cause with what speaks for and against it. */
final readonly class Suspect
{
    /**
     * @param  float  $share  of all that speaks for anything, 0 to 1: a ranking, no chance
     * @param  list<string>  $for  clauses
     * @param  list<string>  $against
     */
    public function __construct(
        public Cause $cause,
        public int $points,
        public float $share,
        public array $for,
        public array $against,
    ) {}
}
