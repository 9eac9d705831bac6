<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/**
 * Thicknesses on a grid: nominal everywhere is the house's practice; ACI 117 (from memory) lets the mean be 9.5 mm and a
 * single one 19 mm less for slabs on ground. Both are shown.
 */
final class Thickness implements Reader
{
    public const MEAN = 0.0095;

    public const SINGLE = 0.019;

    public function reads(Entry $entry): Reading
    {
        if ($entry->values === [] || $entry->drawn === null) {
            return new Reading(State::Kept, Said::of('no thickness is drawn there'));
        }
        $mean = self::mean($entry->values);
        $least = min($entry->values);
        $short = count(array_filter($entry->values, static fn (float $v): bool => $v < $entry->drawn - 1e-9));
        $standard = $mean >= $entry->drawn - self::MEAN - 1e-9 && $least >= $entry->drawn - self::SINGLE - 1e-9;

        return new Reading(
            match (true) {
                $least >= $entry->drawn - 1e-9 => State::In,
                $standard => State::Close,
                default => State::Out,
            },
            Said::of(
                'least %s, mean %s of %s drawn; '.sprintf('%d of %d thinner than drawn', $short, count($entry->values)).'; '
                    .($standard ? 'within ACI 117 (mean −%s, single −%s)' : 'outside ACI 117 (mean −%s, single −%s)'),
                Measure::size($least), Measure::size($mean), Measure::size($entry->drawn), Measure::size(self::MEAN),
                Measure::size(self::SINGLE),
            ),
        );
    }

    /** @param  non-empty-list<float>  $values */
    public static function mean(array $values): float
    {
        return array_sum($values) / count($values);
    }

    /** @param  non-empty-list<float>  $values  of a sample; 0 of one */
    public static function deviation(array $values): float
    {
        $mean = self::mean($values);

        return count($values) < 2 ? 0.0
            : sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $values)) / (count($values) - 1));
    }
}
