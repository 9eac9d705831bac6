<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Material\Hatch;
use Ondergrond\Plan\Elevation;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** A wall from outside: concrete and courses, ground along it, coat and cover, floor behind it, openings, sleeves. */
final readonly class ElevationDrawing
{
    private const WIDTH = 190.0;

    private const HEIGHT = 90.0;

    private const SCALES = [10, 20, 25, 50, 75, 100, 125, 150, 200, 250, 500, 1000, 2000];

    /** For levels at the right, names at the left and below, mm of paper. */
    private const MARGIN = 30.0;

    /** Lines that stand closer are not drawn, mm of paper. */
    private const APART = 2.0;

    /** Lines of writing, mm of paper. */
    private const LINE = 4.6;

    private function __construct(
        private Elevation $of,
        private QuantityFormatter $format,
        private float $mm,
    ) {}

    public static function of(Elevation $of, QuantityFormatter $format): Drawing
    {
        $foot = min($of->foot, $of->grade, $of->gradeTo);
        $top = max([$of->top, $of->grade, $of->gradeTo, $of->floor, ...array_column($of->openings, 'head')]);
        $fits = array_filter(
            self::SCALES, static fn (int $s): bool => $of->length / $s * 1000 <= self::WIDTH - 2.35 * self::MARGIN
                && ($top - $foot) / $s * 1000 <= self::HEIGHT - self::MARGIN,
        );
        $scale = (float) ($fits === [] ? max(self::SCALES) : min($fits));
        $drawn = new self($of, $format, $scale / 1000);
        $m = self::MARGIN * $scale / 1000;
        $low = min([$foot, ...array_column($drawn->heights(), 1)]);

        return new Drawing($scale, [-$m, $low - $m / 1.2, $of->length + 1.35 * $m, $top + $m / 4], [
            ...$drawn->concrete(), ...$drawn->layers(), ...$drawn->openings(), ...$drawn->ground(), ...$drawn->levels(),
            ...$drawn->passages(),
            ...$drawn->marks(),
        ], "Wall {$of->wall} from outside");
    }

    /** @return list<Item> */
    private function concrete(): array
    {
        [$w, $of] = [$this->of->length, $this->of];
        $body = $of->footing ?? $of->foot;
        $drawn = [new Area('wall', self::box(0.0, $body, $w, $of->top), Hatch::Concrete, "Wall {$of->wall}", stands: true)];
        if ($of->footing !== null) {
            $drawn[] = new Area('footing', self::box(-0.1, $of->foot, $w + 0.1, $of->footing), Hatch::Concrete, 'Footing', stands: true);
        }
        if ($of->courses !== []) {
            $drawn[] = new Strokes(Role::Hatch, 'courses', [
                ...array_map(static fn (float $y): array => [[0.0, $y], [$w, $y]], $of->courses), ...$this->ends(),
            ]);
        }

        return $drawn;
    }

    /** @return list<list<array{float, float}>> of forms or blocks, every second course half a length on; none where they would run together */
    private function ends(): array
    {
        [$of, $ends] = [$this->of, []];
        foreach ($of->unit < self::APART * $this->mm ? [] : $of->courses as $i => $y) {
            $to = $of->courses[$i + 1] ?? $of->top;
            for ($x = $i % 2 === 0 ? $of->unit : $of->unit / 2; $x < $of->length - 1e-6; $x += $of->unit) {
                $ends[] = [[$x, $y], [$x, $to]];
            }
        }

        return $ends;
    }

    /** @return list<Item> */
    private function layers(): array
    {
        [$w, $of] = [$this->of->length, $this->of];
        $drawn = [];
        if ($of->cover !== null && $of->cover[1] > $of->cover[0]) {
            $drawn[] = new Area('cover', self::box(0.0, $of->cover[0], $w, $of->cover[1]), Hatch::Render, 'What covers the board');
        }
        if ($of->membrane !== null) {
            $drawn[] = new Strokes(Role::Sheet, 'membrane', [[[0.0, $of->membrane], [$w, $of->membrane]]]);
        }
        if ($of->board !== null) {
            $drawn[] = new Strokes(Role::Level, 'board', [[[0.0, $of->board], [$w, $of->board]]]);
        }

        return [...$drawn, new Strokes(Role::Middle, 'floor', [[[0.0, $of->floor], [$w, $of->floor]]]), ...($of->slab < $of->floor - 0.005
            ? [new Strokes(Role::Service, 'slab', [[[0.0, $of->slab], [$w, $of->slab]]])] : [])];
    }

    /** @return list<Item> */
    private function openings(): array
    {
        $drawn = [];
        foreach ($this->of->openings as $i => $o) {
            $ring = self::box($o['from'], $o['sill'], $o['to'], $o['head']);
            $drawn[] = new Area("opening-{$i}", $ring, Hatch::Air, $o['name']);
            $drawn[] = new Strokes(Role::Area, "opening-{$i}", [[...$ring, $ring[0]]]);
            $drawn[] = new Text(Role::Note, null, [($o['from'] + $o['to']) / 2, ($o['sill'] + $o['head']) / 2], $o['name']);
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function ground(): array
    {
        $m = 8.0 * $this->mm;

        return [new Strokes(Role::Datum, 'ground', [[
            [-$m, $this->of->grade], [0.0, $this->of->grade], [$this->of->length, $this->of->gradeTo], [
                $this->of->length + $m, $this->of->gradeTo,
            ],
        ]])];
    }

    /** @return array<string, array{float, float}> heights, and where each is written: apart where they are too close to read */
    private function heights(): array
    {
        $of = $this->of;
        $named = array_filter([
            'wall, top' => $of->top, 'coat, top' => $of->membrane, 'floor inside' => $of->floor,
            'slab inside' => $of->slab < $of->floor - 0.005 ? $of->slab : null, 'ground' => $of->gradeTo, 'board, foot' => $of->board,
            'footing, top' => $of->footing, $of->footing === null ? 'beam, base' : 'footing, base' => $of->foot,
        ], static fn (?float $y): bool => $y !== null);
        arsort($named);
        $last = INF;
        $heights = [];
        foreach ($named as $name => $y) {
            $last = min($y, $last - self::LINE * $this->mm);
            $heights[$name] = [$y, $last];
        }

        return $heights;
    }

    /** @return list<Item> at the right */
    private function levels(): array
    {
        $of = $this->of;
        $drawn = [];
        foreach ($this->heights() as $name => [$y, $at]) {
            $drawn[] = new Text(
                Role::Level, null, [$of->length + 2.0 * $this->mm, $at - 1.2 * $this->mm],
                $this->format->signed($y, Quantity::Length).' '.$name, 'start',
            );
        }
        if (abs($of->grade - $of->gradeTo) > 0.005) {
            $drawn[] = new Text(
                Role::Level, null, [
                    -2.0 * $this->mm, $of->grade + 1.0 * $this->mm,
                ], $this->format->signed($of->grade, Quantity::Length), 'end',
            );
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function passages(): array
    {
        $drawn = [];
        foreach ($this->of->passages as $i => $p) {
            $r = max($p->diameter / 2, 0.8 * $this->mm);
            $ring = array_map(
                static fn (int $k): array => [$p->along + $r * cos($k * M_PI / 12), $p->level + $r * sin($k * M_PI / 12)], range(0, 24),
            );
            $drawn[] = new Area("item:{$p->id}", array_slice($ring, 0, 24), Hatch::Air, $p->name);
            $drawn[] = new Strokes(Role::Area, "item:{$p->id}", [$ring]);
            $drawn[] = new Text(Role::Named, null, [$p->along, $p->level + $r + 1.2 * $this->mm], (string) ($i + 1));
        }

        return $drawn;
    }

    /** @return list<Item> distances along the foot from the left corner, and the two corners */
    private function marks(): array
    {
        $of = $this->of;
        $y = min([$of->foot, $of->grade, $of->gradeTo, ...array_column($this->heights(), 1)]) - 7.0 * $this->mm;
        $places = [0.0, ...array_merge(...array_map(
            static fn (array $o): array => [$o['from'], $o['to']], $of->openings,
        ), ...[[]]), ...array_map(static fn ($p): float => $p->along, $of->passages), $of->length];
        sort($places);
        $drawn = [
            new Strokes(Role::Dimension, null, [[[0.0, $y], [$of->length, $y]], ...array_map(
                fn (float $x): array => [[$x, $y - 1.2 * $this->mm], [$x, $y + 1.2 * $this->mm]], $places,
            )]),
            new Text(Role::Named, null, [4.0 * $this->mm, $y + 1.6 * $this->mm], $of->left),
            new Text(Role::Named, null, [$of->length - 4.0 * $this->mm, $y + 1.6 * $this->mm], $of->right),
        ];
        $last = -INF;
        $row = 0;
        foreach ($places as $x) {
            $row = $x - $last < 17.0 * $this->mm ? ($row + 1) % 3 : 0;
            $drawn[] = new Text(Role::Dimension, null, [$x, $y - (5.0 + self::LINE * $row) * $this->mm], $this->format->taped($x));
            $last = $x;
        }

        return $drawn;
    }

    /** @return list<array{float, float}> */
    private static function box(float $x0, float $y0, float $x1, float $y1): array
    {
        return [[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]];
    }
}
