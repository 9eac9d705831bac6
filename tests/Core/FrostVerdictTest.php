<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\FrostFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Frost\FrozenSoil;
use Ondergrond\Ground\GroundField;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\TableWing;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\GroundCover;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\Susceptibility;
use Ondergrond\Site\WinterUse;
use Ondergrond\Sizing\WingOutcome;
use Ondergrond\Sizing\WingSearch;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is said of frost, when nothing is said, and which of two answers governs. */
final class FrostVerdictTest extends TestCase
{
    private static function site(
        FrostBasis $frost = new FrostBasis,
        string $climate = 'cold-inland',
        Soil $soil = Soil::ClayOrSilt,
        float $indoor = 20.0,
    ): Site {
        return new Site('', ClimateSamples::all()[$climate], $soil, $indoor, frost: $frost);
    }

    private static function design(string $family = 'thickened-edge-slab', ?Footprint $plan = null): Design
    {
        return Families::all()[$family]->preset($plan ?? Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
    }

    private static function proof(Design $design, float $margin, Side $side = Side::Edge, WinterUse $use = WinterUse::Heated): FrostProof
    {
        return new FrostProof(
            $side, $use, Bearing::of($design, $side), $margin, 0.01, 50, -0.5, 0.0, 0.0, 0.0, 1.8, 80.0, 5000, 1e-8, 1e-7, 8.0, [],
        );
    }

    public function test_every_family_has_a_verdict_or_a_reason(): void
    {
        foreach (array_keys(Families::all()) as $family) {
            $data = FrostFile::toArray(FrostVerdict::of(self::site(), self::design($family)));
            self::assertNull($data['margin_mm']);
            self::assertSame('The winter has not been run on the section.', $data['reason'], $family);
            self::assertSame(
                $data['table']['holds'] === false && $data['footing']['margin_mm'] < 0 ? 'fails' : 'not checked',
                $data['verdict']['word'],
                $family,
            );
            self::assertGreaterThan(1000, $data['freezing_index_c_d']);
            self::assertEqualsWithDelta(24 * $data['freezing_index_c_d'], $data['freezing_index_k_h'], 1.0);
            self::assertEqualsWithDelta(1.8 * $data['freezing_index_c_d'], $data['freezing_index_f_d'], 1.0);
            self::assertGreaterThan(0, $data['footing']['depth_mm']);
        }
    }

    /** @return iterable<string, array{Site, string, bool}> */
    public static function withoutFrost(): iterable
    {
        yield 'a climate without frost' => [
            new Site('', new \Ondergrond\Site\Climate('Warm (invented)', array_fill(0, 12, 18.0), 12.0), Soil::ClayOrSilt),
            'too mild',
            true,
        ];
        yield 'permafrost' => [
            new Site(
                '',
                new \Ondergrond\Site\Climate('Frozen (invented)', [-28, -25, -18, -8, 2, 9, 12, 9, 2, -9, -19, -25], -42.0),
                Soil::ClayOrSilt,
            ),
            'geotechnical engineer',
            false,
        ];
        yield 'rock' => [self::site(soil: Soil::Rock), 'does not heave', true];
        yield 'clean gravel, tested' => [
            self::site(new FrostBasis(susceptibility: Susceptibility::None), soil: Soil::SandOrGravel),
            'does not heave',
            true,
        ];
        yield 'dry ground' => [self::site(new FrostBasis(dryDensity: 1500.0, water: 0.0)), 'without water', true];
        yield 'a bearing on ledge' => [self::site(new FrostBasis(ledge: 0.4)), 'on rock', true];
        yield 'an index of nothing' => [self::site(new FrostBasis(designIndex: 0.0)), 'too mild', true];
    }

    #[DataProvider('withoutFrost')]
    public function test_where_frost_cannot_matter_a_sentence_says_why(Site $site, string $reason, bool $safe): void
    {
        $verdict = FrostVerdict::of($site, self::design());
        self::assertStringContainsString($reason, (string) $verdict->reason);
        self::assertSame($safe ? Verdict::Holds : Verdict::NotChecked, $verdict->word());
        $data = FrostFile::toArray($verdict);
        self::assertNull($data['margin_mm'], 'never a fake zero');
        self::assertNull($data['depth_mm']);
        self::assertSame([], iterator_to_array(Assessor::proofs($site, self::design(), WinterUse::cases()), false));
        self::assertSame(
            $safe ? null : Severity::NotChecked,
            Rulebook::all()['frost-stays-out']->judge(new Subject($site, self::design()))?->severity,
        );
    }

    public function test_the_design_winter_has_the_index_that_it_is_built_for(): void
    {
        foreach (array_keys(ClimateSamples::all()) as $climate) {
            foreach ([null, 40.0, 900.0, 2500.0] as $given) {
                $winter = DesignWinter::of(self::site(new FrostBasis(designIndex: $given), $climate));
                self::assertEqualsWithDelta($winter->index, FreezingIndex::ofYear($winter->design)->value, 0.5);
                self::assertSame($given ?? $winter->index, $winter->index);
                // The summer is as it was.
                $summer = ($winter->coldestDay() + 182) % 365;
                self::assertSame($winter->normal[$summer], $winter->design[$summer]);
            }
        }
        $record = [800.0, 950.0, 620.0, 1010.0, 700.0, 880.0, 760.0, 990.0, 840.0, 910.0];
        self::assertStringContainsString('10 winters', DesignWinter::of(self::site(new FrostBasis(winters: $record)))->method);
        self::assertStringContainsString(
            'mean and coefficient',
            DesignWinter::of(self::site(new FrostBasis(winters: array_slice($record, 0, 9))))->method,
            'nine are too few',
        );
        [$bare, $turf] = [
            Assessor::frost(self::site(), self::design()),
            Assessor::frost(self::site(new FrostBasis(surface: GroundCover::Turf, snow: true)), self::design()),
        ];
        self::assertGreaterThan(1.2 * $turf->depth(), $bare->depth());
    }

    public function test_of_two_answers_the_safer_governs(): void
    {
        $design = self::design();
        $bare = FrostVerdict::of(self::site(), $design);
        self::assertFalse($bare->table->holds());
        self::assertSame(Verdict::Fails, $bare->proved([self::proof($design, 0.2)])->word(), 'the table fails though the field holds');
        self::assertStringContainsString('corner', (string) $bare->proved([self::proof($design, 0.2)])->governs());
        $fitted = TableWing::fitted($design, $bare->table->index, new \Ondergrond\Design\Families\Stock(UnitSystem::Metric));
        $good = FrostVerdict::of(self::site(), $fitted);
        self::assertTrue($good->table->holds());
        self::assertSame(Verdict::Holds, $good->proved([self::proof($fitted, 0.2)])->word());
        self::assertSame(Verdict::Close, $good->proved([self::proof($fitted, 0.03)])->word());
        self::assertSame(Verdict::Fails, $good->proved([self::proof($fitted, -0.01)])->word(), 'the field fails though the table holds');
        self::assertStringStartsWith('As drawn', (string) $good->proved([self::proof($fitted, -0.01)])->governs());
        self::assertGreaterThan(1.0, $good->proved([self::proof($fitted, -0.01)])->share());
        self::assertLessThan(1.0, $good->proved([self::proof($fitted, 0.2)])->share());
        // A footing below frost needs no table.
        $deep = DesignCodec::fromArray(
            array_replace_recursive(DesignCodec::toArray(self::design('stem-wall-slab')), ['footing' => ['depth_below_grade_m' => 2.4]]),
        );
        $footing = FrostVerdict::of(self::site(), $deep);
        self::assertFalse($footing->tableFails());
        self::assertGreaterThan(0.0, $footing->footingMargin());
        self::assertStringStartsWith('Depth', (string) $footing->proved([self::proof($deep, 0.4)])->governs());
        // The worst side decides, in the use that the site names.
        $two = $good->proved(
            [self::proof($fitted, 0.3), self::proof($fitted, -0.2, Side::Door), self::proof($fitted, -0.9, use: WinterUse::Unheated)],
        );
        self::assertSame([Side::Door, -0.2], [$two->closest()?->side, $two->closest()?->margin]);
    }

    public function test_the_table_is_silent_where_it_does_not_apply(): void
    {
        $why = static fn (Site $site, string $family): ?string => FrostVerdict::of($site, self::design($family))->table->why;
        self::assertStringContainsString('slabs on the ground', (string) $why(self::site(), 'heated-basement'));
        self::assertStringContainsString(
            'heated buildings',
            (string) $why(self::site(new FrostBasis(use: WinterUse::Unheated)), 'thickened-edge-slab'),
        );
        self::assertStringContainsString('at least 18', (string) $why(self::site(indoor: 15.0), 'thickened-edge-slab'));
        self::assertStringContainsString(
            'not extrapolated',
            (string) $why(self::site(new FrostBasis(designIndex: 2300.0)), 'thickened-edge-slab'),
        );
        self::assertNull($why(self::site(), 'frost-protected-raft'));
    }

    public function test_rules_speak_once_the_winter_is_run(): void
    {
        $design = self::design();
        $asked = static fn (string $rule, FrostProof ...$proofs): ?Severity => Rulebook::all()[$rule]->judge(
            new Subject(self::site(), $design, frost: FrostVerdict::of(self::site(), $design)->proved(array_values($proofs))),
        )?->severity;
        self::assertSame(Severity::NotChecked, $asked('frost-stays-out'));
        self::assertSame(Severity::Stop, $asked('frost-stays-out', self::proof($design, -0.1)));
        self::assertSame(Severity::Note, $asked('frost-stays-out', self::proof($design, 0.02)));
        self::assertSame(
            Severity::Note,
            $asked('frost-stays-out', self::proof($design, 0.2)),
            'no section shows a corner, and the table lacks a wing',
        );
        $winged = TableWing::fitted(
            $design,
            FrostVerdict::of(self::site(), $design)->table->index,
            new \Ondergrond\Design\Families\Stock(UnitSystem::Metric),
        );
        self::assertNull(
            Rulebook::all()['frost-stays-out']->judge(
                new Subject(self::site(), $winged, frost: FrostVerdict::of(self::site(), $winged)->proved([self::proof($winged, 0.2)])),
            ),
        );
        self::assertSame(
            Severity::Note,
            $asked('first-winter-warm', self::proof($design, 0.2), self::proof($design, -0.3, use: WinterUse::Unheated)),
        );
        self::assertNull($asked('first-winter-warm', self::proof($design, 0.2), self::proof($design, 0.1, use: WinterUse::Unheated)));
        self::assertSame(Severity::Note, $asked('doors-stay-thawed', self::proof($design, 0.2), self::proof($design, 0.01, Side::Door)));
        self::assertNull($asked('doors-stay-thawed', self::proof($design, 0.2), self::proof($design, 0.15, Side::Door)));
    }

    public function test_ground_that_freezes_where_no_bearing_stands_is_judged(): void
    {
        $design = TableWing::fitted(self::design('stem-wall-slab'), 2900.0, new \Ondergrond\Design\Families\Stock(UnitSystem::Metric));
        $with = static fn (Site $site, float ...$ices): FrostVerdict => FrostVerdict::of($site, $design)->proved(
            [
                new FrostProof(
                    Side::Edge, WinterUse::Heated, Bearing::of($design, Side::Edge), 0.4, 0.0, 50, null, $ices[0], $ices[1],
                    $ices[2], 1.8, 80.0, 5000, 1e-8, 1e-7, 8.0, [],
                ),
            ],
        );
        [$clay, $sand] = [self::site(), self::site(soil: Soil::SandOrGravel)];
        self::assertSame(Verdict::Fails, $with($clay, 0.3, 0.0, 0.0)->word(), 'clay under the slab heaves');
        self::assertSame(Verdict::NotChecked, $with($sand, 0.3, 0.0, 0.0)->word(), 'sand may hold fines');
        self::assertSame(Verdict::NotChecked, $with($clay, 0.0, 0.3, 0.0)->word(), 'the slab beside');
        self::assertSame(Verdict::NotChecked, $with($clay, 0.0, 0.0, 0.3)->word(), 'ice that grips the stem');
        self::assertNotContains($with($clay, 0.0, 0.0, 0.0)->word(), [Verdict::Fails, Verdict::NotChecked]);
        foreach ([
            ['slab-stands-frost', $clay, [0.3, 0.0, 0.0], Severity::Stop],
            ['slab-stands-frost', $sand, [0.3, 0.0, 0.0], Severity::NotChecked],
            ['neighbour-stands-frost', $clay, [0.0, 0.3, 0.0], null],
            ['stem-free-of-frost', $clay, [0.0, 0.0, 0.3], Severity::NotChecked],
        ] as [$rule, $site, $ices, $severity]) {
            self::assertSame(
                $severity,
                Rulebook::all()[$rule]->judge(new Subject($site, $design, frost: $with($site, ...$ices)))?->severity,
                $rule,
            );
        }
    }

    /** On a real section: no heat, a footing far below frost, and clay: the slab heaves between walls that stand. */
    #[Group('slow')]
    public function test_an_unheated_slab_on_clay_never_holds(): void
    {
        $design = self::design('stem-wall-slab');
        $design = $design->with(['footing' => $design->footing->but(depthBelowGrade: 2.4)]);
        $site = self::site(new FrostBasis(use: WinterUse::Unheated));
        $verdict = FrostVerdict::of($site, $design);
        $proof = FrostProof::run(
            GroundField::of($site, $design, Side::Edge),
            $verdict->winter,
            $verdict->soil,
            $verdict->depth(),
            WinterUse::Unheated,
            finer: 0.35,
            steps: 3,
        );
        self::assertGreaterThan(0.0, $proof->margin, 'the bearing lies below frost');
        self::assertGreaterThan(0.3, $proof->slabIce, 'and the ground under the slab freezes');
        self::assertSame(Verdict::Fails, $verdict->proved([$proof])->word());
    }

    public function test_beyond_the_table_and_at_corners_the_field_is_close_at_best(): void
    {
        $design = self::design();
        foreach ([
            new FrostBasis(designIndex: 2400.0),
            new FrostBasis(use: WinterUse::SetBack),
            new FrostBasis(use: WinterUse::Unheated),
        ] as $basis) {
            $verdict = FrostVerdict::of(self::site($basis), $design)->proved([self::proof($design, 0.5, use: $basis->use)]);
            self::assertNotNull($verdict->table->why);
            self::assertSame(Verdict::Close, $verdict->word());
            self::assertStringContainsString('corner', (string) $verdict->governs());
        }
        $deep = self::design('stem-wall-slab');
        $deep = $deep->with(['footing' => $deep->footing->but(depthBelowGrade: 3.4)]);
        self::assertSame(
            Verdict::Holds,
            FrostVerdict::of(self::site(new FrostBasis(designIndex: 2400.0)), $deep)->proved([self::proof($deep, 0.5)])->word(),
            'a bearing below frost needs no table',
        );
    }

    /** No width is narrower than the mesh leaves open, and a wing without a board is none. */
    #[Group('slow')]
    public function test_a_margin_is_no_surer_than_its_mesh(): void
    {
        $design = self::design();
        $proof = static fn (float $margin, float $error): FrostProof => new FrostProof(
            Side::Edge, WinterUse::Heated, Bearing::of($design, Side::Edge), $margin, $error, 50, null, 0.0, 0.0, 0.0, 1.8, 80.0,
            5000, 1e-8, 1e-7, 8.0, [],
        );
        self::assertSame([0.05, 0.09], [$proof(0.2, 0.01)->close(), $proof(0.2, 0.09)->close()]);
        $site = self::site();
        $verdict = FrostVerdict::of($site, $design);
        $margin = static fn (Design $d): float => FrostProof::run(
            GroundField::of($site, $d, Side::Edge),
            $verdict->winter,
            $verdict->soil,
            $verdict->depth(),
            WinterUse::Heated,
            finer: 0.35,
            steps: 3,
        )->margin;
        $none = $design->with(['wing' => $design->wing->but(layer: $design->wing->layer->thick(0.0), width: 0.6)]);
        self::assertSame($margin($none), $margin($design->with(['wing' => $none->wing->but(width: 2.0)])));
    }

    /** Years before the design winter change nothing once the ground begins about the mean it freezes to (9d). */
    #[Group('slow')]
    public function test_more_years_before_the_winter_change_nothing(): void
    {
        $design = self::design();
        $site = self::site();
        $verdict = FrostVerdict::of($site, $design);
        $run = static fn (int $lead): float => FrostProof::run(
            GroundField::of($site, $design, Side::Edge),
            $verdict->winter,
            $verdict->soil,
            $verdict->depth(),
            WinterUse::Heated,
            finer: 0.35,
            lead: $lead,
            steps: 3,
        )->margin;
        self::assertEqualsWithDelta($run(4), $run(1), 0.004);
    }

    public function test_what_the_table_asks_can_be_fitted_to_every_slab(): void
    {
        foreach (UnitSystem::cases() as $units) {
            foreach ([
                'thickened-edge-slab', 'frost-protected-raft', 'stem-wall-slab', 'heat-storing-slab', 'unheated-neighbour',
            ] as $family) {
                foreach ([700.0, 1300.0, 1700.0, 2200.0] as $index) {
                    $site = self::site(new FrostBasis(designIndex: $index));
                    $plain = Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), $units);
                    $verdict = FrostVerdict::of($site, $plain);
                    $fitted = TableWing::fitted($plain, $verdict->table->index, new \Ondergrond\Design\Families\Stock($units));
                    self::assertTrue(FrostVerdict::of($site, $fitted)->table->holds(), "{$family}, {$index}, {$units->value}");
                    self::assertEquals($fitted, DesignCodec::fromArray(DesignCodec::toArray($fitted)));
                }
            }
        }
    }

    public function test_the_search_finds_the_least_wing_that_holds(): void
    {
        $design = self::design();
        $site = self::site();
        $asked = 0;
        // A field in which a wing of 60 mm at 1.2 m, or of 80 mm at 0.9 m, is just enough.
        $prove = static function (Stretch $s, WinterUse $use, callable $tick) use (&$asked): FrostProof {
            $asked++;
            $tick();
            $d = $s->design;

            return self::proof($d, 0.05 + 0.5 * ($d->wing->width * ($d->wing->layer->thickness + 0.02) - 0.0895), $s->kind);
        };
        $found = WingSearch::run($site, $design, UnitSystem::Metric, static fn (WingOutcome $o): bool => true, $prove);
        self::assertTrue($found->complete);
        self::assertNotNull($found->best);
        $least = INF;
        foreach ([0.3, 0.6, 0.9, 1.2, 1.5, 1.8, 2.4] as $width) {
            foreach ([0.05, 0.08, 0.1, 0.15] as $thick) {
                $least = $width * ($thick + 0.02) >= 0.0895 ? min($least, $width * $thick) : $least;
            }
        }
        $wing = $found->best->design->wing;
        self::assertEqualsWithDelta($least, $wing->width * $wing->layer->thickness, 1e-9, 'as trying them all finds');
        self::assertLessThanOrEqual($found->most, $asked);
        self::assertTrue($found->byTable);
        self::assertGreaterThanOrEqual(1.5 * $wing->width - 0.001, $wing->cornerWidth);
        // A wing that is drawn larger than it need be is no reason to keep it so; its board and depth are kept.
        $large = self::design('frost-protected-raft');
        $less = WingSearch::run($site, $large, UnitSystem::Metric, static fn (WingOutcome $o): bool => true, $prove)->best?->design->wing;
        self::assertNotNull($less);
        self::assertEqualsWithDelta($least, $less->width * $less->layer->thickness, 1e-9);
        self::assertSame([$large->wing->depth, $large->wing->layer->material], [$less->depth, $less->layer->material]);
        // Stopped in the middle, what was found is kept.
        $calls = 0;
        $stopped = WingSearch::run($site, $design, UnitSystem::Metric, static function (WingOutcome $o) use (&$calls): bool {
            return $o->best === null || ++$calls < 2;
        }, $prove);
        self::assertFalse($stopped->complete);
        self::assertNotNull($stopped->best);
        // None is needed: what no section shows and a winter without heat stand beside it. A board that is not there has no depth to
        // refuse.
        $mild = self::site(new FrostBasis(designIndex: 700.0));
        $bare = $design->with(
            ['edgeOutside' => $design->edgeOutside->but(layer: $design->edgeOutside->layer->thick(0.0), depthBelowGrade: 4.0)],
        );
        $easy = WingSearch::run(
            $mild,
            $bare,
            UnitSystem::Metric,
            static fn (WingOutcome $o): bool => true,
            static fn (Stretch $s, WinterUse $use): FrostProof => self::proof(
                $s->design,
                $use === WinterUse::Unheated ? -0.2 : 0.3,
                $s->kind,
            ),
        );
        self::assertFalse($easy->best?->design->wing->present() ?? true);
        self::assertSame([-200.0, 'edge'], [$easy->beside['without_heat_mm'] ?? null, $easy->beside['without_heat_side'] ?? null]);
        self::assertNotSame('', $easy->beside['corner'] ?? '');
        self::assertNull($found->beside, 'where a wing is needed it says so itself');
        // Nothing holds: it says so, and thicker edges were tried.
        $none = WingSearch::run(
            $site,
            $design,
            UnitSystem::Metric,
            static fn (WingOutcome $o): bool => true,
            static fn (Stretch $s): FrostProof => self::proof($s->design, -0.5, $s->kind),
        );
        self::assertNull($none->best);
        self::assertGreaterThan(4, count($none->tries));
        $this->expectException(FaultyInput::class);
        WingSearch::run($site, self::design('heated-basement'), UnitSystem::Metric, static fn (WingOutcome $o): bool => true, $prove);
    }

    /** On a real section: the closer a reading, the safer; heat, wing and warmth each keep frost further off. */
    #[Group('slow')]
    public function test_the_field_of_a_winter_on_a_slab(): void
    {
        $site = self::site(new FrostBasis(designIndex: 300.0), 'river-plain');
        $plain = self::design();
        $heated = Assessor::proof($site, Stretch::edge($plain), WinterUse::Heated);
        self::assertLessThan(1e-6, $heated->closure);
        self::assertLessThan(1e-6, $heated->residual);
        self::assertNotNull($heated->day);
        self::assertTrue($heated->day < 120 || $heated->day > 330, 'in winter or after it');
        // The field knows a winter that comes and goes, the sums one that begins at once: the sums are deeper.
        $verdict = FrostVerdict::of($site, $plain);
        self::assertLessThan(1.05 * $verdict->depth(), $heated->open);
        self::assertGreaterThan(0.5 * $verdict->depth(), $heated->open);
        self::assertNotSame([], $heated->film);
        $cold = FrostProof::run(
            GroundField::of($site, $plain),
            $verdict->winter,
            $verdict->soil,
            $verdict->depth(),
            WinterUse::Unheated,
            finer: 0.5,
            steps: 2,
        );
        self::assertLessThan($heated->margin - 0.1, $cold->margin);
        self::assertGreaterThan($cold->heat, $heated->heat);
        $closest = $heated->film[$heated->day] ?? null;
        self::assertEqualsWithDelta(1000 * $heated->margin, $closest['margin'] ?? INF, 1.0);
    }

    public function test_the_ground_is_what_is_weighed(): void
    {
        $soil = FrozenSoil::of(Soil::ClayOrSilt, new FrostBasis(dryDensity: 1600.0, water: 0.15));
        self::assertEqualsWithDelta(334_000 * 1600 * 0.15, $soil->latent, 1.0);
        self::assertGreaterThan($soil->thawed, $soil->frozen);
        self::assertEqualsWithDelta(1600 * (712 + 0.15 * 4187), $soil->thawedCapacity, 1.0);
        self::assertSame(0.0, FrozenSoil::of(Soil::SandOrGravel, new FrostBasis(water: 0.0))->latent);
        self::assertNull(FrozenSoil::of(Soil::SandOrGravel, new FrostBasis(water: 0.0))->substance('x')->frozen);
    }

    public function test_frost_goes_deeper_under_paving(): void
    {
        $open = static fn (float $paving, float $stone): ?\Ondergrond\Frost\OpenGround => FrostVerdict::of(
            self::site(new FrostBasis(paving: $paving, pavingStone: $stone)),
            self::design(),
        )->open;
        self::assertNull($open(0.0, 0.0)?->layered);
        $paved = $open(0.2, 1.5);
        self::assertNotNull($paved);
        // Drained stone holds next to no water to freeze.
        self::assertGreaterThan($paved->exact + 0.1, $paved->layered);
        self::assertGreaterThan($paved->layered, $open(0.08, 2.0)?->layered);
        self::assertSame('under the paving, by layers', $paved->governs());
        self::assertSame($paved->layered, $paved->depth());
        // A thin bed holds back more than its lack of ice lets through: the ground alone is deeper, and governs.
        self::assertSame($open(0.0, 0.0)?->depth(), $open(0.08, 0.3)?->depth());
    }

    public function test_files_hold_what_frost_is_judged_by(): void
    {
        $site = self::site(
            new FrostBasis(
                1200.0, [800.0, 900.5], 0.2, 3.0, 50.0, 1600.0, 0.18, Susceptibility::Strong, 0.9, GroundCover::Turf, true,
                WinterUse::SetBack, 8.0, 0.08, 0.3,
            ),
        );
        self::assertEquals($site, SiteCodec::fromArray(SiteCodec::toArray($site)));
        $old = SiteCodec::toArray(self::site());
        unset($old['frost']);
        self::assertEquals(new FrostBasis, SiteCodec::fromArray($old)->frost, 'older files are judged by class');
        foreach ([
            ['water_share', 0.9], ['ledge_m', 40.0], ['return_years', 1.0], ['winters_c_d', [9000.0]], ['spread_k', -1.0],
        ] as [$key, $value]) {
            try {
                SiteCodec::fromArray([...SiteCodec::toArray($site), 'frost' => [...SiteCodec::toArray($site)['frost'], $key => $value]]);
                self::fail("{$key} is refused");
            } catch (FaultyInput $e) {
                self::assertStringStartsWith("/frost/{$key}", $e->faults[0]->pointer);
            }
        }
    }

    public function test_rock_in_the_ground_is_in_the_field(): void
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        $loss = static fn (?float $ledge): float => Assessor::loss(
            new Site('', $project->site->climate, Soil::ClayOrSilt, 19.0, frost: new FrostBasis(ledge: $ledge)),
            $design,
        )->mean;
        self::assertGreaterThan(1.02 * $loss(null), $loss(1.0), 'rock conducts better');
        self::assertEqualsWithDelta($loss(null), $loss(18.0), 0.05 * $loss(null), 'far down it hardly matters');
        self::assertGreaterThan($loss(3.0), $loss(1.0));
    }
}
