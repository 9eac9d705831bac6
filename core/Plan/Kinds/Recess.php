<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Where the slab’s top lies lower: a shower, a mat, a sliding door’s track. */
final readonly class Recess implements Item
{
    use Covers;

    /** m; common practice, no source. */
    private const LEFT = 0.075;

    /**
     * @param  float  $length  along the sheet before it is turned, m
     * @param  float  $width  across, m
     * @param  float  $turn  against the clock, degrees
     * @param  float  $depth  below the slab’s top, m
     */
    public function __construct(
        public Placing $at,
        #[Size('length', quantity: Quantity::Length)]
        public float $length = 1.2,
        #[Size('width', quantity: Quantity::Length)]
        public float $width = 0.9,
        #[Size('turned', key: 'turn_deg')]
        public float $turn = 0.0,
        #[Size('depth')]
        public float $depth = 0.03,
    ) {}

    public static function slug(): string
    {
        return 'recess';
    }

    public static function label(): string
    {
        return 'Recess';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.006, trade: Trade::Installer);
    }

    public function marks(): array
    {
        return [Mark::over(Sign::Patch, $this->corners())];
    }

    public function remarks(Around $in): array
    {
        $slab = $in->design->slab->layer->thickness;

        return $slab - $this->depth >= self::LEFT - 1e-9 ? [] : [new Remark('slab-left', Severity::Fix, Said::of(
            'leaves %s of the slab; under %s its underside goes down with it', Measure::size($slab - $this->depth),
            Measure::size(self::LEFT),
        ))];
    }
}
