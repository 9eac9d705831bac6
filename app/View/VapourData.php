<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Damp\Vapour;
use Ondergrond\Damp\VapourLayer;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What the page's script draws of vapour in a stack: pressure against saturation, month by month; places in pixels of the drawing. */
final class VapourData
{
    public static function json(DampVerdict $damp, Drawing $drawing, QuantityFormatter $format): string
    {
        if ($damp->stacks === null) {
            return 'null';
        }
        $px = 1000 / $drawing->scale * SvgWriter::PX;
        $place = static fn (array $p): array => [round(($p[0] - $drawing->box[0]) * $px, 1), round(($drawing->box[3] - $p[1]) * $px, 1)];
        $whole = static fn (array $values): array => array_map(static fn (float $v): int => (int) round($v), $values);

        return json_encode([
            'pressure' => FieldData::unit(Quantity::VapourPressure, $format),
            'water' => FieldData::unit(Quantity::Water, $format),
            'stacks' => array_map(static fn (DampStack $s): array => [
                'label' => $s->label,
                'word' => $s->word()->said(),
                'beyond' => $s->beyond,
                'line' => [$place($s->line[0]), $place($s->line[1])],
                'layers' => array_map(static fn (VapourLayer $l): array => [$l->name, round(1000 * $l->thickness, 1)], $s->stack->layers),
                'depths' => array_map(static fn (int $cut): float => round(1000 * $s->stack->depth($cut), 1), array_keys($s->stack->s)),
                'saturation' => array_map(
                    static fn ($m): array => $whole(array_map(Vapour::saturation(...), $s->stack->temperatures($m))),
                    $s->stack->months,
                ),
                'now' => array_map($whole, $s->year->pressures),
                // Grams: what lies at each wet cut at the end of each month.
                'held' => (object) array_map(
                    static fn (array $months): array => $whole(array_map(static fn (float $kg): float => 1000 * $kg, $months)),
                    $s->year->held,
                ),
            ], $damp->stacks),
        ], JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_THROW_ON_ERROR);
    }
}
