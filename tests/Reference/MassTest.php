<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Examples\Examples;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Mass\Branch;
use Ondergrond\Mass\Dynamic;
use Ondergrond\Mass\Forcing;
use Ondergrond\Mass\HeatLayer;
use Ondergrond\Mass\MassStack;
use Ondergrond\Mass\Question\WholeYear;
use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\RoomTemperatures;
use Ondergrond\Mass\Run;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\TransferMatrix;
use Ondergrond\Mass\Weather;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\RoomBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Layers under a swing and rooms through hours, against limiting cases, closed solutions and other ways of solving. */
final class MassTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float, float, array<string, float>}> hours, both films, and what numpy came to: independent
     * computation
     */
    public static function twoLayers(): iterable
    {
        yield 'a day, air to air' => [
            24.0,
            0.17,
            0.04,
            [
                'transmittance' => 0.3208,
                'admittance' => 5.087,
                'lead' => 1.151 * 3600,
                'periodic' => 0.09897,
                'decrement' => 0.3085,
                'lag' => 5.725 * 3600,
                'inner' => 70_270.0,
                'outer' => 5_235.0,
            ],
        ];
        yield 'a week, air to air' => [
            168.0,
            0.17,
            0.04,
            [
                'transmittance' => 0.3208,
                'admittance' => 2.164,
                'lead' => 27.35 * 3600,
                'periodic' => 0.2939,
                'decrement' => 0.9160,
                'lag' => 11.96 * 3600,
                'inner' => 207_400.0,
                'outer' => 15_170.0,
            ],
        ];
        yield 'a day, surface to surface' => [24.0, 0.0, 0.0, ['admittance' => 16.40, 'inner' => 226_500.0]];
    }

    /** @param  array<string, float>  $expected */
    #[DataProvider('twoLayers')]
    public function test_two_layers_as_computed_independently(float $hours, float $inside, float $outside, array $expected): void
    {
        $d = Dynamic::of(
            [HeatLayer::solid('concrete', 0.10, 2.0, 2.4e6), HeatLayer::solid('boards', 0.10, 0.035, 2.9e4)],
            3600 * $hours,
            $inside,
            $outside,
        );
        $found = get_object_vars($d);
        foreach ($expected as $what => $value) {
            self::assertEqualsWithDelta($value, $found[$what], 5e-4 * $value, $what);
        }
    }

    /** A thick layer answers as a half-space: |Y| = √(ωλρc), an eighth of a period ahead (Carslaw & Jaeger 1959, 2.6). */
    public function test_a_thick_layer_is_a_half_space(): void
    {
        $d = Dynamic::of([HeatLayer::solid('rock', 3.0, 3.5, 2.0e6)], 86_400.0, 0.0, 0.04);
        self::assertEqualsWithDelta(sqrt(2 * M_PI / 86_400 * 3.5 * 2.0e6), $d->admittance, 1e-6 * $d->admittance);
        self::assertEqualsWithDelta(3 * 3600.0, $d->lead, 1.0);
        self::assertLessThan(1e-4, $d->decrement);
        // So thick that its matrix would overflow: the same.
        $deep = Dynamic::of([HeatLayer::solid('rock', 20.0, 3.5, 2.0e6), HeatLayer::solid('rock', 20.0, 3.5, 2.0e6)], 3600.0, 0.0, 0.04);
        self::assertEqualsWithDelta(sqrt(2 * M_PI / 3600 * 3.5 * 2.0e6), $deep->admittance, 1e-6 * $deep->admittance);
    }

    /** A thin layer before much insulation stores all it has: κ = ρ c d; with hardly any store all comes through at once: f = 1. */
    public function test_a_thin_layer_stores_all_of_itself(): void
    {
        $lined = Dynamic::of([HeatLayer::solid('board', 0.0125, 0.25, 9e5), HeatLayer::film('wool', 50.0)], 86_400.0, 0.0, 0.0);
        self::assertEqualsWithDelta(0.0125 * 9e5, $lined->inner, 0.004 * 0.0125 * 9e5);
        $light = Dynamic::of([HeatLayer::solid('foam', 0.05, 0.035, 100.0)], 86_400.0, 0.13, 0.04);
        self::assertEqualsWithDelta(1.0, $light->decrement, 1e-4);
        self::assertEqualsWithDelta(0.0, $light->lag, 60.0);
        self::assertEqualsWithDelta($light->transmittance, $light->admittance, 1e-3 * $light->transmittance);
    }

    /** Cutting a layer in two changes nothing, and the lag of a thick one goes on past a period: x·√(ω/2α) (Carslaw & Jaeger 1959, 2.6). */
    public function test_lags_are_not_wrapped(): void
    {
        $whole = [HeatLayer::solid('soil', 1.2, 1.5, 3.0e6)];
        $cut = [HeatLayer::solid('soil', 0.5, 1.5, 3.0e6), HeatLayer::solid('soil', 0.7, 1.5, 3.0e6)];
        [$a, $b] = [TransferMatrix::of($whole, 86_400.0, 0.1, 0.04), TransferMatrix::of($cut, 86_400.0, 0.1, 0.04)];
        self::assertEqualsWithDelta($a->turned, $b->turned, 1e-9);
        self::assertEqualsWithDelta($a->z12->modulus(), $b->z12->modulus(), 1e-9 * $a->z12->modulus());
        $w = 2 * M_PI / 86_400;
        $more = Dynamic::of(
            [HeatLayer::solid('soil', 2.2, 1.5, 3.0e6)],
            86_400.0,
            0.1,
            0.04,
        )->lag - Dynamic::of($whole, 86_400.0, 0.1, 0.04)->lag;
        self::assertEqualsWithDelta(sqrt($w / 2 / (1.5 / 3.0e6)) / $w, $more, 5.0);
        self::assertGreaterThan(86_400.0, Dynamic::of([HeatLayer::solid('soil', 2.2, 1.5, 3.0e6)], 86_400.0, 0.1, 0.04)->lag);
    }

    /** Forty random stacks against matrix exponentials by scipy: independent computation. */
    public function test_random_stacks_against_matrix_exponentials(): void
    {
        $lot = new Randomizer(new Mt19937(13_786));
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * $lot->getInt(0, 1_000_000) / 1e6;
        $asked = $own = [];
        for ($i = 0; $i < 40; $i++) {
            $layers = $solid = [];
            for ($n = $lot->getInt(1, 5); $n > 0; $n--) {
                $solid[] = [$between(0.01, 0.35), exp($between(log(0.03), log(3.0))), exp($between(log(2e4), log(3e6)))];
                $layers[] = HeatLayer::solid('layer', ...end($solid));
            }
            $period = 3600 * exp($between(log(12), log(720)));
            [$in, $out] = [$between(0.0, 0.2), $between(0.0, 0.1)];
            $asked[] = ['layers' => $solid, 'period' => $period, 'inside' => $in, 'outside' => $out];
            $own[] = Dynamic::of($layers, $period, $in, $out);
        }
        foreach (self::ask(['stacks' => $asked])['stacks'] as $i => $theirs) {
            self::assertEqualsWithDelta($theirs['y11'], $own[$i]->admittance, 1e-6 * $theirs['y11'], "stack {$i}");
            self::assertEqualsWithDelta($theirs['y12'], $own[$i]->periodic, 1e-6 * $theirs['y12'] + 1e-12, "stack {$i}");
            self::assertEqualsWithDelta($theirs['kappa1'], $own[$i]->inner, 1e-6 * $theirs['kappa1'], "stack {$i}");
            self::assertEqualsWithDelta($theirs['kappa2'], $own[$i]->outer, 1e-6 * $theirs['kappa2'], "stack {$i}");
        }
    }

    /** A slab without resistance in it cools as e^(−t/RC): the lumped case of any textbook. */
    public function test_a_lumped_floor_decays_exponentially(): void
    {
        $room = self::steadyRoom([HeatLayer::solid('copper', 0.05, 380.0, 3.4e6), HeatLayer::film('nothing passes', 1e7)]);
        $run = self::free($room, 8.0, 20.0, 48);
        $rc = MassStack::FLOOR_R * 0.05 * 3.4e6;
        foreach ([6, 12, 24, 48] as $h) {
            self::assertEqualsWithDelta(20.0 - 12.0 * exp(-3600 * $h / $rc), $run->cells[$h - 1][0], 0.05, "{$h} h");
        }
    }

    /**
     * A concrete slab that takes heat from a room through a film, closed below: the series with ζ·tan ζ = Bi. For Bi 0.6 the
     * first term has ζ₁ 0.7051 and C₁ 1.0814 (Incropera & DeWitt, table 5.1, from memory).
     */
    public function test_a_slab_warms_as_the_series_has_it(): void
    {
        $thick = 0.6 * 2.0 * MassStack::FLOOR_R;
        $room = self::steadyRoom([HeatLayer::solid('concrete', $thick, 2.0, 2.4e6), HeatLayer::film('nothing passes', 1e7)]);
        $run = self::free($room, 10.0, 20.0, 60);
        foreach ([12, 24, 36, 60] as $h) {
            $fo = 2.0 / 2.4e6 * 3600 * $h / $thick ** 2;
            $share = 1.0814 * exp(-(0.7051 ** 2) * $fo);
            $depths = $run->model->branches[0]->depths;
            $back = $run->cells[$h - 1][count(array_filter($depths, static fn (float $d): bool => $d < $thick)) - 1];
            self::assertEqualsWithDelta(20.0 - 10.0 * $share, $back, 0.06, "back, {$h} h");
            self::assertEqualsWithDelta(
                20.0 - 10.0 * $share * cos(0.7051 * (1 - $depths[0] / $thick)),
                $run->cells[$h - 1][0],
                0.06,
                "face, {$h} h",
            );
        }
    }

    /** Cooling for five days, against a stiff solver with its own error control: independent computation. */
    public function test_a_room_cools_as_another_integrator_has_it(): void
    {
        foreach (['heat-storing-slab', 'heated-basement'] as $family) {
            $project = Examples::of($family) ?? self::fail('no such family');
            $room = Room::of($project->site, $project->options[0]->design);
            $days = (new Weather($room))->coldest(5);
            $dark = $days->but(sun: array_fill(0, 120, 0.0), set: array_fill(0, 120, null), surplus: array_fill(0, 120, 0.0));
            $start = self::even($room, 19.0);
            $run = Simulation::run($room, Regime::of($room), $dark, $start, true);
            $theirs = self::ask(['room' => [
                'branches' => array_map(
                    static fn (Branch $b, int $i): array => [...get_object_vars($b), 'film' => $room->film($i)],
                    $room->branches,
                    array_keys($room->branches),
                ),
                'outside' => $days->outside, 'beyond' => $days->beyond, 'direct' => $room->direct, 'capacity' => $room->capacity,
                'gains' => $room->site->room->gains * $room->area, 'start' => $start->cells, 'air' => $start->room,
            ]])['room'];
            foreach ([1, 6, 12, 24, 48, 72, 119] as $h) {
                self::assertEqualsWithDelta($theirs[$h][0], $run->room[$h], 0.06, "{$family}, room at {$h} h");
                self::assertEqualsWithDelta($theirs[$h][1], $run->cells[$h][0], 0.06, "{$family}, floor at {$h} h");
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function years(): iterable
    {
        foreach (['heat-storing-slab', 'insulated-screed-floor', 'heated-basement', 'vented-crawlspace'] as $family) {
            yield $family => [$family];
        }
    }

    /** No heat is lost or made: 0.1 % over a year is allowed. */
    #[DataProvider('years')]
    public function test_a_year_balances(string $family): void
    {
        $project = Examples::of($family) ?? self::fail('no such family');
        $year = WholeYear::ask(Room::of($project->site, $project->options[0]->design));
        $s = $year->runs['the year']->sums;
        self::assertLessThan(
            0.001,
            abs(
                $s['heat'] + $s['surplus'] + $s['sun'] + $s['gains'] - $s['out'] - $s['ground'] - $s['stored'],
            ) / ($s['out'] + abs($s['ground'])),
        );
        self::assertGreaterThan(0.0, $s['heat']);
        self::assertLessThan(3.0, abs($year->runs['the year']->sums['stored']) / $s['out'] * 100, 'the year ends much as it began');
    }

    /**
     * R_vi and θ_vi of ISO 13370:2007's coupling, by hand for the slab of case 1d: 1/U less film, board, slab and half a metre of
     * ground.
     */
    public function test_the_ground_is_coupled_as_the_standard_has_it(): void
    {
        // A design whose floor holds R 4.0: A 120, P 44, λ 1.5, w 0.3 give U 0.1647 (independent computation).
        $project = Examples::of('thickened-edge-slab') ?? self::fail('no such family');
        $room = Room::of($project->site, $project->options[0]->design);
        $floor = $room->branches[0];
        $r = $floor->near + MassStack::FLOOR_R + $floor->area / $floor->far;
        foreach ($floor->conductances as $g) {
            $r += $floor->area / $g;
        }
        $heat = HeatVerdict::of($project->site, $project->options[0]->design)->floor;
        self::assertEqualsWithDelta(1 / $heat->transmittance(), $r, 1e-6, 'from air to the virtual temperature it is 1/U');
        foreach ($heat->monthly as $i => $flow) {
            self::assertEqualsWithDelta(
                $flow,
                $floor->area / $r * ($project->site->indoor - $room->virtual[$i]),
                1e-6,
                'and a steady room loses what the month does',
            );
        }
    }

    /** @param  list<HeatLayer>  $layers */
    private static function steadyRoom(array $layers): Room
    {
        $design = Families::all()['stem-wall-slab']->preset(Footprint::rectangle(10, 8), UnitSystem::Metric);
        // So much in it that it stays as warm as it is.
        $site = new Site('nowhere', ClimateSamples::all()['river-plain'], Soil::ClayOrSilt, room: new RoomBasis(contents: 1e9, gains: 0.0));

        return Room::of($site, $design)->onFloor($layers, null);
    }

    private static function even(Room $room, float $t): RoomTemperatures
    {
        $layers = array_map(static fn (Branch $b): array => array_fill(0, count($b->capacities), $t), $room->branches);

        return new RoomTemperatures($t, $layers);
    }

    private static function free(Room $room, float $floor, float $air, int $hours): Run
    {
        $start = self::even($room, $air);
        $cells = $start->cells;
        $cells[0] = array_fill(0, count($cells[0]), $floor);
        $flat = static fn (float $t): array => array_fill(0, $hours, $t);

        return Simulation::run(
            $room, Regime::of($room), new Forcing($flat($air), $flat($air), $flat(0.0), array_fill(0, $hours, null), $flat(0.0)),
            new RoomTemperatures($air, $cells), true,
        );
    }

    /**
     * @param  array<string, mixed>  $cases
     * @return array<string, mixed>
     */
    private static function ask(array $cases): array
    {
        $process = new Process(['/usr/bin/python3', __DIR__.'/independent/mass.py'], input: json_encode($cases, JSON_THROW_ON_ERROR));
        $process->setTimeout(120)->mustRun();

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
