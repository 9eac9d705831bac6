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
use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\Want;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A shaft that drain runs lead to and a pump empties. */
final readonly class Sump implements Item
{
    use Placed;

    /**
     * @param  float  $diameter  inside, m
     * @param  float  $depth  m
     */
    public function __construct(
        public Placing $at,
        #[Size('diameter')]
        public float $diameter = 0.5,
        #[Size('depth below its rim')]
        public float $depth = 1.0,
    ) {}

    public static function slug(): string
    {
        return 'sump';
    }

    public static function label(): string
    {
        return 'Sump';
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
        return [Mark::at(Sign::Ring, $this->at->x, $this->at->y, $this->diameter)];
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        $lowest = null;
        foreach ($in->all(DrainRun::class) as $run) {
            if (hypot($run->toX - $this->at->x, $run->toY - $this->at->y) <= 0.5 + $this->diameter / 2) {
                $lowest = min($lowest ?? INF, $run->toLevel);
            }
        }
        $bottom = $this->at->level - $this->depth;
        if ($lowest === null) {
            $remarks[] = new Remark('fed', Severity::Note, Said::of('no drain run ends at it'));
        } elseif ($lowest - $bottom < 0.3 - 1e-9) {
            $remarks[] = new Remark('room-for-pump', Severity::Fix, Said::of(
                'its bottom lies %s below the lowest run that ends in it, where a pump wants %s', Measure::depth($lowest - $bottom),
                Measure::depth(0.3),
            ));
        }
        if ($in->nearest([Conduit::class], $this->at->x, $this->at->y) > 3.0) {
            $remarks[] = new Remark('power', Severity::Note, Said::of('no conduit comes near it: a pump needs power, and an alarm'));
        }

        return $remarks;
    }

    public function wants(): array
    {
        return [new Want(Supply::Sump, 1.0, $this->diameter)];
    }
}
