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

    /** Of what touches, m² as the test counts. */
    private const TOUCH = 1e-6;

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

    /** One way from the manifold, along both axes to the zone's nearest edge, m. */
    public function feed(): float
    {
        [$x, $y] = [$this->manifoldX - $this->at->x, $this->manifoldY - $this->at->y];
        [$c, $s] = [cos(deg2rad($this->turn)), sin(deg2rad($this->turn))];

        return max(0.0, abs($x * $c + $y * $s) - $this->length / 2) + max(0.0, abs($y * $c - $x * $s) - $this->width / 2);
    }

    /** Of its pipe, in so many loops that each lead from the manifold and back, m. */
    public function pipe(int $loops = 1): float
    {
        return $this->area() / $this->spacing + 2 * $loops * $this->feed();
    }

    /** Into as many loops as the longest allows, each with its own feed; as one where the feeds alone are longer. */
    public function loops(float $longest): int
    {
        $room = $longest - 2 * $this->feed();

        return $room <= 0.0 ? 1 : max(1, (int) ceil(round($this->area() / $this->spacing / $room, 9)));
    }

    /** Whether another rectangle lies over it. */
    public function overlaps(self|Recess $other): bool
    {
        // Two convex rings are apart where a line along a side of one of them parts them.
        foreach ([$this->corners(), $other->corners()] as $ring) {
            foreach ($ring as $i => [$ax, $ay]) {
                [$bx, $by] = $ring[($i + 1) % 4];
                [$nx, $ny] = [$by - $ay, $ax - $bx];
                $on = static fn (array $p): float => $p[0] * $nx + $p[1] * $ny;
                [$one, $two] = [array_map($on, $this->corners()), array_map($on, $other->corners())];
                if (max($one) <= min($two) + self::TOUCH || max($two) <= min($one) + self::TOUCH) {
                    return false;
                }
            }
        }

        return true;
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
        $loops = $this->loops($in->design->heating->loop);
        if ($loops > 1) {
            $remarks[] = new Remark('loops', Severity::Note, Said::of(
                "%s of pipe: {$loops} loops of at most %s", Measure::of($this->pipe($loops), Quantity::Length),
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
