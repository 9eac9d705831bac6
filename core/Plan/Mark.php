<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** One thing drawn for an item: a sign at a point, along a line, or over a patch. */
final readonly class Mark
{
    /**
     * @param  non-empty-list<array{float, float}>  $points  its centre; the ends of a line; a patch's corners in order, m
     * @param  float  $size  across, of a sign at a point, m; drawn no smaller than can be seen
     */
    private function __construct(
        public Sign $sign,
        public array $points,
        public float $size = 0.0,
    ) {}

    public static function at(Sign $sign, float $x, float $y, float $size = 0.0): self
    {
        return new self($sign, [[$x, $y]], $size);
    }

    public static function along(Sign $sign, float $x, float $y, float $toX, float $toY): self
    {
        return new self($sign, [[$x, $y], [$toX, $toY]]);
    }

    /** @param  non-empty-list<array{float, float}>  $corners */
    public static function over(Sign $sign, array $corners): self
    {
        return new self($sign, $corners);
    }
}
