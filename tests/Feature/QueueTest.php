<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\PassingFile;
use App\Jobs\MakePack;
use App\Jobs\RunStudy;
use App\Jobs\WorkOut;
use App\Later\Content;
use App\Later\Costs;
use App\Later\CutOff;
use App\Later\Fields;
use App\Later\KeptWork;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Outdated;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\Models\Study;
use App\Models\StudyKind;
use App\Models\StudyProgress;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Examples\Examples;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
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
        $this->workOut(Kind::Fields, $this->option);
        $known = $fields->known($this->project, $this->option);
        self::assertNotNull($known);
        $this->workOut(Kind::Fields, $this->option);
        self::assertEquals($known, $fields->known($this->project, $this->option));
        (new WorkOut(Kind::Fields, 999_999, 'of none'))->handle(app(Later::class));
    }

    public function test_costs_answer_202_until_the_queue_has_worked_them_out(): void
    {
        Queue::fake();
        $address = "/projects/{$this->project->id}/section/{$this->option->id}/later/costs";
        $this->get($address)->assertStatus(202);
        Queue::assertPushed(WorkOut::class);
        $this->workOut(Kind::Costs, $this->option);
        $words = (string) $this->get($address)->assertOk()->getContent();
        self::assertMatchesRegularExpression('~data-cost="outside-board-reaches-foot">[^<]*Btu/h~', $words, 'in the reader’s units');
        $this->get(str_replace('costs', 'fields', $address))->assertNotFound();
        $this->get(str_replace('costs', 'miracles', $address))->assertNotFound();
    }

    public function test_costs_of_a_design_that_is_no_longer_so_are_not_worked_out(): void
    {
        $costs = app(Costs::class);
        $this->workOut(Kind::Costs, $this->option, 'of another design');
        self::assertNull($costs->inWords($this->project, $this->option, new QuantityFormatter(UnitSystem::Metric)));
        (new WorkOut(Kind::Costs, 999_999, 'of none'))->handle(app(Later::class));
    }

    public function test_what_was_cut_off_is_taken_up_again_at_the_next_start(): void
    {
        [$running, $waiting, $done] = array_map(
            fn (StudyProgress $state): Study => $this->study($state),
            [StudyProgress::Running, StudyProgress::Queued, StudyProgress::Done],
        );
        $pack = $this->project->packs()->create(['option_id' => $this->option->id, 'by' => 'The test', 'stage' => 'printing']);
        $file = sys_get_temp_dir().'/ondergrond-passing-'.bin2hex(random_bytes(4)).'.sqlite';
        config(['database.connections.passing.database' => $file]);
        PassingFile::current()->prepare();
        $jobs = DB::connection('passing')->table('jobs');
        $jobs->insert(
            [
                'queue' => 'default',
                'payload' => '{}',
                'attempts' => 1,
                'reserved_at' => time(),
                'available_at' => time(),
                'created_at' => time(),
            ],
        );
        Queue::fake();
        CutOff::resume();
        Queue::assertPushed(RunStudy::class, 2);
        Queue::assertPushed(MakePack::class, 1);
        self::assertSame('waiting', $pack->refresh()->stage);
        self::assertSame(0, $jobs->count(), 'what the ended worker had taken is no longer taken');
        array_map(static fn (string|false $left) => unlink((string) $left), (array) glob("{$file}*"));
        self::assertSame(
            [StudyProgress::Queued, StudyProgress::Queued, StudyProgress::Done],
            array_map(static fn (Study $s): StudyProgress => $s->refresh()->state, [$running, $waiting, $done]),
        );
        (new RunStudy($running->id))->handle();
        self::assertSame(StudyProgress::Done, $running->refresh()->state);
        self::assertNotSame([], $running->result['steps']);
    }

    public function test_a_study_that_broke_off_says_so_and_keeps_what_it_knew(): void
    {
        $study = $this->study(StudyProgress::Running, ['steps' => []]);
        (new RunStudy($study->id))->failed(new RuntimeException('out of memory'));
        self::assertSame(
            [StudyProgress::Failed, 'The server broke off.', ['steps' => []]],
            [$study->refresh()->state, $study->progress['says'], $study->result],
        );
        $over = $this->study(StudyProgress::Done);
        (new RunStudy($over->id))->failed(null);
        self::assertSame(StudyProgress::Done, $over->refresh()->state, 'what is over stays as it was');
    }

    public function test_a_search_whose_sizes_went_away_meanwhile_says_what_is_wrong(): void
    {
        $study = $this->study(StudyProgress::Queued, [], StudyKind::Search, ['open' => ['lining.layers.3.thickness_m' => [0.05, 0.1]]]);
        (new RunStudy($study->id))->handle();
        self::assertSame(StudyProgress::Failed, $study->refresh()->state);
        self::assertStringContainsString('a size that is sold in steps', $study->progress['says']);
        $this->get(
            "/projects/{$this->project->id}/section/{$this->option->id}/studies",
        )->assertOk()->assertSeeText('Not worked out')->assertSeeText('a size that is sold in steps');
    }

    public function test_a_newer_question_ends_the_older_one(): void
    {
        Queue::fake();
        $address = "/projects/{$this->project->id}/section/{$this->option->id}/studies/gain";
        $this->post($address);
        $first = Study::query()->sole();
        $this->post($address);
        self::assertSame(StudyProgress::Stopped, $first->refresh()->state);
        self::assertSame(StudyProgress::Queued, Study::latest($this->option, StudyKind::Gain)?->state);
        for ($i = 0; $i < 8; $i++) {
            $this->post($address);
        }
        self::assertLessThanOrEqual(6, Study::query()->count(), 'old ones are let go');
    }

    public function test_a_worker_that_says_nothing_for_long_is_spoken_of(): void
    {
        $study = $this->study(StudyProgress::Queued);
        self::assertFalse($study->isSilent());
        Study::query()->whereKey($study->id)->update(['updated_at' => now()->subMinutes(5)]);
        self::assertTrue($study->refresh()->isSilent());
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}/studies")
            ->assertSeeText('No worker has answered for a while');
    }

    public function test_a_study_of_another_option_is_not_there(): void
    {
        $study = $this->study(StudyProgress::Done, ['front' => [['sizes_m' => ['field_board.thickness_m' => 0.1]]]], StudyKind::Search);
        $other = $this->project->options->firstWhere('id', '!=', $this->option->id);
        $this->post("/projects/{$this->project->id}/section/{$other?->id}/studies/{$study->id}/0")->assertNotFound();
        $this->delete("/projects/{$this->project->id}/section/{$other?->id}/studies/{$study->id}")->assertNotFound();
        self::assertSame(3, $this->project->options()->count());
    }

    public function test_a_choice_that_no_longer_fits_its_option_is_refused(): void
    {
        $study = $this->study(StudyProgress::Done, ['front' => [['sizes_m' => ['edge_beam.depth_m' => 0.01]]]], StudyKind::Search);
        $this->post("/projects/{$this->project->id}/section/{$this->option->id}/studies/{$study->id}/0")->assertSessionHasErrors('study');
        self::assertSame(3, $this->project->options()->count());
    }

    /**
     * @param  array<string, mixed>  $result
     * @param  array<string, mixed>  $input
     */
    private function study(StudyProgress $state, array $result = [], StudyKind $kind = StudyKind::Gain, array $input = []): Study
    {
        return $this->option->studies()->create(
            [
                'project_id' => $this->project->id,
                'kind' => $kind,
                'state' => $state,
                'who' => 'The test',
                'input' => $input,
                'result' => $result,
            ],
        );
    }

    public function test_the_winter_is_run_by_its_own_queue_and_kept_with_its_days(): void
    {
        Queue::fake();
        $address = "/projects/{$this->project->id}/section/{$this->option->id}/later/winters";
        $days = "/projects/{$this->project->id}/section/{$this->option->id}/frost/film";
        $this->get($address)->assertStatus(202)->assertSee('not checked')->assertSee('3 winters are still to be run');
        $this->getJson($days)->assertStatus(202)->assertJson(['days' => null]);
        Queue::assertPushedOn(StudyKind::WINTERS, WorkOut::class);
        // A mild design winter on a small floor: all three uses in some seconds.
        $site = $this->project->site;
        $this->project->update(['site' => new Site($site->place, ClimateSamples::all()['river-plain'], $site->soil, $site->indoor)]);
        $this->option->refresh()->setRelation('project', $this->project);
        $winters = app(Winters::class);
        $this->workOut(Kind::Winters, $this->option, 'another content');
        self::assertSame([], $winters->known($this->project, $this->option), 'the option has changed since it was asked');
        // One of the three uses is run; those of the others are taken to be the same.
        try {
            $winters->workOut(
                $this->project,
                $this->option,
                function () use ($winters): void {
                    if (count($winters->known($this->project, $this->option)) > 0) {
                        throw new Outdated;
                    }
                },
            );
            self::fail('all were run');
        } catch (Outdated) {
            self::assertCount(1, $winters->known($this->project, $this->option), 'what was run is kept');
        }
        $kept = app(KeptWork::class);
        foreach (['', ':film'] as $part) {
            foreach (['set-back', 'unheated'] as $use) {
                $kept->put(
                    Kind::Winters, $this->project, $this->option,
                    $kept->get(Kind::Winters, $this->project, $this->option, 'edge:heated'.$part) ?? [], "edge:{$use}{$part}",
                );
            }
        }
        self::assertTrue($winters->isKnown($this->project, $this->option));
        self::assertCount(3, $winters->known($this->project, $this->option));
        $this->get($address)->assertOk()->assertDontSee('still to be run')->assertSee('away from the ground under the bearing');
        $film = $this->getJson($days)->assertOk()->json();
        self::assertNotSame([], $film['days']);
        self::assertCount(6, $film['matrix']);
        foreach ($film['days'] as $day) {
            self::assertNotSame([], $day['zones']);
            self::assertSame(0, count($day['zones'][0]) % 4, 'as many points along the bottom as along the top');
        }
        $svg = (string) $this->get(
            "/projects/{$this->project->id}/section/{$this->option->id}/section.svg?frost=1",
        )->assertOk()->getContent();
        self::assertStringContainsString('Frost stays', $svg);
        self::assertStringContainsString('class="ice"', $svg);
        $file = $this->getJson("/projects/{$this->project->id}/section/{$this->option->id}/assessment.json")->json();
        self::assertSame(['heated', 'set-back', 'unheated'], array_keys($file['frost']['field']['edge']));
        self::assertGreaterThan(0, $file['frost']['margin_mm']);
        // A winter whose days are not kept yet is not one in which nothing freezes.
        $verdict = $kept->get(Kind::Winters, $this->project, $this->option, 'edge:heated') ?? [];
        $warmer = new Site($site->place, ClimateSamples::all()['river-plain'], $site->soil, $site->indoor + 1.0);
        $this->project->update(['site' => $warmer]);
        $this->option->refresh()->setRelation('project', $this->project);
        $kept->put(Kind::Winters, $this->project, $this->option, $verdict, 'edge:heated');
        self::assertCount(1, $winters->known($this->project, $this->option));
        $this->getJson($days)->assertStatus(202)->assertJson(['days' => null]);
    }

    public function test_the_least_wing_is_looked_for_stopped_and_opened(): void
    {
        Queue::fake();
        $page = "/projects/{$this->project->id}/section/{$this->option->id}/studies";
        // The table asks more at the edge here: that is asked before anything is begun.
        $this->post("{$page}/wing")->assertRedirect("{$page}#wing");
        Queue::assertNothingPushed();
        $this->get($page)->assertOk()->assertSee('name="besides"', false)
            ->assertSeeText('Outside board, below ground');
        $this->post("{$page}/wing", ['asked' => '1'])->assertRedirect("{$page}#wing");
        Queue::assertPushedOn(StudyKind::WINTERS, RunStudy::class);
        self::assertTrue(Study::query()->where('kind', StudyKind::Wing)->firstOrFail()->input['wing_alone']);
        $study = Study::query()->where('kind', StudyKind::Wing)->firstOrFail();
        $design = DesignCodec::toArray($this->option->design);
        $design['wing'] = [...$design['wing'], 'thickness_m' => 0.05, 'width_m' => 0.6, 'depth_m' => 0.25];
        $try = [
            'wing_width_m' => 0.6,
            'wing_thickness_m' => 0.05,
            'edge_thickness_m' => 0.1,
            'board_m3_m' => 0.07,
            'side' => 'edge',
            'margin_mm' => 61.0,
            'day' => '02-20',
            'holds' => true,
        ];
        $study->update(
            [
                'state' => StudyProgress::Running,
                'progress' => ['done' => 1, 'of' => 17],
                'result' => [
                    'tries' => [$try],
                    'best' => [...$try, 'design' => $design],
                    'most' => 17,
                    'by_table' => true,
                    'finished' => false,
                ],
            ],
        );
        $page = "/projects/{$this->project->id}/section/{$this->option->id}/studies";
        $this->get($page)->assertOk()->assertSee('1 of 17')->assertSee('so far');
        $this->delete("/projects/{$this->project->id}/section/{$this->option->id}/studies/{$study->id}")->assertRedirect();
        $this->get($page)->assertSee('Stopped')->assertSee('Open it as an option', false);
        $this->post("/projects/{$this->project->id}/section/{$this->option->id}/studies/{$study->id}/0")->assertRedirect();
        self::assertEqualsWithDelta(0.6, Option::query()->orderByDesc('id')->firstOrFail()->design->wing->width, 1e-9);
        $this->post("/projects/{$this->project->id}/section/{$this->option->id}/studies/{$study->id}/1")->assertSessionHasErrors('study');
        // A cellar cannot be helped by a wing, and says so.
        $cellar = Project::query()->where('name', 'Old bakery cellar')->first() ?? Project::store(
            Examples::of('existing-basement') ?? throw new RuntimeException,
            $this->project->firm ?? throw new RuntimeException,
            'Joost',
        );
        $other = Study::query()->create(
            [
                'project_id' => $cellar->id,
                'option_id' => $cellar->leading()->id,
                'kind' => StudyKind::Wing,
                'state' => StudyProgress::Queued,
                'who' => 'Joost',
                'input' => [],
            ],
        );
        (new RunStudy($other->id))->handle();
        self::assertSame(StudyProgress::Failed, $other->refresh()->state);
        self::assertStringContainsString('goes below frost', $other->progress['says']);
    }
}
