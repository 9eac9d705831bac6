<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Design\Heating;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\LoopPattern;
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
     * @param  float  $longest  loop, m
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
        #[Size('laid as')]
        public LoopPattern $pattern = LoopPattern::Meander,
        #[Size('longest loop', quantity: Quantity::Length)]
        public float $longest = Heating::LOOP,
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
            Mark::over(Sign::Loose, $this->corners()), Mark::along(Sign::Pipe, $this->manifoldX, $this->manifoldY, ...$this->start()),
            Mark::at(Sign::Square, $this->manifoldX, $this->manifoldY, 0.1),
            ...array_map(static fn (array $path): Mark => Mark::over(Sign::Pipe, $path), $this->paths()),
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
    public function loops(): int
    {
        $room = $this->longest - 2 * $this->feed();

        return $room <= 0.0 ? 1 : max(1, (int) ceil(round($this->area() / $this->spacing / $room, 9)));
    }

    /** @return list<non-empty-list<array{float, float}>> each loop by its bends on the plan, its strip of the zone beside the next */
    public function paths(): array
    {
        $loops = $this->loops();
        $isLong = $this->length >= $this->width;
        [$long, $wide] = $isLong ? [$this->length / $loops, $this->width] : [$this->length, $this->width / $loops];
        [$c, $s] = [cos(deg2rad($this->turn)), sin(deg2rad($this->turn))];
        $paths = [];
        for ($i = 0; $i < $loops; $i++) {
            $path = $this->pattern->path($long, $wide, $this->spacing);
            if (count($path) < 2) {
                continue;
            }
            $paths[] = array_map(function (array $p) use ($i, $isLong, $long, $wide, $c, $s): array {
                [$x, $y] = [
                    $p[0] + ($isLong ? $i * $long : 0.0) - $this->length / 2, $p[1] + ($isLong ? 0.0 : $i * $wide) - $this->width / 2,
                ];

                return [$this->at->x + $x * $c - $y * $s, $this->at->y + $x * $s + $y * $c];
            }, $path);
        }

        return $paths;
    }

    /** @return list<float> length of each loop with its way there and back, m */
    public function lengths(): array
    {
        return array_map(fn (array $path): float => LoopPattern::length($path) + 2 * $this->feed(), $this->paths());
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

    /** @return array{float, float} where its first loop begins, m */
    private function start(): array
    {
        return $this->paths()[0][0] ?? [$this->at->x, $this->at->y];
    }

    /** Whether a joint leads through it, or over its way to the manifold. */
    public function meets(ControlJoint $joint): bool
    {
        if (Lines::gap(
            [$joint->at->x, $joint->at->y], [$joint->toX, $joint->toY], [$this->manifoldX, $this->manifoldY], $this->start(),
        ) < 1e-9) {
            return true;
        }
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
        $lengths = $this->lengths();

        return count($lengths) < 2 ? Said::of(
            '%s, one loop of %s', Measure::of($this->area(), Quantity::Area), Measure::of(round($lengths[0] ?? 0.0, 1), Quantity::Length),
        ) : Said::of(
            '%s, '.count($lengths).' loops of %s to %s', Measure::of($this->area(), Quantity::Area),
            Measure::of(round(min($lengths), 1), Quantity::Length), Measure::of(round(max($lengths), 1), Quantity::Length),
        );
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        if (! $in->design->heating->present()) {
            $remarks[] = new Remark('heated', Severity::NotChecked, Said::of('nothing heats this design’s floor'));
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
        return [
            'level_m' => round($design->slab->topAboveGrade - $design->heating->depth, 4), 'spacing_m' => $design->heating->spacing,
            'longest_m' => $design->heating->loop,
        ];
    }
}
