<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\FieldSheet;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What the page's script draws over the section and reads out: places in pixels of the drawing, values in SI. */
final class FieldData
{
    public static function json(FieldHeat $heat, string $stretch, Drawing $drawing, QuantityFormatter $format): string
    {
        $ground = $heat->sides[$stretch];
        $sheet = FieldSheet::of($drawing, $ground);
        $px = 1000 / $drawing->scale * SvgWriter::PX;
        $x = static fn (float $m): float => round(($m - $drawing->box[0]) * $px, 1);
        $y = static fn (float $m): float => round(($drawing->box[3] - $m) * $px, 1);
        $hundredths = static fn (?float $v): ?int => $v === null ? null : (int) round(100 * $v);

        return json_encode([
            'x' => array_map($x, $sheet->x),
            'y' => array_map($y, $sheet->y),
            // Hundredths of a degree: whole numbers are short to write and quick to read.
            'mean' => array_map($hundredths, $sheet->mean),
            're' => array_map($hundredths, $sheet->re),
            'im' => array_map($hundredths, $sheet->im),
            'needles' => array_map(
                static fn (array $n): array => [$x($n[0]), $y($n[1]), ...array_map($hundredths, array_slice($n, 2))],
                $sheet->needles,
            ),
            'cells' => $ground->solution->mesh->cells(),
            'loss' => [round($heat->mean, 1), round($heat->swing->re, 1), round($heat->swing->im, 1)],
            'coldest' => $ground->outdoor->coldest,
            'months' => Calendar::MONTHS,
            'days' => Calendar::DAYS,
            'mark' => $format->mark->written('.'),
            'temperature' => self::unit(Quantity::Temperature, $format),
            'flux' => self::unit(Quantity::HeatFlux, $format),
            'power' => self::unit(Quantity::Power, $format),
        ], JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_THROW_ON_ERROR);
    }

    /** @return array{symbol: string, factor: float, offset: float, decimals: int} shown = (SI − offset) ÷ factor */
    public static function unit(Quantity $quantity, QuantityFormatter $format): array
    {
        $unit = $quantity->unit($format->system);

        return [
            'symbol' => $unit->symbol,
            'factor' => $unit->factor,
            'offset' => $unit->offset,
            'decimals' => $quantity->decimals($format->system),
        ];
    }
}
