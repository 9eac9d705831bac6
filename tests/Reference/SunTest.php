<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Sun\Face;
use Ondergrond\Sun\Sky;
use Ondergrond\Sun\Sun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The sun against tables and worked examples of Duffie & Beckman, Solar Engineering of Thermal Processes, and of FAO-56; all from
 * memory.
 */
final class SunTest extends TestCase
{
    /** On level ground above the air over a day, added up by minutes, J/m². */
    private static function dayOutside(float $latitude, int $day): float
    {
        $sum = 0.0;
        for ($m = 0; $m < 1440; $m++) {
            $sum += 60 * Sun::extraterrestrial($day) * max(
                0.0,
                Sun::cosZenith($latitude, Sun::declination($day), Sun::hourAngle(($m + 0.5) / 60)),
            );
        }

        return $sum;
    }

    /** From south, west positive: what falls on an upright face to the west against one to the south. */
    private static function azimuth(float $latitude, float $declination, float $hourAngle): float
    {
        return atan2(
            Sun::cosIncidence($latitude, $declination, $hourAngle, M_PI / 2, M_PI / 2),
            Sun::cosIncidence($latitude, $declination, $hourAngle, M_PI / 2, 0.0),
        );
    }

    /**
     * @return iterable<string, array{int, float}> equinoxes, solstices and the days half-way between them: declinations of any almanac,
     * °
     */
    public static function declinations(): iterable
    {
        foreach ([
            35 => -16.3,
            80 => 0.0,
            126 => 16.5,
            172 => 23.44,
            220 => 16.2,
            266 => 0.0,
            311 => -16.3,
            355 => -23.44,
        ] as $day => $degrees) {
            yield "day {$day}" => [$day, $degrees];
        }
    }

    /** Cooper's shorter formula, as Duffie & Beckman's table 1.6.1 has it, is up to 1.5° off in autumn; Spencer's series is not. */
    #[DataProvider('declinations')]
    public function test_declination(int $day, float $degrees): void
    {
        self::assertEqualsWithDelta($degrees, rad2deg(Sun::declination($day)), 0.45);
        self::assertEqualsWithDelta(23.45 * sin(2 * M_PI * (284 + $day) / 365), rad2deg(Sun::declination($day)), 1.6);
    }

    public function test_solstices(): void
    {
        self::assertEqualsWithDelta(23.45, rad2deg(Sun::declination(172)), 0.05);
        self::assertEqualsWithDelta(-23.45, rad2deg(Sun::declination(355)), 0.05);
    }

    /** Example 1.6.1: Madison's latitude 43°, 13 February, half past ten, a face tilted 45° and turned 15° west of south: 35°. */
    public function test_incidence(): void
    {
        $cos = Sun::cosIncidence(deg2rad(43), Sun::declination(44), Sun::hourAngle(10.5), deg2rad(45), deg2rad(15));
        self::assertEqualsWithDelta(35.0, rad2deg(acos($cos)), 0.3);
    }

    /** Example 1.6.2: there, half past nine on 13 February: zenith 66.5°, azimuth −40.0°; half past six on 1 July: 79.6° and 112.0°. */
    public function test_where_the_sun_stands(): void
    {
        foreach ([[44, 9.5, 66.5, -40.0], [182, 18.5, 79.6, 112.0]] as [$day, $hour, $zenith, $azimuth]) {
            $d = Sun::declination($day);
            self::assertEqualsWithDelta($zenith, rad2deg(acos(Sun::cosZenith(deg2rad(43), $d, Sun::hourAngle($hour)))), 0.4);
            self::assertEqualsWithDelta($azimuth, rad2deg(self::azimuth(deg2rad(43), $d, Sun::hourAngle($hour))), 0.4);
        }
    }

    /** Example 1.10.1: 43°, 15 April: 33.8 MJ/m². FAO-56, example 8: 20° south, 3 September: 32.2 MJ/m². */
    public function test_a_day_above_the_air(): void
    {
        self::assertEqualsWithDelta(33.8, self::dayOutside(deg2rad(43), 105) / 1e6, 0.1);
        self::assertEqualsWithDelta(32.2, self::dayOutside(deg2rad(-20), 246) / 1e6, 0.5);
        self::assertSame(0.0, round(self::dayOutside(deg2rad(80), 355), 6), 'polar night');
    }

    /** FAO-56, example 9: 20° south, 3 September: the sun is up for 11.7 h. */
    public function test_the_length_of_a_day(): void
    {
        $up = 0;
        for ($m = 0; $m < 1440; $m++) {
            $up += Sun::cosZenith(deg2rad(-20), Sun::declination(246), Sun::hourAngle(($m + 0.5) / 60)) > 0.0 ? 1 : 0;
        }
        self::assertEqualsWithDelta(11.7, $up / 60, 0.08);
    }

    /** Kasten & Young 1989, table: 37.92 at the horizon, 5.58 at 10°, 1.994 at 30°, 1 overhead. */
    public function test_air_mass(): void
    {
        foreach ([0 => 37.92, 10 => 5.58, 30 => 1.994, 90 => 1.0] as $height => $mass) {
            self::assertEqualsWithDelta($mass, Sun::airMass(sin(deg2rad($height))), 0.003 * $mass);
        }
    }

    /** A clear day brings three quarters of what comes from outside (FAO-56, equation 37, at sea level), where the sun climbs high. */
    public function test_a_clear_day(): void
    {
        foreach ([0, 30, 45] as $latitude) {
            $sky = Sky::of($latitude, array_fill(0, 12, 0.5));
            foreach ([105, 172, 228] as $day) {
                self::assertEqualsWithDelta(
                    0.75,
                    $sky->clearDay($day) / self::dayOutside(deg2rad($latitude), $day),
                    0.06,
                    "{$latitude}°, day {$day}",
                );
            }
        }
        // Meinel & Meinel 1976: 947 W/m² through one air mass, of 1353.
        self::assertEqualsWithDelta(0.7, Sky::clear(80, 1.0)[0] / Sun::extraterrestrial(80), 1e-3);
    }

    /**
     * Days clear and covered bring together what Ångström's formula has: FAO-56, example 10: 7.1 of 10.9 h of sunshine let
     * 14.5 of 25.1 MJ/m² through.
     */
    public function test_clouds(): void
    {
        $share = 7.1 / 10.9;
        self::assertEqualsWithDelta(14.5 / 25.1, 0.75 * ($share + (1 - $share) * Sky::COVERED), 0.003);
        $sky = Sky::of(50.0, array_fill(0, 12, 0.4));
        $clear = count(array_filter(range(1, 365), $sky->isClear(...)));
        self::assertEqualsWithDelta(0.4, $clear / 365, 0.01);
        [[$beam, $scattered]] = $sky->on([Face::level()], 172, 12.0, true);
        [[$none, $dull]] = $sky->on([Face::level()], 172, 12.0, false);
        self::assertSame(0.0, $none);
        self::assertEqualsWithDelta(($beam + $scattered) / 3, $dull, 1e-9);
    }

    public function test_faces(): void
    {
        $sky = Sky::of(51.0, array_fill(0, 12, 0.5));
        [$south, $north, $east, $west] = [Face::upright(0.0), Face::upright(180.0), Face::upright(-90.0), Face::upright(90.0)];
        $day = static function (Face $f, int $n) use ($sky): float {
            $sum = 0.0;
            for ($h = 0; $h < 24; $h++) {
                [[$b, $s]] = $sky->on([$f], $n, $h + 0.5, true);
                $sum += $b + $s;
            }

            return $sum / 1000;
        };
        self::assertGreaterThan(4 * $day($north, 21), $day($south, 21), 'low winter sun comes from the south');
        self::assertGreaterThan($day($south, 172), $day($east, 172), 'in summer more falls on the east than on the south');
        self::assertEqualsWithDelta($day($east, 80), $day($west, 80), 1e-6);
        [[$morning]] = $sky->on([$west], 172, 8.0, true);
        self::assertSame(0.0, $morning);
        self::assertSame([[0.0, 0.0, 0.0]], $sky->on([$south], 172, 1.0, true), 'night');
        $below = Sky::of(-51.0, array_fill(0, 12, 0.5));
        [[$theirs]] = $below->on([$north], 172, 12.0, true);
        [[$ours]] = $sky->on([$south], 355, 12.0, true);
        self::assertEqualsWithDelta($ours, $theirs, 0.08 * $ours, 'south of the equator the noon sun stands in the north');
    }

    public function test_no_place_lies_beyond_the_poles(): void
    {
        try {
            Sky::of(95.0, array_fill(0, 12, 0.5));
            self::fail('latitude 95');
        } catch (FaultyInput $e) {
            self::assertSame('/latitude_deg: found 95°; allowed: -90 to 90° (the poles are at 90°)', $e->faults[0]->line());
        }
    }
}
