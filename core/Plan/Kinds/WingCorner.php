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
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Where the wing is wider or thicker round a corner. */
final readonly class WingCorner implements Item
{
    use Placed;

    /**
     * @param  float  $length  from the corner, m
     * @param  float  $width  from the outer face of the edge, m
     * @param  float  $thickness  m
     */
    public function __construct(
        public Placing $at,
        #[Size('along each wall')]
        public float $length = 1.0,
        #[Size('reaches out')]
        public float $width = 0.6,
        #[Size('thickness')]
        public float $thickness = 0.05,
    ) {}

    public static function slug(): string
    {
        return 'wing-corner';
    }

    public static function label(): string
    {
        return 'Wing at a corner';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.05, trade: Trade::Installer);
    }

    public static function mayLeave(): bool
    {
        return true;
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Wedge, $this->at->x, $this->at->y, 0.2)];
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        if (! $in->design->wing->present()) {
            return [new Remark('wing', Severity::NotChecked, Said::of('this design has no wing'))];
        }
        $nearest = INF;
        foreach (array_intersect_key($in->plan->outline->points, array_flip($in->plan->outline->outward())) as [$x, $y]) {
            $nearest = min($nearest, hypot($x - $this->at->x, $y - $this->at->y));
        }
        if ($nearest > 0.05) {
            $remarks[] = new Remark('at-a-corner', Severity::Fix, Said::of(
                'lies %s from the nearest corner that stands out: frost comes in from two sides there', Measure::size($nearest),
            ));
        }
        if ($this->length < $in->design->wing->cornerLength - 1e-9 || $this->width < $in->design->wing->outAtCorner() - 1e-9) {
            $remarks[] = new Remark('as-designed', Severity::Fix, Said::of(
                'reaches %s out and %s along, where the section was judged with %s and %s', Measure::size($this->width),
                Measure::size($this->length), Measure::size($in->design->wing->outAtCorner()),
                Measure::size($in->design->wing->cornerLength),
            ));
        }

        return $remarks;
    }

    public static function from(Design $design): array
    {
        $wing = $design->wing;

        return ['level_m' => -$wing->depth, ...($wing->present() ? [
            'length_m' => max(0.1, $wing->cornerLength), 'width_m' => $wing->outAtCorner(), 'thickness_m' => $wing->atCorner(),
        ] : [])];
    }
}
