<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Examples\Examples;
use Ondergrond\Project\Option as CoreOption;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Site\Shell;
use Ondergrond\Units\UnitSystem;
use Tests\TestCase;

/** Findings that are answered at the site by one press, and shells that are filled in: on the server. */
final class AnswerPagesTest extends TestCase
{
    private Project $project;

    private Option $option;

    protected function setUp(): void
    {
        parent::setUp();
        $site = SiteCodec::fromArray(array_replace_recursive(SiteCodec::toArray(Examples::boathouse()->site), [
            'climate' => [
                'monthly_mean_c' => [17, 18, 20, 23, 25.5, 27.5, 28, 28, 27, 24.5, 21, 18], 'design_c' => 9, 'name' => 'Warm and humid',
                'source' => 'own',
            ],
            'indoor_c' => 23, 'indoor_swing_k' => 1.5,
        ]));
        $design = Families::all()['thickened-edge-slab']->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
        $this->project = Project::store(
            new CoreProject('Warm house', UnitSystem::Metric, $site, [new CoreOption('A', true, '', $design)]), $this->firm, 'The test',
        );
        $this->option = $this->project->options->firstOrFail();
    }

    public function test_humid_rooms_are_answered_at_the_site_by_one_press(): void
    {
        $bench = "/projects/{$this->project->id}/section/{$this->option->id}";
        $page = (string) $this->get("{$bench}?field=now")->assertOk()->getContent();
        $offered = '~name="say" value="(site\.damp\.dried_rh_share):\s*([0-9.]+)"~';
        $said = preg_match($offered, $page, $match) === 1 ? $match : self::fail('it is offered');
        self::assertStringContainsString('Cool and dry the rooms to', $page);
        $this->post("{$bench}/say", ['say' => "{$said[1]}:{$said[2]}"])->assertRedirect($bench);
        self::assertSame((float) $said[2], $this->project->refresh()->site->damp->driedRh);
        $this->get("{$bench}?field=now")->assertOk()->assertDontSee('id="answer-surfaces-stay-dry"', false);
        foreach (['site.indoor_c:60', 'site.damp.dried_rh_share:wet', 'site.damp.dried_rh_share:7', 'nonsense', ''] as $wrong) {
            $this->post("{$bench}/say", ['say' => $wrong])->assertSessionHasErrors();
            self::assertSame((float) $said[2], $this->project->refresh()->site->damp->driedRh, $wrong);
        }
    }

    public function test_a_shell_fills_in_what_belongs_to_it(): void
    {
        $this->get("/projects/{$this->project->id}/site")->assertOk()->assertSeeText('Tight and well insulated');
        $this->put("/projects/{$this->project->id}/site/shell", ['shell' => 'tight'])->assertRedirect();
        $room = $this->project->refresh()->site->room;
        self::assertSame(array_values(Shell::Tight->figures()), [$room->airChanges, $room->roof, $room->glassU]);
        $this->put("/projects/{$this->project->id}/site/shell", ['shell' => 'draughty'])->assertSessionHasErrors('shell');
        self::assertSame(0.15, $this->project->refresh()->site->room->airChanges);
        $this->put("/projects/{$this->project->id}/site/undo")->assertRedirect();
        self::assertSame(0.5, $this->project->refresh()->site->room->airChanges);
    }
}
