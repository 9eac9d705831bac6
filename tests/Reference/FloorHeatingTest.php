<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\HeatBy;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Heating;
use Ondergrond\Examples\Examples;
use Ondergrond\FloorHeating\CellProof;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\FloorHeating\Loops;
use Ondergrond\FloorHeating\Output;
use Ondergrond\FloorHeating\PipeCell;
use Ondergrond\FloorHeating\TypeA;
use Ondergrond\FloorHeating\Water;
use Ondergrond\Mass\HeatLayer;
use Ondergrond\Mass\PipeGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Heated floors against EN 1264-2, an independent computation, a field, and handbook values of water; all from memory. */
final class FloorHeatingTest extends TestCase
{
    private static function heating(float $spacing = 0.15, float $over = 0.045): Heating
    {
        return new Heating(HeatedIn::Screed, $over + 0.008, spacing: $spacing, pipe: 0.016, pipeWall: 0.002, supply: 35.0, waterDrop: 5.0);
    }

    /** Independent computation with the standard's table values: 15 cm, 45 mm of 1.2 W/(m·K), covering 0.10, water 35/30, room 20. */
    public function test_a_floor_as_computed_independently(): void
    {
        $a = TypeA::covered(self::heating(), 0.045, 1.2, 0.10) ?? self::fail('it is in range');
        self::assertEqualsWithDelta(0.5980, $a->coverFactor, 5e-5);
        self::assertEqualsWithDelta(3.368, $a->coefficient, 5e-4);
        $excess = Output::excess(35.0, 30.0, 20.0);
        self::assertEqualsWithDelta(12.33, $excess, 5e-3);
        self::assertEqualsWithDelta(41.53, $a->coefficient * $excess, 5e-3);
        self::assertEqualsWithDelta(24.05, 20.0 + Output::over($a->coefficient * $excess), 5e-3);
    }

    /**
     * EN 1264-2:2008, 6.2, for other pipes (from memory): 1/B = 1/B₀ + 1.1/π·Π·T·[ln(d/(d − 2s))/(2λ) − the same of 2 mm],
     * by hand for 16 × 2.5 mm.
     */
    public function test_another_wall_of_the_pipe(): void
    {
        $of = static fn (float $wall): float => (
            TypeA::covered(new Heating(HeatedIn::Screed, 0.053, spacing: 0.15, pipe: 0.016, pipeWall: $wall), 0.045, 1.2, 0.0)
            ?? throw new \LogicException
        )->coefficient;
        $more = 1.1 * 0.15 / M_PI * (log(16 / 11) - log(16 / 12)) / (2 * 0.35);
        self::assertEqualsWithDelta(1 / $of(0.002) + $more, 1 / $of(0.0025), 1e-9);
    }

    /** EN 1264-2: 100 W/m² at 9 K, where people stay and in bathrooms, 175 W/m² at 15 K along walls. */
    public function test_the_basic_curve(): void
    {
        self::assertEqualsWithDelta(100.0, Output::output(9.0), 0.1);
        self::assertEqualsWithDelta(175.4, Output::output(15.0), 0.1);
        self::assertEqualsWithDelta(9.0, Output::over(Output::output(9.0)), 1e-9);
        self::assertSame([29.0, 35.0, 33.0], [Output::STAY, Output::EDGE, Output::BATH]);
        self::assertEqualsWithDelta(10.0, Output::excess(30.0, 30.0, 20.0), 1e-9, 'no drop: the water itself');
        self::assertEqualsWithDelta(0.0, Output::excess(20.0, 15.0, 20.0), 1e-9, 'water no warmer than the room');
        // Supply 35 °C, room 18 °C: as the return falls to the room the logarithmic mean goes to nothing, and stays there.
        foreach ([[16.9, 16.9 / log(170.0)], [16.99, 16.99 / log(1700.0)], [17.0, 0.0], [17.1, 0.0], [20.0, 0.0]] as [$drop, $excess]) {
            self::assertEqualsWithDelta($excess, Output::excess(35.0, 35.0 - $drop, 18.0), 1e-6);
        }
        self::assertGreaterThan(Output::excess(35.0, 18.1, 18.0), Output::excess(36.0, 19.1, 18.0), 'hotter water never gives less');
    }

    /** @return iterable<string, array{float, float, float}> spacing, cover, covering */
    public static function floors(): iterable
    {
        foreach ([
            [0.10, 0.045, 0.0], [0.10, 0.045, 0.05], [0.15, 0.045, 0.0], [0.15, 0.045, 0.10], [0.15, 0.03, 0.15],
            [0.20, 0.065, 0.0], [0.20, 0.045, 0.10], [0.30, 0.045, 0.0], [0.30, 0.06, 0.10],
        ] as $f) {
            yield vsprintf('%.2f m, %.3f m, R %.2f', $f) => $f;
        }
    }

    /**
     * The field from pipe to pipe, which knows nothing of the standard's tables, comes within 11 %; the warmest place lies within 0.15 K
     * of the series of line sources.
     */
    #[DataProvider('floors')]
    public function test_the_field_and_the_standard_agree(float $spacing, float $over, float $covering): void
    {
        $heating = self::heating($spacing, $over);
        $k = (TypeA::covered($heating, $over, 1.2, $covering) ?? self::fail('it is in range'))->coefficient;
        $layers = [
            HeatLayer::film('covering', $covering),
            HeatLayer::solid('screed', $over + 0.016, 1.2, 2e6),
            HeatLayer::solid('boards', 0.1, 0.035, 3e4),
        ];
        $cell = PipeCell::of($heating, $layers, 50.0);
        self::assertEqualsWithDelta($k, $cell->up(1.0, 0.0), 0.11 * $k);
        $ends = PipeGrid::ends($heating, 1.2, $over + 0.008, $over + 0.016, 1 / (1 / TypeA::ALPHA + $covering));
        $network = 1 / (PipeGrid::resistance($heating, 1.2) + $ends + ($over + 0.008) / 1.2 + $covering + 1 / TypeA::ALPHA);
        self::assertEqualsWithDelta($cell->up(1.0, 0.0), $network, 0.04 * $network, 'resistances that know where the layer ends');
        self::assertGreaterThanOrEqual($cell->surface(15.0, 0.0), $cell->warmest(15.0, 0.0));
        // What the pipe gives goes up or down.
        self::assertGreaterThan($cell->up(10.0, 0.0), $cell->out(10.0, 0.0));
    }

    /** Wider apart, less output and wider stripes; beyond the table's range the standard says nothing. */
    public function test_where_the_standard_ends(): void
    {
        self::assertNull(TypeA::covered(self::heating(0.45), 0.045, 1.2, 0.0));
        self::assertNull(TypeA::covered(self::heating(0.15, 0.2), 0.2, 1.2, 0.0), 'a cover of 200 mm');
        $project = Examples::of('heat-storing-slab') ?? self::fail('no such family');
        self::assertNull((HeatedFloor::of($project->site, $project->options[0]->design) ?? self::fail('it is heated'))->standard);
        $thick = TypeA::covered(self::heating(), 0.065, 1.2, 0.0) ?? self::fail('in range');
        $thin = TypeA::covered(self::heating(), 0.045, 1.2, 0.0) ?? self::fail('in range');
        self::assertLessThan($thin->coefficient, $thick->coefficient);
    }

    /** @return iterable<string, array{string, float, HeatBy}> */
    public static function designs(): iterable
    {
        foreach (['heat-storing-slab', 'insulated-screed-floor'] as $family) {
            yield "{$family}, pipes" => [$family, 0.15, HeatBy::Pipes];
            yield "{$family}, pipes apart" => [$family, 0.25, HeatBy::Pipes];
            yield "{$family}, cable" => [$family, 0.20, HeatBy::Cable];
        }
    }

    /** What is said at once by resistances and the series, against the field: output within 6 %, the warmest place within 0.5 K. */
    #[DataProvider('designs')]
    public function test_what_is_said_at_once_the_field_says_too(string $family, float $spacing, HeatBy $by): void
    {
        $project = Examples::of($family) ?? self::fail('no such family');
        $design = $project->options[0]->design;
        $design = $design->with(
            ['heating' => $design->heating->but(spacing: $spacing, by: $by, pipe: $by === HeatBy::Cable ? 0.007 : 0.016, power: 80.0)],
        );
        $floor = HeatedFloor::of($project->site, $design) ?? self::fail('it is heated');
        $proof = CellProof::of($project->site, $design) ?? self::fail('it is heated');
        self::assertEqualsWithDelta($proof->output, $floor->output, 0.07 * $proof->output);
        self::assertEqualsWithDelta($proof->given, $floor->given, 0.07 * $proof->given);
        self::assertEqualsWithDelta($proof->warmest, $floor->warmest, 0.5);
        self::assertGreaterThan($proof->plainLoss, $proof->heatedLoss, 'a hot slab loses more downward');
        if ($by === HeatBy::Cable) {
            self::assertEqualsWithDelta(80.0, $proof->given, 0.01, 'a cable gives what it is made for');
            self::assertEqualsWithDelta($proof->cable ?? 0.0, $floor->cable ?? 0.0, 2.5);
        } else {
            self::assertEqualsWithDelta($proof->waterNeeded ?? 0.0, $floor->waterNeeded ?? 0.0, 0.6);
        }
    }

    /** Handbook values: density 998.2 and 992.2 kg/m³ and viscosity 1.002 and 0.653 mPa·s at 20 and 40 °C. */
    public function test_water(): void
    {
        self::assertEqualsWithDelta(998.2, Water::density(20.0), 0.1);
        self::assertEqualsWithDelta(992.2, Water::density(40.0), 0.2);
        self::assertEqualsWithDelta(1.002e-3, Water::viscosity(20.0), 0.01e-3);
        self::assertEqualsWithDelta(0.653e-3, Water::viscosity(40.0), 0.007e-3);
    }

    /** Slow water goes by Hagen & Poiseuille, 128 µ Q / (π d⁴); fast by the smooth line of Moody's chart, f 0.0180 at Re 10⁵. */
    public function test_friction(): void
    {
        $d = 0.012;
        $v = 0.05;
        self::assertEqualsWithDelta(
            128 * Water::viscosity(30.0) * $v * M_PI * $d ** 2 / 4 / (M_PI * $d ** 4),
            Water::friction($v, $d, 30.0),
            1e-9,
        );
        $v = 1e5 * Water::viscosity(30.0) / Water::density(30.0) / $d;
        self::assertEqualsWithDelta(0.0180, Water::friction($v, $d, 30.0) * $d / (Water::density(30.0) * $v ** 2 / 2), 0.0003);
        self::assertGreaterThan(Water::friction(0.15, $d, 30.0), Water::friction(0.2, $d, 30.0));
    }

    /**
     * By hand: 84 m² at 150 mm are 560 m; in loops of 84 m and 6 m to the manifold seven of 86 m. 2 kW at 5 K are 5.77 l/min at 992
     * kg/m³ (4180 J/(kg·K)).
     */
    public function test_loops(): void
    {
        $loops = Loops::of(self::heating(), 84.0, 2000.0);
        self::assertSame([7, 7], [$loops->perZone, $loops->count()]);
        self::assertEqualsWithDelta(86.0, $loops->length, 1e-9);
        self::assertEqualsWithDelta(602.0, $loops->pipe(), 1e-9);
        self::assertEqualsWithDelta(2000.0 / (4180 * 5) / Water::density(32.5) * 60_000, $loops->total() * 60_000, 1e-6);
        self::assertEqualsWithDelta(5.77, $loops->total() * 60_000, 0.02);
        $zoned = Loops::of(self::heating()->but(zones: 3.0), 84.0, 2000.0);
        self::assertSame([3, 9], [$zoned->zones, $zoned->count()]);
        // The trade's figure: 2,000 ft in a basement in loops of 300 ft at most; common practice, no source.
        self::assertEqualsWithDelta(300 * 0.3048, Heating::LOOP, 1.5);
    }
}
