<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Field\Mesh;
use Ondergrond\Field\NodeValues;
use Ondergrond\Ground\GroundField;

/**
 * The field as far as a drawing shows it, thinned to what can be seen at its scale: temperatures on a grid of lines and
 * heat flows at even distances, each as the mean of the year and the two parts of its swing.
 */
final readonly class FieldSheet
{
    /** Lines of the mesh that are no border of a material are left out where they stand closer than this, mm of paper. */
    private const CLOSE = 5.0;

    /** Between needles of heat flow, mm of paper. */
    private const NEEDLES = 7.0;

    /**
     * @param  list<float>  $x  lines, m
     * @param  list<float>  $y
     * @param  list<float|null>  $mean  by node, row by row from below, °C; null in the air
     * @param  list<float|null>  $re  K
     * @param  list<float|null>  $im  K
     * @param  list<array{float, float, float, float, float, float, float, float}>  $needles  x, y in m; rightward flow as mean, re, im; upward flow likewise, W/m²
     */
    private function __construct(
        public array $x,
        public array $y,
        public array $mean,
        public array $re,
        public array $im,
        public array $needles,
    ) {}

    public static function of(Drawing $drawing, GroundField $field): self
    {
        $solution = $field->solution;
        $mesh = $solution->mesh;
        [$x0, $y0, $x1, $y1] = $drawing->box;
        $columns = self::chosen($mesh, $mesh->x, $x0, $x1, self::CLOSE * $drawing->paper());
        $rows = self::chosen($mesh, $mesh->y, $y0, $y1, self::CLOSE * $drawing->paper());
        $difference = $field->difference();
        $mean = $re = $im = [];
        foreach ($rows as $j) {
            foreach ($columns as $i) {
                $n = $j * ($mesh->nx + 1) + $i;
                $share = $solution->steady->nodes[$n];
                $mean[] = $share === null ? null : $field->outdoor->mean + $difference * $share;
                $re[] = $solution->harmonic->nodesRe[$n] ?? null;
                $im[] = $solution->harmonic->nodesIm[$n] ?? null;
            }
        }

        return new self(
            array_map(static fn (int $i): float => $mesh->x[$i], $columns),
            array_map(static fn (int $j): float => $mesh->y[$j], $rows),
            $mean, $re, $im,
            self::needles($drawing, $field),
        );
    }

    /**
     * Lines of the first mesh, on which all borders lie, and those between them where there is room.
     *
     * @param  non-empty-list<float>  $lines
     * @return list<int> their numbers
     */
    private static function chosen(Mesh $mesh, array $lines, float $from, float $to, float $close): array
    {
        $step = 1 << $mesh->halvings;
        $chosen = [];
        for ($i = 0; $i < count($lines); $i++) {
            if (($lines[min($i + $step, count($lines) - 1)] < $from) || ($lines[max($i - $step, 0)] > $to)) {
                continue;
            }
            $even = $i % $step;
            // The widest step that this line is a multiple of, within the interval of the first mesh.
            $width = $even === 0 ? $step : $even & -$even;
            if ($even === 0 || 2 * $close < $lines[$i + $width] - $lines[$i - $width]) {
                $chosen[] = $i;
            }
        }

        return $chosen;
    }

    /** @return list<array{float, float, float, float, float, float, float, float}> */
    private static function needles(Drawing $drawing, GroundField $field): array
    {
        $solution = $field->solution;
        [$x0, $y0, $x1, $y1] = $drawing->box;
        $apart = self::NEEDLES * $drawing->paper();
        $needles = [];
        for ($y = $y1 - $apart / 2; $y > $y0; $y -= $apart) {
            for ($x = $x0 + $apart / 2; $x < $x1; $x += $apart) {
                $mean = NodeValues::flowAt($solution->mesh, $solution->steady->nodes, $x, $y);
                $re = NodeValues::flowAt($solution->mesh, $solution->harmonic->nodesRe ?? [], $x, $y);
                $im = NodeValues::flowAt($solution->mesh, $solution->harmonic->nodesIm ?? [], $x, $y);
                if ($mean !== null && $re !== null && $im !== null) {
                    $d = $field->difference();
                    $needles[] = [$x, $y, $d * $mean[0], $re[0], $im[0], $d * $mean[1], $re[1], $im[1]];
                }
            }
        }

        return $needles;
    }
}
