<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Drawing\Lettering;
use Ondergrond\Drawing\QuestionMarks;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\Text;
use Ondergrond\Examples\Examples;
use Ondergrond\Project\Project;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\OpenQuestion;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\DampBasis;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\Presence;
use Ondergrond\Site\Requirements;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\Susceptibility;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\TestCase;

/** What a site leaves open, and what is said under a climate that nobody knows yet. */
final class OpenQuestionTest extends TestCase
{
    public function test_a_new_site_asks_for_climate_winter_and_water_first_and_one_that_says_all_for_nothing(): void
    {
        $new = new Site('', ClimateSamples::notKnown(), Soil::ClayOrSilt);
        $keys = array_column(OpenQuestion::of($new), 'key');
        self::assertSame(['climate.monthly_mean_c', 'frost.office_depth_m', 'water'], array_slice($keys, 0, 3));
        self::assertSame(['sky', 'surface', 'ground'], array_column(OpenQuestion::marks($new), 'place'));
        foreach ($keys as $key) {
            self::assertNotNull(SizePath::said('site.'.$key), $key);
        }
        $climate = new Climate('', ClimateSamples::all()['cold-inland']->monthly, -24.0, ClimateSource::Own);
        $said = new Site(
            '', $climate, Soil::ClayOrSilt, water: GroundWater::Damp, termites: Presence::No, radon: Presence::No,
            requirements: new Requirements('practice'), frost: new FrostBasis(susceptibility: Susceptibility::Strong, officeDepth: 1.2),
            damp: new DampBasis(waterTable: 3.0),
        );
        self::assertSame([], OpenQuestion::of($said));
        self::assertSame([], OpenQuestion::marks($said));
    }

    public function test_nothing_is_green_or_red_by_a_climate_that_is_not_known(): void
    {
        foreach (Examples::all() as $project) {
            $site = self::withoutClimate($project);
            $design = $project->options[0]->design;
            $frost = Assessor::frost($site, $design);
            $rulings = Assessor::rulings($site, $design)->all();
            foreach (['frost', 'damp', 'mass'] as $concern) {
                self::assertNotContains($rulings[$concern]->word, [Verdict::Holds, Verdict::Close], "{$project->name}, {$concern}");
            }
            self::assertNotNull($frost->reason, $project->name);
            self::assertFalse($frost->tableFails(), $project->name);
            self::assertNotSame(Verdict::Fails, $frost->word(), $project->name);
            self::assertContains('climate-known', array_map(
                static fn ($j): string => $j->finding->rule->id(), Assessor::judge($site, $design)->findings,
            ));
        }
    }

    /** With fields too no finding speaks of a month of the climate that is drawn under. */
    public function test_no_finding_hangs_on_a_climate_that_is_not_known(): void
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        $lit = Assessor::assess($project->site, $design, roughly: true);
        $known = array_column(array_column($lit->judgement->findings, 'finding'), 'rule');
        $dark = Assessor::assess(self::withoutClimate($project), $design, roughly: true);
        $rules = array_column(array_column($dark->judgement->findings, 'finding'), 'rule');
        self::assertNotSame([], array_filter($known, static fn (Rule $r): bool => $r->hangsOnClimate()), 'it finds something else');
        self::assertSame([], array_filter($rules, static fn (Rule $r): bool => $r->hangsOnClimate()));
        self::assertNotContains($dark->judgement->rulings->on(Concern::Damp)->word, [Verdict::Holds, Verdict::Close]);
    }

    public function test_ground_that_cannot_heave_stands_whatever_the_climate(): void
    {
        $project = Examples::boathouse();
        $site = new Site('', ClimateSamples::notKnown(), Soil::Rock);
        $frost = Assessor::frost($site, $project->options[0]->design);
        self::assertTrue($frost->isSafe);
        self::assertSame(Verdict::Holds, $frost->word());
    }

    public function test_a_climate_that_is_not_known_goes_through_files(): void
    {
        $data = SiteCodec::toArray(new Site('', ClimateSamples::notKnown(), Soil::Rock));
        self::assertSame(['not-known', null], [$data['climate']['source'], $data['climate']['design_c']]);
        self::assertEquals(ClimateSamples::notKnown(), SiteCodec::fromArray($data)->climate);
        unset($data['climate']['design_c'], $data['frost']['office_depth_m']);
        self::assertNull(SiteCodec::fromArray($data)->climate->designGiven);
        self::assertNotNull(Rulebook::find('climate-known'));
    }

    /** On every design, close and whole, in both units: inside the sheet and on no other writing. */
    public function test_marks_lie_on_no_other_writing(): void
    {
        $marks = OpenQuestion::marks(new Site('', ClimateSamples::notKnown(), Soil::ClayOrSilt));
        foreach (Lot::likes() as $i => $design) {
            foreach (UnitSystem::cases() as $system) {
                foreach ([true, false] as $detail) {
                    $plain = SectionDrawing::of($design, new QuantityFormatter($system), detail: $detail, hatched: false);
                    $drawn = QuestionMarks::over($plain, $marks);
                    $boxes = [];
                    foreach ($drawn->items as $item) {
                        if ($item instanceof Text && ! in_array($item->role, [Role::Level, Role::Named], true)) {
                            $box = Lettering::box($item, $drawn->paper());
                            if ($item->role === Role::Question) {
                                self::assertTrue(Lettering::within($box, SectionDrawing::seen($drawn)), "{$i} {$item->text}");
                                self::assertFalse(Lettering::meetsAny($box, $boxes), "{$i} {$system->value} {$item->text}");
                            }
                            $boxes[] = $box;
                        }
                    }
                    self::assertCount(count($plain->items) + 3, $drawn->items);
                }
            }
        }
    }

    private static function withoutClimate(Project $project): Site
    {
        $frost = new FrostBasis(...[
            ...get_object_vars($project->site->frost), 'susceptibility' => Susceptibility::Strong, 'water' => null,
        ]);

        return new Site(...[...get_object_vars($project->site), 'climate' => ClimateSamples::notKnown(), 'frost' => $frost]);
    }
}
