<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Material\Hatch;
use Ondergrond\Section\Region;

/**
 * Hatches as plain strokes: a small figure repeated over a grid that is fixed to the section, clipped to its area.
 * The figures follow the general conventions of building drawings.
 */
final readonly class Hatching
{
    /** An area thinner than this on paper is left plain, m of paper. */
    private const THINNEST = 0.0011;

    /** @param  float  $paper metres of building for one millimetre of paper */
    public function __construct(private float $paper) {}

    /** Whether an area is thick enough on paper to be hatched. */
    public function fits(Region $region): bool
    {
        [$x0, $y0, $x1, $y1] = $region->extent();

        return min($x1 - $x0, $y1 - $y0) >= self::THINNEST * 1000 * $this->paper;
    }

    /**
     * The least patch that gives the same hatch when it is laid side by side from the section's zero on, for readers that
     * can do so themselves.
     *
     * @return array{float, float, list<non-empty-list<array{float, float}>>} width, height and runs of points, mm of paper, y up
     */
    public static function tile(Hatch $hatch): array
    {
        [$stepX, $stepY, $figures] = self::pattern($hatch);
        $hatching = new self(1.0);
        $figures = array_map($hatching->scaled(...), $figures);
        $count = count($figures);
        $rows = $count % 2 === 0 ? $count : 2 * $count;
        $runs = [];
        // Figures of the neighbours reach into it.
        for ($row = -1; $row <= $rows; $row++) {
            for ($column = -2; $column <= $count; $column++) {
                [$x, $y] = [($column + (($row & 1) === 1 ? 0.5 : 0.0)) * $stepX, $row * $stepY];
                foreach ($figures[self::figure($row, $column, $count)][0] as $pen) {
                    self::draw($runs, array_map(static fn (array $point): array => [$x + $point[0], $y + $point[1]], $pen));
                }
            }
        }

        return [$count * $stepX, $rows * $stepY, $runs];
    }

    /** Which figure stands there. */
    private static function figure(int $row, int $column, int $count): int
    {
        return (($row * 7 + $column * 3) % $count + $count) % $count;
    }

    /**
     * @param  list<list<array{float, float}>>  $covers  polygons painted over it
     * @return list<non-empty-list<array{float, float}>> runs of points, m
     */
    public function strokes(Region $region, array $covers): array
    {
        if (! $this->fits($region)) {
            return [];
        }
        [$x0, $y0, $x1, $y1] = $region->extent();
        [$stepX, $stepY, $figures] = self::pattern($region->hatch());
        $stepX *= $this->paper;
        $stepY *= $this->paper;
        $figures = array_map($this->scaled(...), $figures);
        $count = count($figures);
        $clip = new Clip($region->polygon, $covers);
        $runs = [];
        for ($row = (int) floor($y0 / $stepY) - 1; $row * $stepY <= $y1; $row++) {
            $shift = ($row & 1) === 1 ? 0.5 : 0.0;
            for ($column = (int) floor($x0 / $stepX) - 1; $column * $stepX <= $x1; $column++) {
                [$pens, $box] = $figures[self::figure($row, $column, $count)];
                [$x, $y] = [($column + $shift) * $stepX, $row * $stepY];
                // Most figures lie wholly in the open or wholly out of sight; only the others are cut.
                $seen = $clip->sees([$x + $box[0], $y + $box[1], $x + $box[2], $y + $box[3]]);
                if ($seen === false) {
                    continue;
                }
                foreach ($pens as $pen) {
                    $run = [];
                    foreach ($pen as $point) {
                        $run[] = [$x + $point[0], $y + $point[1]];
                    }
                    if ($seen === true) {
                        self::draw($runs, $run);

                        continue;
                    }
                    for ($k = 1, $last = count($run); $k < $last; $k++) {
                        foreach ($clip->pieces($run[$k - 1], $run[$k]) as $piece) {
                            self::draw($runs, $piece);
                        }
                    }
                }
            }
        }

        return $runs;
    }

    /**
     * @param  list<array{float, float}|null>  $figure  in mm of paper
     * @return array{list<non-empty-list<array{float, float}>>, array{float, float, float, float}} its pen paths and their box, m
     */
    private function scaled(array $figure): array
    {
        $pens = [[]];
        $xs = $ys = [0.0];
        foreach ($figure as $point) {
            if ($point === null) {
                $pens[] = [];

                continue;
            }
            $pens[count($pens) - 1][] = [$xs[] = $point[0] * $this->paper, $ys[] = $point[1] * $this->paper];
        }

        return [array_values(array_filter($pens, static fn (array $pen): bool => $pen !== [])), [min($xs), min($ys), max($xs), max($ys)]];
    }

    /**
     * Carries the last run on where it ended at this very point, else begins one.
     *
     * @param  list<non-empty-list<array{float, float}>>  $runs
     * @param  non-empty-list<array{float, float}>  $run
     */
    private static function draw(array &$runs, array $run): void
    {
        $last = count($runs) - 1;
        if ($last >= 0 && $runs[$last][count($runs[$last]) - 1] === $run[0]) {
            array_push($runs[$last], ...array_slice($run, 1));
        } else {
            $runs[] = $run;
        }
    }

    /**
     * @return array{float, float, non-empty-list<list<array{float, float}|null>>} grid width and height in mm of paper,
     *                                                                             and figures as pen paths in mm; null lifts the pen
     */
    private static function pattern(Hatch $hatch): array
    {
        $ring = static fn (float $x, float $y, float $rx, float $ry): array => array_map(
            static fn (int $i): array => [$x + $rx * cos($i * M_PI / 3), $y + $ry * sin($i * M_PI / 3)],
            range(0, 6),
        );

        return match ($hatch) {
            Hatch::Concrete => [3.4, 2.6, [
                [[0.4, 0.3], [1.0, 0.3], [0.7, 0.8], [0.4, 0.3]],
                [[1.2, 1.3], [1.4, 1.3]],
                [[0.3, 1.6], [0.45, 1.7], null, [1.6, 0.6], [1.75, 0.5]],
                [[0.8, 0.9], [1.0, 0.8]],
                [[1.5, 0.2], [2.0, 0.5], [1.4, 0.8], [1.5, 0.2]],
            ]],
            Hatch::Foam => [2.2, 2.2, [[[0, 0], [1.1, 1.0], [2.2, 0]]]],
            Hatch::DenseFoam => [1.6, 1.1, [[[0, 0], [0.8, 0.8], [1.6, 0]]]],
            Hatch::Wool => [
                3.6,
                2.4,
                [[[0, 0.3], [0.5, 1.3], [1.2, 1.7], [1.7, 1.2], [1.6, 0.5], [1.2, 0.5], [1.2, 1.1], [2.1, 1.6], [3.0, 1.2], [3.6, 0.3]]],
            ],
            Hatch::Stone => [3.0, 2.2, [$ring(1.2, 1.0, 1.05, 0.7), $ring(1.4, 1.0, 0.8, 0.85), $ring(1.2, 1.1, 1.15, 0.55)]],
            Hatch::Timber => [1.4, 4.0, [[[0.3, 0], [0.5, 2.0], [0.3, 4.0]]]],
            Hatch::Lining, Hatch::Render => [1.0, 1.2, [[[0.3, 0.4], [0.45, 0.4]]]],
            Hatch::Screed => [
                2.2,
                1.6,
                [[[0.3, 0.4], [0.45, 0.5]], [[1.2, 0.9], [1.5, 0.9], [1.35, 1.15], [1.2, 0.9]], [[0.8, 1.2], [0.95, 1.2]]],
            ],
            Hatch::Masonry => [2.6, 2.6, [[[0, 0], [2.6, 2.6]]]],
            Hatch::Sand => [1.3, 1.0, [[[0.2, 0.2], [0.3, 0.2]], [[0.7, 0.5], [0.8, 0.6]]]],
            Hatch::Sheet, Hatch::Metal, Hatch::Air => [4.0, 4.0, [[]]],
            Hatch::Soil => [11.0, 6.0, [
                [[0, 0], [2.2, 2.2], null, [0.9, 0], [3.1, 2.2], null, [1.8, 0], [4.0, 2.2]],
                [[0, 2.2], [2.2, 0], null, [0.9, 2.2], [3.1, 0], null, [1.8, 2.2], [4.0, 0]],
            ]],
        };
    }
}
