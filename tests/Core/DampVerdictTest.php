<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Damp\DampAir;
use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Damp\DampYear;
use Ondergrond\Damp\DrainDuty;
use Ondergrond\Damp\Evaporation;
use Ondergrond\Damp\Groundwater;
use Ondergrond\Damp\Stacks;
use Ondergrond\Damp\Surface;
use Ondergrond\Damp\Surfaces;
use Ondergrond\Damp\Trap;
use Ondergrond\Damp\Vapour;
use Ondergrond\Damp\VapourStack;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\DampFile;
use Ondergrond\Exchange\VapourFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Project\Project;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\DampBasis;
use Ondergrond\Site\HumidityClass;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The damp verdict of whole designs. Limits not of a standard are common practice, no source. */
final class DampVerdictTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (array_keys(Families::all()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('families')]
    public function test_every_family_has_a_verdict(string $family): void
    {
        $design = self::design($family);
        $damp = self::solved(self::site(), $design);
        self::assertNotSame([], $damp->stacks, 'it has stacks');
        self::assertNotSame(Verdict::NotChecked, $damp->stacksWord());
        self::assertNotSame(Verdict::NotChecked, $damp->surfacesWord());
        self::assertNotSame(Verdict::Fails, $damp->stacksWord(), 'as usual it is built so that it dries');
        self::assertSame(Verdict::Holds, $damp->trapsWord());
        self::assertSame(Verdict::NotChecked, self::of(self::site(), $design)->word(), 'nothing is said before the field is there');
        $file = DampFile::toArray($damp);
        self::assertIsFloat($file['f_rsi_needed']);
        foreach ($file['stacks'] as $stack) {
            foreach ($stack['interfaces'] as $interface) {
                self::assertCount(12, $interface['condensate_kg_m2']);
                self::assertCount(12, $interface['held_kg_m2']);
            }
            self::assertGreaterThan(1, count($stack['interfaces']));
        }
    }

    public function test_before_the_field_only_what_needs_none_is_said(): void
    {
        $damp = self::of(self::site(), self::design('thickened-edge-slab'));
        self::assertNull($damp->stacks);
        self::assertNull($damp->factor());
        self::assertNull($damp->share());
        self::assertSame(Verdict::NotChecked, $damp->stacksWord());
        self::assertSame(Verdict::Holds, $damp->water->word());
    }

    /** The ground's side of a stack is as warm as the field at that depth, month by month, and saturated. */
    public function test_the_ground_side_comes_from_the_field(): void
    {
        $site = self::site();
        $ground = GroundField::of($site, self::design('heated-basement'));
        $stacks = Stacks::of($ground, DampAir::of($site));
        self::assertSame(
            ['floor-middle', 'floor-edge', 'wall-top', 'wall-middle', 'wall-foot', 'wall-above-ground', 'rim'],
            array_map(static fn (DampStack $s): string => $s->place->value, $stacks),
        );
        foreach (['floor-middle', 'wall-top', 'wall-middle', 'wall-foot'] as $place) {
            $stack = self::at($stacks, $place);
            [$x, $y] = $stack->line[1];
            foreach ([1, 4, 7, 10] as $month) {
                $at = $stack->stack->months[$month - 1];
                self::assertEqualsWithDelta((float) $ground->temperatureAt($x, $y, $month), $at->outside, 1e-9, "{$place}, month {$month}");
                self::assertEqualsWithDelta(Vapour::saturation($at->outside), $at->outsidePressure, 1e-9);
            }
            self::assertSame(0.0, $stack->stack->outside, 'no surface resistance in the ground');
        }
        // The deeper, the steadier.
        $outside = static fn (string $place, int $month): float => self::at($stacks, $place)->stack->months[$month]->outside;
        $swing = static fn (string $place): float => $outside($place, 6) - $outside($place, 0);
        self::assertGreaterThan($swing('wall-middle'), $swing('wall-top'));
        self::assertGreaterThan($swing('wall-foot'), $swing('wall-middle'));
        // Weather on the other two.
        self::assertSame($site->climate->monthly, array_column(self::at($stacks, 'rim')->stack->months, 'outside'));
    }

    /** In cold ground the sheet under the boards is where the room's vapour ends; over them it is warm. */
    public function test_moving_the_sheet_changes_the_verdict(): void
    {
        $site = self::site(['climate' => self::climate('snowy-upland'), 'damp' => ['humidity' => 'full-dwelling']]);
        $above = self::design(
            'thickened-edge-slab',
            ['field_board' => ['thickness_m' => 0.2], 'perimeter_board' => ['thickness_m' => 0.2]],
        );
        $below = self::design(
            'thickened-edge-slab',
            ['field_board' => ['thickness_m' => 0.2], 'perimeter_board' => ['thickness_m' => 0.2], 'sheet' => ['position' => 'below']],
        );
        $middle = static fn (Design $d): DampStack => self::at(self::solved($site, $d)->stacks, 'floor-middle');
        self::assertSame(Verdict::Holds, $middle($above)->word());
        $wet = $middle($below);
        self::assertNotSame(Verdict::Holds, $wet->word());
        self::assertSame('between XPS board and the sheet', $wet->where());
        self::assertGreaterThan(DampStack::TRACE, $wet->year->left, 'and it stays');
        $variants = Stacks::variants($below, $wet);
        self::assertSame(['sheet above the boards', 'without the sheet'], array_map(static fn ($v): string => $v->label, $variants));
        self::assertSame(Verdict::Holds, $variants[0]->stack->word(), 'as the comparison foretells');
        $finding = Rulebook::all()['stacks-stay-dry']->judge(new Subject($site, $below, damp: self::solved($site, $below)));
        self::assertNotNull($finding?->remedy);
        self::assertSame('above', $finding->remedy->applied($below)->sheet->position->value);
        self::assertNull(
            Rulebook::all()['stacks-stay-dry']->judge(
                new Subject($site, $finding->remedy->applied($below), damp: self::solved($site, $finding->remedy->applied($below))),
            ),
        );
    }

    public function test_wool_on_a_cold_wall_fails_and_board_is_the_remedy(): void
    {
        [$project, $wool] = self::bakery();
        $damp = self::solved($project->site, $wool);
        self::assertSame(Verdict::Fails, $damp->stacksWord());
        self::assertSame('between mineral wool and dense concrete block', $damp->wettest()?->where());
        self::assertNotNull($damp->wettest()->plane());
        $rule = Rulebook::all()['stacks-stay-dry'];
        $finding = $rule->judge(new Subject($project->site, $wool, damp: $damp));
        self::assertSame(Severity::Fix, $finding?->severity);
        $then = $finding->remedy?->applied($wool) ?? throw new \LogicException;
        self::assertSame(['gypsum-board', 'xps-25psi'], array_map(static fn ($l): string => $l->material->slug, $then->lining->layers));
        self::assertNull($rule->judge(new Subject($project->site, $then, damp: self::solved($project->site, $then))));
        // A sheet before the wool keeps the room's vapour off it.
        $wall = self::at($damp->stacks, 'wall-middle');
        $sheet = Stacks::variants($wool, $wall)[0];
        self::assertSame(Verdict::Holds, $sheet->stack->word());
        self::assertLessThan(0.05 * $wall->year->peak, $sheet->stack->year->peak);
    }

    /** A sheet in a lining is drawn, holds vapour back and changes no temperature. */
    public function test_a_sheet_in_a_lining(): void
    {
        $plain = self::design('existing-basement');
        $sheet = self::design(
            'existing-basement',
            [
                'lining' => [
                    'layers' => [
                        ['material' => 'gypsum-board', 'thickness_m' => 0.0125],
                        ['material' => 'polyethylene', 'thickness_m' => 0.0002],
                        ['material' => 'xps-25psi', 'thickness_m' => 0.05],
                    ],
                ],
            ],
        );
        [$one, $two] = [GroundField::of(self::site(), $plain), GroundField::of(self::site(), $sheet)];
        self::assertEqualsWithDelta($one->couplingCoefficient(), $two->couplingCoefficient(), 0.002 * $one->couplingCoefficient());
        self::assertLessThan(1.3 * $one->solution->mesh->cells(), $two->solution->mesh->cells(), 'the mesh is not made finer for it');
        $of = static fn (Design $d): float => self::at(self::solved(self::site(), $d)->stacks, 'wall-middle')->stack->airLayer();
        self::assertEqualsWithDelta(0.0002 * 333_000, $of($sheet) - $of($plain), 1e-6);
    }

    /** Where joints are open, a foil-faced board is no vapour layer and a sheet is a fifth of one. */
    public function test_joints_count(): void
    {
        $sd = static fn (Design $d, string $place): float => self::at(self::solved(self::site(), $d)->stacks, $place)->stack->airLayer();
        $taped = self::design('thickened-edge-slab');
        $lapped = self::design('thickened-edge-slab', ['sheet' => ['joints' => 'lapped']]);
        self::assertEqualsWithDelta(0.8 * 0.0004 * 333_000, $sd($taped, 'floor-middle') - $sd($lapped, 'floor-middle'), 1e-6);
        $sealed = self::design('conditioned-crawlspace');
        $open = self::design('conditioned-crawlspace', ['lining' => ['sealed' => 'no']]);
        self::assertEqualsWithDelta(45.0, $sd($sealed, 'wall-top') - $sd($open, 'wall-top'), 1e-6);
    }

    /** The lowest surface factor against a field that is solved with the sheltered surface resistance outright. */
    #[TestWith(['thickened-edge-slab'])]
    #[TestWith(['stem-wall-slab'])]
    #[TestWith(['existing-basement'])]
    #[TestWith(['conditioned-crawlspace'])]
    #[TestWith(['heat-storing-slab'])]
    public function test_the_surface_factor_is_that_of_a_field_of_its_own(string $family): void
    {
        $design = self::design($family);
        $site = self::site();
        $ground = GroundField::of($site, $design);
        $problem = $ground->solution->problem;
        $sheltered = Solution::of(Problem::of($problem->patches, array_map(static fn (Boundary $b): Boundary => in_array(
            $b->name,
            SectionProblem::INSIDE,
            true,
        )
            ? Boundary::temperature(
                $b->name, $b->x0, $b->y0, $b->x1, $b->y1, (float) $b->temperature, Surface::SHELTERED,
            ) : $b, $problem->boundaries), accuracy: $problem->accuracy));
        $surfaces = Surfaces::of(['edge' => $ground], DampAir::of($site));
        self::assertNotSame([], $surfaces);
        foreach ($design->heating->present() ? [] : $surfaces as $surface) {
            self::assertEqualsWithDelta(
                (float) $sheltered->temperatureAt($surface->x, $surface->y),
                $surface->factor,
                0.012,
                "{$family}, {$surface->name}",
            );
        }
    }

    public function test_humidity_at_a_face_and_what_the_year_makes_of_it(): void
    {
        $site = self::site();
        $damp = self::solved(
            $site,
            self::design(
                'thickened-edge-slab',
                ['edge_outside' => ['thickness_m' => 0], 'edge_inside' => ['thickness_m' => 0], 'edge_under' => ['thickness_m' => 0]],
            ),
        );
        $worst = $damp->dampest();
        self::assertNotNull($worst);
        $i = $worst->worstMonth() - 1;
        self::assertEqualsWithDelta(
            $damp->air->insidePressure[$i] / Vapour::saturation($worst->temperatures[$i]),
            $worst->humidity[$i],
            1e-9,
        );
        self::assertSame(Verdict::Fails, $damp->surfacesWord(), 'a bare edge grows mould');
        self::assertGreaterThan(0, $damp->hoursAtRisk());
        self::assertGreaterThanOrEqual($damp->hoursAtRisk(), $damp->hoursAtRiskSetBack(), 'rooms that cool at night are worse off');
        self::assertLessThan($damp->needed, (float) $damp->factor());
        $finding = Rulebook::all()['surfaces-stay-dry']->judge(new Subject($site, $damp->design, damp: $damp));
        self::assertSame(Severity::Fix, $finding?->severity);
        self::assertNotNull(Rulebook::all()['surface-factor-met']->judge(new Subject($site, $damp->design, damp: $damp)));
        // A dryer that keeps 20 % makes all of it well.
        $dry = self::solved(self::site(['damp' => ['indoor_rh_share' => 0.2]]), $damp->design);
        self::assertSame(0, $dry->hoursAtRisk());
        self::assertNull(Rulebook::all()['surfaces-stay-dry']->judge(new Subject($dry->site, $dry->design, damp: $dry)));
    }

    /** A word is never better than the hours beside it: cooler nights never improve it, and rooms kept so fail by them. */
    public function test_mould_where_rooms_are_let_cool_is_the_worse_word(): void
    {
        $design = self::design('thickened-edge-slab');
        $rank = PHP_INT_MAX;
        $words = [];
        foreach ([0.0, 2.0, 4.0, 6.0, 8.0] as $kelvin) {
            $damp = self::solved(self::site(['damp' => ['set_back_k' => $kelvin]]), $design);
            $word = $words[] = $damp->surfacesWord();
            self::assertLessThanOrEqual($rank, $word->rank(), "{$kelvin} K");
            $rank = $word->rank();
            $grows = $damp->hoursAtRiskSetBack() > 0;
            self::assertFalse($grows && $word === Verdict::Holds, "{$kelvin} K: hours and a green word");
            $data = SiteCodec::toArray($damp->site);
            $data['frost']['winter_use'] = 'set-back';
            $cool = self::solved(SiteCodec::fromArray($data), $design);
            self::assertSame($grows, $cool->surfacesWord() === Verdict::Fails, "kept set back by {$kelvin} K");
        }
        self::assertContains(Verdict::Close, $words);
    }

    public function test_muggy_air_sweats_on_a_cold_cellar_floor(): void
    {
        $design = self::design(
            'heated-basement',
            [
                'field_board' => ['thickness_m' => 0],
                'edge_outside' => ['thickness_m' => 0],
                'cover' => ['thickness_m' => 0],
                'edge_inside' => ['thickness_m' => 0],
            ],
        );
        $site = self::site(['indoor_c' => 17.0, 'damp' => ['muggy_k' => 5.0]]);
        $damp = self::solved($site, $design);
        [$surface, $month, $over] = $damp->sweats() ?? throw new \LogicException;
        self::assertGreaterThan(0.0, $over);
        self::assertContains($month, [6, 7, 8]);
        self::assertContains($month, $surface->sweats());
        self::assertSame(Severity::Note, Rulebook::all()['humid-air-kept-off']->judge(new Subject($site, $design, damp: $damp))?->severity);
        $shut = self::solved(self::site(['indoor_c' => 17.0, 'damp' => ['indoor_rh_share' => 0.5]]), $design);
        self::assertLessThan($over, $shut->sweats()[2] ?? INF, 'a dryer helps');
    }

    public function test_rain_in_a_tray_under_a_tight_floor(): void
    {
        $site = self::site(['damp' => ['humidity' => 'store']]);
        $of = static fn (array $changes): DampVerdict => self::of($site, self::design('thickened-edge-slab', $changes));
        self::assertSame(
            [],
            $of(['finish' => ['kind' => 'resilient', 'wait_days' => 900]])->traps,
            'over the boards the sheet lets them drain',
        );
        self::assertTrue($of(['sheet' => ['position' => 'below']])->traps[0]->holds(), 'a bare slab lets it out');
        $tight = $of(['sheet' => ['position' => 'below'], 'finish' => ['kind' => 'resilient', 'wait_days' => 900]]);
        self::assertFalse($tight->traps[0]->holds());
        self::assertGreaterThan(Trap::YEARS, $tight->traps[0]->years());
        self::assertSame(Verdict::Fails, $tight->trapsWord());
        self::assertSame(
            [],
            $of(['sheet' => ['position' => 'below', 'edge' => 'cut-off'], 'finish' => ['kind' => 'resilient']])->traps,
            'a sheet that is not turned up holds no rain',
        );
    }

    public function test_wool_between_a_sheet_and_a_tight_wall_never_dries(): void
    {
        $design = self::design(
            'heated-basement',
            [
                'lining' => [
                    'layers' => [
                        ['material' => 'gypsum-board', 'thickness_m' => 0.0125],
                        ['material' => 'polyethylene', 'thickness_m' => 0.0002],
                        ['material' => 'cavity-wool', 'thickness_m' => 0.1],
                    ],
                ],
            ],
        );
        $damp = self::of(self::site(), $design);
        self::assertCount(1, $damp->traps);
        self::assertFalse($damp->traps[0]->holds());
        $finding = Rulebook::all()['nothing-trapped']->judge(new Subject(self::site(), $design));
        self::assertSame(Severity::Fix, $finding?->severity);
        self::assertSame([], self::of(self::site(), $finding->remedy?->applied($design) ?? throw new \LogicException)->traps);
    }

    public function test_water_table_lifts_presses_and_is_drained(): void
    {
        $sealed = ['membrane' => ['waterstop' => 'yes', 'under_floor' => 'yes']];
        $basement = self::design('heated-basement', ['drains' => ['outlet' => 'sump'], ...$sealed]);
        $at = static fn (float $table, array $changes = []): Groundwater => Groundwater::of(
            self::site(['damp' => ['water_table_m' => $table]]),
            $changes === [] ? $basement : self::design('heated-basement', array_replace_recursive($sealed, $changes)),
        );
        // Underside of the boards at −2.16 m; 100 mm of concrete and 60 mm of board weigh (0.1 · 2300 + 0.06 · 28) · 9.81 N/m².
        $high = $at(1.6);
        self::assertEqualsWithDelta(0.56, (float) $high->floorHead, 1e-9);
        self::assertEqualsWithDelta(9.81 * 0.56, (float) $high->uplift(), 1e-9);
        self::assertEqualsWithDelta((230 + 1.68) * 9.81e-3, $high->weight, 1e-9);
        self::assertEqualsWithDelta(
            9.81 * 0.56 / (0.9 * $high->weight),
            (float) $high->liftShare(),
            1e-9,
            'EN 1997-1: 0.9 for what holds, 1.0 for what lifts',
        );
        self::assertTrue($high->lifts());
        self::assertSame(Verdict::Close, $high->word(), 'drains hold it down as long as they run');
        self::assertSame(
            Verdict::Fails,
            $at(1.6, ['drains' => ['inner_m' => 0.0, 'outlet' => 'sump']])->word(),
            'without an inner drain nothing does',
        );
        self::assertSame(Verdict::Fails, $at(1.95, ['membrane' => ['kind' => 'solvent-coat']])->word(), 'a coat stands no pressing water');
        // 1.2 m of water over the floor's underside, and a sheet on the wall alone: joint and floor let it in.
        foreach ([
            [[], []],
            [['waterstop' => 'no'], ['joint']],
            [['under_floor' => 'not-said'], ['floor']],
            [['waterstop' => 'no', 'under_floor' => 'no'], ['joint', 'floor']],
            [['kind' => 'solvent-coat'], ['wall']],
        ] as [$membrane, $open]) {
            self::assertSame($open, $at(0.96, ['membrane' => $membrane])->unsealed());
        }
        self::assertSame(Verdict::Holds, $at(4.0)->word());
        // Head at the wall's foot: the footing's top at −2.15 m; γ h²/2.
        self::assertEqualsWithDelta(0.55, (float) $high->wallHead, 1e-9);
        self::assertEqualsWithDelta(9.81 * 0.55 ** 2 / 2, (float) $high->wallForce(), 1e-9);
        self::assertSame(Verdict::NotChecked, Groundwater::of(self::site(['water' => 'damp']), $basement)->word());
        self::assertSame(Verdict::Holds, Groundwater::of(self::site(['water' => 'dry']), $basement)->word());
    }

    public function test_what_drains_bring_and_a_pump_does(): void
    {
        $site = self::site(
            ['soil' => 'sand-or-gravel', 'damp' => ['water_table_m' => 1.45, 'permeability_m_d' => 8.64, 'rain_mm_h' => 0.0]],
        );
        $duty = DrainDuty::of($site, self::design('heated-basement', ['drains' => ['outlet' => 'sump']]));
        self::assertNotNull($duty);
        // k 1e-4 m/s, H 1.0 m over a drain at −2.45 m: R = 3000 · 1 · 0.01 = 30 m; 96 m²: r₀ = √(96/π) = 5.528 m; Q = π ·
        // 1e-4 · 1²/ln(35.528/5.528) = 1.6886e-4.
        self::assertEqualsWithDelta(30.0, $duty->reach, 1e-6);
        self::assertEqualsWithDelta(1.6886e-4, (float) $duty->ground, 1e-8);
        self::assertEqualsWithDelta(2 * 1.6886e-4, $duty->pump(), 2e-8);
        // The same as a well with that radius: Thiem's Q = πk(H² − h²)/ln(R₂/r₀) (from memory) grows with the square of the head.
        $more = DrainDuty::of(
            self::site(['soil' => 'sand-or-gravel', 'damp' => ['water_table_m' => 0.45, 'permeability_m_d' => 8.64, 'rain_mm_h' => 0.0]]),
            self::design('heated-basement', ['drains' => ['outlet' => 'sump']]),
        );
        self::assertEqualsWithDelta(M_PI * 1e-4 * 4.0 / log((60 + sqrt(96 / M_PI)) / sqrt(96 / M_PI)), (float) $more?->ground, 1e-9);
        self::assertEqualsWithDelta(1.2 * (2.45 + 0.6), $duty->head(), 1e-9);
        self::assertEqualsWithDelta($duty->pump() * 360 / 4, $duty->sump(), 1e-12, 'ten starts an hour: q T/4');
        $rain = DrainDuty::of(self::site(['damp' => ['rain_mm_h' => 36.0]]), self::design('heated-basement'));
        self::assertEqualsWithDelta(40 * 36e-3 / 3600, (float) $rain?->rain, 1e-12, 'a metre of backfill along 40 m');
        self::assertNull($rain?->ground);
        self::assertNull(DrainDuty::of($site, self::design('thickened-edge-slab')));
    }

    public function test_the_slab_is_dry_enough_or_it_is_said_when(): void
    {
        $of = static fn (array $finish, array $more = []): DampVerdict => self::of(
            self::site(),
            self::design('thickened-edge-slab', ['finish' => $finish, ...$more]),
        );
        self::assertSame(Verdict::Holds, $of(['kind' => 'bare'])->dryingWord());
        self::assertSame(Verdict::NotChecked, $of(['kind' => 'wood'])->dryingWord());
        self::assertSame(Verdict::Fails, $of(['kind' => 'resilient', 'wait_days' => 14])->dryingWord());
        self::assertNotSame(Verdict::Fails, $of(['kind' => 'resilient', 'wait_days' => 400])->dryingWord());
        // On stone alone it dries to both sides, four times as fast.
        $one = $of(['kind' => 'resilient', 'wait_days' => 14])->drying;
        $two = $of(
            ['kind' => 'resilient', 'wait_days' => 14],
            ['sheet' => ['thickness_m' => 0], 'field_board' => ['thickness_m' => 0], 'perimeter_board' => ['width_m' => 0]],
        )->drying;
        self::assertFalse($one?->both);
        self::assertTrue($two?->both);
        self::assertLessThan((float) $one->daysTo(0.85), (float) $two->daysTo(0.85));
        // What lies on boards dries by itself.
        $screed = self::of(self::site(), self::design('insulated-screed-floor'))->drying;
        self::assertEqualsWithDelta(0.07, (float) $screed?->thickness, 1e-9);
        $wet = self::of(self::site(), self::design('thickened-edge-slab', ['slab' => ['water_cement_ratio' => 0.7]]))->drying;
        self::assertLessThan((float) $one->daysTo(0.85), (float) $wet?->daysTo(0.85), 'wide pores let go sooner');
    }

    /** Indoor air by class, by a machine, and through the year. */
    public function test_the_air_of_the_rooms(): void
    {
        $months = array_fill(0, 12, 0.8);
        $air = DampAir::of(self::site(['damp' => ['outdoor_rh_share' => $months]]));
        $jan = 0.8 * Vapour::saturation(-9.5);
        self::assertEqualsWithDelta($jan, $air->outsidePressure[0], 1e-9);
        self::assertEqualsWithDelta($jan + 810.0, $air->insidePressure[0], 1e-9);
        self::assertEqualsWithDelta(
            0.8 * Vapour::saturation(20.0),
            $air->insidePressure[6],
            1e-9,
            'aired, it holds what the outdoor air holds',
        );
        $machine = DampAir::of(self::site(['damp' => ['indoor_rh_share' => 0.45]]));
        self::assertEqualsWithDelta(0.45, $machine->humidity(3), 1e-12);
        foreach ([0.05, 1.0] as $share) {
            self::assertTrue(
                is_finite(
                    self::solved(self::site(['damp' => ['indoor_rh_share' => $share]]), self::design('heated-basement'))->share() ?? NAN,
                ),
                'air as dry or as wet as can be breaks nothing',
            );
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badSites(): iterable
    {
        yield 'air of 140 %' => [['damp' => ['indoor_rh_share' => 1.4]], '/damp/indoor_rh_share'];
        yield 'air of 0 %' => [['damp' => ['indoor_rh_share' => 0.0]], '/damp/indoor_rh_share'];
        yield 'a month of 140 %' => [['damp' => ['outdoor_rh_share' => [...array_fill(0, 11, 0.8), 1.4]]], '/damp/outdoor_rh_share/11'];
        yield 'eleven months' => [['damp' => ['outdoor_rh_share' => array_fill(0, 11, 0.8)]], '/damp/outdoor_rh_share'];
        yield 'water over the ground' => [['damp' => ['water_table_m' => -0.2]], '/damp/water_table_m'];
        yield 'a class that is none' => [['damp' => ['humidity' => 'sauna']], '/damp/humidity'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('badSites')]
    public function test_bad_sites_are_refused_in_words(array $changes, string $pointer): void
    {
        try {
            self::site($changes);
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertSame([$pointer], array_map(static fn (Fault $f): string => $f->pointer, $e->faults));
            self::assertNotSame('', $e->faults[0]->allowed);
        }
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function badStacks(): iterable
    {
        $set = static fn (string $list, int $i, array $with): callable => static function (array $file) use ($list, $i, $with): array {
            $file[$list][$i] = array_filter([...$file[$list][$i], ...$with], static fn (mixed $v): bool => $v !== null);

            return $file;
        };
        yield 'µ of 0' => [$set('layers', 0, ['mu' => 0]), '/layers/0/mu'];
        yield 'humidity of 140 %' => [$set('months', 3, ['inside_rh_share' => 1.4]), '/months/3/inside_rh_share'];
        yield 'months out of order' => [$set('months', 4, ['month' => 9]), '/months/4/month'];
        yield 'µ and s_d' => [$set('layers', 0, ['sd_m' => 2.0]), '/layers/0'];
        yield 'no λ' => [$set('layers', 0, ['conductivity' => null]), '/layers/0'];
        yield 'nothing holds vapour back' => [
            static fn (array $f): array => [...$f, 'layers' => [['name' => 'air', 'thickness_m' => 0.0, 'r_m2kw' => 0.1, 'sd_m' => 0.0]]],
            '/layers',
        ];
        yield 'nothing holds heat back' => [
            static fn (array $f): array => [
                ...$f,
                'inside_r_m2kw' => 0,
                'outside_r_m2kw' => 0,
                'layers' => [['name' => 'foil', 'thickness_m' => 0.0, 'r_m2kw' => 0, 'sd_m' => 9]],
            ],
            '/layers',
        ];
        yield 'eleven months' => [static fn (array $f): array => [...$f, 'months' => array_slice($f['months'], 0, 11)], '/months'];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $break */
    #[DataProvider('badStacks')]
    public function test_bad_stacks_are_refused_in_words(callable $break, string $pointer): void
    {
        try {
            VapourFile::read(json_encode($break(self::stackFile()), JSON_THROW_ON_ERROR));
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertSame($pointer, $e->faults[0]->pointer);
        }
    }

    public function test_air_of_no_and_of_all_humidity_is_taken(): void
    {
        $file = self::stackFile();
        foreach ($file['months'] as $i => $month) {
            $file['months'][$i] = [...$month, 'inside_rh_share' => $i % 2, 'outside_rh_share' => 1 - $i % 2];
        }
        $year = DampYear::of(VapourFile::read(json_encode($file, JSON_THROW_ON_ERROR)));
        self::assertTrue(is_finite($year->peak) && is_finite($year->left));
        $written = json_decode(
            VapourFile::write(VapourFile::read(json_encode(self::stackFile(), JSON_THROW_ON_ERROR))),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        self::assertCount(12, $written['interfaces'][1]['condensate_kg_m2']);
        self::assertSame('ondergrond-vapour-result', $written['format']);
        foreach (['no JSON', '[]', '{"layers": 1}', str_repeat(' ', VapourFile::LARGEST + 1)] as $noise) {
            try {
                VapourFile::read($noise);
                self::fail('noise was taken');
            } catch (FaultyInput $e) {
                self::assertNotSame([], $e->faults);
            }
        }
    }

    public function test_a_day_of_pouring_that_no_site_has_is_refused(): void
    {
        try {
            Evaporation::of(90.0, 20.0, 1.4, -3.0);
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertSame(
                ['/concrete_c', '/humidity_share', '/wind_m_s'],
                array_map(static fn (Fault $f): string => $f->pointer, $e->faults),
            );
        }
    }

    /** @return array<string, mixed> */
    private static function stackFile(): array
    {
        return [
            'inside_r_m2kw' => 0.13, 'outside_r_m2kw' => 0.0,
            'layers' => [
                ['name' => 'wool', 'thickness_m' => 0.1, 'conductivity' => 0.035, 'mu' => 1],
                ['name' => 'concrete', 'thickness_m' => 0.2, 'conductivity' => 2.0, 'mu' => 100],
            ],
            'months' => array_map(
                static fn (int $m): array => [
                    'month' => $m,
                    'inside_c' => 20,
                    'inside_rh_share' => 0.5,
                    'outside_c' => 4,
                    'outside_rh_share' => 1,
                ],
                range(1, 12),
            ),
        ];
    }

    /** Layers that vapour passes as if they were not there still hold heat back. */
    public function test_layers_without_vapour_resistance_still_warm_what_lies_behind(): void
    {
        $months = VapourFile::read(json_encode(self::stackFile(), JSON_THROW_ON_ERROR))->months;
        $open = new \Ondergrond\Damp\VapourLayer('open', 0.1, 2.0, 0.0);
        $shut = new \Ondergrond\Damp\VapourLayer('shut', 0.1, 0.1, 10.0);
        $behind = VapourStack::of([$open, $shut], 0.13, 0.0, $months) ?? self::fail('it has one');
        self::assertEqualsWithDelta(2.23, $behind->resistance(), 1e-12);
        self::assertEqualsWithDelta(
            20 - 16 * 2.13 / 2.23,
            $behind->temperatures($months[0])[0],
            1e-9,
            'the face that vapour meets is cold',
        );
        $before = VapourStack::of([$shut, $open], 0.13, 0.0, $months);
        self::assertEqualsWithDelta(4.0, $before?->temperatures($months[0])[1], 1e-9);
        self::assertNull(VapourStack::of([$open], 0.13, 0.0, $months));
        self::assertNull(VapourStack::of([], 0.13, 0.0, $months));
    }

    /** @param  list<DampStack>|null  $stacks */
    private static function at(?array $stacks, string $place): DampStack
    {
        foreach ($stacks ?? [] as $stack) {
            if ($stack->place->value === $place) {
                return $stack;
            }
        }
        self::fail("there is no stack at {$place}");
    }

    /** @return array{Project, Design} */
    private static function bakery(): array
    {
        foreach (Examples::all() as $project) {
            if ($project->name === 'Old bakery cellar') {
                return [$project, $project->options[1]->design];
            }
        }
        throw new \LogicException('the bakery is gone');
    }

    private static function of(Site $site, Design $design): DampVerdict
    {
        return Assessor::damp($site, $design);
    }

    private static function solved(Site $site, Design $design): DampVerdict
    {
        return DampVerdict::of($site, $design, ['edge' => GroundField::of($site, $design)]);
    }

    /** @return array<string, mixed> */
    private static function climate(string $slug): array
    {
        return SiteCodec::toArray(new Site('', ClimateSamples::all()[$slug], Soil::ClayOrSilt))['climate'];
    }

    /** @param  array<string, mixed>  $changes */
    private static function site(array $changes = []): Site
    {
        $data = SiteCodec::toArray(
            new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0, damp: new DampBasis(HumidityClass::Dwelling)),
        );

        return SiteCodec::fromArray([...$data, ...$changes, 'damp' => [...$data['damp'], ...($changes['damp'] ?? [])]]);
    }

    /** @param  array<string, mixed>  $changes */
    private static function design(string $family, array $changes = []): Design
    {
        $data = DesignCodec::toArray(Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric));
        if (isset($changes['lining']['layers'])) {
            $data['lining']['layers'] = [];
        }

        return DesignCodec::fromArray(array_replace_recursive($data, $changes));
    }
}
