<?php

declare(strict_types=1);

namespace Ondergrond\Search;

use Ondergrond\Design\Design;
use Ondergrond\Section\Layout;

/** What a choice must keep to, besides what the rules want. */
final readonly class Limits
{
    /**
     * @param  float|null  $cost  of all materials at most, in the price list's money
     * @param  float|null  $height  from the finished floor to the dig at most, m
     */
    public function __construct(
        public ?float $cost = null,
        public ?float $height = null,
    ) {}

    public function holdHeight(Design $design): bool
    {
        return $this->height === null || self::height($design) <= $this->height + 1e-6;
    }

    /** From the finished floor to what the floor is dug to, m. */
    public static function height(Design $design): float
    {
        return $design->finishedFloor() - Layout::of($design)->dig;
    }
}
