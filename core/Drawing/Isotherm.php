<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Field\Isotherms;
use Ondergrond\Ground\GroundField;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** Lines of equal temperature over a section in one month, labelled where they leave it; that of freezing in its own style. */
final class Isotherm
{
    /** From line to line, in the person's degrees; the first that gives no more than MOST lines. */
    private const STEPS = [1.0, 2.0, 5.0, 10.0, 20.0];

    private const MOST = 14;

    /** A label keeps this distance from the edge of the sheet and from a floor's middle, mm of paper. */
    private const INSET = 6.0;

    /** Below this height there is the caption of the sheet, mm of paper. */
    private const FOOT = 18.0;

    /** Labels nearer each other than this, across and up, would run together; mm of paper. */
    private const APART = [11.0, 4.5];

    /**
     * @param  array{float, float, float, float}  $box  of the drawing, m
     * @param  float  $paper  metres for a millimetre of paper
     * @return list<Item>
     */
    public static function items(GroundField $field, float $month, array $box, float $paper, QuantityFormatter $format): array
    {
        $nodes = self::nodes($field, $month);
        $seen = array_filter($nodes, is_float(...));
        if ($seen === []) {
            return [];
        }
        $unit = Quantity::Temperature->unit($format->system);
        // A narrow floor's field begins at the floor's middle.
        $start = $field->solution->mesh->x[0];
        $inner = [max($box[0], $start) + self::INSET * $paper, $box[1] + self::FOOT * $paper, $box[2] - self::INSET * $paper, $box[3]];
        $strokes = $labels = [];
        $levels = array_map($unit->toSi(...), self::levels($unit->fromSi(min($seen)), $unit->fromSi(max($seen))));
        if (min($seen) < 0.0 && max($seen) > 0.0 && array_filter($levels, static fn (float $l): bool => abs($l) < 1e-9) === []) {
            $levels[] = 0.0;
        }
        // Where there is room for one label only, it is that of freezing.
        usort($levels, static fn (float $a, float $b): int => (abs($a) < 1e-9 ? 0 : 1) <=> (abs($b) < 1e-9 ? 0 : 1));
        foreach ($levels as $celsius) {
            $lines = Isotherms::lines($field->solution->mesh, $nodes, $celsius);
            $role = abs($celsius) < 1e-9 ? Role::Frost : Role::Isotherm;
            $strokes[] = new Strokes($role, null, $lines);
            foreach (self::exits($lines, $inner) as [$anchor, $point]) {
                $isNear = static fn (Text $l): bool => abs($l->at[0] - $point[0]) < self::APART[0] * $paper
                    && abs($l->at[1] - $point[1]) < self::APART[1] * $paper;
                if (array_filter($labels, $isNear) === []) {
                    $labels[] = new Text($role, null, $point, $format->number($celsius, Quantity::Temperature).'°', $anchor);
                }
            }
        }

        return [...$strokes, ...$labels, ...($start > $box[0] ? self::middle($start, $inner[1], $box, $paper) : [])];
    }

    /**
     * Half of a floor is solved: the other half is the same.
     *
     * @param  array{float, float, float, float}  $box
     * @return list<Item>
     */
    private static function middle(float $x, float $foot, array $box, float $paper): array
    {
        return [
            new Strokes(Role::Middle, null, [[[$x, $foot], [$x, $box[3]]]]),
            new Text(Role::Middle, null, [$x - 1.5 * $paper, $foot], 'middle of the floor', 'end'),
        ];
    }

    /** @return array<int, float|null> °C by node */
    private static function nodes(GroundField $field, float $month): array
    {
        $solution = $field->solution;
        $phase = $field->phase($month);
        [$cos, $sin, $mean, $difference] = [cos($phase), sin($phase), $field->outdoor->mean, $field->difference()];
        $nodes = [];
        foreach ($solution->steady->nodes as $n => $share) {
            $nodes[] = $share === null ? null : $mean + $difference * $share
                + ($solution->harmonic->nodesRe[$n] ?? 0.0) * $cos - ($solution->harmonic->nodesIm[$n] ?? 0.0) * $sin;
        }

        return $nodes;
    }

    /** @return list<float> between two temperatures, in the person's degrees */
    private static function levels(float $from, float $to): array
    {
        $step = self::STEPS[count(self::STEPS) - 1];
        foreach (self::STEPS as $try) {
            if (($to - $from) / $try <= self::MOST) {
                $step = $try;
                break;
            }
        }
        $levels = [];
        for ($level = ceil($from / $step) * $step; $level <= $to; $level += $step) {
            $levels[] = $level;
        }

        return $levels;
    }

    /**
     * Where lines leave a box: the first found at its left, at its right and at its foot.
     *
     * @param  list<non-empty-list<array{float, float}>>  $lines
     * @param  array{float, float, float, float}  $box  left, foot, right, head
     * @return list<array{'start'|'middle'|'end', array{float, float}}> how a label is anchored there, and the place
     */
    private static function exits(array $lines, array $box): array
    {
        $exits = [];
        foreach ([[0, $box[0], 'start'], [0, $box[2], 'end'], [1, $box[1], 'middle']] as [$axis, $side, $anchor]) {
            foreach ($lines as $line) {
                for ($i = 1; $i < count($line); $i++) {
                    [$before, $after] = [$line[$i - 1][$axis] - $side, $line[$i][$axis] - $side];
                    if ($before * $after >= 0.0) {
                        continue;
                    }
                    $share = $before / ($before - $after);
                    [$x, $y] = array_map(static fn (float $a, float $b): float => $a + $share * ($b - $a), $line[$i - 1], $line[$i]);
                    if ($x >= $box[0] - 1e-9 && $x <= $box[2] + 1e-9 && $y >= $box[1] - 1e-9 && $y <= $box[3]) {
                        $exits[] = [$anchor, [$x, $y]];
                        break 2;
                    }
                }
            }
        }

        return $exits;
    }
}
