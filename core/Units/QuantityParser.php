<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/**
 * Reads values as people write them: `4 1/2`, `4-1/2"`, `4.5in`, `2'-6"`, `2 ft 6 1/2 in`, `38 mm`, `0,35`, `−12 °C`,
 * thicknesses also as lumber is called, `2×12`.
 * A number without a unit is in the unit that the person's system shows for that quantity.
 */
final class QuantityParser
{
    private const FRACTIONS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        '⅓' => ' 1/3', '⅔' => ' 2/3',
    ];

    private const ALIKE = [
        '−' => '-', '–' => '-', '′' => "'", '’' => "'", '″' => '"', '”' => '"', '“' => '"', '⁄' => '/', "''" => '"',
    ];

    /** A number: mixed fraction, fraction, or decimal with point or comma. */
    private const NUMBER = '(?:\d+(?:\s+|-)\d+/\d+|\d+/\d+|\d+(?:[.,]\d+)*|[.,]\d+)';

    /**
     * @param  DecimalMark  $mark  the person's own: it settles `1,234`
     * @return float the value in SI
     *
     * @throws UnreadableQuantity
     */
    public static function parse(string $typed, Quantity $quantity, UnitSystem $system, DecimalMark $mark = DecimalMark::Point): float
    {
        $text = self::tidied($typed);
        $example = $mark->written(self::example($quantity, $system));
        if ($text === '') {
            throw UnreadableQuantity::empty($example);
        }
        $called = $quantity === Quantity::Thickness ? Lumber::depth($text) ?? BarNumber::diameter($text) : null;
        if ($called !== null) {
            return $called;
        }
        $sign = 1.0;
        if ($text[0] === '-' || $text[0] === '+') {
            $sign = $text[0] === '-' ? -1.0 : 1.0;
            $text = ltrim(substr($text, 1));
        }
        if (mb_strlen($typed) > 60 || preg_match('~^('.self::NUMBER.')\s*(.*)$~u', $text, $found) !== 1) {
            throw UnreadableQuantity::notANumber($typed, $example);
        }
        $units = $quantity->typedUnits();
        [, $number, $word] = $found;
        $unit = $word === '' ? $quantity->unit($system) : ($units[$word] ?? null);
        if ($unit !== null) {
            return self::finite($unit->toSi($sign * self::number($number, $typed, $example, $mark)), $typed, $example);
        }
        $sum = isset($units['ft']) && isset($units['in']) ? self::feetAndInches($text, $typed, $example, $mark) : null;
        if ($sum === null) {
            throw preg_match('~\d~', $word) === 1
                ? UnreadableQuantity::notANumber($typed, $example)
                : UnreadableQuantity::wrongUnit($word, self::allowedUnits($quantity));
        }

        return self::finite($sign * $sum, $typed, $example);
    }

    /** Feet, then inches; a dash between them is a separator, and the inch mark may be missing. In m. */
    private static function feetAndInches(string $text, string $typed, string $example, DecimalMark $mark): ?float
    {
        $pattern = '~^('.self::NUMBER.')\s*(?:\'|ft|foot|feet)\s*-?\s*('.self::NUMBER.')\s*(?:"|in|inch|inches)?$~u';

        return preg_match($pattern, $text, $found) === 1
            ? self::number($found[1], $typed, $example, $mark) * Unit::FOOT + self::number($found[2], $typed, $example, $mark) * Unit::INCH
            : null;
    }

    private static function tidied(string $typed): string
    {
        $text = strtr(strtr($typed, self::FRACTIONS), self::ALIKE);

        return trim((string) preg_replace('~[\s\x{00a0}\x{202f}\x{2009}]+~u', ' ', mb_strtolower($text)));
    }

    /** @return list<string> */
    private static function allowedUnits(Quantity $quantity): array
    {
        return array_map(static fn (UnitSystem $s): string => $quantity->unit($s)->symbol, UnitSystem::cases());
    }

    private static function number(string $text, string $typed, string $example, DecimalMark $mark): float
    {
        if ($mark === DecimalMark::Comma) {
            $text = strtr($text, ',.', '.,');
        }
        if (preg_match('~^(?:(\d+)[\s-]+)?(\d+)/(\d+)$~', $text, $m) === 1) {
            if ((int) $m[3] === 0) {
                throw UnreadableQuantity::notANumber($typed, $example);
            }

            return (float) $m[1] + (float) $m[2] / (float) $m[3];
        }
        if (preg_match('~^[1-9]\d{0,2},\d{3}$~', $text) === 1) {
            throw UnreadableQuantity::twoReadings($typed, str_replace(',', '', $text), $mark->written(str_replace(',', '.', $text)));
        }
        if (preg_match('~^\d{1,3}(,\d{3}){2,}(\.\d+)?$|^\d{1,3},\d{3}\.\d+$~', $text) === 1) {
            return (float) str_replace(',', '', $text);
        }
        if (substr_count($text, ',') + substr_count($text, '.') > 1) {
            throw UnreadableQuantity::notANumber($typed, $example);
        }

        return (float) str_replace(',', '.', $text);
    }

    private static function finite(float $value, string $typed, string $example): float
    {
        return is_finite($value) ? $value : throw UnreadableQuantity::notANumber($typed, $example);
    }

    private static function example(Quantity $quantity, UnitSystem $system): string
    {
        $metric = $system === UnitSystem::Metric;

        return match ($quantity) {
            Quantity::Thickness => $metric ? '50 mm or 2 in' : '2 1/2 in or 64 mm',
            Quantity::Length => $metric ? '12.5 m' : '41\'-6" or 12.65 m',
            Quantity::SheetThickness => $metric ? '0.38 mm' : '15 mil',
            Quantity::Area => $metric ? '120 m²' : '1290 ft²',
            Quantity::Temperature => $metric ? '-18 °C' : '0 °F',
            default => '0.35',
        };
    }
}
