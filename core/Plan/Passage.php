<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Section\Layout;

/** A sleeve through a wall as it is set: where, how it falls, how it is sealed; and what it takes now, or drilled later. */
final readonly class Passage
{
    /** Outward, so that water that gets in runs out; common practice, no source. */
    public const FALL = 0.02;

    /** Person-hours of a sleeve in the form; common practice, no source. */
    private const NOW = 0.5;

    /** Person-hours of a drill that is brought, set up and cleaned; common practice, no source. */
    private const RIG = 1.0;

    /** Person-hours of sealing a hole, and of patching a coat round it; common practice, no source. */
    private const SEAL = 0.75;

    private const PATCH = 0.5;

    /**
     * @param  float  $along  from the left corner as seen from outside, m
     * @param  float  $level  of its middle, over the ground at the common edge, m
     * @param  float  $drop  from inside to outside, m
     * @param  float  $now  person-hours
     * @param  float  $later  person-hours
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $along,
        public float $level,
        public float $diameter,
        public float $drop,
        public string $outside,
        public string $inside,
        public float $now,
        public float $later,
    ) {}

    public static function of(string $id, Sleeve $sleeve, float $along, float $thick, Design $design, Layout $at): self
    {
        $isCoated = $design->membrane->present() && $sleeve->at->level < $at->membraneTop;

        return new self(
            $id, $sleeve->at->name, $along, $sleeve->at->level, $sleeve->diameter, self::FALL * $thick,
            match (true) {
                $isCoated => 'to the coat, with a collar',
                $sleeve->at->level < $at->grade => 'against water in the ground',
                default => 'against rain',
            },
            $sleeve->at->level < $at->slab ? 'to the sheet, with a boot' : 'airtight',
            self::NOW,
            round(self::RIG + $thick * self::rate($sleeve->diameter) + self::SEAL + ($isCoated ? self::PATCH : 0.0), 2),
        );
    }

    /** Person-hours a metre of concrete, by the width of the hole; common practice, no source. */
    private static function rate(float $diameter): float
    {
        return match (true) {
            $diameter <= 0.06 => 1.5,
            $diameter <= 0.16 => 3.0,
            default => 5.0,
        };
    }
}
