<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** Reads the two sides of a floor as people write them: `9 x 14 m`, `30' x 46'`, `9 by 14`, `30'-6" × 46`. */
final class SidesParser
{
    private const BETWEEN = '~\s*(?:[x×✕*]|\bby\b)\s*~iu';

    private const LONGEST = 120;

    /**
     * A side without a unit has that of the other; where neither has one, both are in the person's.
     *
     * @return array{float, float} m, as they were written
     *
     * @throws UnreadableQuantity
     */
    public static function parse(string $typed, UnitSystem $system, DecimalMark $mark = DecimalMark::Point): array
    {
        $example = $system === UnitSystem::Metric ? '9 x 14 m' : "30' x 46'";
        if (trim($typed) === '') {
            throw UnreadableQuantity::empty($example);
        }
        $sides = mb_strlen($typed) > self::LONGEST ? false : preg_split(self::BETWEEN, trim($typed));
        if ($sides === false || count($sides) !== 2 || in_array('', $sides, true)) {
            throw UnreadableQuantity::notANumber($typed, $example);
        }
        [$one, $other] = $sides;

        return [
            QuantityParser::parse(self::inUnitOf($one, $other), Quantity::Length, $system, $mark),
            QuantityParser::parse(self::inUnitOf($other, $one), Quantity::Length, $system, $mark),
        ];
    }

    /** Feet and inches lend their feet. */
    private static function inUnitOf(string $side, string $other): string
    {
        return match (true) {
            preg_match('~[\d.,½¼¾⅛⅜⅝⅞⅓⅔/]\s*$~u', $side) !== 1, preg_match('~[a-z\'′’]~iu', $side) === 1 => $side,
            preg_match('~[\'′’]|\b(?:ft|foot|feet)\b~iu', $other) === 1 => $side.' ft',
            default => $side.' '.(preg_match('~([^\d\s.,/½¼¾⅛⅜⅝⅞⅓⅔-]+)\s*$~u', $other, $found) === 1 ? $found[1] : ''),
        };
    }
}
