<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Passes;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\Want;
use Ondergrond\Size\Size;

/** A pipe through the concrete that something is led through later. */
final readonly class Sleeve implements Item
{
    use InLeg;

    /**
     * @param  float  $diameter  outside, m
     * @param  float  $hollow  inside of the leg that it comes up in, m; 0: in none
     * @param  float  $lean  at the leg, m
     * @param  float  $own  its own tolerance, m
     * @param  Fitted  $boot  whether a boot seals the sheet round it
     */
    public function __construct(
        public Placing $at,
        #[Size('diameter')]
        public float $diameter = 0.11,
        #[Size('passes')]
        public Passes $passes = Passes::Floor,
        #[Size('furniture leg, hollow')]
        public float $hollow = 0.0,
        #[Size('leans by')]
        public float $lean = 0.003,
        #[Size('furniture stands within')]
        public float $own = 0.002,
        #[Size('boot at the sheet')]
        public Fitted $boot = Fitted::NotSaid,
    ) {}

    public static function slug(): string
    {
        return 'sleeve';
    }

    public static function label(): string
    {
        return 'Sleeve';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.01, trade: Trade::Plumber);
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Disc, $this->at->x, $this->at->y, $this->diameter)];
    }

    public function remarks(Around $in): array
    {
        return $this->close();
    }

    public function wants(): array
    {
        return [new Want(Supply::Sleeve, 1.0, $this->diameter)];
    }
}
