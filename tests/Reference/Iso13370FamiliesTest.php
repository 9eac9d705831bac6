<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Form;
use Ondergrond\Heat\EdgeInsulation;
use Ondergrond\Heat\EdgeKind;
use Ondergrond\Heat\HeatedBasement;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Heat\OtherSchool;
use Ondergrond\Heat\PeriodicSlab;
use Ondergrond\Heat\ShallowFloor;
use Ondergrond\Heat\SlabOnGround;
use Ondergrond\Heat\SuspendedFloor;
use Ondergrond\Heat\UnheatedBasement;
use Ondergrond\Material\Catalogue;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** ISO 13370:2007 for floors that are no slab on the ground, and the other school's sums. */
final class Iso13370FamiliesTest extends TestCase
{
    /** Independent computation (numpy), case 2a: A 80, P 36, z 2.2, λ 2.0, w 0.35, R_f 1.2, R_w 2.5. */
    public function test_a_heated_basement(): void
    {
        $b = new HeatedBasement(80.0, 36.0, 0.35, 2.0, 2.2, 1.2, 2.5);
        self::assertEqualsWithDelta(4.444, $b->characteristicDimension(), 5e-4);
        self::assertEqualsWithDelta(3.170, $b->floorThickness(), 5e-4);
        self::assertEqualsWithDelta(5.340, $b->wallEquivalent(), 5e-4);
        self::assertEqualsWithDelta(0.3185, $b->floorTransmittance(), 5e-5);
        self::assertEqualsWithDelta(0.2586, $b->wallTransmittance(), 5e-5);
        self::assertEqualsWithDelta(45.96, $b->steadyCoefficient(), 5e-3);
        self::assertEqualsWithDelta(0.2887, $b->transmittance(), 5e-5);
    }

    /** Independent computation (numpy), case 2b: a bare wall, d_w < d_t and stands for it. */
    public function test_a_heated_basement_with_a_bare_wall(): void
    {
        $b = new HeatedBasement(80.0, 36.0, 0.35, 2.0, 2.2, 2.5, 0.2);
        self::assertEqualsWithDelta(5.770, $b->floorThickness(), 5e-4);
        self::assertEqualsWithDelta(0.7400, $b->wallEquivalent(), 5e-5);
        self::assertEqualsWithDelta(0.2247, $b->floorTransmittance(), 5e-5);
        self::assertEqualsWithDelta(0.8989, $b->wallTransmittance(), 5e-5);
        self::assertEqualsWithDelta(89.17, $b->steadyCoefficient(), 5e-3);
    }

    /** Independent computation (numpy), case 3. */
    public function test_a_vented_suspended_floor(): void
    {
        $f = new SuspendedFloor(90.0, 39.0, 0.3, 1.5, 0.35, 0.0, 0.4, 1.7, 0.002, 4.0, 0.05);
        self::assertEqualsWithDelta(4.615, $f->characteristicDimension(), 5e-4);
        self::assertEqualsWithDelta(0.6150, $f->groundThickness(), 5e-5);
        self::assertEqualsWithDelta(0.6355, $f->groundTransmittance(), 5e-5);
        self::assertEqualsWithDelta(0.4203, $f->airTransmittance(), 5e-5);
        self::assertEqualsWithDelta(0.2629, $f->transmittance(), 5e-5);
    }

    /** Independent computation (numpy), case 4. */
    public function test_an_unheated_basement(): void
    {
        $u = new UnheatedBasement(80.0, 36.0, 0.3, 1.5, 1.8, 0.2, 0.3, 0.45, 0.6, 1.2, 0.3, 184.0);
        self::assertEqualsWithDelta(0.9150, $u->basement()->floorThickness(), 5e-5);
        self::assertEqualsWithDelta(0.7050, $u->basement()->wallEquivalent(), 5e-5);
        self::assertEqualsWithDelta(0.4112, $u->basement()->floorTransmittance(), 5e-5);
        self::assertEqualsWithDelta(0.7673, $u->basement()->wallTransmittance(), 5e-5);
        self::assertEqualsWithDelta(0.3505, $u->transmittance(), 5e-5);
    }

    /** A basement that is hardly below the ground is a slab on it: H_g, H_pi and H_pe run into those of 9.1 and A.3. */
    public function test_a_basement_of_no_depth_is_a_slab(): void
    {
        $slab = SlabOnGround::of(80.0, 36.0, 0.35, 2.0, 1.2);
        $flat = new HeatedBasement(80.0, 36.0, 0.35, 2.0, 1e-7, 1.2, 2.5);
        foreach ([
            [$slab->steadyCoefficient(), $flat->steadyCoefficient()],
            [$slab->insideCoefficient(2e6), $flat->insideCoefficient(2e6)],
            [$slab->outsideCoefficient(2e6), $flat->outsideCoefficient(2e6)],
        ] as [$one, $other]) {
            self::assertEqualsWithDelta($one, $other, 1e-4 * $one);
        }
    }

    /**
     * The periodic parts written out by hand for cases 2a, 3 and 4 with ρc 2.0e6 or 3.0e6 (ISO 13370:2007, A.4 to A.6).
     */
    /** Where the standard goes over from one formula to another, ours goes over by depth: no step at either end. */
    public function test_a_floor_a_little_below_the_ground_lies_between(): void
    {
        $slab = SlabOnGround::of(80.0, 36.0, 0.35, 2.0, 1.2, [new EdgeInsulation(EdgeKind::Vertical, 0.6, 2.0, 0.07)]);
        $at = static fn (float $z): ShallowFloor => new ShallowFloor($slab, new HeatedBasement(80.0, 36.0, 0.35, 2.0, $z, 1.2, 2.5));
        self::assertEqualsWithDelta($slab->steadyCoefficient(), $at(1e-6)->steadyCoefficient(), 1e-3);
        self::assertEqualsWithDelta($at(0.3)->basement->steadyCoefficient(), $at(0.3)->steadyCoefficient(), 1e-9);
        self::assertEqualsWithDelta(
            ($slab->outsideCoefficient(2e6) + $at(0.15)->basement->outsideCoefficient(2e6)) / 2,
            $at(0.15)->outsideCoefficient(2e6),
            1e-9,
        );
        self::assertEqualsWithDelta($at(0.2)->steadyCoefficient(), array_sum($at(0.2)->shares()), 1e-9);
        // A vented space: 9.2.2 at the ground's level for any d_g, 9.2.3 from half a metre on.
        $vented = static fn (float $z, float $r = 0.0): SuspendedFloor => new SuspendedFloor(
            90.0, 39.0, 0.3, 1.5, 0.35, $r, 0.4, 1.7, 0.002, 4.0, 0.05, $z,
        );
        self::assertEqualsWithDelta($vented(0.499)->transmittance(), $vented(0.501)->transmittance(), 1e-3);
        $deep = $vented(0.0, 4.0);
        self::assertGreaterThan($deep->characteristicDimension(), $deep->groundThickness());
        $b = M_PI * $deep->characteristicDimension();
        self::assertEqualsWithDelta(
            2 * 1.5 / ($b + $deep->groundThickness()) * log($b / $deep->groundThickness() + 1),
            $deep->groundTransmittance(),
            1e-12,
        );
    }

    /** Floor and buried wall are held against a limit each, not as their mean (case 2a: U_bf 0.3185, U_bw 0.2586). */
    public function test_a_limit_is_for_floor_and_wall_each(): void
    {
        $faces = (new HeatedBasement(80.0, 36.0, 0.35, 2.0, 2.2, 1.2, 2.5))->faces();
        self::assertEqualsWithDelta(['floor' => 0.3185, 'buried wall' => 0.2586], $faces, 5e-5);
    }

    /** The shorter side of the rectangle, not B′: 10 × 10 m at 7 ft is the table's width of 32.8 ft (ASHRAE Fundamentals, from memory). */
    public function test_the_other_school_takes_the_shorter_side(): void
    {
        foreach ([[10.0, 10.0], [14.0, 6.0]] as [$length, $width]) {
            $design = Families::all()['heated-basement']->preset(Footprint::rectangle($length, $width), UnitSystem::Metric);
            $formula = Iso13370::of($design)->formula(1.5);
            self::assertInstanceOf(HeatedBasement::class, $formula);
            $school = OtherSchool::of($formula, $design)[0];
            $lag = $formula->depth / 2 + 1.5 * (0.17 + $formula->floorResistance) / M_PI;
            self::assertEqualsWithDelta(
                2 * 1.5 / (M_PI * $width) * (log($width / 2 + $lag) - log($lag)),
                $school->steps['u_floor_w_m2k'],
                1e-9,
            );
        }
    }

    public function test_the_periodic_parts_by_hand(): void
    {
        $delta = sqrt(3.15e7 * 2.0 / M_PI / 2e6);
        $in = static fn (float $d): float => 2.0 / $d * sqrt(2 / ((1 + $delta / $d) ** 2 + 1));
        $b = new HeatedBasement(80.0, 36.0, 0.35, 2.0, 2.2, 1.2, 2.5);
        self::assertEqualsWithDelta(80 * $in(3.17) + 2.2 * 36 * $in(5.34), $b->insideCoefficient(2e6), 1e-9);
        $past = exp(-2.2 / $delta);
        self::assertEqualsWithDelta(
            0.37 * 36 * 2.0 * ($past * log($delta / 3.17 + 1) + 2 * (1 - $past) * log($delta / 5.34 + 1)),
            $b->outsideCoefficient(2e6),
            1e-9,
        );

        $delta = sqrt(3.15e7 * 1.5 / M_PI / 3e6);
        $f = new SuspendedFloor(90.0, 39.0, 0.3, 1.5, 0.35, 0.0, 0.4, 1.7, 0.002, 4.0, 0.05);
        $ux = (2 * 0.4 * 1.7 + 1450 * 0.002 * 4 * 0.05) / (90 / 19.5);
        self::assertEqualsWithDelta(90 / (1 / 0.35 + 1 / (1.5 / $delta + $ux)), $f->insideCoefficient(3e6), 1e-9);
        self::assertEqualsWithDelta(
            0.35 * (0.37 * 39 * 1.5 * log($delta / 0.615 + 1) + $ux * 90) / (1.5 / $delta + $ux + 0.35),
            $f->outsideCoefficient(3e6),
            1e-9,
        );
        self::assertSame(0.0, $f->outsideLag(), 'air outside reaches the space at once');

        $u = new UnheatedBasement(80.0, 36.0, 0.3, 1.5, 1.8, 0.2, 0.3, 0.45, 0.6, 1.2, 0.3, 184.0);
        $air = 0.6 * 36 * 1.2 + 0.33 * 0.3 * 184;
        $away = (80 + 1.8 * 36) * 1.5 / $delta + $air;
        self::assertEqualsWithDelta(1 / (1 / (80 * 0.45) + 1 / $away), $u->insideCoefficient(3e6), 1e-9);
        self::assertEqualsWithDelta(
            80 * 0.45 * (0.37 * 36 * 1.5 * (2 - exp(-1.8 / $delta)) * log($delta / 0.915 + 1) + $air) / ($away + 80 * 0.45),
            $u->outsideCoefficient(3e6),
            1e-9,
        );
        self::assertGreaterThan(
            $b->outsideCoefficient(2e6),
            (new HeatedBasement(80.0, 36.0, 0.35, 2.0, 2.2, 1.2, 0.1))->outsideCoefficient(2e6),
            'a bare wall swings more',
        );
        self::assertGreaterThan(
            $b->outsideCoefficient(2e6, 864_000.0),
            $b->outsideCoefficient(2e6, PeriodicSlab::YEAR),
            'a short spell reaches less far',
        );
    }

    /**
     * ASHRAE Handbook of Fundamentals, average U of below-grade walls from the surface to a depth of 1 to 8 ft, by the R
     * of their insulation in ft²·h·°F/Btu; k 0.8 Btu/(h·ft·°F), R of everything else 1.47 (from memory, recomputed).
     *
     * @return iterable<string, array{float, list<float>}>
     */
    public static function ashraeWalls(): iterable
    {
        yield 'bare' => [0.0, [0.432, 0.331, 0.273, 0.235, 0.208, 0.187, 0.170, 0.157]];
        yield 'R-5' => [5.0, [0.135, 0.121, 0.110, 0.101, 0.094, 0.088, 0.083, 0.078]];
        yield 'R-10' => [10.0, [0.080, 0.075, 0.070, 0.066, 0.063, 0.060, 0.057, 0.055]];
        yield 'R-15' => [15.0, [0.057, 0.054, 0.052, 0.050, 0.048, 0.046, 0.044, 0.043]];
    }

    /** @param  list<float>  $printed */
    #[DataProvider('ashraeWalls')]
    public function test_ashrae_walls_below_grade(float $r, array $printed): void
    {
        foreach ($printed as $i => $u) {
            $found = OtherSchool::wallAverage(
                0.8 * Unit::btuPerFoot()->factor,
                0.0,
                ($i + 1) * Unit::FOOT,
                (1.47 + $r) * Unit::rValue()->factor,
            ) / Unit::uFactor()->factor;
            self::assertEqualsWithDelta($u, $found, 0.00051, ($i + 1).' ft');
        }
    }

    /** The same for floors, by depth and shortest width (from memory, recomputed). */
    public function test_ashrae_floors_below_grade(): void
    {
        foreach ([
            1 => [0.064, 0.057, 0.052, 0.047],
            4 => [0.042, 0.038, 0.035, 0.033],
            7 => [0.033, 0.030, 0.028, 0.026],
        ] as $depth => $printed) {
            foreach ([20, 24, 28, 32] as $i => $width) {
                $found = OtherSchool::floorAverage(
                    0.8 * Unit::btuPerFoot()->factor,
                    $width * Unit::FOOT,
                    $depth * Unit::FOOT,
                    1.47 * Unit::rValue()->factor,
                ) / Unit::uFactor()->factor;
                self::assertEqualsWithDelta($printed[$i], $found, 0.00055, "{$depth} ft deep, {$width} ft wide");
            }
        }
    }

    /** ANSI/ASHRAE/IES 90.1, appendix A, unheated slab (from memory): bare 0.73, R-10 all over 0.36 Btu/(h·ft·°F). */
    public function test_slab_edge_factors(): void
    {
        $plan = Footprint::rectangle(12.0, 8.0);
        $design = Families::all()['thickened-edge-slab']->preset($plan, UnitSystem::InchPound);
        $f = static fn (OtherSchool $o): float => $o->coefficient / 40.0 / Unit::btuPerFoot()->factor;
        self::assertEqualsWithDelta(0.36, $f(OtherSchool::of(Iso13370::of($design)->formula(1.5), $design)[0]), 1e-9);
        $bare = $design->withoutInsulation();
        self::assertEqualsWithDelta(0.73, $f(OtherSchool::of(Iso13370::of($bare)->formula(1.5), $bare)[0]), 1e-9);
        self::assertSame(
            [],
            OtherSchool::of(new SuspendedFloor(90.0, 39.0, 0.3, 1.5, 0.35, 0.0, 0.4, 1.7, 0.002, 4.0, 0.05), $design),
            'that school has no sum for it',
        );
    }

    /** Trade values, common practice, no source: 2 in is R-10; a form of two 2⅝ in faces about R-21; 16 in of foam glass R-27. */
    public function test_trade_values(): void
    {
        $r = static fn (float $si): float => $si / Unit::rValue()->factor;
        self::assertEqualsWithDelta(10.0, $r(2 * Unit::INCH / Catalogue::get('xps-25psi')->conductivity), 0.05);
        self::assertEqualsWithDelta(27.0, $r(16 * Unit::INCH / Catalogue::get('foam-glass-aggregate')->conductivity), 0.3);
        $form = new Form(Catalogue::get('eps-form'), 2.625 * Unit::INCH, 2.625 * Unit::INCH, webThickness: 0.0);
        self::assertEqualsWithDelta(21.0, $r($form->inner()->resistance() + $form->outer()->resistance()), 0.2);
        $webs = new Form(Catalogue::get('eps-form'), 2.625 * Unit::INCH, 2.625 * Unit::INCH, webSpacing: 8 * Unit::INCH);
        // By share of area: 2 mm of plastic, λ 0.22, in every 203.2 mm.
        self::assertEqualsWithDelta(0.0361 + (0.22 - 0.0361) * 2 / 203.2, $webs->faces()->conductivity, 1e-9);
        self::assertEqualsWithDelta(
            10.0 + 3.0,
            $r(2 * Unit::INCH / Catalogue::get('pir-foil')->conductivity),
            0.05,
            '2 in of foil-faced PIR is R-13',
        );
    }

    /** λ·exp(f_ψ ψ), ISO 10456:2007: EPS, f_ψ 4, at 3 % by volume conducts e^0.12 times as well. */
    public function test_boards_against_wet_ground(): void
    {
        $eps = Catalogue::get('eps-25psi');
        self::assertEqualsWithDelta(0.0343 * 1.12749685, $eps->wetConductivity(), 1e-9);
        self::assertSame(0.0343, $eps->declared);
        self::assertSame($eps->wet()->slug, $eps->slug);
        self::assertSame(Catalogue::get('foam-glass-aggregate')->conductivity, Catalogue::get('foam-glass-aggregate')->wetConductivity());
    }

    /** A wall insulated half way down lies between the two wholes, nearer the one by conductance. */
    public function test_a_wall_covered_in_part(): void
    {
        $design = Families::all()['heated-basement']->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
        $covered = static fn (float $down): float => Iso13370::of(
            $design->with(['edgeOutside' => new \Ondergrond\Design\OutsideBoard($design->edgeOutside->layer, $down)]),
        )->buriedResistance();
        [$bare, $half, $whole] = [$covered(0.0), $covered(1.0), $covered(2.0)];
        self::assertEqualsWithDelta(0.2 / 2.3, $bare, 1e-9);
        self::assertEqualsWithDelta(0.2 / 2.3 + 0.08 / (0.0288 * exp(2.5 * 0.015)), $whole, 1e-9);
        self::assertEqualsWithDelta(0.5 / (0.13 + $bare) + 0.5 / (0.13 + $whole), 1 / (0.13 + $half), 1e-9);
        $edge = new EdgeInsulation(EdgeKind::Vertical, 1.0, 2.0, 0.07);
        self::assertTrue($edge->isSameAs(new EdgeInsulation(EdgeKind::Vertical, 1.0, 2.0, 0.07)));
        self::assertFalse($edge->isSameAs(null));
    }

    /** The walk-out side lowers the mean depth by its share of the edge (9.3.1). */
    public function test_a_walk_out_side_is_weighted_by_its_length(): void
    {
        $plan = Footprint::rectangle(12.0, 8.0)->along(walkOut: 10.0);
        $design = Families::all()['heated-basement']->preset($plan, UnitSystem::Metric);
        self::assertEqualsWithDelta(2.0 * 30 / 40, Iso13370::of($design)->depth(), 1e-9);
    }
}
