<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\History;
use App\Http\Controllers\SectionController;
use App\Models\Firm;
use App\Models\Option;
use App\Models\Project;
use App\View\LogGroup;
use App\View\LogInput;
use App\View\LogRow;
use App\View\SectionLog;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Part;
use Ondergrond\Examples\Examples;
use Ondergrond\History\Changes;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Material\Materials;
use Ondergrond\Material\UnknownMaterial;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class SectionPageTest extends TestCase
{
    public function test_shows_what_the_core_says(): void
    {
        $project = $this->boathouse();
        $floor = Assessor::formulas($project->site, $project->leading()->design)->floor;
        $format = new QuantityFormatter(UnitSystem::InchPound);
        $this->get("/projects/{$project->id}/section")->assertOk()
            ->assertSeeInOrder(['Dyke Lane boathouse', 'A · edge tray 4 in'])
            ->assertSee($format->number($floor->heating, Quantity::Energy))
            ->assertSee($format->number($floor->design, Quantity::Power))
            ->assertSee('Local code and a licensed engineer or designer decide.');
    }

    public function test_a_thickness_as_people_write_it_is_saved_and_everything_follows(): void
    {
        $project = $this->boathouse();
        $option = $project->leading();
        $before = Assessor::formulas($project->site, $option->design)->floor->heating;
        $this->change(
            $option,
            ['field_board' => ['thickness_m' => '3 1/2', 'material' => 'eps-25psi']],
        )->assertRedirect("/projects/{$project->id}/section/{$option->id}");
        $field = $option->refresh()->design->fieldBoard;
        self::assertSame('eps-25psi', $field->material->slug);
        self::assertEqualsWithDelta(0.0889, $field->thickness, 1e-12);
        $after = Assessor::formulas($project->site, $option->design)->floor->heating;
        self::assertLessThan($before, $after);
        $this->get("/projects/{$project->id}/section/{$option->id}")->assertSee(
            (new QuantityFormatter(UnitSystem::InchPound))->number($after, Quantity::Energy),
        );
    }

    /** @return iterable<string, array{string, string, string}> field, typed, what the message says */
    public static function refused(): iterable
    {
        yield 'negative' => ['field_board.thickness_m', '-2', 'Allowed: 0'."\u{a0}".'in to 23.62'."\u{a0}".'in.'];
        yield '40 m of foam' => ['edge_under.thickness_m', '40 m', 'Allowed: 0'."\u{a0}".'in to 23.62'."\u{a0}".'in.'];
        yield 'words' => ['slab.thickness_m', 'thick', 'be read as a number'];
        yield 'nothing' => ['slab.thickness_m', '', 'Nothing is typed here'];
        yield 'a short perimeter' => ['footprint.perimeter_m', "100'", 'no shape of this area has a shorter outline than a circle'];
        yield 'a thin beam' => ['edge_beam.depth_m', '4 in', 'the beam is deeper than the slab'];
        yield 'a material that is none' => ['field_board.material', 'cheese', 'Allowed: eps-15psi'];
        yield 'a list where a number belongs' => ['slab.thickness_m', '[]', 'be read as a number'];
    }

    #[DataProvider('refused')]
    public function test_a_fault_stands_at_its_field_and_nothing_is_lost(string $field, string $typed, string $says): void
    {
        $option = $this->boathouse()->leading();
        $stored = DesignCodec::toArray($option->design);
        [$part, $key] = explode('.', $field);
        $page = "/projects/{$option->project_id}/section/{$option->id}";
        $this->from($page)->followingRedirects();
        $answer = $this->change($option, [$part => [$key => $typed]])->assertOk();
        $answer->assertSee($says)->assertSee("id=\"design-{$part}-{$key}-wrong\"", false);
        if ($key !== 'material') {
            $answer->assertSee('value="'.e($typed).'"', false);
        }
        self::assertSame($stored, DesignCodec::toArray($option->refresh()->design));
    }

    public function test_forged_input_is_refused_and_changes_nothing(): void
    {
        $option = $this->boathouse()->leading();
        $stored = DesignCodec::toArray($option->design);
        foreach ([
            ['slab' => ['thickness_m' => ['4', '5']]],
            ['slab' => 'thick'],
            ['family' => 'castle'],
            ['stone' => ['material' => ['x']]],
        ] as $forged) {
            $this->change($option, $forged)->assertRedirect();
            self::assertSame($stored, DesignCodec::toArray($option->refresh()->design));
        }
        $this->put(
            "/projects/{$option->project_id}/section/{$option->id}",
            ['design' => 'all of it', 'project_id' => 9, 'name' => 'mine', 'revision' => History::head($option)->id],
        )->assertRedirect();
        self::assertSame(['A · edge tray 4 in', $stored], [$option->refresh()->name, DesignCodec::toArray($option->design)]);
    }

    public function test_showing_other_units_changes_no_figure(): void
    {
        $option = $this->boathouse()->leading();
        $stored = DesignCodec::toArray($option->design);
        $this->put('/units', ['units' => 'metric'])->assertRedirect();
        $page = $this->get("/projects/{$option->project_id}/section/{$option->id}")->assertSee('kWh')->assertDontSee('million Btu');
        // Send back exactly what the page shows in every field.
        preg_match_all(
            '~<input id="[^"]*" name="design([^"]*)" type="text" value="([^"]*)"~',
            (string) $page->getContent(),
            $fields,
            PREG_SET_ORDER,
        );
        self::assertGreaterThan(20, count($fields));
        parse_str(
            implode(
                '&',
                array_map(static fn (array $f): string => 'design'.$f[1].'='.urlencode(html_entity_decode($f[2], ENT_QUOTES)), $fields),
            ),
            $typed,
        );
        $this->put(
            "/projects/{$option->project_id}/section/{$option->id}",
            [...$typed, 'revision' => History::head($option)->id],
        )->assertSessionHasNoErrors();
        self::assertSame($stored, DesignCodec::toArray($option->refresh()->design));
    }

    public function test_files_carry_their_origin_and_the_caution(): void
    {
        $option = $this->boathouse()->leading();
        $page = "/projects/{$option->project_id}/section/{$option->id}";
        foreach (["{$page}/section.svg", "{$page}/assessment.json", "/projects/{$option->project_id}/project.json"] as $url) {
            $file = $this->get($url)->assertOk()->assertDownload();
            self::assertStringContainsString('licensed engineer', (string) $file->getContent());
            self::assertMatchesRegularExpression('~sha256:[0-9a-f]{64}~', (string) $file->getContent());
        }
    }

    public function test_formula_and_field_stand_side_by_side_with_the_reasons(): void
    {
        $project = $this->boathouse();
        $field = Assessor::assess($project->site, $project->leading()->design)->field;
        $format = new QuantityFormatter(UnitSystem::InchPound);
        $this->get("/projects/{$project->id}/section?field=now")->assertOk()
            ->assertSee('id="heating-field">'.$format->number($field->heating, Quantity::Energy), false)
            ->assertSee('id="u-field">'.$format->number($field->transmittance(), Quantity::Transmittance), false)
            ->assertSee($field->reasons()[0])->assertSee($field->reasons()[1]);
    }

    public function test_a_change_is_answered_with_what_differs_then_with_a_rough_field_then_with_the_fine_one(): void
    {
        // Fields of two sections take longer than people wait.
        $project = Project::store(
            Examples::of('heated-basement') ?? Examples::boathouse(),
            Firm::query()->findOrFail($this->boathouse()->firm_id),
            'Joost',
        );
        $option = $project->leading();
        $at = "/projects/{$project->id}/section/{$option->id}";
        preg_match_all('~data-unit="([^"]+)" data-print="([^"]+)"~', (string) $this->get($at)->getContent(), $units, PREG_SET_ORDER);
        $have = implode(' ', array_map(static fn (array $u): string => "{$u[1]}:{$u[2]}", $units));
        $asked = ['X-Bench' => '1', 'X-Have' => $have];
        $same = static fn (string $unit): string => '~data-unit="'.$unit.'" data-print="[0-9a-f]+"\s+data-same~';
        $edit = $this->put(
            $at,
            ['design' => ['edge_outside' => ['thickness_m' => '77 mm']], 'revision' => History::head($option)->id],
            $asked,
        )->assertOk()->assertSee('data-pending', false);
        $answer = (string) $edit->getContent();
        self::assertLessThan(70_000, strlen($answer));
        self::assertMatchesRegularExpression($same('stone'), $answer);
        self::assertDoesNotMatchRegularExpression($same('edge_outside'), $answer);
        $of = History::head($option)->id;
        $rough = (string) $this->get(
            "{$at}?field=rough&of={$of}",
            $asked,
        )->assertOk()->assertSee('data-rough', false)->assertSee('≈', false)->getContent();
        self::assertStringNotContainsString('id="bench-log"', $rough);
        $fine = (string) $this->get("{$at}?field=now&of={$of}", $asked)->assertOk()->assertDontSee('data-rough', false)->getContent();
        $heat = static fn (string $page): float => preg_match(
            '~id="u-field">(?:≈ )?([0-9.]+)~u',
            $page,
            $found,
        ) === 1 ? (float) $found[1] : 0.0;
        self::assertGreaterThan(0.0, $heat($fine));
        self::assertEqualsWithDelta($heat($fine), $heat($rough), 0.03 * $heat($fine), 'the first look is close');
        $this->get("{$at}?field=now&of=".($of - 1), $asked)->assertNoContent();
    }

    public function test_one_fine_field_is_solved_at_a_time_and_the_others_ask_again(): void
    {
        $project = $this->boathouse();
        $at = "/projects/{$project->id}/section/{$project->leading()->id}";
        $asked = ['X-Bench' => '1'];
        $others = Cache::lock(SectionController::FINE, 30);
        self::assertTrue($others->get());
        self::assertSame('', $this->get("{$at}?field=now", $asked)->assertAccepted()->getContent());
        $this->get("{$at}?field=rough", $asked)->assertOk();
        // Without a script there is nobody to ask again.
        $this->get("{$at}?field=now")->assertOk();
        $others->release();
        $this->get("{$at}?field=now", $asked)->assertOk();
    }

    public function test_the_field_of_what_is_typed_is_had_ahead_and_nothing_is_saved(): void
    {
        $project = $this->boathouse();
        $option = $project->leading();
        $at = "/projects/{$project->id}/section/{$option->id}";
        $head = History::head($option)->id;
        $ahead = fn (array $sent): TestResponse => $this->put("{$at}/field?field=now", $sent, ['X-Bench' => '1']);
        $typed = ['design' => ['field_board' => ['thickness_m' => '300 mm']], 'revision' => $head];
        $heat = static fn (string $page): string => preg_match('~id="u-field">([^<]+)~u', $page, $found) === 1 ? $found[1] : '';
        $before = $heat((string) $this->get("{$at}?field=now", ['X-Bench' => '1'])->getContent());
        // It is shown after the save, so it offers to take that back.
        $said = $heat((string) $ahead($typed)->assertOk()->assertSee('Undo<span class="unseen"> this', false)->getContent());
        self::assertNotSame('', $said);
        self::assertNotSame($before, $said);
        self::assertSame($head, History::head($option)->id, 'nothing is saved');
        $this->put($at, $typed, ['X-Bench' => '1'])->assertOk();
        self::assertSame($said, $heat((string) $this->get("{$at}?field=now", ['X-Bench' => '1'])->getContent()), 'as after the save');
        // Faults are told by the save; of an older revision nothing is known ahead.
        $ahead(['design' => ['field_board' => ['thickness_m' => 'a lot']], 'revision' => History::head($option)->id])->assertNoContent();
        $ahead($typed)->assertNoContent();
    }

    public function test_the_field_leaves_as_a_drawing_of_a_month_and_as_vtk(): void
    {
        $project = $this->boathouse();
        $address = "/projects/{$project->id}/section/{$project->leading()->id}";
        $plain = (string) $this->get("{$address}/section.svg")->assertOk()->getContent();
        self::assertStringNotContainsString('class="isotherm"', $plain);
        $cold = (string) $this->get("{$address}/section.svg?month=2")->assertOk()->getContent();
        self::assertStringContainsString('class="isotherm"', $cold);
        self::assertStringContainsString('stroke-dasharray', $cold, 'freezing has a line of its own');
        self::assertStringContainsString('middle of Feb', $cold);
        self::assertSame($plain, $this->get("{$address}/section.svg?month=thirteen")->assertOk()->getContent());
        $vtk = $this->get("{$address}/field.vtk")->assertOk()->assertHeader('Content-Disposition');
        self::assertStringContainsString("\nDATASET RECTILINEAR_GRID\n", (string) $vtk->getContent());
    }

    public function test_an_option_of_another_project_is_not_found(): void
    {
        [$one, $other] = [$this->boathouse(), $this->boathouse()];
        $this->get("/projects/{$one->id}/section/{$other->leading()->id}")->assertNotFound()->assertSee('There is nothing here');
        $this->put("/projects/{$one->id}/section/{$other->leading()->id}", [])->assertNotFound();
    }

    public function test_what_was_kept_before_there_were_so_many_parts_differs_by_what_a_person_changes_only(): void
    {
        $option = $this->boathouse()->leading();
        $kept = $option->revisions()->sole();
        $old = [
            'family', 'footprint', 'slab', 'edge_beam', 'field_board', 'perimeter_board', 'edge_inside', 'edge_under',
            'edge_outside', 'sheet', 'stone', 'wall',
        ];
        $state = $kept->state;
        $state['design'] = array_intersect_key($state['design'], array_flip($old));
        unset($state['design']['edge_inside']['bevel_m'], $state['design']['footprint']['lot_line_m']);
        DB::table('revisions')->where('id', $kept->id)->update(['state' => json_encode($state, JSON_THROW_ON_ERROR)]);
        DB::table('options')->where('id', $option->id)->update(['design' => json_encode($state['design'], JSON_THROW_ON_ERROR)]);
        $this->change($option->refresh(), ['stone' => ['thickness_m' => '8 in']])->assertRedirect();
        [$before, $after] = $option->revisions()->orderBy('id')->get()->all();
        self::assertSame(['design.stone.thickness_m'], array_keys(Changes::between($before->state, $after->state)->all));
        self::assertFalse($option->refresh()->design->stem->present());
    }

    public function test_a_school_is_followed_a_layer_added_and_nonsense_refused(): void
    {
        $project = $this->boathouse();
        $option = $project->leading();
        $act = fn (string $act): TestResponse => $this->put(
            "/projects/{$project->id}/section/{$option->id}",
            ['revision' => History::head($option->refresh())->id, 'act' => $act],
        );
        $act('school:frost:deep')->assertSessionHasNoErrors();
        self::assertTrue($option->refresh()->design->stem->present());
        self::assertFalse($option->design->edgeBeam->present());
        $act('add:wall.outside')->assertSessionHasNoErrors();
        self::assertCount(3, $option->refresh()->design->wall->outside);
        $act('remove:wall.outside:2')->assertSessionHasNoErrors();
        self::assertCount(2, $option->refresh()->design->wall->outside);
        foreach ([
            'school:frost:sideways', 'school:nothing:deep', 'add:wall', 'add:slab.material', 'remove:wall.outside:9', 'demolish',
            'school',
        ] as $nonsense) {
            $act($nonsense)->assertSessionHasErrors('act');
        }
        // Somebody saves meanwhile: with the choice, what was asked for is asked for again.
        $made = History::head($option->refresh())->id;
        $this->change($option, ['stone' => ['thickness_m' => '7 in']]);
        $page = $this->put(
            "/projects/{$project->id}/section/{$option->id}",
            ['revision' => $made, 'act' => 'school:frost:wing'],
            ['X-Bench' => '1'],
        )->assertStatus(409);
        $page->assertSee('name="act" value="school:frost:wing"', false);
        $this->put(
            "/projects/{$project->id}/section/{$option->id}",
            ['revision' => $made, 'act' => 'school:frost:wing', 'seen' => History::head($option)->id],
        )->assertSessionHasNoErrors();
        self::assertTrue($option->refresh()->design->wing->present());
        self::assertEqualsWithDelta(7 * 0.0254, $option->design->stone->thickness, 1e-9, 'theirs stays');
        // What cannot be built is named at its part.
        foreach (range(1, 6) as $time) {
            $act('add:wall.outside');
        }
        $act('add:wall.outside')->assertSessionHasErrors('design.wall.outside');
    }

    public function test_sides_details_and_files_answer_and_an_unknown_side_is_the_edge(): void
    {
        $project = Project::store(
            Examples::of('heated-basement') ?? Examples::boathouse(),
            Firm::query()->findOrFail($this->boathouse()->firm_id),
            'Joost',
        );
        $at = "/projects/{$project->id}/section/{$project->leading()->id}";
        $this->get("{$at}?side=walk-out")->assertOk()->assertSee('data-pending', false)->assertSee('Walk-out side');
        $this->get("{$at}?side=walk-out&field=now")->assertOk()->assertDontSee('data-pending', false);
        $this->get("{$at}?side=roof&detail=1")->assertOk()->assertSee('Detail through the edge');
        $this->get("{$at}?side[]=x&detail[]=2")->assertOk();
        $this->get("{$at}/section.svg?side=walk-out&levels=1")->assertOk()->assertSee('Finished floor');
        $this->get("{$at}/section.dxf?side=walk-out")->assertOk()->assertHeader('Content-Type', 'image/vnd.dxf');
        $late = $this->get(
            "{$at}?field=now",
            ['X-Bench' => '1'],
        )->assertOk()->assertDontSee('data-pending', false)->assertDontSee('data-rough', false)->assertDontSee('<html', false);
        self::assertSame([], $late->headers->getCookies(), 'an answer that comes late brings no sitting back');
        self::assertNotSame([], $this->get($at)->headers->getCookies());
    }

    /**
     * @param  array<string, mixed>  $design
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(Option $option, array $design): TestResponse
    {
        return $this->put(
            "/projects/{$option->project_id}/section/{$option->id}",
            ['design' => $design, 'revision' => History::head($option)->id],
        );
    }

    public function test_the_log_offers_products_of_ones_own_where_they_are_passed(): void
    {
        $xps = Catalogue::get('xps-25psi');
        $own = new Material(...[...get_object_vars($xps), 'slug' => 'harbour-board', 'name' => 'Harbour board (invented)']);
        $materials = Materials::generic()->with($own);
        $design = $this->boathouse()->leading()->design;
        $design = $design->with(['fieldBoard' => $design->fieldBoard->made($own)]);
        $log = new SectionLog($design, [], new QuantityFormatter(UnitSystem::Metric), $materials);
        $rows = array_merge(...array_map(static fn (LogGroup $g): array => $g->rows, $log->groups()));
        $board = array_values(array_filter($rows, static fn (LogRow $r): bool => $r->part === Part::Field))[0];
        $field = array_values(array_filter($board->fields, static fn (LogInput $f): bool => $f->name === 'design.field_board.material'))[0];
        self::assertSame('harbour-board', $field->value);
        self::assertSame('Harbour board (invented)', $field->options['harbour-board'] ?? null);
        // Where they are not passed they are unknown.
        $this->expectException(UnknownMaterial::class);
        (new SectionLog($design, [], new QuantityFormatter(UnitSystem::Metric), Materials::generic()))->groups();
    }
}
