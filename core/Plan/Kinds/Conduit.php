<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Fitted;
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

/** An electrician’s pipe that comes up through the slab, or the box in the floor that it ends in. */
final readonly class Conduit implements Item
{
    use InLeg;

    /**
     * @param  float  $diameter  outside, m
     * @param  float  $box  side of its square box, m; 0: a pipe that comes up
     * @param  float  $hollow  inside of the leg that it comes up in, m; 0: in none
     * @param  float  $lean  at the leg, m
     * @param  float  $own  its own tolerance, m
     * @param  Fitted  $boot  whether a boot seals the sheet round it
     */
    public function __construct(
        public Placing $at,
        #[Size('diameter')]
        public float $diameter = 0.032,
        #[Size('floor box')]
        public float $box = 0.0,
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
        return 'conduit';
    }

    public static function label(): string
    {
        return 'Conduit or floor box';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.01, trade: Trade::Electrician);
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Lozenge, $this->at->x, $this->at->y, max($this->diameter, $this->box))];
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        if ($this->box > 0.0 && $this->at->level > $in->section->floor + 1e-6) {
            $remarks[] = new Remark('flush', Severity::Fix, Said::of(
                'its box stands %s above the finished floor', Measure::size($this->at->level - $in->section->floor),
            ));
        }

        return [...$remarks, ...$this->close()];
    }

    public function wants(): array
    {
        return [$this->box > 0.0 ? new Want(Supply::FloorBox, 1.0, $this->box) : new Want(Supply::Conduit, 1.0, $this->diameter)];
    }
}
