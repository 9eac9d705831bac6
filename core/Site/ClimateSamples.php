<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** Invented climates to start from. None is a real place; a site's own figures belong in its place. */
final class ClimateSamples
{
    /** @return array<string, Climate> by slug */
    public static function all(): array
    {
        return [
            'cold-inland' => new Climate(
                'Cold inland (invented)',
                [-9.5, -7.5, -2.0, 5.5, 12.5, 17.5, 20.0, 19.0, 14.0, 7.5, 1.0, -6.0],
                -24.0,
                ClimateSource::Invented,
            ),
            'snowy-upland' => new Climate(
                'Snowy upland (invented)',
                [-5.0, -4.0, -0.5, 4.5, 9.5, 13.0, 15.0, 14.5, 10.5, 6.0, 0.5, -3.5],
                -17.0,
                ClimateSource::Invented,
            ),
            'river-plain' => new Climate(
                'River plain (invented)',
                [1.5, 2.5, 5.5, 9.0, 13.0, 16.0, 18.0, 17.5, 14.5, 10.5, 5.5, 2.5],
                -8.0,
                ClimateSource::Invented,
            ),
            'mild-coast' => new Climate(
                'Mild coast (invented)',
                [6.5, 6.5, 7.5, 9.5, 12.0, 14.5, 16.5, 16.5, 15.0, 12.0, 9.0, 7.0],
                -1.0,
                ClimateSource::Invented,
            ),
        ];
    }

    /** What is drawn under while nobody knows the climate: the months of the snowy sample, so that frost is looked at. */
    public static function notKnown(): Climate
    {
        return new Climate('Not known yet', self::all()['snowy-upland']->monthly, null, ClimateSource::NotKnown);
    }

    /**
     * Where twelve months come from that nobody says it of.
     *
     * @param  array<array-key, mixed>  $monthly  °C, January first
     */
    public static function source(array $monthly): ClimateSource
    {
        foreach (self::all() as $sample) {
            if ($sample->monthly === array_map(static fn (mixed $t): mixed => is_int($t) ? (float) $t : $t, array_values($monthly))) {
                return ClimateSource::Invented;
            }
        }

        return ClimateSource::Own;
    }
}
