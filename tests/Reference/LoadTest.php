<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Loads;
use Ondergrond\Design\LoadUse;
use Ondergrond\Design\Pads;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Stem;
use Ondergrond\Design\Wall;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Material\Catalogue;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Stresses worked out by hand, strengths and presumptive values against the tables that they come from. */
final class LoadTest extends TestCase
{
    /**
     * ASTM C578, minimum compressive resistance, psi (from memory): EPS I 10, II 15, IX 25; XPS IV 25, VI 40, VII 60, V 100.
     *
     * @return iterable<string, array{string, float}>
     */
    public static function strengths(): iterable
    {
        yield 'II' => ['eps-15psi', 15.0];
        yield 'IX' => ['eps-25psi', 25.0];
        yield 'IV' => ['xps-25psi', 25.0];
        yield 'VI' => ['xps-40psi', 40.0];
        yield 'VII' => ['xps-60psi', 60.0];
        yield 'V' => ['xps-100psi', 100.0];
    }

    #[DataProvider('strengths')]
    public function test_boards_have_the_strength_of_their_type(string $slug, float $psi): void
    {
        self::assertEqualsWithDelta($psi, Unit::psi()->fromSi((float) Catalogue::get($slug)->strength), 0.1);
    }

    public function test_a_post_spreads_at_45_degrees_through_the_slab(): void
    {
        // By hand: plate 0.20, slab 0.10: side 0.40 m, 0.16 m². Own weight 2300 × 9.81 × 0.10 = 2.256 kPa.
        // What stays: (20 + 0.3 × 10)/0.16 + 2.256 = 146.01; all: 30/0.16 + 2.256 = 189.76 kPa. Board 276: may stay 92, all 138.
        $load = self::load(
            self::slab(
                fieldBoard: self::layer('xps-40psi', 0.1),
                loads: new Loads(post: 20.0, postLive: 10.0, plate: 0.2, use: LoadUse::Dwelling),
            ),
        );
        $check = $load->at('post');
        self::assertNotNull($check);
        self::assertEqualsWithDelta(0.4, $check->width, 1e-12);
        self::assertEqualsWithDelta(146.01, $check->permanent, 0.01);
        self::assertEqualsWithDelta(189.76, $check->total, 0.01);
        self::assertEqualsWithDelta(92.0, (float) $check->allowableLong(), 0.01);
        self::assertEqualsWithDelta(138.0, (float) $check->allowableShort(), 0.01);
        self::assertSame('fails', $check->word()->value);
        self::assertEqualsWithDelta(438.02, $check->needed(), 0.05);
    }

    public function test_on_springs_the_post_presses_as_westergaard_says(): void
    {
        // By hand: D = 31e6 × 0.1³/(12 × 0.96) = 2691.0 kNm; k = 30 × 276/0.1 = 82 800 kN/m³; l² = √(D/k) = 0.180 28 m²; 30/(8
        // l²) = 20.80 kPa.
        $check = self::load(
            self::slab(
                fieldBoard: self::layer('xps-40psi', 0.1),
                loads: new Loads(post: 20.0, postLive: 10.0, plate: 0.2, use: LoadUse::Dwelling),
            ),
        )->at('post');
        self::assertEqualsWithDelta(20.80, (float) $check?->springs, 0.02);
    }

    public function test_a_wall_spreads_inward_through_its_beam(): void
    {
        // By hand: wall 0.15 on a beam 0.40 × 0.60: spread to min(0.40, 0.15 + 0.60) = 0.40. Beam 2300 × 9.81 × 0.24 = 5.415 kN/m.
        // Stays (5.415 + 12 + 0.3 × 4)/0.4 = 46.54; all (5.415 + 16)/0.4 = 53.54 kPa.
        $load = self::load(self::slab(edgeUnder: self::layer('xps-40psi', 0.05), loads: new Loads(12.0, 4.0, use: LoadUse::Office)));
        $check = $load->at('edge');
        self::assertEqualsWithDelta(46.54, (float) $check?->permanent, 0.01);
        self::assertEqualsWithDelta(53.54, (float) $check?->total, 0.01);
        self::assertSame('holds', $check?->word()->value);
        self::assertEqualsWithDelta(53.54, (float) $load->soilAt('edge')?->stress, 0.01);
    }

    public function test_a_footing_spreads_no_further_than_45_degrees(): void
    {
        // By hand: stem 0.2 × 1.1 m, footing 0.9 × 0.2: spread to min(0.9, 0.2 + 2 × 0.2) = 0.6. Weight 2300 × 9.81 × (0.22 +
        // 0.18) = 9.025 kN/m.
        $d = new Design(
            '',
            Footprint::rectangle(10, 8),
            new Slab(self::layer('reinforced-concrete', 0.1), 0.1),
            new Wall([self::layer('brick', 0.1)], []),
            stem: new Stem(self::layer('reinforced-concrete', 0.2), 0.3),
            footing: new Footing(0.9, 0.2, 1.0),
            loads: new Loads(30.0),
        );
        $soil = self::load($d)->soilAt('edge');
        self::assertEqualsWithDelta(0.6, (float) $soil?->width, 1e-12);
        self::assertEqualsWithDelta((9.025 + 30) / 0.6, (float) $soil?->stress, 0.01);
    }

    public function test_a_post_on_a_pad_stands_on_the_pads_width(): void
    {
        // By hand: 25 kN on 0.8 m square, pad 0.3 high: 25/0.64 + 2300 × 9.81 × 0.3/1000 = 39.06 + 6.77 kPa.
        $soil = self::load(
            self::slab(pads: new Pads(0.8, 0.3, 1.0, 1.5), fieldBoard: self::layer('xps-25psi', 0.05), loads: new Loads(post: 25.0)),
        )->soilAt('post');
        self::assertEqualsWithDelta(45.83, (float) $soil?->stress, 0.01);
    }

    /**
     * A pad spreads at 45° as a footing does, however wide it is: plate 0.15, slab 0.10, pad 3 m × 0.1 m: 0.55 m, 400 kN/0.3025 m²
     * and its weight.
     */
    public function test_a_thin_pad_spreads_no_further_than_45_degrees(): void
    {
        $at = static fn (float $height): float => (float) self::load(
            self::slab(pads: new Pads(3.0, $height, 1.5, 2.0), loads: new Loads(post: 300.0, postLive: 100.0, plate: 0.15)),
        )->soilAt('post')?->stress;
        self::assertEqualsWithDelta(400 / 0.3025 + 0.1 * 2300 * 9.81e-3, $at(0.1), 0.1);
        self::assertSame(
            'fails',
            self::load(
                self::slab(pads: new Pads(3.0, 0.1, 1.5, 2.0), loads: new Loads(post: 300.0, postLive: 100.0)),
            )->soilAt('post')?->word()->value,
        );
        $none = (float) self::load(self::slab(loads: new Loads(post: 300.0, postLive: 100.0, plate: 0.15)))->soilAt('post')?->stress;
        self::assertEqualsWithDelta($none, $at(0.001), 0.02 * $none, 'a pad of a millimetre is none');
        // By hand: 45° from 0.35 m to 3 m is 1.325 m of concrete.
        self::assertEqualsWithDelta(400 / 9 + 1.325 * 2300 * 9.81e-3, $at(1.325), 0.01);
    }

    public function test_a_wider_pad_is_thick_enough_to_be_so_wide(): void
    {
        $design = self::slab(pads: new Pads(0.6, 0.1, 1.5, 2.0), loads: new Loads(post: 30.0, plate: 0.15, use: LoadUse::Dwelling));
        $site = new Site('', ClimateSamples::all()['cold-inland'], Soil::SandOrGravel, 20.0);
        $remedy = (new Subject($site, $design))->sizes->widerPad();
        $then = $remedy?->applied($design) ?? throw new \LogicException('there is one');
        self::assertGreaterThanOrEqual(($then->pads->width - 0.35) / 2 - 1e-6, $then->pads->height);
        self::assertNotSame('fails', LoadVerdict::of($site, $then)->soilAt('post')?->word()->value);
    }

    /**
     * EN 1990:2002, table A1.1, ψ₂ (from memory): dwellings and offices 0.3, gatherings, shops and light vehicles 0.6, stores 0.8;
     * not said as the last.
     */
    public function test_how_much_of_a_live_load_stays(): void
    {
        self::assertSame([0.8, 0.3, 0.3, 0.6, 0.6, 0.8, 0.6], array_map(static fn (LoadUse $u): float => $u->lasting(), LoadUse::cases()));
        $of = static fn (LoadUse $use): float => (float) self::load(
            self::slab(fieldBoard: self::layer('eps-25psi', 0.1), loads: new Loads(floorLive: 5.0, use: $use)),
        )->at('field')?->permanent;
        self::assertEqualsWithDelta(2.5, $of(LoadUse::Store) - $of(LoadUse::Dwelling), 1e-9);
    }

    public function test_the_ground_may_carry_what_the_code_presumes(): void
    {
        // IRC 2021, table R401.4.1 (from memory), psf; 1 psf = 47.880 26 Pa (NIST SP 811).
        foreach ([[Soil::ClayOrSilt, 1500], [Soil::SandOrGravel, 2000], [Soil::Rock, 4000]] as [$soil, $psf]) {
            $check = self::load(self::slab(loads: new Loads(10.0)), $soil)->soilAt('edge');
            self::assertEqualsWithDelta($psf * 0.04788026, (float) $check?->allowable(), 0.05);
        }
    }

    public function test_without_loads_nothing_holds(): void
    {
        $load = self::load(self::slab(edgeUnder: self::layer('xps-40psi', 0.05), fieldBoard: self::layer('eps-25psi', 0.1)));
        self::assertSame('not checked', $load->word()->value);
        self::assertSame(['the live load on the floor', 'the load of the wall on the edge'], $load->missing);
        self::assertNull($load->soilAt('edge'));
    }

    private static function layer(string $material, float $thickness): Layer
    {
        return Layer::of(Catalogue::get($material), $thickness);
    }

    private static function slab(?Layer $fieldBoard = null, ?Layer $edgeUnder = null, ?Pads $pads = null, ?Loads $loads = null): Design
    {
        return new Design(
            '',
            Footprint::rectangle(10, 8),
            new Slab(self::layer('reinforced-concrete', 0.1), 0.2),
            new Wall([self::layer('brick', 0.15)], []),
            ...array_filter(
                [
                    'fieldBoard' => $fieldBoard,
                    'pads' => $pads,
                    'edgeBeam' => new EdgeBeam(0.4, 0.6),
                    'edgeUnder' => $edgeUnder,
                    'loads' => $loads,
                ],
            ),
        );
    }

    private static function load(Design $design, Soil $soil = Soil::SandOrGravel): LoadVerdict
    {
        return LoadVerdict::of(new Site('', ClimateSamples::all()['cold-inland'], $soil, 20.0), $design);
    }
}
