<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Forms\Reader;
use App\Models\Option;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Subject;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use LogicException;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\WallKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The page of the plan as people use it: outlines, walls, openings, every kind of item, options with a plan of their own. */
final class PlanPagesTest extends TestCase
{
    private const METRIC = [Reader::FIELD => 'metric point'];

    public function test_two_people_add_a_sleeve_each_and_both_are_there_without_a_question(): void
    {
        $project = $this->drawn();
        $loaded = $this->fresh($project)->drawnPlan?->revisions()->latest('id')->first()?->id;
        $this->change($project, ['act' => 'add:sleeve', 'revision' => $loaded])->assertSessionHasNoErrors();
        $this->become($this->member(Role::Designer));
        $this->change(
            $project, ['act' => 'add:sleeve', 'revision' => $loaded],
        )->assertSessionHasNoErrors()->assertSessionMissing('conflict');
        self::assertCount(2, $this->planOf($project)->items->all);
        // The same size changed by both is asked about.
        $id = (string) array_key_first($this->planOf($project)->items->all);
        $loaded = $this->fresh($project)->drawnPlan?->revisions()->latest('id')->first()?->id;
        $this->change($project, ['plan' => ['items' => [$id => ['x_m' => '2']]], 'revision' => $loaded]);
        $this->change($project, ['plan' => ['items' => [$id => ['x_m' => '4']]], 'revision' => $loaded])->assertSessionHas('conflict');
        self::assertSame(2.0, $this->planOf($project)->items->all[$id]->at()->x);
    }

    public function test_what_clashes_is_said_with_its_reason_and_mended_by_a_press(): void
    {
        $project = $this->drawn();
        $this->put('/units', ['units' => 'metric']);
        $this->change($project, ['act' => 'add:sleeve']);
        $id = (string) array_key_first($this->planOf($project)->items->all);
        $this->change($project, ['plan' => ['items' => [$id => ['y_m' => '0.1 m', 'boot' => 'yes']]]])->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/plan?open[]={$id}")->assertSee('goes down through the edge')->assertSee(
            'takes the bars that carry the wall',
        )->assertSee("mend:item:{$id}|sleeve-down-edge|0");
        $this->change($project, ['act' => "mend:item:{$id}|sleeve-down-edge|0"])->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/plan?open[]={$id}")->assertDontSee('goes down through the edge');
        foreach (["mend:item:{$id}|sleeve-down-edge|0", 'mend:', 'mend:plan|trench|0', 'mend:plan|nothing|x', "mend:item:{$id}"] as $gone) {
            $this->change($project, ['act' => $gone])->assertSessionHasErrors('act');
        }
        // What belongs to the design is put into the option's layout; both can be undone.
        $was = count($this->fresh($project)->building()->layout()->all);
        $this->change($project, ['act' => 'mend:plan|panel-too-long|0'])->assertSessionHasNoErrors();
        self::assertGreaterThan($was, count($this->fresh($project)->building()->layout()->all));
        $this->put("/projects/{$project->id}/plan/undo")->assertSessionHasNoErrors();
        self::assertCount($was, $this->fresh($project)->building()->layout()->all);
        // Nobody but who designs.
        $this->become($this->member(Role::Crew));
        $this->change($project, ['act' => 'mend:plan|panel-too-long|0'])->assertForbidden();
        $this->get("/projects/{$project->id}/plan")->assertDontSee('mend:plan');
    }

    public function test_a_rule_proposes_and_knows_what_was_moved_by_hand(): void
    {
        $project = $this->drawn();
        $this->put('/units', ['units' => 'metric']);
        $layout = fn (): array => $this->fresh($project)->building()->layout()->all;
        $this->change($project, ['act' => 'propose:joints'])->assertSessionHasNoErrors();
        $joints = count($layout());
        self::assertGreaterThan(2, $joints);
        $id = (string) array_key_first($layout());
        $this->get(
            "/projects/{$project->id}/plan?open[]={$id}",
        )->assertSee('Proposed. From each corner that leads in')->assertDontSee('proposed by');
        $this->change($project, ['layout' => [$id => ['depth_m' => '40']]])->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/plan?open[]={$id}")->assertSee('Proposed, moved by hand since.');
        $this->change($project, ['act' => 'propose:joints'])->assertSessionHasNoErrors();
        $joint = $layout()[$id] ?? null;
        self::assertTrue($joint instanceof ControlJoint && abs($joint->depth - 0.04) < 1e-9, 'it stays');
        foreach (['propose:', 'propose:moon', 'propose:wing-corners'] as $none) {
            $this->change($project, ['act' => $none])->assertSessionHasErrors('act');
        }
        $this->change($project, ['act' => 'propose:sill-bolts'])->assertSessionHasNoErrors();
        self::assertGreaterThan($joints, count($layout()));
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(Kinds::all()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_kind_is_put_in_moved_copied_and_taken_out(string $slug): void
    {
        $project = $this->drawn();
        $items = fn (): array => $this->planOf($project)->items->and($this->fresh($project)->building()->layout())->all;
        $this->change($project, ['act' => "add:{$slug}"])->assertSessionHasNoErrors();
        self::assertCount(1, $items());
        [$id, $item] = [(string) array_key_first($items()), array_values($items())[0]];
        self::assertSame($slug, $item::slug());
        $page = $this->get("/projects/{$project->id}/plan")->assertOk()->assertSee($item->at()->name);
        $field = $item::belongs()->name === 'Design' ? "layout[{$id}][x_m]" : "plan[items][{$id}][x_m]";
        $page->assertSee($field, false);
        $of = $item::belongs()->name === 'Design' ? ['layout' => [$id => ['x_m' => '2.5', 'serves' => 'kitchen']]]
            : ['plan' => ['items' => [$id => ['x_m' => '2.5', 'serves' => 'kitchen']]]];
        $this->change($project, $of)->assertSessionHasNoErrors();
        self::assertSame([2.5, 'kitchen'], [$items()[$id]->at()->x, $items()[$id]->at()->serves]);
        $this->change($project, ['act' => "copy:{$id}"])->assertSessionHasNoErrors();
        self::assertCount(2, $items());
        $this->change($project, ['act' => "remove:{$id}"])->assertSessionHasNoErrors();
        self::assertCount(1, $items());
        $this->put("/projects/{$project->id}/plan/undo")->assertSessionHasNoErrors();
        self::assertCount(2, $items());
    }

    public function test_an_l_of_the_typed_floor_moves_no_figure_and_what_no_shape_has_is_said(): void
    {
        $project = $this->boathouse();
        $was = $project->leading()->design->footprint;
        $this->draw($project, ['shape' => 'l', 'keep' => '1', 'sizes' => ['part_length_m' => '2', 'part_width_m' => '1.5']])
            ->assertSessionHasNoErrors();
        self::assertCount(6, $this->fresh($project)->plan()->corners ?? []);
        self::assertEquals($was, $this->fresh($project)->leading()->design->footprint);
        $this->draw($project, ['shape' => 'u', 'keep' => '1', 'sizes' => ['part_length_m' => '9', 'part_width_m' => '9']])
            ->assertSessionHasErrors('shape');
        self::assertStringContainsString('The numbers stay as they are', implode(' ', session('errors')->all()));
        $this->draw(
            $project, ['shape' => 'l', 'keep' => '1', 'sizes' => ['part_length_m' => 'two']],
        )->assertSessionHasErrors('sizes.part_length_m');
    }

    public function test_legs_that_do_not_close_are_asked_about(): void
    {
        $project = $this->boathouse();
        $this->draw($project, ['shape' => 'traverse', 'legs' => "16 right\n9 up\n15.7 left\n9 down"])->assertSessionHasErrors('legs');
        self::assertStringContainsString('leg 3 would close it at 16', implode(' ', session('errors')->all()));
        self::assertStringContainsString('15.7 left', strval(is_string(old('legs')) ? old('legs') : ''), 'what was typed stays');
        self::assertNull($this->fresh($project)->plan());
        $this->draw($project, ['shape' => 'traverse', 'legs' => "16 right\n9 up\n16 left\n9 down"])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(144.0, $this->planOf($project)->outline->area(), 1e-9);
        $this->draw($project, ['shape' => 'traverse', 'legs' => '16 sideways'])->assertSessionHasErrors('legs');
    }

    public function test_walls_step_open_fall_and_lie_beside_something(): void
    {
        $project = $this->drawn();
        $this->change($project, ['act' => 'step:A', 'step' => ['A' => ['along' => '6', 'out' => '1.2']]])->assertSessionHasNoErrors();
        self::assertSame(['outward' => 5, 'reentrant' => 1], $this->planOf($project)->outline->corners());
        $this->change(
            $project, ['act' => 'step:A', 'step' => ['A' => ['along' => '', 'out' => '1']]],
        )->assertSessionHasErrors('step.A.along');
        $this->change(
            $project, ['act' => 'step:A', 'step' => ['A' => ['along' => '99', 'out' => '1']]],
        )->assertSessionHasErrors('step.A.along');
        $this->change($project, ['act' => 'opening:B'])->assertSessionHasNoErrors();
        $id = (string) array_key_first($this->planOf($project)->openings);
        $before = $this->fresh($project)->leading()->design->footprint;
        self::assertSame(0.95, $before->doors);
        $this->change($project, ['plan' => ['openings' => [$id => ['kind' => 'window', 'sill_m' => '-0.5']]]])->assertSessionHasNoErrors();
        self::assertSame(0.0, $this->fresh($project)->leading()->design->footprint->doors);
        $this->get("/projects/{$project->id}/plan")->assertSee('no well is drawn before it');
        $this->change(
            $project, ['plan' => ['openings' => [$id => ['width_m' => '19']]]],
        )->assertSessionHasErrors("plan.openings.{$id}.from_m");
        $this->change(
            $project, ['plan' => ['walls' => ['C' => ['kind' => 'heated'], 'D' => ['grade_m' => '-0.1', 'grade_to_m' => '-0.1']]]],
        )
            ->assertSessionHasNoErrors();
        $plan = $this->planOf($project);
        self::assertSame(WallKind::Heated, $plan->corners['C']->wall->kind);
        $design = $this->fresh($project)->leading()->design;
        self::assertLessThan($before->exposed, $design->footprint->exposed);
        self::assertSame(['wall-D'], array_column($design->departures->all, 'id'), 'its section is another');
        $this->get("/projects/{$project->id}/section?side=wall-D")->assertOk();
        $this->change($project, ['plan' => ['corners' => ['C' => ['x_m' => '-30']]]])->assertSessionHasErrors();
        $this->change($project, ['act' => 'no-corner:B'])->assertSessionHasErrors('act');
        // A new outline has no such wall any more: that is said, and undone.
        $this->change($project, ['act' => 'opening:E'])->assertSessionHasNoErrors();
        $this->draw($project, ['shape' => 'rectangle', 'sizes' => ['length_m' => '18', 'width_m' => '9']])
            ->assertSessionHas('said', 'One opening went with its wall; undo brings it back.');
        $this->put("/projects/{$project->id}/plan/undo")->assertSessionHasNoErrors();
        self::assertCount(2, $this->planOf($project)->openings);
    }

    public function test_an_option_takes_a_plan_of_its_own_and_follows_again(): void
    {
        $project = $this->drawn();
        [$first, $second] = [$this->option($project, 0), $this->option($project, 1)];
        [$one, $two] = [$first->design->footprint->area, $second->design->footprint->area];
        $this->put("/projects/{$project->id}/plan/own", ['option' => $second->ulid, 'own' => 'yes'])->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/plan?option={$second->ulid}")->assertOk()->assertSee('follows the project’s no longer');
        $this->change($project, ['lengths' => ['A' => '22 m']]);
        $now = fn (int $i): float => $this->option($project, $i)->design->footprint->area;
        self::assertNotEqualsWithDelta($one, $now(0), 1.0);
        self::assertEqualsWithDelta($two, $now(1), 1e-9);
        $own = $this->option($project, 1)->loadMissing('ownPlan')->ownPlan;
        self::assertNotNull($own);
        $this->put("/projects/{$project->id}/plan", [
            ...self::METRIC, 'option' => $second->ulid, 'revision' => $own->revisions()->latest('id')->first()?->id,
            'lengths' => ['B' => '12 m'],
        ])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(12.0, $this->option($project, 1)->plan()?->outline->sides()['B']->length(), 1e-9);
        self::assertEqualsWithDelta(9.0, $this->planOf($project)->outline->sides()['B']->length(), 1e-9);
        $this->post("/projects/{$project->id}/options/{$second->id}/copy");
        $copy = $this->option($project, 2);
        self::assertTrue($copy->isOnItsOwn(), 'a copy stands as what it was made from');
        self::assertEqualsWithDelta(12.0, $copy->plan()?->outline->sides()['B']->length(), 1e-9);
        $copy->delete();
        $core = $this->fresh($project)->toCore();
        self::assertNotNull($core->options[1]->plan);
        self::assertEquals($core, ProjectFile::read(ProjectFile::write($core)), 'a file carries it');
        self::assertEquals($core->options[1]->plan, Project::store($core, $this->firm, 'The test')->toCore()->options[1]->plan);
        $this->put("/projects/{$project->id}/plan/own", ['option' => $second->ulid, 'own' => 'no'])->assertSessionHasNoErrors();
        self::assertFalse($this->option($project, 1)->isOnItsOwn());
        self::assertEqualsWithDelta(22.0, $this->option($project, 1)->plan()?->outline->sides()['A']->length(), 1e-9);
    }

    public function test_what_stands_in_line_is_typed_by_name_and_many_items_come_when_they_are_opened(): void
    {
        $project = $this->drawn();
        for ($i = 0; $i < 22; $i++) {
            $this->change($project, ['act' => 'add:sleeve']);
        }
        $ids = array_keys($this->planOf($project)->items->all);
        $page = "/projects/{$project->id}/plan";
        $this->get($page)->assertOk()->assertDontSee(
            "plan[items][{$ids[3]}][serves]", false,
        )->assertSee("plan[items][{$ids[3]}][x_m]", false);
        $this->get("{$page}?open[]={$ids[3]}")->assertSee("plan[items][{$ids[3]}][serves]", false);
        $line = fn (string $typed): TestResponse => $this->change($project, ['plan' => ['items' => [$ids[3] => ['in_line' => $typed]]]]);
        $line('Sleeve 2')->assertSessionHasNoErrors();
        self::assertSame($ids[1], $this->planOf($project)->items->all[$ids[3]]->at()->inLine);
        $line('nothing of that name')->assertSessionHasErrors("plan.items.{$ids[3]}.in_line");
        $line('')->assertSessionHasNoErrors();
        $line('Sleeve 2');
        $this->change($project, ['act' => "remove:{$ids[1]}"])->assertSessionHasNoErrors();
        $this->get("{$page}?open[]={$ids[3]}")->assertSee('something that went');
    }

    public function test_an_edit_is_answered_with_the_rows_that_are_others(): void
    {
        $project = $this->drawn();
        for ($i = 0; $i < 45; $i++) {
            $this->change($project, ['act' => 'add:sleeve']);
        }
        $page = (string) $this->get("/projects/{$project->id}/plan")->getContent();
        preg_match_all('~data-unit="([^"]+)" data-print="([^"]+)"~', $page, $shown);
        $have = implode(' ', array_map(static fn (string $name, string $print): string => "{$name}:{$print}", $shown[1], $shown[2]));
        $ids = array_keys($this->planOf($project)->items->all);
        $answer = (string) $this->withHeaders(['X-Live' => '1', 'X-Have' => $have])->change(
            $project, ['plan' => ['items' => [$ids[25] => ['name' => 'Moved here']]]],
        )->assertOk()->getContent();
        $this->flushHeaders();
        preg_match_all('~data-unit="([^"]+)" data-print="[^"]+"(\s+data-same)?~', $answer, $sent);
        $same = array_combine($sent[1], array_map(static fn (string $s): bool => trim($s) !== '', $sent[2]));
        self::assertSame(
            ['items-1' => true, 'items-2' => false, 'items-3' => true, 'walls-1' => true, 'corners' => true],
            array_intersect_key($same, array_flip(['items-1', 'items-2', 'items-3', 'walls-1', 'corners'])),
        );
        self::assertStringContainsString('Moved here', $answer);
    }

    public function test_a_state_of_an_earlier_version_is_undone_to(): void
    {
        $project = $this->drawn();
        $this->change($project, ['act' => 'add:sleeve']);
        $plan = $this->fresh($project)->loadMissing('drawnPlan')->drawnPlan ?? throw new LogicException('not drawn');
        // As the version before this wrote it: fewer keys to a wall, an item and the plan.
        foreach ($plan->revisions()->get() as $revision) {
            $state = $revision->state;
            if (is_array($state['plan'])) {
                unset($state['plan']['face']);
                $state['plan']['walls'] = array_map(static fn (array $w): array => ['kind' => $w['kind']], $state['plan']['walls']);
                $state['plan']['items'] = array_map(
                    static fn (array $i): array => array_diff_key($i, ['serves' => 0, 'note' => 0, 'in_line' => 0, 'hollow_m' => 0]),
                    $state['plan']['items'],
                );
                DB::table('revisions')->where('id', $revision->id)->update(['state' => json_encode($state, JSON_THROW_ON_ERROR)]);
            }
        }
        $this->change($project, ['lengths' => ['A' => '20 m']])->assertSessionHasNoErrors();
        $this->put("/projects/{$project->id}/plan/undo")->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(18.0, $this->planOf($project)->outline->sides()['A']->length(), 1e-9);
        $this->put("/projects/{$project->id}/plan/undo")->assertSessionHasNoErrors();
        self::assertSame([], $this->planOf($project)->items->all);
    }

    public function test_layers_and_files_of_it(): void
    {
        Queue::fake();
        $project = $this->drawn();
        $this->change($project, ['act' => 'add:post']);
        foreach (['heat', 'psi', 'frost', 'load', 'findings', 'products', 'nothing-of-that-name'] as $layer) {
            $this->get("/projects/{$project->id}/plan?show={$layer}")->assertOk();
        }
        $this->get("/projects/{$project->id}/plan?show=findings")->assertSee('not checked');
        // A kind that this option lacks is not lost by the next edit.
        $post = (string) array_key_first($this->planOf($project)->items->all);
        $this->change($project, ['plan' => ['items' => [$post => ['of' => 'post-3']]]])->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/plan")->assertSee('<option value="post-3" selected>post-3, not in this option', false);
        $csv = $this->get("/projects/{$project->id}/plan/plan.csv")->assertOk()->getContent();
        self::assertIsString($csv);
        self::assertStringContainsString('corner,A,,0,0', $csv);
        self::assertStringContainsString('post,', $csv);
        $this->get("/projects/{$project->id}/plan?option=01HZX3V8Q00000000000000000")->assertNotFound();
    }

    public function test_a_thousand_edits_take_little_room(): void
    {
        $project = $this->drawn();
        foreach (array_keys(Kinds::all()) as $slug) {
            $this->change($project, ['act' => "add:{$slug}"]);
        }
        $revisions = Revision::query()->whereIn('subject', [Subject::Plan, Subject::Layout])->get();
        $last = $revisions->last()?->getRawOriginal('state');
        self::assertIsString($last);
        self::assertLessThan(5e6 / 1000, strlen($last), 'bytes a revision, of five megabytes for a thousand');
    }

    private function drawn(): Project
    {
        $project = $this->boathouse();
        $this->draw($project, ['shape' => 'rectangle', 'sizes' => ['length_m' => '18', 'width_m' => '9']])->assertSessionHasNoErrors();

        return $project;
    }

    private function option(Project $project, int $which): Option
    {
        return $this->fresh($project)->options[$which] ?? throw new LogicException('gone');
    }

    private function planOf(Project $project): Plan
    {
        return $this->fresh($project)->plan() ?? throw new LogicException('not drawn');
    }

    private function fresh(Project $project): Project
    {
        return Project::query()->findOrFail($project->id);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function draw(Project $project, array $form): TestResponse
    {
        return $this->post("/projects/{$project->id}/plan", [...self::METRIC, ...$form]);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function change(Project $project, array $form): TestResponse
    {
        return $this->put("/projects/{$project->id}/plan", [
            ...self::METRIC, 'revision' => $this->fresh($project)->drawnPlan?->revisions()->latest('id')->first()?->id, ...$form,
        ]);
    }
}
