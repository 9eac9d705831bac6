<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Building\BuildingJob;
use App\Forms\Reader;
use App\Models\Project;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use Ondergrond\Exchange\EntryCodec;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Register\Origin;
use Ondergrond\Register\Register;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What must be settled before the pour, from where it comes to who settled it how; and the stages of a project. */
final class RegisterPagesTest extends TestCase
{
    private const METRIC = [Reader::FIELD => 'metric point'];

    public function test_what_section_and_plan_leave_open_is_in_it_and_gates_the_pour(): void
    {
        $project = $this->drawn();
        $register = $this->register($project);
        self::assertNotSame([], $register->points);
        $this->get("/projects/{$project->id}/register")->assertOk()->assertSee(
            count($register->open()).' of '.count($register->points).' open',
        );
        // The plan's part comes and goes with what stands on it.
        $this->change($project, ['act' => 'add:sleeve']);
        $id = (string) array_key_first($this->fresh($project)->plan()->items->all ?? []);
        $of = fn (): array => array_filter($this->register($project)->points, static fn ($p): bool => $p->at === "item:{$id}");
        self::assertCount(1, $of());
        $point = array_values($of())[0];
        self::assertSame([Origin::Plan, 'plumber', 'Sleeve 1'], [$point->origin, $point->trade, $point->name]);
        self::assertContains($point->holdId(), BuildingJob::of($this->fresh($project))->holds()['h9']->missing());

        // Settled by name: it no longer holds the pour, and nobody settles it twice.
        $this->settle($project, $point->id, '')->assertSessionHasErrors("how.{$point->id}");
        $this->settle($project, 'nothing', 'so')->assertSessionHasErrors('point');
        $this->settle($project, $point->id, 'boot seen by the plumber, photograph 3')->assertSessionHasNoErrors();
        self::assertNotContains($point->holdId(), BuildingJob::of($this->fresh($project))->holds()['h9']->missing());
        $this->get("/projects/{$project->id}/register")->assertSee('boot seen by the plumber, photograph 3');
        $this->settle($project, $point->id, 'again so')->assertSessionHasErrors("how.{$point->id}");
        // It says something else now: open again.
        $this->change($project, ['plan' => ['items' => [$id => ['boot' => 'no']]]])->assertSessionHasNoErrors();
        $again = $this->register($project)->points[$point->id];
        self::assertTrue($again->isOpen());
        self::assertTrue($again->isOther);
        $this->get("/projects/{$project->id}/register")->assertSee('says something else since');
        // Put right on the plan it is gone.
        $this->change($project, ['plan' => ['items' => [$id => ['boot' => 'yes']]]])->assertSessionHasNoErrors();
        self::assertSame([], $of());
        $this->get("/projects/{$project->id}/log")->assertSee('in the <a href="'.route('register.show', $project), false);
    }

    public function test_what_is_written_by_hand_has_a_trade_and_a_day(): void
    {
        $project = $this->drawn();
        $this->become($this->member(Role::Crew));
        foreach ([['what' => ''], ['what' => 'ab'], ['what' => str_repeat('x', 301)], ['what' => 'Floor box', 'due' => 'soon'],
            ['what' => 'Floor box', 'due' => '2026-02-30']] as $bad) {
            $this->putIn($project, $bad)->assertSessionHasErrors(isset($bad['due']) ? 'due' : 'what');
        }
        $this->putIn($project, ['what' => 'Where the floor box goes, 100 %', 'trade' => 'electrician', 'due' => '2026-11-20'])
            ->assertSessionHasNoErrors();
        $point = array_values(array_filter($this->register($project)->points, static fn ($p): bool => $p->origin === Origin::Hand))[0];
        self::assertTrue($point->isLate('2026-11-21'));
        self::assertFalse($point->isLate('2026-11-20'));
        $this->get(
            "/projects/{$project->id}/register",
        )->assertSee('Where the floor box goes, 100 %')->assertSee('electrician')->assertSee('late');
        // Whoever does not pass hold points settles nothing.
        $this->settle($project, $point->id, 'by the drawing')->assertForbidden();
        $this->become($this->member(Role::Owner));
        $this->settle($project, $point->id, 'by the drawing of 2026-11-19')->assertSessionHasNoErrors();
        self::assertFalse($this->register($project)->points[$point->id]->isOpen());

        // Out of a file it opens no gate.
        $log = $project->log();
        $imported = array_map(static fn ($e) => $e->imported(), $log->entries);
        $job = BuildingJob::of($this->fresh($project));
        self::assertSame(EntryKind::Settled, end($imported) === false ? null : end($imported)->kind);
        $register = Register::of(
            \Ondergrond\Assessor::judge($project->site, $job->option->design), [], $job->job->items, new Logbook($imported),
        );
        self::assertTrue($register->points[$point->id]->isOpen());
        foreach ($log->entries as $entry) {
            self::assertEquals($entry, EntryCodec::fromArray((array) json_decode((string) json_encode(EntryCodec::toArray($entry)), true)));
        }
    }

    public function test_an_option_is_released_withdrawn_released_again_and_changed(): void
    {
        $project = $this->drawn();
        $this->put('/units', ['units' => 'metric']);
        $option = $project->leading();
        $page = fn (): TestResponse => $this->get("/projects/{$project->id}/release");
        $page()->assertSee('aria-current="step"', false)->assertSeeInOrder(['stage-now', 'Designing']);
        $this->post("/projects/{$project->id}/release", ['option' => $option->id])->assertSessionHasNoErrors();
        $release = $this->fresh($project)->release ?? self::fail('released');
        self::assertSame(array_keys($release->heads), ['design', 'plan']);
        self::assertCount(count($this->register($project)->open()), $release->open, 'what was open is written down');
        $page()->assertSeeInOrder(['stage-now', 'Released'])->assertSee('design 1, plan ');
        $this->change($project, ['act' => 'add:sleeve'])->assertSessionHasErrors('act');
        $this->delete("/projects/{$project->id}/release")->assertSessionHasNoErrors();
        $this->change($project, ['act' => 'add:sleeve'])->assertSessionHasNoErrors();
        $this->post("/projects/{$project->id}/release", ['option' => $option->id])->assertSessionHasNoErrors();

        // Something is logged: from now on by a change, which names what differs on the plan as well.
        $this->travel(1)->minutes();
        $this->post("/projects/{$project->id}/log", ['note' => 'Fence up', 'kind' => 'note'])->assertSessionHasNoErrors();
        $page()->assertSeeInOrder(['stage-now', 'Building']);
        $this->delete("/projects/{$project->id}/release")->assertSessionHasErrors('option');
        $this->put("/projects/{$project->id}/release", ['why' => ''])->assertSessionHasErrors('why');
        $this->put("/projects/{$project->id}/release", ['why' => 'the plumber wants it elsewhere'])->assertSessionHasNoErrors();
        $id = (string) array_key_first($this->fresh($project)->plan()->items->all ?? []);
        $this->change($project, ['plan' => ['items' => [$id => ['x_m' => '4.5']]]])->assertSessionHasNoErrors();
        $page()->assertSee('Different so far')->assertSee('Sleeve');
        $this->put("/projects/{$project->id}/release", ['act' => 'end'])->assertSessionHasNoErrors();
        $changes = $this->fresh($project)->release->changes ?? [];
        self::assertCount(1, $changes);
        self::assertStringContainsString('Sleeve 1, along', $changes[0]['what']);
        self::assertStringContainsString("4.5\u{a0}m", $changes[0]['what']);
        $page()->assertSee('the plumber wants it elsewhere')->assertSee('4.5');
        self::assertNotSame($release->heads['plan'], $this->fresh($project)->release?->heads['plan']);
        $this->change($project, ['act' => 'add:sleeve'])->assertSessionHasErrors('act');
        // The crew reads; owner and designer release.
        $this->become($this->member(Role::Crew));
        $this->put("/projects/{$project->id}/release", ['why' => 'because so'])->assertForbidden();
        $page()->assertOk()->assertDontSee('Begin a change');
    }

    private function drawn(): Project
    {
        $project = $this->boathouse();
        $this->post("/projects/{$project->id}/plan", [
            ...self::METRIC, 'shape' => 'rectangle', 'sizes' => ['length_m' => '12', 'width_m' => '8'],
        ])->assertSessionHasNoErrors();

        return $this->fresh($project);
    }

    private function fresh(Project $project): Project
    {
        return Project::query()->findOrFail($project->id);
    }

    private function register(Project $project): Register
    {
        return BuildingJob::of($this->fresh($project))->register();
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

    /**
     * @param  array<string, string>  $form
     * @return TestResponse<Response>
     */
    private function putIn(Project $project, array $form): TestResponse
    {
        return $this->post("/projects/{$project->id}/register", $form);
    }

    /** @return TestResponse<Response> */
    private function settle(Project $project, string $point, string $how): TestResponse
    {
        return $this->post("/projects/{$project->id}/register/settle", ['point' => $point, 'how' => [$point => $how]]);
    }
}
