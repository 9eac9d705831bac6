<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\RunStudy;
use App\Jobs\SolveFields;
use App\Jobs\WorkOutCosts;
use App\Models\Option;
use App\Models\Project;
use App\Models\Study;
use App\Models\StudyKind;
use App\Models\StudyState;
use App\Support\Content;
use App\Support\Costs;
use App\Support\Fields;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Exchange\DesignCodec;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use RuntimeException;
use Tests\TestCase;

/** What is worked out beside the pages: kept by content, taken up again, ended, and never in the way. */
final class QueueTest extends TestCase
{
    private Project $project;

    private Option $option;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = $this->boathouse();
        $this->option = $this->project->leading();
    }

    public function test_what_was_kept_counts_only_for_the_very_same_content(): void
    {
        $hash = Content::hash($this->project, $this->option);
        self::assertSame($hash, Content::hash($this->project->refresh(), $this->option->refresh()), 'the same again');
        $this->option->update(['name' => 'another name', 'note' => 'another note']);
        self::assertSame($hash, Content::hash($this->project, $this->option), 'words change no figure');
        $data = DesignCodec::toArray($this->option->design);
        $data['stone']['thickness_m'] += 0.001;
        $this->option->design = DesignCodec::fromArray($data);
        self::assertNotSame($hash, Content::hash($this->project, $this->option), 'a millimetre does');
    }

    public function test_fields_are_solved_once_and_then_known(): void
    {
        $fields = app(Fields::class);
        self::assertNull($fields->known($this->project, $this->option));
        (new SolveFields($this->project->id))->handle($fields);
        $known = $fields->known($this->project, $this->option);
        self::assertNotNull($known);
        self::assertEquals($known, $fields->solved($this->project, $this->option));
        (new SolveFields(999_999))->handle($fields);
    }

    public function test_costs_answer_202_until_the_queue_has_worked_them_out(): void
    {
        Queue::fake();
        $address = "/projects/{$this->project->id}/section/{$this->option->id}/costs";
        $this->getJson($address)->assertStatus(202);
        Queue::assertPushed(WorkOutCosts::class);
        $costs = app(Costs::class);
        (new WorkOutCosts($this->option->id, Content::hash($this->project, $this->option)))->handle($costs);
        $words = (array) $this->getJson($address)->assertOk()->json();
        self::assertStringContainsString('Btu/h', $words['outside-board-reaches-foot'], 'in the reader’s units');
    }

    public function test_costs_of_a_design_that_is_no_longer_so_are_not_worked_out(): void
    {
        $costs = app(Costs::class);
        (new WorkOutCosts($this->option->id, 'of another design'))->handle($costs);
        self::assertNull($costs->inWords($this->project, $this->option, new QuantityFormatter(UnitSystem::Metric)));
        (new WorkOutCosts(999_999, 'of none'))->handle($costs);
    }

    public function test_what_was_cut_off_is_taken_up_again_at_the_next_start(): void
    {
        [$running, $waiting, $done] = array_map(fn (StudyState $state): Study => $this->study($state), [StudyState::Running, StudyState::Queued, StudyState::Done]);
        DB::table('jobs')->insert(['queue' => 'default', 'payload' => '{}', 'attempts' => 1, 'reserved_at' => time(), 'available_at' => time(), 'created_at' => time()]);
        Queue::fake();
        self::assertSame(0, Artisan::call('ondergrond:resume-studies'));
        Queue::assertPushed(RunStudy::class, 2);
        self::assertSame(0, DB::table('jobs')->count(), 'what the ended worker had taken is no longer taken');
        self::assertSame([StudyState::Queued, StudyState::Queued, StudyState::Done], array_map(static fn (Study $s): StudyState => $s->refresh()->state, [$running, $waiting, $done]));
        (new RunStudy($running->id))->handle();
        self::assertSame(StudyState::Done, $running->refresh()->state);
        self::assertNotSame([], $running->result['steps']);
    }

    public function test_a_study_that_broke_off_says_so_and_keeps_what_it_knew(): void
    {
        $study = $this->study(StudyState::Running, ['steps' => []]);
        (new RunStudy($study->id))->failed(new RuntimeException('out of memory'));
        self::assertSame([StudyState::Failed, 'The server broke off.', ['steps' => []]], [$study->refresh()->state, $study->progress['says'], $study->result]);
        $over = $this->study(StudyState::Done);
        (new RunStudy($over->id))->failed(null);
        self::assertSame(StudyState::Done, $over->refresh()->state, 'what is over stays as it was');
    }

    public function test_a_search_whose_sizes_went_away_meanwhile_says_what_is_wrong(): void
    {
        $study = $this->study(StudyState::Queued, [], StudyKind::Search, ['open' => ['lining.layers.3.thickness_m' => [0.05, 0.1]]]);
        (new RunStudy($study->id))->handle();
        self::assertSame(StudyState::Failed, $study->refresh()->state);
        self::assertStringContainsString('a size that is sold in steps', $study->progress['says']);
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}/gain")->assertOk()->assertSeeText('Not worked out')->assertSeeText('a size that is sold in steps');
    }

    public function test_a_newer_question_ends_the_older_one(): void
    {
        Queue::fake();
        $address = "/projects/{$this->project->id}/section/{$this->option->id}/gain";
        $this->post($address);
        $first = Study::query()->sole();
        $this->post($address);
        self::assertSame(StudyState::Stopped, $first->refresh()->state);
        self::assertSame(StudyState::Queued, Study::latest($this->option, StudyKind::Gain)?->state);
        for ($i = 0; $i < 8; $i++) {
            $this->post($address);
        }
        self::assertLessThanOrEqual(6, Study::query()->count(), 'old ones are let go');
    }

    public function test_a_worker_that_says_nothing_for_long_is_spoken_of(): void
    {
        $study = $this->study(StudyState::Queued);
        self::assertFalse($study->isSilent());
        Study::query()->whereKey($study->id)->update(['updated_at' => now()->subMinutes(5)]);
        self::assertTrue($study->refresh()->isSilent());
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}/gain")->assertSeeText('No worker has answered for a while');
    }

    public function test_a_study_of_another_option_is_not_there(): void
    {
        $study = $this->study(StudyState::Done, ['front' => [['sizes_m' => ['field_board.thickness_m' => 0.1]]]], StudyKind::Search);
        $other = $this->project->options->firstWhere('id', '!=', $this->option->id);
        $this->post("/projects/{$this->project->id}/section/{$other?->id}/studies/{$study->id}/0")->assertNotFound();
        $this->delete("/projects/{$this->project->id}/section/{$other?->id}/studies/{$study->id}")->assertNotFound();
        self::assertSame(3, $this->project->options()->count());
    }

    public function test_a_choice_that_no_longer_fits_its_option_is_refused(): void
    {
        $study = $this->study(StudyState::Done, ['front' => [['sizes_m' => ['edge_beam.depth_m' => 0.01]]]], StudyKind::Search);
        $this->post("/projects/{$this->project->id}/section/{$this->option->id}/studies/{$study->id}/0")->assertSessionHasErrors('study');
        self::assertSame(3, $this->project->options()->count());
    }

    /**
     * @param  array<string, mixed>  $result
     * @param  array<string, mixed>  $input
     */
    private function study(StudyState $state, array $result = [], StudyKind $kind = StudyKind::Gain, array $input = []): Study
    {
        return $this->option->studies()->create(['project_id' => $this->project->id, 'kind' => $kind, 'state' => $state, 'who' => 'The test', 'input' => $input, 'result' => $result]);
    }
}
