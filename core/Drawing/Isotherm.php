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

    /** A label keeps this distance from the edge of the sheet, mm of paper. */
    private const INSET = 6.0;

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
        $items = [];
        $levels = array_map($unit->toSi(...), self::levels($unit->fromSi(min($seen)), $unit->fromSi(max($seen))));
        if (min($seen) < 0.0 && max($seen) > 0.0 && array_filter($levels, static fn (float $l): bool => abs($l) < 1e-9) === []) {
            $levels[] = 0.0;
        }
        foreach ($levels as $celsius) {
            $lines = Isotherms::lines($field->solution->mesh, $nodes, $celsius);
            $role = abs($celsius) < 1e-9 ? Role::Frost : Role::Isotherm;
            $items[] = new Strokes($role, null, $lines);
            array_push($items, ...self::labels($lines, $role, $format->number($celsius, Quantity::Temperature).'°', $box, self::INSET * $paper));
        }

        return $items;
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
     * One where a line passes the inner edge of the sheet at the left, one at the right.
     *
     * @param  list<non-empty-list<array{float, float}>>  $lines
     * @param  array{float, float, float, float}  $box
     * @return list<Text>
     */
    private static function labels(array $lines, Role $role, string $text, array $box, float $inset): array
    {
        $labels = [];
        foreach ([[$box[0] + $inset, 'start'], [$box[2] - $inset, 'end']] as [$x, $anchor]) {
            foreach ($lines as $line) {
                for ($i = 1; $i < count($line); $i++) {
                    [[$a, $b], [$c, $d]] = [$line[$i - 1], $line[$i]];
                    if (($a - $x) * ($c - $x) < 0) {
                        $labels[] = new Text($role, null, [$x, $b + ($d - $b) * ($x - $a) / ($c - $a)], $text, $anchor);
                        break 2;
                    }
                }
            }
        }

        return $labels;
    }
}
