<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** A bearing wall inside the building: it stands on the floor along a line. */
final readonly class BearingStrip implements Item
{
    use Run;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $width  of what stands on it, m
     * @param  string  $of  name of a kind of bearing wall of the design, `strip-1`; empty: of none
     * @param  float  $permanent  kN/m; 0: as its kind says
     * @param  float  $live  kN/m; 0: as its kind says
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
        #[Size('sole')]
        public float $width = 0.15,
        #[Size('kind')]
        public string $of = '',
        #[Size('permanent load', key: 'permanent_kn_m')]
        public float $permanent = 0.0,
        #[Size('live load', key: 'live_kn_m')]
        public float $live = 0.0,
    ) {}

    public static function slug(): string
    {
        return 'strip';
    }

    public static function label(): string
    {
        return 'Bearing wall';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.01, trade: Trade::Carpenter);
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Heavy, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    public function remarks(Around $in): array
    {
        return Bearing::remarks($this, $this->of, $this->permanent + $this->live, $in);
    }
}
