<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\Want;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A perforated pipe in the stone under the slab that gathers soil gas. */
final readonly class GasPipe implements Item
{
    use Run;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $diameter  outside, m
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
        #[Size('diameter')]
        public float $diameter = 0.11,
    ) {}

    public static function slug(): string
    {
        return 'gas-pipe';
    }

    public static function label(): string
    {
        return 'Soil-gas pipe';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.05, trade: Trade::Plumber);
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Dotted, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    public function remarks(Around $in): array
    {
        return $in->design->stone->thickness >= $this->diameter ? [] : [new Remark('in-stone', Severity::Fix, Said::of(
            'lies in stone %s deep: a pipe of %s wants to be covered all round', Measure::size($in->design->stone->thickness),
            Measure::size($this->diameter),
        ))];
    }

    public function wants(): array
    {
        return [new Want(Supply::GasPipe, $this->length(), $this->diameter)];
    }

    public static function from(Design $design): array
    {
        return ['level_m' => round($design->slab->underside() - $design->fieldBoard->thickness - $design->stone->thickness / 2, 4)];
    }
}
