<?php

declare(strict_types=1);

namespace Tests\Reference;

use DomainException;
use Ondergrond\Heat\EdgeInsulation;
use Ondergrond\Heat\EdgeKind;
use Ondergrond\Heat\PeriodicSlab;
use Ondergrond\Heat\SlabOnGround;
use Ondergrond\Heat\YearlyFlow;
use Ondergrond\Site\AnnualWave;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** ISO 13370:2007, slab on ground. */
final class Iso13370Test extends TestCase
{
    /**
     * Ground-floor U-values on clay, w = 0.3 m, no insulation, by exposed perimeter ÷ area: the table printed in design
     * guides from the standard's formulas (from memory; recomputed independently to these two decimals).
     *
     * @return iterable<string, array{float, float}>
     */
    public static function groundFloorTable(): iterable
    {
        foreach ([
            '0.1' => 0.22,
            '0.2' => 0.37,
            '0.3' => 0.49,
            '0.4' => 0.60,
            '0.5' => 0.70,
            '0.6' => 0.78,
            '0.8' => 0.93,
            '1.0' => 1.05,
        ] as $ratio => $u) {
            yield "P/A {$ratio}" => [(float) $ratio, $u];
        }
    }

    #[DataProvider('groundFloorTable')]
    public function test_ground_floor_table(float $ratio, float $u): void
    {
        $slab = SlabOnGround::of(250.0, 250.0 * $ratio, 0.3, 1.5, 0.0);
        self::assertSame(number_format($u, 2), number_format($slab->transmittance(), 2));
    }

    /** Independent computation (numpy), case 1a to 1c: A 120, P 44, λ 1.5, w 0.3, R_f 1.5; edge R 2.0, 70 mm. */
    public function test_edge_insulation(): void
    {
        $across = self::across();
        $down = self::down();
        $one = self::slab([$across]);
        self::assertEqualsWithDelta(5.455, $one->characteristicDimension(), 5e-4);
        self::assertEqualsWithDelta(2.865, $one->equivalentThickness(), 5e-4);
        self::assertEqualsWithDelta(0.2915, $one->transmittanceWithoutEdge(), 5e-5);
        self::assertEqualsWithDelta(2.930, $across->additionalThickness(1.5), 5e-4);
        self::assertEqualsWithDelta(-0.04375, $one->edgeCorrection(), 5e-6);
        self::assertEqualsWithDelta(0.2754, $one->transmittance(), 5e-5);

        $other = self::slab([$down]);
        self::assertEqualsWithDelta(-0.06694, $other->edgeCorrection(), 5e-6);
        self::assertEqualsWithDelta(0.2669, $other->transmittance(), 5e-5);

        foreach ([[$across, $down], [$down, $across]] as $both) {
            self::assertSame($down, self::slab($both)->edge, 'the better one, never the sum');
            self::assertEqualsWithDelta(0.2669, self::slab($both)->transmittance(), 5e-5);
        }
    }

    /** Independent computation, case 1d: d_t ≥ B′ takes the other formula (the first would give 0.1615). */
    public function test_well_insulated_floor(): void
    {
        $slab = SlabOnGround::of(120.0, 44.0, 0.3, 1.5, 4.0);
        self::assertEqualsWithDelta(6.615, $slab->equivalentThickness(), 5e-4);
        self::assertEqualsWithDelta(0.1647, $slab->transmittance(), 5e-5);
    }

    /** Independent computation, case 5: slab 1b, ρc 3.0e6, inside 20 ± 1.5 °C, outside 8 ± 10 °C, coldest January. */
    public function test_monthly_flow(): void
    {
        $slab = self::slab([self::down()]);
        $periodic = new PeriodicSlab($slab, 3.0e6);
        self::assertEqualsWithDelta(2.239, $periodic->penetrationDepth(), 5e-4);
        self::assertEqualsWithDelta(32.03, $slab->steadyCoefficient(), 5e-3);
        self::assertEqualsWithDelta(43.49, $periodic->insideCoefficient(), 5e-3);
        self::assertEqualsWithDelta(11.90, $periodic->outsideCoefficient(), 5e-3);

        $flow = new YearlyFlow(
            $slab->steadyCoefficient(), $periodic->insideCoefficient(), $periodic->outsideCoefficient(), 20.0, 1.5,
            AnnualWave::of(8.0, 10.0, 1.0),
        );
        foreach ([1 => 422.2, 2 => 446.8, 4 => 443.8, 8 => 321.9] as $month => $watts) {
            self::assertEqualsWithDelta($watts, $flow->monthly()[$month - 1], 0.05);
        }
        self::assertEqualsWithDelta(384.4, $flow->mean(), 0.05);
        self::assertEqualsWithDelta(384.4, array_sum($flow->monthly()) / 12, 0.05);

        $searched = max(array_map(static fn (int $i): float => $flow->inMonth($i / 1000), range(1000, 13000)));
        self::assertEqualsWithDelta($searched, $flow->peak(), 0.01, 'the closed form of the peak against a fine search');
    }

    /** Annex B: an edge layer that displaces more than it insulates is not counted, and one past all sense refused. */
    public function test_edge_that_does_not_help(): void
    {
        $poor = new EdgeInsulation(EdgeKind::Vertical, 0.5, 0.02, 0.10);
        self::assertLessThan(0.0, $poor->additionalThickness(1.5));
        self::assertNull(self::slab([$poor])->edge);

        $this->expectException(DomainException::class);
        SlabOnGround::of(120.0, 44.0, 0.05, 1.5, 0.0, [new EdgeInsulation(EdgeKind::Vertical, 0.5, 0.0, 0.6)]);
    }

    /** Where both are right, a strip whose depth is 0 or whose layer is the ground's own changes nothing. */
    public function test_limits_of_the_edge_formula(): void
    {
        $none = self::slab([])->transmittance();
        $likeGround = new EdgeInsulation(EdgeKind::Horizontal, 1.0, 0.3 / 1.5, 0.3);
        $noDepth = new EdgeInsulation(EdgeKind::Vertical, 0.0, 5.0, 0.1);
        self::assertEqualsWithDelta($none, self::slab([$likeGround])->transmittance(), 1e-12);
        self::assertEqualsWithDelta($none, self::slab([$noDepth])->transmittance(), 1e-12);
        self::assertEqualsWithDelta(
            (new PeriodicSlab(self::slab([]), 3.0e6))->outsideCoefficient(),
            (new PeriodicSlab(self::slab([$noDepth]), 3.0e6))->outsideCoefficient(),
            1e-9,
        );
    }

    /**
     * A 2 m strip on rock with 3 m deep boards of R 20. Independent computation: d_t = 0.3 + 3.5 · 0.21 = 1.035,
     * U₀ = 1.8709, d′ = 69.3, Δψ = −2.0439, so that U would be −0.173. Held at 3.5/(0.457 · 2 + 70.335) = 0.04912.
     */
    public function test_small_floor_with_deep_boards_is_held(): void
    {
        $deep = new EdgeInsulation(EdgeKind::Vertical, 3.0, 20.0, 0.7);
        $slab = SlabOnGround::of(40.0, 40.0, 0.3, 3.5, 0.0, [$deep]);
        self::assertEqualsWithDelta(1.8709, $slab->transmittanceWithoutEdge(), 5e-5);
        self::assertEqualsWithDelta(-2.0439, $slab->edgeCorrection(), 5e-5);
        self::assertTrue($slab->edgeIsHeld());
        self::assertEqualsWithDelta(0.04912, $slab->transmittance(), 5e-6);
        self::assertFalse(self::slab([self::down()])->edgeIsHeld());
    }

    /** @param  list<EdgeInsulation>  $edges */
    private static function slab(array $edges): SlabOnGround
    {
        return SlabOnGround::of(120.0, 44.0, 0.3, 1.5, 1.5, $edges);
    }

    private static function across(): EdgeInsulation
    {
        return new EdgeInsulation(EdgeKind::Horizontal, 0.6, 2.0, 0.07);
    }

    private static function down(): EdgeInsulation
    {
        return new EdgeInsulation(EdgeKind::Vertical, 0.5, 2.0, 0.07);
    }
}
