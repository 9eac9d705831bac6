<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\InspectionRecord;
use App\Models\Project;
use App\Models\Role;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Examples\Examples;
use Tests\TestCase;

/** Damp on pages: all of an option's, the day of the pour, and what was seen on site. */
final class DampPagesTest extends TestCase
{
    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->project = Project::store(
            array_values(array_filter(Examples::all(), static fn ($p): bool => $p->name === 'Old bakery cellar'))[0],
            $this->firm,
            'The test',
        );
    }

    public function test_the_page_says_all_of_an_options_damp(): void
    {
        $wool = $this->project->options->last() ?? self::fail('it has two options');
        $address = "/projects/{$this->project->id}/section/{$wool->id}/damp";
        $this->get($address)
            ->assertOk()
            ->assertSee('data-pending', false)
            ->assertSee('Water from outside')
            ->assertDontSee('between mineral wool');
        $page = $this->get("{$address}?field=now")->assertOk()->assertDontSee('data-pending', false);
        $page->assertSeeInOrder(
            [
                'Damp', 'fails', 'What mends it:', 'Put foam board with taped joints against the wall', 'Vapour in the layers',
                'between mineral wool and dense concrete block', 'with a sheet on the room', 'Faces of the rooms',
                'Water from outside', 'not said', 'Slab and finish', 'On the day of the pour',
            ],
        );
        $this->get(
            "/projects/{$this->project->id}/section/{$this->project->leading()->id}/damp?field=now",
        )->assertOk()->assertDontSee('mineral wool');
    }

    public function test_the_day_of_the_pour_is_worked_out_and_bad_figures_stay(): void
    {
        $at = fn (array $pour): string => "/projects/{$this->project->id}/section/{$this->project->leading()->id}/damp?"
            .http_build_query(['pour' => $pour]);
        $this->get(
            $at(['concrete_c' => '30.6', 'air_c' => '26.7', 'humidity_share' => '50', 'wind_m_s' => '12 mph']),
        )->assertOk()->assertSee('1.14')->assertSee('Do not pour like this');
        $this->get($at(['humidity_share' => '140 %']))
            ->assertOk()
            ->assertSee('140 %')
            ->assertSee("Allowed: 0\u{a0}% to 100\u{a0}%")
            ->assertDontSee('leaves the face');
        $this->get($at(['wind_m_s' => 'a breeze']))->assertOk()->assertSee('a breeze')->assertDontSee('leaves the face');
    }

    public function test_the_drawing_is_had_with_water(): void
    {
        $svg = (string) $this->get(
            "/projects/{$this->project->id}/section/{$this->project->options->last()?->id}/section.svg?water=1",
        )->assertOk()->getContent();
        self::assertMatchesRegularExpression('~g/m² by ~', $svg);
        self::assertStringContainsString('mat: what seeps in runs below it to a sump', $svg);
    }

    public function test_an_inspection_is_kept_changed_and_taken_out(): void
    {
        $base = "/projects/{$this->project->id}/inspections";
        $this->get($base)->assertOk()->assertSee('Oven wall')->assertSee('Rising from the ground')->assertSee('Call a specialist first.');
        $this->get("{$base}/create")->assertOk()->assertSee('a tide line at one height');
        $typed = [
            'place' => 'Coal chute', 'on' => '2026-03-01', 'height_m' => '2\'-6"', 'signs' => ['after-rain', 'one-patch'],
            'readings' => [
                ['height_m' => '300 mm', 'value' => '12'],
                ['height_m' => '1.2 m', 'value' => '71'],
                ['height_m' => '1.9', 'value' => '15'],
                ['height_m' => '', 'value' => ''],
            ],
            'air_c' => '64F', 'humidity_share' => '55', 'surface_c' => '', 'note' => 'Lid rusted through.',
        ];
        $this->post($base, $typed)->assertRedirect();
        $record = InspectionRecord::query()->latest('id')->firstOrFail();
        self::assertSame('Coal chute', $record->seen->place);
        self::assertEqualsWithDelta(0.762, (float) $record->seen->height, 1e-9);
        self::assertCount(3, $record->seen->readings);
        self::assertEqualsWithDelta(0.55, (float) $record->seen->humidity, 1e-9);
        self::assertNull($record->seen->surface);
        $this->get("{$base}/{$record->id}")
            ->assertOk()
            ->assertSee('Coming through from outside')
            ->assertSee('Readings are highest part-way up.');
        $this->put("{$base}/{$record->id}", [...$typed, 'signs' => [...$typed['signs'], 'electrics']])->assertRedirect();
        $this->get("{$base}/{$record->id}")->assertSee('call an electrician');
        // It goes out with the project and comes back with it.
        $file = (string) $this->get("/projects/{$this->project->id}/project.json")->getContent();
        self::assertStringContainsString('Coal chute', $file);
        $this->delete("{$base}/{$record->id}")->assertRedirect($base);
        self::assertFalse($this->project->inspections()->whereKey($record->id)->exists());
        self::assertStringNotContainsString('Coal chute', (string) $this->get("/projects/{$this->project->id}/project.json")->getContent());
        $this->get($base)->assertSee('Taken out')->assertSee('Put back');
        $this->put("{$base}/{$record->id}/back")->assertRedirect($base);
        self::assertSame('Coal chute', $this->project->inspections()->whereKey($record->id)->sole()->seen->place);
    }

    public function test_what_is_wrong_is_said_at_the_field_and_nothing_is_kept(): void
    {
        $base = "/projects/{$this->project->id}/inspections";
        $before = InspectionRecord::query()->count();
        $this->from("{$base}/create")->post($base, [
            'place' => ' ', 'on' => '31 June', 'humidity_share' => '140', 'air_c' => 'warm', 'signs' => ['tide-line'],
            'readings' => [['height_m' => '0.5', 'value' => '']],
        ])->assertSessionHasErrors(['place', 'on', 'air_c', 'readings.0.value']);
        $this->from("{$base}/create")->post($base, ['place' => 'x', 'on' => '2026-06-31'])->assertSessionHasErrors('on');
        $this->from("{$base}/create")->post(
            $base,
            ['place' => 'x', 'on' => '2026-06-30', 'humidity_share' => '140'],
        )->assertSessionHasErrors('humidity_share');
        $this->from("{$base}/create")->post($base, ['place' => 'x', 'on' => '2026-06-30', 'signs' => ['ghosts']])->assertSessionHasErrors();
        self::assertSame($before, InspectionRecord::query()->count());
    }

    public function test_the_crew_keeps_inspections_and_a_reader_reads_them(): void
    {
        $base = "/projects/{$this->project->id}/inspections";
        $this->become($this->member(Role::Crew));
        $this->post($base, ['place' => 'Yard door', 'on' => '2026-03-02'])->assertRedirect();
        $this->become($this->member(Role::Reader));
        $this->get($base)->assertOk()->assertSee('Yard door')->assertDontSee('Look at one');
        $this->post($base, ['place' => 'No', 'on' => '2026-03-02'])->assertForbidden();
    }

    public function test_the_site_says_what_is_known_of_humidity_and_water(): void
    {
        $this->get("/projects/{$this->project->id}/site")->assertOk()->assertSee('Highest water table');
        $revision = $this->project->revisions()->latest('id')->value('id');
        $save = fn (array $damp) => $this->from("/projects/{$this->project->id}/site")->put(
            "/projects/{$this->project->id}/site",
            ['name' => $this->project->name, 'revision' => $revision, 'site' => ['damp' => $damp]],
        );
        $save(['outdoor_rh_share' => '85 84 80 76 74 74 75 77 80 83 86 200'])->assertSessionHasErrors('site.damp.outdoor_rh_share');
        $save(['outdoor_rh_share' => '85 84 80'])->assertSessionHasErrors('site.damp.outdoor_rh_share');
        $save(['water_table_m' => '-300 mm'])->assertSessionHasErrors('site.damp.water_table_m');
        $save(['indoor_rh_share' => '140'])->assertSessionHasErrors('site.damp.indoor_rh_share');
        $save(
            [
                'humidity' => 'office',
                'outdoor_rh_share' => '85 84 80 76 74 74 75 77 80 83 86 87',
                'water_table_m' => '1.2 m',
                'indoor_rh_share' => '',
                'muggy_k' => '5',
            ],
        )->assertSessionHasNoErrors();
        $damp = $this->project->refresh()->site->damp;
        self::assertSame('office', $damp->humidity->value);
        self::assertEqualsWithDelta(0.87, $damp->outdoorRh[11], 1e-9);
        self::assertEqualsWithDelta(1.2, (float) $damp->waterTable, 1e-9);
        self::assertNull($damp->indoorRh);
    }
}
