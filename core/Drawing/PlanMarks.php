<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Material\Hatch;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Sign;

/** The signs of items on a plan. */
final readonly class PlanMarks
{
    /** The least that a sign is drawn across, mm of paper. */
    private const LEAST = 1.6;

    /** @param  float  $mm  m for one of paper */
    private function __construct(private float $mm) {}

    /** @return list<Item> */
    public static function of(Items $items, float $mm): array
    {
        $marks = new self($mm);
        $under = $over = [];
        foreach ($items->all as $id => $item) {
            foreach ($item->marks() as $mark) {
                $drawn = $marks->mark("item:{$id}", $mark, $item->at()->name);
                // A patch lies under what is set in it.
                $mark->sign === Sign::Patch ? array_push($under, ...$drawn) : array_push($over, ...$drawn);
            }
        }

        return [...$under, ...$over];
    }

    /** @return list<Item> */
    private function mark(string $part, Mark $mark, string $title): array
    {
        [$x, $y] = $mark->points[0];
        $r = max($mark->size, self::LEAST * $this->mm) / 2;
        $line = static fn (Role $role, array $points): Strokes => new Strokes($role, $part, [self::points($points)]);

        return match ($mark->sign) {
            Sign::Disc => [new Area($part, self::round($x, $y, $r), Hatch::Sheet, $title)],
            Sign::Ring => [
                new Area($part, self::round($x, $y, $r), Hatch::Air, $title), $line(Role::Area, self::closed(self::round($x, $y, $r))),
                $line(Role::Area, self::closed(self::round($x, $y, 0.7 * $r))),
            ],
            Sign::Square => [new Area($part, self::square($x, $y, $r), Hatch::Timber, $title)],
            Sign::Grate => [
                new Area($part, self::square($x, $y, $r), Hatch::Air, $title), $line(Role::Area, self::closed(self::square($x, $y, $r))),
                $line(Role::Area, [[$x - $r, $y - $r], [$x + $r, $y + $r]]), $line(Role::Area, [[$x - $r, $y + $r], [$x + $r, $y - $r]]),
            ],
            Sign::Lozenge => [
                new Area($part, [[$x - 1.3 * $r, $y], [$x, $y - 1.3 * $r], [$x + 1.3 * $r, $y], [$x, $y + 1.3 * $r]], Hatch::Metal, $title),
            ],
            Sign::Wedge => [
                new Area($part, [[$x - $r, $y - 0.7 * $r], [$x + $r, $y - 0.7 * $r], [$x, $y + 1.1 * $r]], Hatch::Metal, $title),
            ],
            Sign::Cross => [
                $line(Role::Named, [[$x - $r, $y - $r], [$x + $r, $y + $r]]), $line(Role::Named, [[$x - $r, $y + $r], [$x + $r, $y - $r]]),
            ],
            Sign::Tick => [
                $line(Role::Joint, [[$x - $r, $y], [$x + $r, $y]]), $line(Role::Joint, [[$x, $y - $r], [$x, $y + $r]]),
            ],
            Sign::Patch => [
                new Area($part, $mark->points, Hatch::Sand, $title), $line(Role::Area, self::closed($mark->points)),
            ],
            Sign::Loose => [$line(Role::Middle, self::closed($mark->points))],
            Sign::Line => [$line(Role::Level, $mark->points)],
            Sign::Heavy => [new Area($part, $this->band($mark->points), Hatch::Timber, $title)],
            Sign::Flow => [$line(Role::Water, $mark->points), $line(Role::Water, $this->arrow($mark->points))],
            Sign::Dashed => [$line(Role::Middle, $mark->points)],
            Sign::Dotted => [$line(Role::Service, $mark->points)],
            Sign::Pipe => [$line(Role::Hatch, $mark->points)],
            Sign::Boundary => [$line(Role::Boundary, $mark->points)],
        };
    }

    /**
     * @param  array<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function points(array $points): array
    {
        return array_values($points);
    }

    /** @return non-empty-list<array{float, float}> */
    private static function round(float $x, float $y, float $r): array
    {
        return array_map(static fn (int $i): array => [$x + $r * cos($i * M_PI / 12), $y + $r * sin($i * M_PI / 12)], range(0, 23));
    }

    /** @return non-empty-list<array{float, float}> */
    private static function square(float $x, float $y, float $h): array
    {
        return [[$x - $h, $y - $h], [$x + $h, $y - $h], [$x + $h, $y + $h], [$x - $h, $y + $h]];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $ring
     * @return non-empty-list<array{float, float}>
     */
    private static function closed(array $ring): array
    {
        return [...$ring, $ring[0]];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $ends
     * @return non-empty-list<array{float, float}> as wide as a wall's sole reads on paper
     */
    private function band(array $ends): array
    {
        [$ux, $uy] = self::way($ends);
        [[$ax, $ay], [$bx, $by]] = [$ends[0], $ends[count($ends) - 1]];
        [$h, $k] = [0.6 * $this->mm * -$uy, 0.6 * $this->mm * $ux];

        return [[$ax + $h, $ay + $k], [$bx + $h, $by + $k], [$bx - $h, $by - $k], [$ax - $h, $ay - $k]];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $ends
     * @return list<array{float, float}> pointing where the water goes
     */
    private function arrow(array $ends): array
    {
        [$ux, $uy] = self::way($ends);
        [[$ax, $ay], [$bx, $by]] = [$ends[0], $ends[count($ends) - 1]];
        [$mx, $my, $a] = [($ax + $bx) / 2, ($ay + $by) / 2, 2 * $this->mm];

        return [
            [$mx - $a * ($ux + $uy / 2), $my - $a * ($uy - $ux / 2)], [$mx, $my], [$mx - $a * ($ux - $uy / 2), $my - $a * ($uy + $ux / 2)],
        ];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $ends
     * @return array{float, float} of length 1; along the sheet where they are one
     */
    private static function way(array $ends): array
    {
        [[$ax, $ay], [$bx, $by]] = [$ends[0], $ends[count($ends) - 1]];
        $length = hypot($bx - $ax, $by - $ay);

        return $length > 0.0 ? [($bx - $ax) / $length, ($by - $ay) / $length] : [1.0, 0.0];
    }
}
