<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Frost\Bearing;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What frost and rock add to a section. */
final class FrostSheet
{
    /** Between strokes of ice, mm of paper. */
    private const STROKES = 2.5;

    /** A tick at either end of the bearing, mm of paper. */
    private const TICK = 2.0;

    /**
     * The frozen ground of one day, and the line under the bearing that it must not pass.
     *
     * @param  list<list<int>>  $zones  as in FrostFilm, mm
     * @param  string  $words  what is said of that day
     */
    public static function over(Drawing $drawing, Bearing $bearing, array $zones, string $words): Drawing
    {
        $outlines = $ice = [];
        [$left, , $right] = $drawing->box;
        foreach ($zones as $zone) {
            $points = self::within(
                array_map(static fn (array $p): array => [$p[0] / 1000, $p[1] / 1000], array_chunk($zone, 2)),
                $left,
                $right,
            );
            if ($points === []) {
                continue;
            }
            $outlines[] = [...$points, $points[0]];
            array_push($ice, ...self::strokes($points, self::STROKES * $drawing->paper()));
        }
        $tick = self::TICK * $drawing->paper();
        [$x0, $x1, $y] = [$bearing->x0, $bearing->x1, $bearing->soil];

        return new Drawing($drawing->scale, $drawing->box, [
            ...$drawing->items,
            new Strokes(Role::Ice, null, $ice),
            new Strokes(Role::Frost, null, $outlines),
            new Strokes(
                Role::Boundary,
                null,
                [[[$x0, $y], [$x1, $y]], [[$x0, $y - $tick], [$x0, $y + $tick]], [[$x1, $y - $tick], [$x1, $y + $tick]]],
            ),
        ], "{$drawing->title}. ".rtrim($words, '.'));
    }

    /**
     * The part of an outline between two uprights.
     *
     * @param  list<array{float, float}>  $outline  along the top, then back along the bottom
     * @return list<array{float, float}>
     */
    private static function within(array $outline, float $left, float $right): array
    {
        $half = intdiv(count($outline), 2);
        $lines = [];
        foreach ([array_slice($outline, 0, $half), array_reverse(array_slice($outline, $half))] as $line) {
            [$from, $to] = [max($left, $line[0][0]), min($right, $line[$half - 1][0])];
            if ($to <= $from) {
                return [];
            }
            $lines[] = [
                [$from, self::at($line, $from)],
                ...array_values(array_filter($line, static fn (array $p): bool => $p[0] > $from && $p[0] < $to)),
                [$to, self::at($line, $to)],
            ];
        }

        return [...$lines[0], ...array_reverse($lines[1])];
    }

    /**
     * Upright strokes at even distances between top and bottom.
     *
     * @param  list<array{float, float}>  $outline  along the top, then back along the bottom
     * @return list<list<array{float, float}>>
     */
    private static function strokes(array $outline, float $apart): array
    {
        $half = intdiv(count($outline), 2);
        $top = array_slice($outline, 0, $half);
        $bottom = array_reverse(array_slice($outline, $half));
        $strokes = [];
        for ($x = ceil($top[0][0] / $apart) * $apart; $x < $top[$half - 1][0]; $x += $apart) {
            $strokes[] = [[$x, self::at($top, $x)], [$x, self::at($bottom, $x)]];
        }

        return $strokes;
    }

    /** @param  list<array{float, float}>  $line  x rising */
    private static function at(array $line, float $x): float
    {
        for ($i = 1; $i < count($line); $i++) {
            if ($x <= $line[$i][0] && $line[$i][0] > $line[$i - 1][0]) {
                return $line[$i - 1][1] + ($line[$i][1] - $line[$i - 1][1]) * ($x - $line[$i - 1][0]) / ($line[$i][0] - $line[$i - 1][0]);
            }
        }

        return $line[count($line) - 1][1];
    }

    /** Where rock begins, across the whole sheet; nothing where it lies below it. */
    public static function ledge(Drawing $drawing, ?float $depth, QuantityFormatter $format): Drawing
    {
        [$x0, $y0, $x1, $y1] = $drawing->box;
        if ($depth === null || -$depth <= $y0 + 4 * $drawing->paper() || -$depth >= $y1) {
            return $drawing;
        }
        $words = new Text(
            Role::Ledge, null, [SectionDrawing::seen($drawing)[2] - 1.5 * $drawing->paper(), -$depth - 4.2 * $drawing->paper()],
            'rock '.$format->format($depth, Quantity::Thickness).' down', 'end',
        );

        return new Drawing($drawing->scale, $drawing->box, [
            ...$drawing->items,
            new Strokes(Role::Ledge, null, [[[$x0, -$depth], [$x1, -$depth]]]),
            Lettering::clear($words, $drawing),
        ], $drawing->title);
    }
}
