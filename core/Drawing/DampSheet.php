<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Design;
use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\Side;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What water adds to a section: the layers that keep it off with their names, the ways it takes, its table, where it condenses. */
final readonly class DampSheet
{
    /** mm of paper. */
    private const LINE = 4.6;

    private const HEAD = 1.4;

    private function __construct(
        private Drawing $drawing,
        private DampVerdict $damp,
        private Layout $at,
        private Side $side,
        private QuantityFormatter $format,
    ) {}

    /** The same drawing with water on it, in roles of its own. */
    public static function over(Drawing $drawing, DampVerdict $damp, Side $side, QuantityFormatter $format): Drawing
    {
        $sheet = new self($drawing, $damp, Layout::of($damp->design, $side), $side, $format);

        return new Drawing($drawing->scale, $drawing->box, [
            ...$drawing->items,
            ...$sheet->table(),
            ...$sheet->ways(),
            ...$sheet->names(),
            ...($side === Side::Edge ? $sheet->condensing() : []),
        ], $drawing->title);
    }

    /** @return list<Item> */
    private function names(): array
    {
        $mm = $this->drawing->paper();
        $layers = new DampLayers($this->damp->design, $this->at, $this->side, $this->format);
        $items = [];
        $x = max($this->at->outermost, $this->at->toe) + 4 * $mm;
        // Over the ground they move up from it, under it down, so that none stands on its line.
        $seen = array_filter(
            $layers->outside(),
            fn (array $l): bool => $l[0][1] > $this->drawing->box[1] + 4 * $mm && $l[0][1] < $this->drawing->box[3] - 4 * $mm,
        );
        [$up, $down] = [$this->at->grade + 5 * $mm, $this->at->grade - 5 * $mm];
        foreach ([
            ...array_reverse(array_filter($seen, fn (array $l): bool => $l[0][1] >= $this->at->grade)),
            ...array_filter($seen, fn (array $l): bool => $l[0][1] < $this->at->grade),
        ] as [[$tx, $ty], $words]) {
            if ($ty >= $this->at->grade) {
                $y = max($ty, $up);
                $up = $y + self::LINE * $mm;
            } else {
                $y = min($ty, $down);
                $down = $y - self::LINE * $mm;
            }
            array_push(
                $items,
                ...$this->named(
                    [[$tx, $ty], [max($tx, $x), $y], [max($tx, $x) + 2 * $mm, $y]],
                    [max($tx, $x) + 3 * $mm, $y - 1.1 * $mm],
                    $words,
                ),
            );
        }
        // Under the floor, each with a line up to what it names.
        $left = $this->drawing->box[0] + (SectionDrawing::MARGIN + 8) * $mm;
        $y = min($this->at->dig, $this->at->under) - 13 * $mm;
        foreach (array_reverse($layers->floor()) as $i => [$ty, $words]) {
            $up = $left + 3 * $i * $mm;
            array_push(
                $items,
                ...$this->named([[$up, $ty], [$up, $y + 1.1 * $mm], [$up + 2 * $mm, $y + 1.1 * $mm]], [$up + 3 * $mm, $y], $words),
            );
            $y -= self::LINE * $mm;
        }
        $gas = $this->damp->design->gas;
        if ($gas->present()) {
            array_push(
                $items,
                ...$this->named(
                    [
                        [$this->at->tray - 1.0, ($this->at->bed + $this->at->dig) / 2],
                        [$this->at->tray - 1.0, $y + 1.1 * $mm],
                        [$this->at->tray - 1.0 - 2 * $mm, $y + 1.1 * $mm],
                    ],
                    [$this->at->tray - 1.0 - 3 * $mm, $y],
                    'soil-gas pipe, '.$gas->outlet->label(),
                    'end',
                ),
            );
        }

        return $items;
    }

    /**
     * @param  list<array{float, float}>  $leader
     * @param  array{float, float}  $place
     * @param  'start'|'end'  $anchor
     * @return list<Item>
     */
    private function named(array $leader, array $place, string $words, string $anchor = 'start'): array
    {
        return [new Strokes(Role::Named, null, [$leader]), new Text(Role::Named, null, $place, $words, $anchor)];
    }

    /**
     * Rain, run-off, the way down the wall to the drain and out; what climbs from below, as far as the stone lets it.
     *
     * @return list<Item>
     */
    private function ways(): array
    {
        [$d, $at, $mm] = [$this->damp->design, $this->at, $this->drawing->paper()];
        $far = $this->drawing->box[2] - (SectionDrawing::MARGIN + 12) * $mm;
        $out = $at->outermost;
        $strokes = [];
        for ($i = 0; $i < 3; $i++) {
            $x = $far - (2 + 9 * $i) * $mm;
            array_push($strokes, ...$this->arrow([[$x + 2 * $mm, $at->grade + 30 * $mm], [$x, $at->grade + 22 * $mm]]));
        }
        array_push($strokes, ...$this->arrow([[$far - 30 * $mm, $at->grade + 2.0 * $mm], [$far, $at->grade + 0.8 * $mm]]));
        $foot = $d->drains->outer > 0.0 ? $at->foot + $d->drains->outer : ($d->stem->present() ? $at->stemFoot : $at->foot);
        if ($d->drainage->present()) {
            $x = $at->boardFace + $d->drainage->layer->thickness / 2;
            array_push($strokes, ...$this->arrow([[$x, $at->grade - 0.1], [$x, $foot + 2 * $mm]]));
        } elseif ($at->grade - $foot > 0.3) {
            // Nothing leads it down: it goes for the wall.
            foreach ([0.35, 0.7] as $share) {
                $y = $at->grade - $share * ($at->grade - $foot);
                array_push($strokes, ...$this->arrow([[$out + 14 * $mm, $y + 3 * $mm], [$out + 1.5 * $mm, $y]]));
            }
        }
        if ($d->drains->outer > 0.0 && $d->drains->outlet !== DrainOutlet::NotSaid) {
            $x = max($out, $at->toe) + 1.6 * $d->drains->outer;
            array_push(
                $strokes,
                ...$this->arrow([[$x, $at->foot + $d->drains->outer / 2], [$x + 14 * $mm, $at->foot + $d->drains->outer / 2 - 0.6 * $mm]]),
            );
        }
        array_push($strokes, ...$this->inside($d));
        // What climbs stops at clean stone.
        $stop = $d->stone->present() && $d->stone->material->slug !== 'sand' ? $at->dig : ($d->sheet->present() ? $at->under : $at->slab);
        $left = $this->drawing->box[0] + (SectionDrawing::MARGIN + 44) * $mm;
        for ($i = 0; $i < 3; $i++) {
            $x = min($left + 9 * $i * $mm, $at->tray - 4 * $mm);
            array_push($strokes, ...$this->arrow([[$x, $stop - 9 * $mm], [$x, $stop - 1 * $mm]]));
        }

        return [new Strokes(Role::Water, null, $strokes)];
    }

    /**
     * What seeps through an old wall: down behind its boards, and under the mat to where that leads, or onto it where its edge stops at
     * the boards.
     *
     * @return list<list<array{float, float}>>
     */
    private function inside(Design $d): array
    {
        [$at, $mm] = [$this->at, $this->drawing->paper()];
        if (! $d->mat->present() || ! $at->lining) {
            return [];
        }
        $x = $at->inner - $d->form->inside - 0.8 * $mm;
        $under = $d->mat->behind > 0.0;
        $y = $under ? $at->slab - 0.9 * $mm : $at->matTop($d) + 0.9 * $mm;

        return [
            ...$this->arrow([[$x, min($at->top, $at->floor + 22 * $mm)], [$x, $at->slab + 1.0 * $mm]]),
            ...$this->arrow([[$x - 2 * $mm, $y], [$x - 26 * $mm, $y]]),
            ...($under && $d->mat->outlet !== DrainOutlet::NotSaid ? $this->arrow([[$x - 28 * $mm, $y], [$x - 46 * $mm, $y]]) : []),
        ];
    }

    /**
     * @param  array{array{float, float}, array{float, float}}  $line
     * @return list<list<array{float, float}>>
     */
    private function arrow(array $line): array
    {
        [[$x0, $y0], [$x1, $y1]] = $line;
        $length = hypot($x1 - $x0, $y1 - $y0);
        if ($length < 1e-9) {
            return [];
        }
        $head = min(self::HEAD * $this->drawing->paper(), 0.5 * $length);
        [$u, $v] = [($x1 - $x0) / $length, ($y1 - $y0) / $length];

        return [
            $line,
            [
                [$x1 - $head * ($u + 0.6 * $v), $y1 - $head * ($v - 0.6 * $u)],
                [$x1, $y1],
                [$x1 - $head * ($u - 0.6 * $v), $y1 - $head * ($v + 0.6 * $u)],
            ],
        ];
    }

    /**
     * The highest water, and what it does to the floor.
     *
     * @return list<Item>
     */
    private function table(): array
    {
        $water = $this->damp->water;
        $mm = $this->drawing->paper();
        [$x0, $y0, $x1] = $this->drawing->box;
        if ($water->table === null || ! is_finite($water->table) || $water->table < $y0 + 4 * $mm) {
            return [];
        }
        $y = $water->table;
        $x = $x1 - (SectionDrawing::MARGIN + 20) * $mm;
        $strokes = [
            [[$this->at->outermost, $y], [$x1, $y]],
            [[$x, $y], [$x - 1.6 * $mm, $y + 2.6 * $mm], [$x + 1.6 * $mm, $y + 2.6 * $mm], [$x, $y]],
            [[$x - 1.2 * $mm, $y - 1 * $mm], [$x + 1.2 * $mm, $y - 1 * $mm]],
        ];
        if ($y < $this->at->dig) {
            $strokes[] = [[$x0, $y], [$this->at->inner, $y]];
        }
        if (($water->floorHead ?? 0.0) > 0.0) {
            for ($i = 0; $i < 4; $i++) {
                $at = $this->at->tray - (8 + 10 * $i) * $mm;
                array_push($strokes, ...$this->arrow([[$at, $water->floor - 10 * $mm], [$at, $water->floor]]));
            }
        }

        return [
            new Strokes(Role::Water, null, $strokes),
            new Text(Role::Water, null, [$x + 3 * $mm, $y + 1 * $mm], 'highest water', 'start'),
            ...(
                ($water->floorHead ?? 0.0) > 0.0
                ? [
                    new Text(
                        Role::Water, null, [$this->at->tray - 8 * $mm, $water->floor - 14 * $mm],
                        'lifts with '.$this->format->format((float) $water->uplift(), Quantity::Stress), 'end',
                    ),
                ]
                : []
            ),
        ];
    }

    /**
     * Where vapour condenses in the year: a line of drops on the plane that is worst.
     *
     * @return list<Item>
     */
    private function condensing(): array
    {
        $mm = $this->drawing->paper();
        $items = [];
        foreach ($this->damp->stacks ?? [] as $stack) {
            $plane = $stack->year->peak > DampStack::TRACE ? $stack->plane() : null;
            if ($plane === null) {
                continue;
            }
            [$x, $y] = $plane;
            // The middle of a floor is drawn where there is room for it.
            $x = $stack->place->isFloor() ? max($x, $this->drawing->box[0] + (SectionDrawing::MARGIN + 34) * $mm) : $x;
            $half = 7 * $mm;
            $upright = ! $stack->place->isFloor();
            $strokes = [$upright ? [[$x, $y - $half], [$x, $y + $half]] : [[$x - $half, $y], [$x + $half, $y]]];
            for ($k = -2; $k <= 2; $k++) {
                $strokes[] = $upright ? self::drop($x, $y + 3 * $k * $mm, $mm) : self::drop($x + 3 * $k * $mm, $y, $mm);
            }
            $months = array_map(static fn (int $m): float => array_sum(array_column($stack->year->held, $m)), range(0, 11));
            $most = (int) array_search(max($months), $months, true);
            $items[] = new Strokes(Role::Condensation, null, $strokes);
            $items[] = new Text(
                Role::Condensation, null, $upright ? [$this->at->lined - 2 * $mm, $y + 1 * $mm] : [$x - $half, $y + 2 * $mm],
                $this->format->format($stack->year->peak, Quantity::Water).' by '.Calendar::MONTHS[$most],
                $upright ? 'end' : 'start',
            );
        }

        return $items;
    }

    /** @return list<array{float, float}> */
    private static function drop(float $x, float $y, float $mm): array
    {
        $points = [];
        for ($i = 0; $i <= 8; $i++) {
            $points[] = [$x + 0.8 * $mm * cos($i * M_PI / 4), $y + 0.8 * $mm * sin($i * M_PI / 4)];
        }

        return $points;
    }
}
