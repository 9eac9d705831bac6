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

/** A strap or rod that holds the end of a bracing wall down. */
final readonly class HoldDown implements Item
{
    use Placed;

    /**
     * @param  float  $diameter  m
     * @param  float  $deep  m
     */
    public function __construct(
        public Placing $at,
        #[Size('rod')]
        public float $diameter = 0.016,
        #[Size('into the concrete')]
        public float $deep = 0.4,
    ) {}

    public static function slug(): string
    {
        return 'hold-down';
    }

    public static function label(): string
    {
        return 'Hold-down';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.006, trade: Trade::Carpenter);
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Wedge, $this->at->x, $this->at->y, 0.1)];
    }

    public function remarks(Around $in): array
    {
        $thick = $in->section->slab - $in->section->foot;
        $edge = $in->inFromEdge($this->at->x, $this->at->y);
        $there = $edge <= -$in->section->inner ? $thick : $in->section->slab - $in->section->under;

        return $this->deep <= $there - 0.075 + 1e-9 ? [] : [new Remark('deep-enough', Severity::Stop, Said::of(
            'goes %s into concrete that is %s thick there', Measure::size($this->deep), Measure::size($there),
        ), 'its engineer’s or maker’s depth governs')];
    }

    public function wants(): array
    {
        return [new Want(Supply::HoldDown, 1.0, $this->diameter)];
    }
}
