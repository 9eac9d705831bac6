<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\HeldPressure;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** Air in the pipes: threes of hours, °C and Pa on the gauge; `min` is how many hours it has to hold. */
final class Pressure implements Reader
{
    private const BAR = 100_000.0;

    public function reads(Entry $entry): Reading
    {
        $test = self::test($entry->values);
        if (count($test->readings) < 2) {
            return new Reading(State::Kept, Said::of('one reading shows nothing'));
        }
        $bar = static fn (float $v): Measure => Measure::of($v * self::BAR, Quantity::GaugePressure);
        $told = sprintf('after %.0f h, corrected for temperature: ', $test->hours());
        $leaks = $test->leaks();
        $short = $entry->min !== null && $test->hours() < $entry->min;

        return new Reading(
            $leaks ? State::Out : ($short ? State::Close : State::In),
            Said::of(
                $told.'change of %s, known to ±%s: '.match (true) {
                    $leaks => 'a leak',
                    $short => sprintf('no leak seen yet; it is watched for %.0f h', $entry->min),
                    default => 'no leak seen',
                },
                $bar($test->change()), $bar($test->uncertainty()),
            ),
        );
    }

    /** @param  list<float>  $values  hours, °C, Pa */
    public static function test(array $values): HeldPressure
    {
        $readings = [];
        foreach (array_chunk($values, 3) as $three) {
            if (count($three) === 3) {
                $readings[] = [
                    'hours' => $three[0], 'celsius' => $three[1], 'bar' => $three[2] / self::BAR, 'barometer' => HeldPressure::BAROMETER,
                ];
            }
        }

        return new HeldPressure($readings);
    }
}
