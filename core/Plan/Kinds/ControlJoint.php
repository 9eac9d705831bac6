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
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A line that is cut or formed so that the slab cracks there and nowhere else. */
final readonly class ControlJoint implements Item
{
    use Run;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $depth  of the cut, m; a quarter of the slab, 25 mm at least (ACI 302.1R, from memory)
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
        #[Size('depth')]
        public float $depth = 0.025,
    ) {}

    public static function slug(): string
    {
        return 'joint';
    }

    public static function label(): string
    {
        return 'Control joint';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.025, trade: Trade::Installer);
    }

    public function marks(): array
    {
        return [Mark::along(Sign::Dashed, $this->at->x, $this->at->y, $this->toX, $this->toY)];
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        $slab = $in->design->slab->layer->thickness;
        $least = max(0.025, $slab / 4);
        if ($this->depth < $least - 1e-4) {
            $remarks[] = new Remark('quarter', Severity::Fix, Said::of(
                'is cut %s deep into a slab of %s: it cracks beside a cut that is less than a quarter', Measure::size($this->depth),
                Measure::size($slab),
            ), 'ACI 302.1R, from memory');
        }
        $heating = $in->design->heating;
        foreach ($in->all(HeatedZone::class) as $zone) {
            if ($zone->meets($this) && $heating->depth - $heating->pipe / 2 < $this->depth + 0.015) {
                $remarks[] = new Remark('pipes', Severity::Stop, Said::of(
                    'is cut %s deep over pipes whose tops lie %s below the surface', Measure::size($this->depth),
                    Measure::size($heating->depth - $heating->pipe / 2),
                ));
            }
        }

        return $remarks;
    }

    public static function from(Design $design): array
    {
        return [
            'level_m' => round($design->slab->topAboveGrade, 4), 'depth_m' => max(0.025, round($design->slab->layer->thickness / 4, 3)),
        ];
    }
}
