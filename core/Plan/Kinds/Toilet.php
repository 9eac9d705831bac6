<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\Want;
use Ondergrond\Size\Size;

/** The bend that a toilet stands over. */
final readonly class Toilet implements Item
{
    use Placed;

    /**
     * @param  float  $diameter  outside, m
     * @param  float  $wall  that its pan asks for, m
     */
    public function __construct(
        public Placing $at,
        #[Size('bend')]
        public float $diameter = 0.11,
        #[Size('from the finished wall')]
        public float $wall = 0.305,
    ) {}

    public static function slug(): string
    {
        return 'toilet';
    }

    public static function label(): string
    {
        return 'Toilet';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.006, trade: Trade::Plumber);
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Ring, $this->at->x, $this->at->y, 0.35), Mark::at(Sign::Disc, $this->at->x, $this->at->y, $this->diameter)];
    }

    public function remarks(Around $in): array
    {
        return [];
    }

    public function wants(): array
    {
        return [new Want(Supply::ClosetBend, 1.0, $this->diameter)];
    }
}
