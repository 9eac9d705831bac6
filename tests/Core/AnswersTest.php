<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Damp\Surface;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Design\Wall;
use Ondergrond\Examples\Examples;
use Ondergrond\Rules\Answer;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Site;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use PHPUnit\Framework\TestCase;

/** What is offered at findings that no size alone settles: it was tried, or it says that it is to be looked for. */
final class AnswersTest extends TestCase
{
    /** A dense solid stem under a cavity wall is the wall foot that goes mouldy; what is offered was tried, and one press is enough. */
    public function test_what_warms_a_mouldy_face_was_tried_by_the_field(): void
    {
        $site = Examples::of('insulated-screed-floor')->site ?? self::fail('there is one');
        $leaves = Families::all()['insulated-screed-floor']->preset(Footprint::rectangle(10.0, 6.0), UnitSystem::Metric);
        $bare = static fn (string $family): Design => Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
        $offered = 0;
        foreach ([
            [$site, Schools::all()['wall-kind']->follow($leaves, 'masonry')],
            [self::site(['indoor_c' => 20]), self::uncovered($bare('heated-basement'))],
            [self::site(['indoor_c' => 20]), self::uncovered($bare('stem-wall-slab'))],
            [self::site(['indoor_c' => 20]), self::uncovered($bare('thickened-edge-slab'))],
        ] as $i => [$on, $design]) {
            $finding = Assessor::assess($on, $design)->judgement->find('surfaces-stay-dry')?->finding;
            self::assertSame(Severity::Fix, $finding?->severity, "design {$i}");
            if ($finding->remedy !== null) {
                $offered++;
                $then = Assessor::assess($on, $finding->remedy->applied($design))->judgement->find('surfaces-stay-dry')?->finding;
                self::assertNotSame(Severity::Fix, $then?->severity, "design {$i} after the press");
            }
            self::assertNull(Assessor::assess($on, $design,
                roughly: true)->judgement->find('surfaces-stay-dry')?->finding->remedy, 'a first look tries nothing');
        }
        self::assertGreaterThanOrEqual(3, $offered);
    }

    /** In a warm humid summer rooms are damp whatever is built; a machine's setting is tried before it is offered. */
    public function test_humid_rooms_are_cooled_and_dried(): void
    {
        $design = Families::all()['thickened-edge-slab']->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
        $humid = [
            'climate' => [
                'monthly_mean_c' => [17, 18, 20, 23, 25.5, 27.5, 28, 28, 27, 24.5, 21, 18], 'design_c' => 9, 'name' => 'Warm and humid',
                'source' => 'own',
            ],
            'indoor_c' => 23, 'indoor_swing_k' => 1.5,
        ];
        $before = Assessor::assess(self::site($humid), $design);
        $finding = $before->judgement->find('surfaces-stay-dry')?->finding;
        self::assertNotNull($finding?->answer, 'it fails by itself, and what helps is said');
        self::assertSame('site.damp.dried_rh_share', $finding->answer->path);
        $after = Assessor::assess(self::site([...$humid, 'damp' => ['dried_rh_share' => $finding->answer->value]]), $design);
        self::assertNull($after->judgement->find('surfaces-stay-dry'));
        self::assertLessThanOrEqual(1.0, max([0.0,
            ...array_map(static fn (Surface $s): float => $s->share(), $after->damp->surfaces ?? [])]));
        // Drying takes water out of humid air and adds none to dry air.
        $winter = self::site(['damp' => ['dried_rh_share' => 0.6]]);
        self::assertEqualsWithDelta(
            Assessor::damp(self::site([]), $design)->air->insidePressure[0], Assessor::damp($winter, $design)->air->insidePressure[0], 1e-9,
        );
    }

    /** Frost that reaches a bearing has no size for a remedy that nobody tried: the search is offered, where a wing can help. */
    public function test_frost_is_answered_by_a_search(): void
    {
        $design = Families::all()['thickened-edge-slab']->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
        $site = self::site(['frost' => ['winter_use' => 'unheated', 'design_index_c_d' => 900]]);
        $proofs = iterator_to_array(Assessor::proofs($site, $design, [$site->frost->use]), false);
        $finding = Assessor::judge($site, $design, proofs: $proofs)->find('frost-stays-out')?->finding;
        self::assertSame(Severity::Stop, $finding?->severity);
        self::assertNull($finding->remedy);
        self::assertSame(Answer::LEAST_WING, $finding->answer?->path);
        self::assertNull($finding->answer->value, 'nothing was tried');
    }

    /** Common practice, no source: polystyrene stands 75 °C for long, polyiso 110; within 5 K of it is too near. */
    public function test_foam_in_hot_rooms_is_found_wherever_it_stands(): void
    {
        $slab = Families::all()['heat-storing-slab']->preset(Footprint::rectangle(8.0, 6.0), UnitSystem::Metric);
        $room = Families::all()['heated-basement']->preset(Footprint::rectangle(8.0, 6.0), UnitSystem::Metric);
        $lined = self::uncovered($room)->with(['lining' => $room->lining->but(layers: [new Layer('gypsum-board', 0.0125),
            new Layer('xps-25psi', 0.08)])]);
        $form = Schools::all()['wall-kind']->follow($room, 'form');
        $wall = $slab->with([
            'fieldBoard' => new Layer('pir-foil', 0.2), 'perimeterBoard' => $slab->perimeterBoard->but(layer: new Layer('pir-foil', 0.0)),
            'edgeInside' => $slab->edgeInside->but(layer: new Layer('pir-foil', 0.0)),
            'wall' => new Wall([new Layer('wood-panel', 0.012), new Layer('eps-25psi', 0.15)], [])]);
        $found = static fn (Design $d, ?float $hot, float $hours): ?Finding => Rulebook::find('foam-stays-cool')?->judge(
            new Subject(self::site(['room' => ['hot_c' => $hot, 'hot_hours' => $hours]]), $d),
        );
        foreach (['lined' => [$lined, 'lining'], 'form' => [$form, 'inner face'],
            'wall' => [$wall, 'of the wall']] as $name => [$design, $said]) {
            self::assertNull($found($design, null, 24.0), $name);
            self::assertNull($found($design, 60.0, 24.0), "{$name} at 60 °C");
            $finding = $found($design, 90.0, 24.0);
            self::assertSame(Severity::Stop, $finding?->severity, $name);
            self::assertStringContainsString($said, $finding->said->in(new QuantityFormatter(UnitSystem::Metric)));
            if ($finding->remedy !== null) {
                self::assertNull($found($finding->remedy->applied($design), 90.0, 24.0), "{$name} after the press");
            }
        }
        // 20 °C to 90: behind films and plasterboard, 0.13 + 0.05 of 3.05 m²K/W, a steady face is at 86 °C.
        self::assertEqualsWithDelta(86.0, $found($lined, 90.0, 24.0)->measured->value ?? 0.0, 1.0);
        self::assertNotNull($found($slab, 90.0, 24.0), 'under the slab of a room that is always hot');
        self::assertNull($found($slab, 90.0, 1.0), 'an hour of sauna does not get through 200 mm of concrete');
        self::assertNotNull($found($lined, 90.0, 1.0), 'but through plasterboard');
        // A drying room that is kept so hot says it by its own temperature.
        $kept = new Subject(self::site(['indoor_c' => 75]), $lined);
        self::assertSame(Severity::Stop, Rulebook::find('foam-stays-cool')?->judge($kept)?->severity);
        $last = -INF;
        for ($hot = 40.0; $hot <= 90.0; $hot += 2.5) {
            $gets = $found($form, $hot, 6.0)->measured->value ?? $last;
            self::assertGreaterThanOrEqual($last, $gets, "{$hot} °C");
            $last = $gets;
        }
    }

    private static function uncovered(Design $design): Design
    {
        $none = new OutsideBoard($design->edgeOutside->layer->thick(0.0), 0.4);

        return $design->with([
            'edgeOutside' => $none, 'cover' => $design->cover->but(layer: $design->cover->layer->thick(0.0)),
            'edgeInside' => $design->edgeInside->but(layer: $design->edgeInside->layer->thick(0.0)),
            'form' => $design->form->but(inside: 0.0, outside: 0.0),
        ]);
    }

    /** @param  array<string, mixed>  $changes */
    private static function site(array $changes): Site
    {
        return SiteCodec::fromArray(array_replace_recursive(SiteCodec::toArray(Examples::boathouse()->site), $changes));
    }
}
