<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
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
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Where a floor’s water goes down. */
final readonly class Gully implements Item
{
    use Placed;

    /**
     * @param  float  $width  of its square grate, m
     * @param  float  $diameter  outside, m
     */
    public function __construct(
        public Placing $at,
        #[Size('grate')]
        public float $width = 0.15,
        #[Size('outlet')]
        public float $diameter = 0.05,
    ) {}

    public static function slug(): string
    {
        return 'gully';
    }

    public static function label(): string
    {
        return 'Gully';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.01, trade: Trade::Plumber);
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Grate, $this->at->x, $this->at->y, $this->width)];
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        $top = $in->section->floor;
        if ($this->at->level > $top + 1e-6) {
            $remarks[] = new Remark('below-floor', Severity::Stop, Said::of(
                'its grate lies %s above the finished floor: no water finds it', Measure::size($this->at->level - $top),
            ));
        }
        if ($in->nearest([DrainRun::class], $this->at->x, $this->at->y) > 0.5) {
            $remarks[] = new Remark('led-away', Severity::Note, Said::of('no drain run begins at it'));
        }

        return $remarks;
    }

    public function wants(): array
    {
        return [new Want(Supply::Gully, 1.0, $this->width)];
    }

    public static function from(Design $design): array
    {
        return ['level_m' => round($design->finishedFloor() - 0.01, 4)];
    }
}
