<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Part;
use Ondergrond\Design\Standing;
use Ondergrond\Heat\GroundShare;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\House;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** What laymen ask first: how much of the house's heat goes through the ground, how warm the cellar stays; and floors that meet. */
final class HouseTest extends TestCase
{
    private static function site(House $house, ?Climate $climate = null): Site
    {
        return new Site('Here', $climate ?? new Climate('Even', array_fill(0, 12, 5.0)), Soil::ClayOrSilt, 20.0, house: $house);
    }

    private static function design(string $family): Design
    {
        return Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
    }

    /**
     * By hand: 15 K through 8760 h are 131.4 kKh, so that 100 W/K lose 13,140 kWh; of 4,380 kWh through the ground that makes a quarter.
     */
    public function test_the_share_through_the_ground_by_what_the_rest_loses(): void
    {
        $site = self::site(new House(besides: 100.0));
        [$share] = GroundShare::all($site, HeatVerdict::of($site, self::design('thickened-edge-slab'))->floor, [4380.0]);
        self::assertEqualsWithDelta(0.25, $share->share, 1e-6);
        self::assertEqualsWithDelta(4380 / (4380 + 1.15 * 13140), $share->low, 1e-6);
        self::assertEqualsWithDelta(4380 / (4380 + 0.85 * 13140), $share->high, 1e-6);
    }

    /** By hand: 20,000 kWh of fuel at 0.85 are 17,000 kWh, with 15 % of the losses covered by gains 20,000 kWh lost. */
    public function test_the_share_by_fuel_and_by_load(): void
    {
        $site = self::site(new House(load: 8000.0, fuel: 20_000.0));
        $floor = HeatVerdict::of($site, self::design('thickened-edge-slab'))->floor;
        [$load, $fuel] = GroundShare::all($site, $floor, [5000.0, 4000.0]);
        self::assertEqualsWithDelta($floor->design / 8000, $load->share, 1e-9);
        self::assertEqualsWithDelta(0.25, $fuel->share, 1e-6);
        self::assertEqualsWithDelta(4000 / (20_000 * 0.95 / 0.7), $fuel->low, 1e-6);
        self::assertEqualsWithDelta(5000 / (20_000 * 0.75), $fuel->high, 1e-6);
        self::assertSame([], GroundShare::all(self::site(new House), $floor, [5000.0]));
    }

    public function test_a_share_grows_with_the_ground_and_stays_one(): void
    {
        $site = self::site(new House(besides: 50.0, load: 300.0, fuel: 2000.0));
        $floor = HeatVerdict::of($site, self::design('thickened-edge-slab'))->floor;
        $last = [-1.0, -1.0, -1.0];
        for ($kwh = 0.0; $kwh < 9000.0; $kwh += 500.0) {
            foreach (GroundShare::all($site, $floor, [$kwh]) as $i => $share) {
                self::assertGreaterThanOrEqual($last[$i], $share->share);
                self::assertLessThanOrEqual($share->share, $share->low);
                self::assertGreaterThanOrEqual($share->share, $share->high);
                self::assertLessThanOrEqual(1.0, $share->high);
                $last[$i] = $share->share;
            }
        }
    }

    /**
     * Some 5 to 6 K colder than the floor above where nothing is insulated, nearly as warm where all is: common practice, no source.
     * A steady balance through a thin deck comes to about 5 K and 3.5 K.
     */
    public function test_an_old_cellar_is_cold_in_summer_and_an_insulated_one_is_not(): void
    {
        $site = self::site(new House, ClimateSamples::all()['cold-inland']);
        $cellar = HeatVerdict::of($site, self::design('existing-basement'))->cellar;
        self::assertNotNull($cellar);
        self::assertSame(7, $cellar->month);
        self::assertGreaterThan(4.0, $cellar->above - $cellar->bare);
        self::assertLessThan(9.0, $cellar->above - $cellar->bare);
        self::assertGreaterThan($cellar->bare + 1.0, $cellar->own);
        self::assertNull(HeatVerdict::of($site, self::design('thickened-edge-slab'))->cellar);
    }

    public function test_a_floor_is_set_to_meet_the_old_one(): void
    {
        $design = self::design('insulated-screed-floor');
        $site = self::site(new House(oldFloor: $design->finishedFloor() + 0.0132));
        $found = Judgement::of(new Subject($site, $design))->find('floor-meets-old');
        self::assertEqualsWithDelta(0.0132, $found?->finding->measured?->value, 1e-9);
        $then = $found?->finding->remedy?->applied($design);
        self::assertNotNull($then);
        self::assertEqualsWithDelta($site->house->oldFloor, $then->finishedFloor(), 1e-9);
        self::assertEqualsWithDelta($design->slab->topAboveGrade + 0.0132, $then->slab->topAboveGrade, 1e-9, 'the slab and its dig move');
        self::assertNull(Rulebook::finding(Rulebook::all()['floor-meets-old'], new Subject($site, $then)));
        $on = $design->with(['standing' => new Standing(Part::Slab)]);
        $then = Judgement::of(new Subject($site, $on))->find('floor-meets-old')?->finding->remedy?->applied($on);
        self::assertSame($design->slab->topAboveGrade, $then?->slab->topAboveGrade, 'an old slab stays');
        self::assertEqualsWithDelta($design->screed->thickness + 0.0132, $then->screed->thickness, 1e-9);
        $near = self::site(new House(oldFloor: $design->finishedFloor() - 0.0029));
        self::assertNull(Rulebook::finding(Rulebook::all()['floor-meets-old'], new Subject($near, $design)));
    }
}
