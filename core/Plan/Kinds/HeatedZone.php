<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Spot;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A part of the floor that pipes of its own heat, with the manifold that they begin at. */
final readonly class HeatedZone implements Item
{
    use Covers;

    /**
     * @param  float  $length  along the sheet before it is turned, m
     * @param  float  $width  across, m
     * @param  float  $turn  against the clock, degrees
     * @param  float  $spacing  m
     * @param  float  $manifoldX  m
     * @param  float  $manifoldY  m
     */
    public function __construct(
        public Placing $at,
        #[Size('length', quantity: Quantity::Length)]
        public float $length = 4.0,
        #[Size('width', quantity: Quantity::Length)]
        public float $width = 3.0,
        #[Size('turned', key: 'turn_deg')]
        public float $turn = 0.0,
        #[Size('pipes apart')]
        public float $spacing = 0.15,
        #[Size('manifold, along', quantity: Quantity::Length)]
        public float $manifoldX = 0.0,
        #[Size('manifold, across', quantity: Quantity::Length)]
        public float $manifoldY = 0.0,
    ) {}

    public static function slug(): string
    {
        return 'zone';
    }

    public static function label(): string
    {
        return 'Heated zone';
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
        return [
            Mark::over(Sign::Loose, $this->corners()), Mark::along(
                Sign::Line, $this->manifoldX, $this->manifoldY, $this->at->x, $this->at->y,
            ),
            Mark::at(Sign::Square, $this->manifoldX, $this->manifoldY, 0.1),
        ];
    }

    public function spots(): array
    {
        return [
            new Spot('middle', $this->at->x, $this->at->y, $this->at->level),
            new Spot('manifold', $this->manifoldX, $this->manifoldY, $this->at->level),
        ];
    }

    /** Of its pipe, there and back to the manifold counted, m. */
    public function pipe(): float
    {
        [$x, $y] = [abs($this->at->x - $this->manifoldX), abs($this->at->y - $this->manifoldY)];

        return $this->area() / $this->spacing + 2 * ($x + $y);
    }

    /** Into as many loops as the longest allows. */
    public function loops(float $longest): int
    {
        return max(1, (int) ceil(round($this->pipe() / $longest, 9)));
    }

    /** Whether a joint leads through it. */
    public function meets(ControlJoint $joint): bool
    {
        $ring = $this->corners();
        foreach ($ring as $i => $corner) {
            if (Lines::gap([$joint->at->x, $joint->at->y], [$joint->toX, $joint->toY], $corner, $ring[($i + 1) % 4]) < 1e-9) {
                return true;
            }
        }

        return false;
    }

    public function about(): Said
    {
        return Said::of(
            '%s, %s of pipe', Measure::of($this->area(), Quantity::Area), Measure::of($this->pipe(), Quantity::Length),
        );
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        if (! $in->design->heating->present()) {
            $remarks[] = new Remark('heated', Severity::NotChecked, Said::of('nothing heats this design’s floor'));
        }
        if ($this->loops($in->design->heating->loop) > 1) {
            $remarks[] = new Remark('loops', Severity::Note, Said::of(
                '%s of pipe: '.$this->loops($in->design->heating->loop).' loops of at most %s', Measure::of(
                    $this->pipe(), Quantity::Length,
                ),
                Measure::of($in->design->heating->loop, Quantity::Length),
            ));
        }
        foreach ($this->corners() as [$x, $y]) {
            if ($in->inFromFinish($x, $y) < -1e-6) {
                $remarks[] = new Remark('in-the-room', Severity::Fix, Said::of('reaches past the finished walls'));
                break;
            }
        }

        return $remarks;
    }

    public static function from(Design $design): array
    {
        return ['level_m' => round($design->slab->topAboveGrade - $design->heating->depth, 4), 'spacing_m' => $design->heating->spacing];
    }
}
