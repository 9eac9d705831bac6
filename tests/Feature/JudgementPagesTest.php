<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\RunStudy;
use App\Jobs\WorkOut;
use App\Later\Kind;
use App\Models\Option;
use App\Models\Project;
use App\Models\Role;
use App\Models\Study;
use App\Models\StudyKind;
use App\Models\StudyProgress;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Site\LimitMeant;
use Tests\TestCase;

/** Findings, remedies, rules set aside; options compared; studies and prices: on the server. */
final class JudgementPagesTest extends TestCase
{
    private Project $project;

    private Option $wrong;

    private Option $right;

    protected function setUp(): void
    {
        parent::setUp();
        $washHouse = array_values(
            array_filter(Examples::all(), static fn (CoreProject $p): bool => str_contains($p->name, 'wash-house')),
        )[0];
        $this->project = Project::store($washHouse, $this->firm, 'The test');
        $this->wrong = $this->project->options->firstOrFail();
        $this->right = $this->project->options->slice(1)->firstOrFail();
    }

    public function test_the_bench_says_what_the_rules_find_why_and_what_to_do(): void
    {
        $this->get($this->bench($this->wrong))->assertOk()
            ->assertSeeText(
                'The board under the bearing has no stated strength: soft ones crush there, and of others a data sheet must tell.',
            )
            ->assertSeeText('Stone wool and soft boards crush under line loads')
            ->assertSee('value="remedy:board-under-bearing"', false)
            ->assertSeeText('Set aside by Marit Sluys on 2026-11-20: “The tinsmith brings the flashing with the cladding.”')
            ->assertSeeText('These are calculations, not approval.')
            ->assertSeeText('Wet cement burns skin');
        $this->become($this->member(Role::Reader))
            ->get($this->bench($this->wrong))
            ->assertOk()
            ->assertSeeText('The board under the bearing has no stated strength')
            ->assertDontSee('value="remedy:', false);
    }

    public function test_a_remedy_is_one_change_that_can_be_undone(): void
    {
        $before = $this->wrong->design;
        $this->act($this->wrong, 'remedy:board-under-bearing')->assertRedirect();
        self::assertSame('xps-40psi', $this->wrong->refresh()->design->edgeUnder->material->slug);
        self::assertSame($before->fieldBoard->thickness, $this->wrong->design->fieldBoard->thickness);
        $this->put("/projects/{$this->project->id}/section/{$this->wrong->id}/undo")->assertRedirect();
        self::assertEquals(DesignCodec::toArray($before), DesignCodec::toArray($this->wrong->refresh()->design));
    }

    public function test_a_remedy_that_is_no_longer_wanted_is_refused(): void
    {
        $before = $this->right->design;
        foreach (['remedy:board-under-bearing', 'remedy:no-such-rule', 'remedy:radon-known', 'set-aside:no-such-rule', 'dance'] as $act) {
            $this->act($this->right, $act)->assertSessionHasErrors('act');
        }
        self::assertEquals($before, $this->right->refresh()->design);
    }

    public function test_a_rule_is_set_aside_with_a_reason_and_a_name_and_taken_back(): void
    {
        $this->act(
            $this->wrong,
            'set-aside:wood-off-concrete',
            ['wood-off-concrete' => ' '],
        )->assertSessionHasErrors(['reason.wood-off-concrete']);
        self::assertArrayNotHasKey('wood-off-concrete', $this->wrong->refresh()->set_aside);
        $this->act($this->wrong, 'set-aside:wood-off-concrete', ['wood-off-concrete' => '=the sill is oak, on slate'])->assertRedirect();
        $set = $this->wrong->refresh()->set_aside['wood-off-concrete'];
        self::assertSame(['=the sill is oak, on slate', $this->designer->name], [$set['reason'], $set['by']]);
        // Everywhere: on the bench, in the comparison, in files, in the history, for a client.
        $this->get($this->bench($this->wrong))->assertSeeText('the sill is oak, on slate');
        $this->get("/projects/{$this->project->id}/compare")->assertSeeText('the sill is oak, on slate');
        $this->get("/projects/{$this->project->id}/section/{$this->wrong->id}/history")->assertSeeText('the sill is oak, on slate');
        $file = (string) $this->get("/projects/{$this->project->id}/project.json")->getContent();
        self::assertContains('wood-off-concrete', array_column(ProjectFile::read($file)->options[0]->setAside, 'rule'));
        $assessment = json_decode(
            (string) $this->get("/projects/{$this->project->id}/section/{$this->wrong->id}/assessment.json")->getContent(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        self::assertSame(
            '=the sill is oak, on slate',
            array_column($assessment['findings'], 'set_aside', 'rule')['wood-off-concrete']['reason'],
        );
        self::assertSame(2, $assessment['judgement']['set_aside']);
        self::assertEqualsWithDelta(
            12.6,
            array_column($assessment['findings'], 'cost', 'rule')['post-carried']['kpa'],
            0.1,
            '47.3 where 34.7 are allowed',
        );
        $this->get(
            "/projects/{$this->project->id}/section/{$this->wrong->id}/section.svg",
        )->assertSee('set aside: pest shield, wood off concrete', false);

        $this->act($this->wrong, 'take-back:wood-off-concrete')->assertRedirect();
        self::assertArrayNotHasKey('wood-off-concrete', $this->wrong->refresh()->set_aside);
        $this->put("/projects/{$this->project->id}/section/{$this->wrong->id}/undo")->assertRedirect();
        self::assertArrayHasKey('wood-off-concrete', $this->wrong->refresh()->set_aside, 'undo brings it back');
    }

    public function test_what_ignoring_costs_comes_after_the_bench(): void
    {
        $costs = (string) $this->get("/projects/{$this->project->id}/section/{$this->wrong->id}/later/costs")->assertOk()->getContent();
        self::assertMatchesRegularExpression('~data-cost="break-at-doors">Ignored, it costs \d+\x{a0}W as the mean of the year~u', $costs);
        self::assertStringContainsString('data-cost="outside-board-reaches-foot"', $costs);
        self::assertStringNotContainsString('data-cost="sheet-taped"', $costs, 'tape saves no heat');
    }

    public function test_the_rulebook_is_on_a_page_with_every_source(): void
    {
        $page = $this->get('/rules')->assertOk();
        foreach (Rulebook::all() as $rule) {
            $page->assertSee('id="'.$rule->id().'"', false)->assertSeeText($rule->cited());
        }
    }

    public function test_a_requirement_set_fills_in_its_figures_and_each_can_be_changed(): void
    {
        $site = ['requirements' => ['set' => 'zone-5', 'edge_r_m2kw' => '9']];
        $this->site($site)->assertRedirect();
        self::assertSame('zone-5', $this->project->refresh()->site->requirements->set);
        self::assertEqualsWithDelta(
            10 * 0.17611,
            (float) $this->project->site->requirements->edge,
            1e-3,
            'the figures of the set, not of the fields that showed another',
        );
        $this->site(
            ['requirements' => ['set' => 'zone-5', 'edge_r_m2kw' => 'thick', 'basement_wall_r_m2kw' => ''], 'radon' => 'no'],
        )->assertSessionHasErrors('site.requirements.edge_r_m2kw');
        $this->site(
            ['requirements' => ['set' => 'zone-5', 'edge_r_m2kw' => '2.4', 'basement_wall_r_m2kw' => ''], 'radon' => 'no'],
        )->assertRedirect();
        self::assertSame(
            [2.4, null],
            [$this->project->refresh()->site->requirements->edge, $this->project->site->requirements->basementWall],
        );
        $this->site(['requirements' => ['set' => 'zone-99']])->assertSessionHasErrors();
    }

    public function test_a_site_says_what_its_limit_means_and_a_design_what_its_loads_and_seals_are(): void
    {
        $this->get("/projects/{$this->project->id}/site")->assertOk()->assertSee('name="site[floor_limit_meant]"', false);
        $this->site(['floor_limit_meant' => 'with'])->assertRedirect();
        self::assertSame(LimitMeant::With, $this->project->refresh()->site->floorLimitMeant);
        $this->site(['floor_limit_meant' => 'perhaps'])->assertSessionHasErrors('site.floor_limit_meant');
        self::assertSame(LimitMeant::With, $this->project->refresh()->site->floorLimitMeant, 'what was saved stays');
        $this->get($this->bench($this->right))->assertOk()->assertSee('name="design[loads][use]"', false)->assertSee(
            'name="design[stone][thickness_m]"',
            false,
        );
    }

    public function test_options_stand_side_by_side_and_fields_come_from_the_queue(): void
    {
        Queue::fake();
        $address = "/projects/{$this->project->id}/compare";
        $this->get($address)->assertOk()->assertSee('data-pending', false)->assertSeeText('A · as it was drawn')->assertSeeText('stop');
        Queue::assertPushed(WorkOut::class);
        foreach ($this->project->options as $option) {
            $this->workOut(Kind::Fields, $option);
            $this->workOut(Kind::Cooling, $option);
        }
        $page = $this->get($address)->assertOk()->assertDontSee('data-pending', false)->assertSee('◂', false);
        $page->assertSeeText('Board under the bearing, material');
        $csv = (string) $this->get("{$address}.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
        self::assertStringContainsString("Findings,Stop,4,0\r\n", $csv);
        $this->get(
            "{$address}?options[]={$this->right->id}&options[]=999999&options[]=x",
        )->assertOk()->assertDontSee('>A · as it was drawn</bdi></a>', false);
    }

    public function test_csv_cells_never_become_formulas(): void
    {
        $this->wrong->update(['name' => '=HYPERLINK("http://x")']);
        $csv = (string) $this->get("/projects/{$this->project->id}/compare.csv")->getContent();
        self::assertStringContainsString('"\'=HYPERLINK(""http://x"")"', $csv);
    }

    public function test_prices_are_kept_as_they_are_written_and_bad_ones_named(): void
    {
        $this->put('/prices', ['currency' => 'EUR', 'per_m3' => ['xps-25psi' => '240.5', 'eps-25psi' => '']])->assertRedirect('/prices');
        self::assertSame(['currency' => 'EUR', 'per_m3' => ['xps-25psi' => 240.5], 'per_unit' => []], $this->firm->refresh()->prices);
        $this->put(
            '/prices',
            ['currency' => 'EUR', 'per_m3' => ['xps-25psi' => 'dear', 'cheese' => '4', 'sand' => '-3']],
        )->assertSessionHasErrors(['per_m3.xps-25psi', 'per_m3.cheese', 'per_m3.sand']);
        self::assertSame(240.5, $this->firm->refresh()->prices['per_m3']['xps-25psi'], 'what was saved stays');
    }

    public function test_a_study_is_worked_out_and_its_choices_open_as_options(): void
    {
        // The queue of the tests works at once; ground that does not heave needs no winter.
        $site = $this->project->site;
        $this->project->update(
            ['site' => SiteCodec::fromArray(array_replace_recursive(SiteCodec::toArray($site), ['frost' => ['susceptibility' => 'no']]))],
        );
        $this->post(
            $this->study('/search'),
            [
                'open' => ['field_board.thickness_m', 'edge_outside.thickness_m'],
                'from' => ['field_board.thickness_m' => '80 mm', 'edge_outside.thickness_m' => '80 mm'],
                'to' => ['field_board.thickness_m' => '120 mm', 'edge_outside.thickness_m' => '120 mm'],
            ],
        )->assertRedirect();
        $study = Study::latest($this->right, StudyKind::Search);
        self::assertSame([StudyProgress::Done, true], [$study?->state, $study?->result['finished']]);
        $before = $this->right->refresh()->design;
        $this->get($this->study())->assertOk()->assertSeeText('9 of 9 designs judged')->assertSeeText('No prices are given');
        $this->post("/projects/{$this->project->id}/section/{$this->right->id}/studies/{$study?->id}/0")->assertRedirect();
        self::assertSame(3, $this->project->options()->count());
        self::assertEquals($before, $this->right->refresh()->design, 'nothing is applied by itself');
        $made = Option::query()->latest('id')->firstOrFail();
        self::assertSame('B · put right, chosen 1', $made->name);
        self::assertEqualsWithDelta(
            $study?->result['front'][0]['sizes_m']['edge_outside.thickness_m'],
            $made->design->edgeOutside->layer->thickness,
            1e-9,
        );
        $this->post("/projects/{$this->project->id}/section/{$this->right->id}/studies/{$study?->id}/99")->assertSessionHasErrors('study');

        $this->get($this->study())->assertDontSeeText('Worked out by methods');
        self::assertNotNull($study);
        $study->update(['input' => [...$study->input, 'methods' => 7]]);
        $this->get($this->study())->assertSeeText('Worked out by methods 7')->assertSeeText('work it out again');

        $this->post($this->study('/gain'))->assertRedirect();
        $this->get($this->study())->assertSeeText('The next size of board')->assertSeeText('Outside board, thickness');
    }

    public function test_bad_questions_to_a_search_are_named_and_nothing_starts(): void
    {
        $this->post($this->study('/search'), [])->assertSessionHasErrors('open');
        $this->post(
            $this->study('/search'),
            [
                'open' => ['field_board.thickness_m'],
                'from' => ['field_board.thickness_m' => 'thin'],
                'to' => ['field_board.thickness_m' => '120 mm'],
                'most_cost' => '100',
                'most_height' => 'low',
            ],
        )
            ->assertSessionHasErrors(['from.field_board.thickness_m', 'most_cost', 'most_height']);
        self::assertSame(0, Study::query()->count());
    }

    public function test_an_option_that_goes_away_ends_its_study(): void
    {
        Queue::fake();
        $this->post($this->study('/gain'))->assertRedirect();
        $study = Study::query()->sole();
        $this->right->delete();
        (new RunStudy($study->id))->handle();
        self::assertSame(StudyProgress::Stopped, $study->refresh()->state);
        self::assertSame('The option was deleted before it was worked out.', $study->progress['says']);
    }

    public function test_a_study_that_was_stopped_stays_so(): void
    {
        Queue::fake();
        $this->post($this->study('/gain'));
        $study = Study::query()->sole();
        $this->get($this->study())->assertSee('data-pending', false)->assertSeeText('Waiting for its turn');
        $this->delete("/projects/{$this->project->id}/section/{$this->right->id}/studies/{$study->id}")->assertRedirect();
        (new RunStudy($study->id))->handle();
        self::assertSame([StudyProgress::Stopped, []], [$study->refresh()->state, $study->result]);
        $this->get($this->study())->assertDontSee('data-pending', false)->assertSeeText('Stopped.');
    }

    public function test_a_figure_of_an_earlier_design_is_said_to_be_one(): void
    {
        $this->post($this->study('/gain'));
        $this->get($this->study())->assertDontSeeText('has changed since');
        $this->act($this->right, '', [], ['field_board' => ['thickness_m' => '120 mm']])->assertRedirect();
        $this->get($this->study())->assertSeeText('The design or its site has changed since');
    }

    private function bench(Option $option): string
    {
        return "/projects/{$this->project->id}/section/{$option->id}";
    }

    private function study(string $what = ''): string
    {
        return $this->bench($this->right).'/studies'.$what;
    }

    /**
     * @param  array<string, string>  $reasons
     * @param  array<string, mixed>  $design
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function act(Option $option, string $act, array $reasons = [], array $design = []): \Illuminate\Testing\TestResponse
    {
        return $this->put(
            $this->bench($option),
            ['revision' => $option->revisions()->max('id'), 'act' => $act, 'reason' => $reasons, 'design' => $design],
        );
    }

    /**
     * @param  array<string, mixed>  $site
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function site(array $site): \Illuminate\Testing\TestResponse
    {
        return $this->put(
            "/projects/{$this->project->id}/site",
            ['name' => $this->project->name, 'revision' => $this->project->revisions()->max('id'), 'site' => $site],
        );
    }
}
