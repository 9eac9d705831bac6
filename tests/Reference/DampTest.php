<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Damp\DampMonth;
use Ondergrond\Damp\DampYear;
use Ondergrond\Damp\Drying;
use Ondergrond\Damp\Evaporation;
use Ondergrond\Damp\Groundwater;
use Ondergrond\Damp\Tangent;
use Ondergrond\Damp\Vapour;
use Ondergrond\Damp\VapourLayer;
use Ondergrond\Damp\VapourStack;
use Ondergrond\Site\HumidityClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** The sums of damp against published figures and against computations made independently with numpy and scipy. */
final class DampTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float}> °C and Pa: IAPWS-95 over water and IAPWS 2011 over ice, as steam tables and ASHRAE
     * Fundamentals print them (from memory)
     */
    public static function steam(): iterable
    {
        yield 'ice, −30' => [-30.0, 38.0];
        yield 'ice, −20' => [-20.0, 103.2];
        yield 'ice, −10' => [-10.0, 259.9];
        yield 'ice, −5' => [-5.0, 401.7];
        yield 'triple point' => [0.01, 611.66];
        yield 'five' => [5.0, 872.6];
        yield 'ten' => [10.0, 1228.2];
        yield 'fifteen' => [15.0, 1705.7];
        yield 'twenty' => [20.0, 2339.3];
        yield 'twenty-five' => [25.0, 3169.9];
        yield 'thirty' => [30.0, 4247.0];
        yield 'forty' => [40.0, 7384.9];
    }

    #[DataProvider('steam')]
    public function test_saturation_is_that_of_steam_tables(float $temperature, float $pressure): void
    {
        // The standard's own formula: within 0.3 % over water, 1.1 % over ice.
        self::assertEqualsWithDelta($pressure, Vapour::saturation($temperature), ($temperature < 0.0 ? 0.011 : 0.003) * $pressure);
        self::assertEqualsWithDelta($temperature, Vapour::dewPoint(Vapour::saturation($temperature)), 1e-6, 'and back');
    }

    /**
     * ISO 13788:2012 prints 2337 Pa at 20 °C and, at 80 % of it, asks for 12.6 °C where the air holds 50 % (as DIN 4108-2, 6.2: both
     * from memory).
     */
    public function test_the_surface_factor_of_the_german_standard(): void
    {
        self::assertEqualsWithDelta(2337.0, Vapour::saturation(20.0), 0.5);
        $least = Vapour::dewPoint(0.5 * Vapour::saturation(20.0) / 0.8);
        self::assertEqualsWithDelta(12.6, $least, 0.05);
        self::assertEqualsWithDelta(0.70, ($least + 5.0) / (20.0 + 5.0), 0.005, 'f for −5 °C outside');
        self::assertEqualsWithDelta(9.3, Vapour::dewPoint(0.5 * Vapour::saturation(20.0)), 0.05, 'dew point of 20 °C and 50 %');
    }

    /**
     * ASTM E96: one perm is 57.2 ng/(s·m²·Pa). 6 mil polyethylene has 0.06 perm (ASHRAE Fundamentals) and s_d 50 m (ISO 10456), both
     * from memory.
     */
    public function test_perms(): void
    {
        // A grain in an hour through a square foot for an inch of mercury, from its definition.
        self::assertEqualsWithDelta(64.79891e-6 / 3600 / 0.3048 ** 2 / 3386.39, Vapour::PERM, 2e-15);
        self::assertEqualsWithDelta(57.2e-12, Vapour::PERM, 0.05e-12);
        self::assertEqualsWithDelta(0.06, Vapour::perms(50.0), 0.011);
        self::assertEqualsWithDelta(2e-10 / 57.2e-12, Vapour::perms(1.0), 0.002);
    }

    /** ISO 13788:2012, annex A (from memory): upper limits at 0 °C and below, nothing from 20 °C on. */
    public function test_humidity_classes(): void
    {
        self::assertSame(
            [270.0, 540.0, 810.0, 1080.0, 1360.0],
            array_map(static fn (HumidityClass $c): float => $c->excessAt(-12.0), HumidityClass::cases()),
        );
        self::assertSame(405.0, HumidityClass::Dwelling->excessAt(10.0));
        self::assertSame(0.0, HumidityClass::Wet->excessAt(24.0));
    }

    /**
     * @return iterable<string, array{list<VapourLayer>, float, float, float}> layers put in, interface pressure where nothing limits it,
     * condensate in a month, delta
     */
    public static function basementWall(): iterable
    {
        yield 'without a sheet' => [[], 1165.0, 0.8723, 0.0001];
        yield 'with an inner sheet of 50 m' => [[new VapourLayer('sheet', 0.0002, 0.0, 50.0)], 914.2, 0.002685, 0.000001];
    }

    /**
     * Independent computation: gypsum, wool and concrete against soil at 4 °C, 20 °C and 50 % inside, 744 hours.
     *
     * @param  list<VapourLayer>  $sheet
     */
    #[DataProvider('basementWall')]
    public function test_condensation_in_a_lined_basement_wall(array $sheet, float $unlimited, float $month, float $delta): void
    {
        [$inside, $soil] = [0.5 * Vapour::saturation(20.0), Vapour::saturation(4.0)];
        self::assertEqualsWithDelta(1168.0, $inside, 0.5);
        self::assertEqualsWithDelta(812.8, $soil, 0.05);
        $stack = VapourStack::of([
            new VapourLayer('gypsum', 0.0125, 0.0125 / 0.25, 8 * 0.0125), ...$sheet,
            new VapourLayer('wool', 0.1, 0.1 / 0.035, 0.1), new VapourLayer('concrete', 0.2, 0.1, 20.0),
        ], 0.13, 0.0, array_fill(0, 12, new DampMonth(20.0, $inside, 4.0, $soil)));
        self::assertNotNull($stack);
        $last = count($stack->s) - 1;
        self::assertEqualsWithDelta(4.510, $stack->temperatures($stack->months[0])[$last - 1], 0.0005);
        $p = Tangent::of([0.0, $stack->s[$last - 1], $stack->s[$last]], [9e9, 9e9, 9e9], $inside, $soil)[0];
        self::assertEqualsWithDelta($unlimited, $p[1], 0.5);
        $year = DampYear::of($stack);
        self::assertSame([$last - 1], array_keys($year->condensed), 'at the concrete’s face alone');
        self::assertSame('between wool and concrete', $stack->place($last - 1));
        self::assertEqualsWithDelta($month, $year->condensed[$last - 1][0], $delta);
        self::assertFalse($year->dries());
        self::assertEqualsWithDelta($month / 744 * 8760, $year->left, 40 * $delta, 'and never dries');
    }

    /** Random stacks, half of them already wet somewhere, against scipy's bounded least squares. */
    public function test_another_solver_draws_the_same_string(): void
    {
        $random = new Randomizer(new Mt19937(13788));
        $cases = $ours = [];
        for ($i = 0; $i < 120; $i++) {
            $cuts = $random->getInt(3, 14);
            $s = [0.0];
            $full = [Vapour::saturation(self::between($random, 10.0, 24.0))];
            for ($k = 1; $k < $cuts; $k++) {
                $s[] = $s[$k - 1] + 10.0 ** self::between($random, -2.0, 1.3);
                $full[] = Vapour::saturation(self::between($random, -10.0, 22.0));
            }
            [$first, $last] = [self::between($random, 200.0, 2200.0), self::between($random, 200.0, 1500.0)];
            $cases[] = ['way' => 'glaser', 's' => $s, 'saturation' => $full, 'first' => $first, 'last' => $last];
            $ours[] = Tangent::of($s, $full, $first, $last);
        }
        $condensing = 0;
        foreach (self::ask($cases) as $i => $theirs) {
            [$p, $rates] = $ours[$i];
            foreach ($theirs['p'] as $k => $value) {
                self::assertEqualsWithDelta($value, $p[$k], 0.01, "stack {$i}, cut {$k}");
            }
            foreach ($theirs['rates'] as $k => $rate) {
                // Their rate is the kink; where nothing comes free there is none.
                self::assertEqualsWithDelta($rate, $rates[$k + 1] ?? 0.0, 1e-12 + 1e-4 * abs($rate), "stack {$i}, cut {$k}");
                $condensing += $rate > 1e-11 ? 1 : 0;
            }
        }
        self::assertGreaterThan(60, $condensing, 'enough of them are wet');
    }

    /** A cut that holds water parts the stack in two, each a stack of its own. */
    public function test_a_wet_cut_parts_the_stack(): void
    {
        $s = [0.0, 1.0, 3.0, 4.0];
        $full = [2300.0, 1500.0, 1400.0, 1000.0];
        [$p, $rates] = Tangent::of($s, $full, 700.0, 600.0, [2 => true]);
        self::assertSame(1400.0, $p[2]);
        self::assertEqualsWithDelta(700.0 + 700.0 / 3, $p[1], 1e-9);
        self::assertEqualsWithDelta(2e-10 * (-800.0 - 700.0 / 3), $rates[2], 1e-18, 'it dries to both sides');
        self::assertArrayNotHasKey(1, $rates);
    }

    /** What comes less what goes is what lies there, in every month, however cuts fall dry. */
    public function test_water_is_neither_made_nor_lost(): void
    {
        $random = new Randomizer(new Mt19937(6));
        for ($i = 0; $i < 40; $i++) {
            $layers = [];
            for ($k = 0; $k < $random->getInt(2, 5); $k++) {
                $layers[] = new VapourLayer(
                    "layer {$k}",
                    0.1,
                    self::between($random, 0.02, 3.0),
                    10.0 ** self::between($random, -1.5, 1.5),
                );
            }
            $months = [];
            for ($m = 0; $m < 12; $m++) {
                $out = 8.0 - 14.0 * cos(2 * M_PI * $m / 12);
                $months[] = new DampMonth(20.0, 0.8 * Vapour::saturation($out) + 900.0, $out, 0.8 * Vapour::saturation($out));
            }
            $stack = VapourStack::of($layers, 0.13, 0.04, $months);
            self::assertNotNull($stack);
            $year = DampYear::of($stack);
            $left = 0.0;
            foreach ($year->condensed as $cut => $by) {
                self::assertGreaterThanOrEqual(0.0, min([0.0, ...$year->held[$cut]]));
                self::assertEqualsWithDelta($year->held[$cut][((int) $year->start + 10) % 12], array_sum($by), 1e-9);
                $left += array_sum($by);
            }
            self::assertEqualsWithDelta($left, $year->left, 1e-9);
        }
    }

    /**
     * Uno 1998: 30.6 °C concrete, 26.7 °C air, 50 %, 19.3 km/h give 1.14 (independent computation); the nomograph of ACI 305R prints
     * 0.25 lb/(ft²h) for the same day (from memory).
     */
    public function test_evaporation(): void
    {
        $day = Evaporation::of(30.6, 26.7, 0.5, 19.3 / 3.6);
        self::assertEqualsWithDelta(1.14, $day->rate, 0.005);
        self::assertEqualsWithDelta(0.25 * 4.88243, $day->rate, 0.1);
        self::assertSame('fails', $day->word()->value);
        self::assertSame('holds', Evaporation::of(15.0, 12.0, 0.8, 1.0)->word()->value);
        self::assertSame(0.0, Evaporation::of(5.0, 30.0, 1.0, 5.0)->rate, 'damp air over cold concrete gives none');
    }

    /** A metre of water presses with 9.81 kPa. */
    public function test_head(): void
    {
        self::assertEqualsWithDelta(998.2 * 9.80665 / 1000, Groundwater::WEIGHT, 0.025);
    }

    /** Fourier's series against implicit steps; and the trade's month for an inch (common practice, no source). */
    public function test_drying(): void
    {
        $inch = Drying::slab(0.1, false, 0.5, 0.5);
        self::assertEqualsWithDelta(4 * 30.4, (float) $inch->daysTo(0.85), 1.0, 'four inches in four months');
        // What moves 15 % slower takes 1 ÷ 0.85 as long (ash in the mix: common practice, no source).
        self::assertEqualsWithDelta(
            (float) $inch->daysTo(0.85) / 0.85, (float) Drying::slab(0.1, false, 0.5, 0.5, 20.0, 0.3)->daysTo(0.85), 0.1,
        );
        $slabs = [Drying::slab(0.1, false, 0.5, 0.5), Drying::slab(0.2, true, 0.6, 0.6, 15.0), Drying::slab(0.15, false, 0.4, 0.4, 22.0)];
        $cases = [];
        foreach ($slabs as $slab) {
            $length = $slab->both ? $slab->thickness / 2 : $slab->thickness;
            // ASTM F2170: read at 40 % of the depth, or at 20 % where both faces are open (from memory).
            $from = $slab->both ? 0.3 * $slab->thickness : 0.6 * $slab->thickness;
            $cases[] = [
                'way' => 'drying',
                'length' => $length,
                'diffusivity' => $slab->diffusivity,
                'start' => $slab->start,
                'air' => $slab->air,
                'days' => 90,
                'from' => $from,
            ];
        }
        foreach (self::ask($cases) as $i => $theirs) {
            self::assertEqualsWithDelta($theirs['humidity'], $slabs[$i]->humidity(90.0), 0.0005);
        }
        self::assertEqualsWithDelta(
            4 * (float) $inch->daysTo(0.85),
            (float) Drying::slab(0.2, false, 0.5, 0.5)->daysTo(0.85),
            1.0,
            'twice as thick takes four times as long',
        );
        self::assertNull(Drying::slab(0.1, false, 0.5, 0.8)->daysTo(0.75), 'never in air that damp');
    }

    private static function between(Randomizer $random, float $low, float $high): float
    {
        return $low + ($high - $low) * $random->getInt(0, 1_000_000) / 1e6;
    }

    /**
     * @param  list<array<string, mixed>>  $cases
     * @return list<array<string, mixed>>
     */
    private static function ask(array $cases): array
    {
        $process = new Process(['/usr/bin/python3', __DIR__.'/independent/glaser.py'], input: json_encode($cases, JSON_THROW_ON_ERROR));
        $process->mustRun();

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
