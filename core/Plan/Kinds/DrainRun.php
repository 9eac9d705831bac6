<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Carries;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Spot;
use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\Want;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** A pipe in the ground from its high end to its outlet. */
final readonly class DrainRun implements Item
{
    use Run;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $toLevel  there, over the ground at the common edge, m
     * @param  float  $diameter  outside, m
     * @param  Carries  $carries  what says how it falls
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
        #[Size('other end, level', quantity: Quantity::Length)]
        public float $toLevel = 0.0,
        #[Size('diameter')]
        public float $diameter = 0.11,
        #[Size('leads away')]
        public Carries $carries = Carries::Soil,
    ) {}

    public static function slug(): string
    {
        return 'drain';
    }

    public static function label(): string
    {
        return 'Drain run';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.02, trade: Trade::Plumber);
    }

    public static function mayLeave(): bool
    {
        return true;
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Flow, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    public function spots(): array
    {
        return [
            new Spot('high end', $this->at->x, $this->at->y, $this->at->level),
            new Spot('low end', $this->toX, $this->toY, $this->toLevel),
        ];
    }

    /** Drop over length; negative where the water would run back. */
    public function fall(): float
    {
        return $this->length() > 0.0 ? ($this->at->level - $this->toLevel) / $this->length() : 0.0;
    }

    public function about(): Said
    {
        return Said::of(
            $this->fall() > 0.0 ? sprintf('%%s long, falls 1 in %d', round(1 / $this->fall())) : '%s long, does not fall',
            Measure::of($this->length(), Quantity::Length),
        );
    }

    public function remarks(Around $in): array
    {
        return [];
    }

    public function wants(): array
    {
        return [new Want(Supply::DrainPipe, $this->length(), $this->diameter)];
    }

    public static function from(Design $design): array
    {
        return ['level_m' => -0.6, 'to_level_m' => -0.7];
    }
}
