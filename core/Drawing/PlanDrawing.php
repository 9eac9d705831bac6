<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Hatch;
use Ondergrond\Plan\Cuts;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\WallLine;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The plan of a design: its edge or walls cut, doors, what is set in it, the length of each wall, the base line. */
final readonly class PlanDrawing
{
    private const WIDTH = 190.0;

    private const HEIGHT = 140.0;

    private const SCALES = [10, 20, 25, 50, 75, 100, 125, 150, 200, 250, 500, 1000, 2000, 5000, 10000];

    /** Round the outline, mm of paper: dimensions and names. */
    private const MARGIN = 20.0;

    /** From a wall to its dimension line, mm of paper. */
    private const OFF = 9.0;

    /** From an item outside a wall to the dimension line past it, mm of paper: room for the figure. */
    private const PAST = 5.5;

    private const TICK = 1.6;

    private function __construct(
        private Plan $plan,
        private Plan $concrete,
        private Design $design,
        private Items $items,
        private QuantityFormatter $format,
        private float $mm,
    ) {}

    /**
     * @param  array<string, int>  $remarked  how much is said of each place: `item:<id>`, `corner:<id>`, `opening:<id>`
     * @param  bool  $setOut  with all that is set out by: the base line though nobody has set its pegs, pegs in the line of each wall, the
     * top edge of the dig
     */
    public static function of(
        Plan $plan,
        Design $design,
        Items $layout,
        QuantityFormatter $format,
        ?PlanOverlay $overlay = null,
        array $remarked = [],
        bool $setOut = false,
    ): Drawing {
        $concrete = $plan->atConcrete($design);
        $lines = new SetOutLines($concrete, $design, $setOut);
        [$xs, $ys] = [array_column($plan->outline->points, 0), array_column($plan->outline->points, 1)];
        foreach ($lines->points() as [$x, $y]) {
            $xs[] = $x;
            $ys[] = $y;
        }
        $items = $plan->items->and($layout);
        foreach ($items->all as $item) {
            foreach ($item->spots() as $spot) {
                $xs[] = $spot->x;
                $ys[] = $spot->y;
            }
        }
        $fits = array_filter(
            self::SCALES,
            static fn (int $s): bool => (max($xs) - min($xs)) / $s * 1000 <= self::WIDTH - 2 * self::MARGIN
                && (max($ys) - min($ys)) / $s * 1000 <= self::HEIGHT - 2 * self::MARGIN,
        );
        $scale = (float) ($fits === [] ? max(self::SCALES) : min($fits));
        $round = self::MARGIN * $scale / 1000;
        $bars = $overlay === null ? null : new PlanBars(
            $overlay, $concrete->outline, PlannedDesign::inner($plan, $design), $scale / 1000,
        );
        $drawn = new self($plan, $concrete, $design, $items, $format, $scale / 1000);

        $box = [min($xs) - $round, min($ys) - $round, max($xs) + $round, max($ys) + $round];
        $before = [
            ...$drawn->walls(), ...$drawn->doors(), ...($bars?->under() ?? []), ...$drawn->dimensions(),
            ...$lines->drawn($scale / 1000), ...PlanMarks::of($items, $scale / 1000),
        ];
        $figures = $bars?->over($items) ?? [];

        return new Drawing($scale, $box, [
            ...$before, ...PlanNames::of(
                $items, [...$before, ...$figures, ...$drawn->grips()], $box, $scale / 1000,
            ), ...$figures, ...$drawn->cuts(),
            ...$drawn->remarked($remarked), ...$drawn->grips(), ...$drawn->north($box[2], $box[3]),
        ], 'Plan');
    }

    /** @return list<Item> */
    private function walls(): array
    {
        $inner = PlannedDesign::inner($this->plan, $this->design);
        $drawn = [new Area('floor', array_values($inner->points), Hatch::Lining, 'Floor')];
        $sides = $inner->sides();
        foreach ($this->concrete->outline->sides() as $id => $side) {
            $kind = $this->plan->corners[$id]->wall->kind;
            $drawn[] = new Area(
                "wall:{$id}", [$side->start, $side->end, $sides[$id]->end, $sides[$id]->start],
                $kind->isExposed() ? Hatch::Concrete : Hatch::Masonry,
                "Wall {$side->from}–{$side->to}: {$kind->label()}",
            );
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function doors(): array
    {
        $wall = PlannedDesign::wall($this->design);
        $sides = $this->concrete->outline->sides();
        $drawn = [];
        foreach ($this->concrete->openings as $id => $door) {
            $side = $sides[$door->wall];
            [$from, $to] = [$door->from, $door->from + $door->width];
            $drawn[] = new Area(
                "door:{$id}", [$side->at($from), $side->at($to), $side->at($to, $wall), $side->at($from, $wall)], Hatch::Air,
                ucfirst($door->kind->label()).', '.$this->length($door->width),
            );
            if ($door->wellOut > 0.0) {
                $drawn[] = new Strokes(Role::Area, "door:{$id}", [[
                    $side->at($from), $side->at($from, -$door->wellOut), $side->at($to, -$door->wellOut), $side->at($to),
                ]]);
            }
            if (! $door->kind->isDoor()) {
                $drawn[] = new Strokes(Role::Area, "door:{$id}", [[$side->at($from, $wall / 2), $side->at($to, $wall / 2)]]);
            }
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function dimensions(): array
    {
        $drawn = [];
        foreach ($this->plan->outline->sides() as $id => $side) {
            $off = -$this->clearOf($side);
            $tick = self::TICK * $this->mm;
            $lines = [[$side->at(0.0, $off), $side->at($side->length(), $off)]];
            foreach ([0.0, $side->length()] as $end) {
                $lines[] = [$side->at($end, $off + $tick), $side->at($end, $off - $tick)];
                $lines[] = [$side->at($end, -2 * $this->mm), $side->at($end, $off - $tick)];
            }
            $drawn[] = new Strokes(Role::Dimension, null, $lines);
            $at = $side->at($side->length() / 2, $off);
            $upright = abs($side->direction()[1]) > 0.5;
            // Beside an upright line, above a level one.
            $shift = $upright ? [1.5 * $this->mm, -1.2 * $this->mm] : [0.0, 1.4 * $this->mm];
            $left = $upright && $side->inward()[0] > 0.0;
            $drawn[] = new Text(
                Role::Dimension, null, [$at[0] + ($left ? -$shift[0] : $shift[0]), $at[1] + $shift[1]], $this->length($side->length()),
                match (true) {
                    ! $upright => 'middle', $left => 'end', default => 'start'
                },
                field: "walls.{$id}.length_m",
            );
            $drawn[] = $this->name($side);
        }

        return $drawn;
    }

    /** From a wall to its dimension line, past what is set just outside it, m. */
    private function clearOf(WallLine $side): float
    {
        $off = self::OFF * $this->mm;
        foreach ($this->items->all as $item) {
            foreach ($item->spots() as $spot) {
                $out = -$side->depthOf($spot->x, $spot->y);
                $along = $side->alongOf($spot->x, $spot->y);
                if ($out > 0.0 && $out < 2 * self::OFF * $this->mm && $along > -$out && $along < $side->length() + $out) {
                    $off = max($off, $out + self::PAST * $this->mm);
                }
            }
        }

        return $off;
    }

    /** @return list<Item> where each section is cut: once for each, across the first of its walls */
    private function cuts(): array
    {
        $drawn = $seen = [];
        try {
            $cuts = Cuts::of($this->plan, PlannedDesign::of($this->plan, $this->design));
        } catch (FaultyInput) {
            return [];
        }
        foreach ($cuts as $id => $stretch) {
            if (isset($seen[$stretch])) {
                continue;
            }
            $seen[$stretch] = true;
            $side = $this->concrete->outline->sides()[$id];
            $along = $side->length() * 0.3;
            $wall = PlannedDesign::wall($this->design);
            $tip = $side->at($along - 1.2 * $this->mm, -3.4 * $this->mm);
            $drawn[] = new Strokes(Role::Datum, "cut:{$id}", [
                [$side->at($along, -5.0 * $this->mm), $side->at($along, $wall + 3.0 * $this->mm)],
                [$tip, $side->at($along - 3.4 * $this->mm, -5.0 * $this->mm), $side->at($along, -5.0 * $this->mm)],
            ]);
        }

        return $drawn;
    }

    /**
     * @param  array<string, int>  $remarked
     * @return list<Item> a flag at each place that something is said of
     */
    private function remarked(array $remarked): array
    {
        $at = [];
        foreach ($this->items->all as $id => $item) {
            $at["item:{$id}"] = [$item->at()->x, $item->at()->y];
        }
        foreach ($this->concrete->outline->points as $id => $point) {
            $at["corner:{$id}"] = $point;
        }
        foreach ($this->concrete->openings as $id => $opening) {
            $at["opening:{$id}"] = $this->concrete->outline->sides()[$opening->wall]->at($opening->from + $opening->width / 2);
        }
        $drawn = [];
        foreach (array_intersect_key($at, $remarked) as $place => [$x, $y]) {
            $r = 1.5 * $this->mm;
            $drawn[] = new Strokes(Role::Question, $place, [[
                [$x, $y - 2 * $r], [$x + 2 * $r, $y], [$x, $y + 2 * $r], [$x - 2 * $r, $y], [$x, $y - 2 * $r],
            ]]);
        }

        return $drawn;
    }

    /** The corner's letter, outside it. */
    private function name(WallLine $side): Text
    {
        [$x, $y] = $side->at(-3.0 * $this->mm, -3.2 * $this->mm);

        return new Text(Role::Named, null, [$x, $y - 1.2 * $this->mm], $side->from);
    }

    /** @return list<Grip> */
    private function grips(): array
    {
        $grips = [];
        foreach ($this->plan->outline->points as $id => $at) {
            $grips[] = new Grip("corner:{$id}", $at, "Corner {$id}: drag, or type its place");
        }
        foreach ($this->items->all as $id => $item) {
            foreach ($item->spots() as $i => $spot) {
                $grips[] = new Grip(
                    "item:{$id}".($i === 0 ? '' : ':to'), [$spot->x, $spot->y], $item->at()->name.': drag, or type its place',
                );
            }
        }

        return $grips;
    }

    /** @return list<Item> an arrow in the corner of the sheet */
    private function north(float $right, float $top): array
    {
        $turn = deg2rad($this->plan->north);
        [$x, $y, $r] = [$right - 9 * $this->mm, $top - 10 * $this->mm, 5 * $this->mm];
        [$u, $v] = [sin($turn), cos($turn)];
        $tip = [$x + $r * $u, $y + $r * $v];

        return [
            new Strokes(Role::Datum, 'north', [
                [[$x - $r * $u, $y - $r * $v], $tip],
                [[$tip[0] - $this->mm * ($u + $v), $tip[1] - $this->mm * ($v - $u)], $tip],
                [$tip, [$tip[0] - $this->mm * ($u - $v), $tip[1] - $this->mm * ($v + $u)]],
            ]),
            new Text(Role::Datum, 'north', [$x + 1.4 * $r * $u, $y + 1.4 * $r * $v - 1.2 * $this->mm], 'N'),
        ];
    }

    private function length(float $m): string
    {
        return $this->format->format($m, Quantity::Length);
    }
}
