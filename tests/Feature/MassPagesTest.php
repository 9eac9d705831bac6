<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\WorkOut;
use App\Later\Content;
use App\Later\Hours;
use App\Later\Kind;
use App\Models\Option;
use App\Models\Project;
use App\Models\Role;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Examples\Examples;
use Tests\TestCase;

/** What the floor stores, on pages: asked of the queue, kept by content, beside another's. */
final class MassPagesTest extends TestCase
{
    private Project $project;

    private Option $thick;

    private Option $quick;

    private string $base;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->project = Project::store(
            array_values(array_filter(Examples::all(), static fn ($p): bool => $p->name === 'Orchard glasshouse floor'))[0],
            $this->firm,
            'The test',
        );
        [$this->thick, $this->quick] = $this->project->options->sortBy('position')->values()->all();
        $this->base = "/projects/{$this->project->id}/section/{$this->thick->id}/mass";
    }

    private function tell(Option $option): void
    {
        $this->workOut(Kind::Story, $option);
    }

    public function test_the_story_comes_from_the_queue_and_stays(): void
    {
        $this->get($this->base)
            ->assertOk()
            ->assertSee('The hours are being simulated')
            ->assertSee('What its layers take in')
            ->assertDontSee('Had it been built otherwise');
        Queue::assertPushed(WorkOut::class);
        $core = "/projects/{$this->project->id}/section/{$this->thick->id}/later/cooling";
        $this->get($core)->assertStatus(202)->assertSee('The hours are being simulated');
        // The bench asks for no more than it shows.
        $this->workOut(Kind::Cooling, $this->thick);
        $this->get($core)->assertOk()->assertSee('Without heating on the coldest day');
        $this->get($this->base)->assertOk()->assertSee('The hours are being simulated');
        $this->getJson("{$this->base}/year.json")->assertStatus(202);
        $this->tell($this->thick);
        $page = $this->get($this->base)->assertOk()->assertDontSee('being simulated');
        $page->assertSeeInOrder(
            [
                'What the floor stores', 'limit', 'Heating stops on the coldest day', "Outside it stays at -8\u{a0}°C",
                'On a light floor', 'Let cool at night', 'Hardly worth it.', 'Warming up from cold', 'A clear winter day',
                'In January it brings', 'Surplus power into the floor', "At 5.6\u{a0}kW the floor takes", 'A week of heat',
                'The whole year', 'Had it been built otherwise', 'half as thick', 'The heated floor', 'as drawn',
                "7 of 86\u{a0}m", 'What its layers take in', 'The rooms, as they are taken',
            ],
        );
        $this->get($core)->assertOk()->assertSeeInOrder(
            ['Mass', 'Without heating on the coldest day', 'floor takes in over a day', 'heated floor gives'],
        );
        $this->get("/projects/{$this->project->id}/section/{$this->thick->id}")
            ->assertOk()
            ->assertSee('All of it: cold nights, sun, surplus, loops')
            ->assertDontSee('later/cooling');
    }

    public function test_the_hours_are_had_for_plots_and_as_a_table(): void
    {
        $this->tell($this->thick);
        $hours = $this->getJson("{$this->base}/clear-winter-day.json")->assertOk()->json();
        self::assertSame([1, '°C', 'a clear day'], [$hours['step'], $hours['degrees'], $hours['runs'][0]['label']]);
        self::assertCount(168, $hours['runs'][0]['room']);
        self::assertCount(count($hours['runs'][0]['sizes']), $hours['runs'][0]['cells'][0]);
        self::assertEqualsWithDelta(0.1, $hours['runs'][0]['source'], 0.011);
        $year = $this->getJson("{$this->base}/year.json")->assertOk()->json();
        self::assertSame(24, $year['step']);
        self::assertCount(365, $year['runs'][0]['store']);
        $csv = explode(
            "\n",
            trim(
                (string) $this->get("{$this->base}/year.csv")->assertOk()->assertHeader(
                    'content-type',
                    'text/csv; charset=UTF-8',
                )->getContent(),
            ),
        );
        self::assertCount(8761, $csv);
        self::assertStringStartsWith('date,hour,outside_c,room_c', $csv[0]);
        self::assertStringStartsWith('12-31,24,', $csv[8760]);
        $this->get("{$this->base}/dreams.csv")->assertNotFound();
        $this->designer->update(['units' => 'inch-pound']);
        self::assertSame('°F', $this->getJson("{$this->base}/warm-up.json")->assertOk()->json('degrees'));
        // Five ninths of what it is for a kelvin; a square metre is 10.764 square feet.
        $mass = app(Hours::class)->soFar($this->project, $this->thick);
        self::assertNotNull($mass->told);
        // A kilowatt-hour is 3412.14 Btu.
        $said = static fn (float $kwh): string => sprintf("%.1f\u{a0}thousand Btu", 3.41214 * $kwh);
        $this->get($this->base)->assertOk()->assertSee('°F')->assertSee(
            'hold '.$said($mass->stored->store() * 5 / 9).' for each degree',
        )->assertSee(
            $said(($mass->told->answers['year']['heat_kwh_m2'] ?? NAN) / 10.7639).' for a square foot',
        );
    }

    public function test_what_no_pipes_heat_takes_no_surplus(): void
    {
        $boathouse = $this->boathouse();
        $option = $boathouse->leading();
        $this->workOut(Kind::Story, $option);
        $at = "/projects/{$boathouse->id}/section/{$option->id}/mass";
        $this->get($at)->assertOk()->assertDontSee('Surplus power into the floor')->assertDontSee('The heated floor')->assertSee('shown');
        $this->getJson("{$at}/surplus-power.json")->assertNotFound();
        $this->get("{$at}/surplus-power.csv")->assertNotFound();
    }

    public function test_two_floors_stand_beside_each_other(): void
    {
        $this->tell($this->thick);
        $this->get("{$this->base}?beside={$this->quick->id}")->assertOk()->assertSee('being simulated');
        $this->tell($this->quick);
        $this->get("{$this->base}?beside={$this->quick->id}")->assertOk()->assertSeeInOrder(
            [
                'A · thick slab on foam:', 'B · boards on top, screed:', 'Let cool at night', 'The heated floor, A',
                'The heated floor, B', 'by the standard',
            ],
        );
        // What is none of this project's is no other floor.
        $this->get("{$this->base}?beside={$this->boathouse()->leading()->id}")->assertOk()->assertDontSee('C · as first priced');
        $this->get("{$this->base}?beside[]=x")->assertOk();
        foreach ([$this->thick, $this->quick] as $option) {
            $this->workOut(Kind::Cooling, $option);
        }
        $this->get("/projects/{$this->project->id}/compare")->assertOk()->assertSeeInOrder(
            [
                'Mass', 'Floor takes in over a day', 'Without heating at 16 °C after, h',
                sprintf('%.0f', app(Hours::class)->cold($this->project, $this->thick)?->cooling()[16] ?? -1),
                sprintf('%.0f', app(Hours::class)->cold($this->project, $this->quick)?->cooling()[16] ?? -1),
            ],
        );
    }

    public function test_a_changed_design_is_simulated_anew(): void
    {
        $this->tell($this->thick);
        $masses = app(Hours::class);
        $before = $masses->cold($this->project, $this->thick);
        self::assertNotNull($before);
        $old = Content::hash($this->project, $this->thick);
        $this->put(
            "/projects/{$this->project->id}/section/{$this->thick->id}",
            [
                'revision' => $this->thick->revisions()->latest('id')->firstOrFail()->id,
                'design' => ['slab' => ['thickness_m' => '120 mm'], 'heating' => ['depth_m' => '60 mm']],
            ],
        )->assertSessionHasNoErrors();
        $thin = $this->thick->fresh() ?? self::fail('it is there');
        self::assertNull($masses->cold($this->project, $thin));
        $this->workOut(Kind::Story, $thin, $old);
        self::assertNull($masses->cold($this->project, $thin), 'a job for what was before does nothing');
        $this->tell($thin);
        self::assertLessThan($before->cooling()[10], $masses->cold($this->project, $thin)?->cooling()[10] ?? INF);
    }

    public function test_rooms_and_sun_are_typed_and_bad_ones_stay(): void
    {
        $save = fn (array $site) => $this->put(
            "/projects/{$this->project->id}/site",
            ['revision' => $this->project->revisions()->latest('id')->firstOrFail()->id, 'name' => $this->project->name, 'site' => $site],
        );
        $save(['sun' => ['latitude_deg' => '95']])->assertSessionHasErrors(
            ['site.sun.latitude_deg' => "Allowed: -90\u{a0}° to 90\u{a0}°."],
        );
        $save(['sun' => ['sunshine_share' => '20 30 400 40 40 40 40 40 40 40 20 20']])->assertSessionHasErrors('site.sun.sunshine_share');
        $save(['sun' => ['sunshine_share' => '20 30']])->assertSessionHasErrors('site.sun.sunshine_share');
        $save(['room' => ['glass_south_m2' => 'a wall of it']])->assertSessionHasErrors('site.room.glass_south_m2');
        self::assertSame(24.0, $this->project->fresh()?->site->room->glassSouth);
        $save(
            [
                'sun' => ['latitude_deg' => '47.5', 'sunshine_share' => '20 30 40 40 45 50 50 50 45 40 25 20'],
                'room' => [
                    'glass_south_m2' => '200 sq ft',
                    'heater_w_m2' => '60',
                    'panels_kw' => '8 kW',
                    'turned_deg' => '-20°',
                    'roof_u_w_m2k' => '0,2',
                    'blinds_share' => '30 %',
                ],
            ],
        )->assertSessionHasNoErrors();
        $site = ($this->project->fresh() ?? self::fail('it is there'))->site;
        self::assertSame(
            [47.5, 0.45, 60.0, 8.0, -20.0, 0.2, 0.3],
            [
                $site->sun->latitude, $site->sun->shares[4], $site->room->heater, $site->room->panels, $site->room->turned,
                $site->room->roof, $site->room->blinds,
            ],
        );
        self::assertEqualsWithDelta(18.58, $site->room->glassSouth, 0.005);
        $save(['room' => ['heater_w_m2' => '']])->assertSessionHasNoErrors();
        self::assertNull(($this->project->fresh() ?? self::fail('it is there'))->site->room->heater, 'emptied: as the design day asks');
        $this->get("/projects/{$this->project->id}/site")->assertOk()->assertSeeInOrder(
            ['Rooms', 'Sun and glass', '20 30 40 40 45 50 50 50 45 40 25 20'],
        );
        $this->get("/projects/{$this->project->id}/site/history")->assertOk()->assertSee('Latitude')->assertSee('Glass to the south');
    }

    public function test_bad_heating_is_said_at_its_field(): void
    {
        $put = fn (array $heating) => $this->put(
            "/projects/{$this->project->id}/section/{$this->thick->id}",
            ['revision' => $this->thick->revisions()->latest('id')->firstOrFail()->id, 'design' => ['heating' => $heating]],
        );
        $put(['supply_c' => '90'])->assertSessionHasErrors(['design.heating.supply_c' => 'Allowed: 20 °C to 65 °C.']);
        $put(['by' => 'cable', 'power_w_m2' => '600'])->assertSessionHasErrors('design.heating.power_w_m2');
        $put(['spacing_m' => '10 mm'])->assertSessionHasErrors('design.heating.spacing_m');
        $put(['by' => 'cable', 'power_w_m2' => '80', 'spacing_m' => '300 mm'])->assertSessionHasNoErrors();
        $this->get("/projects/{$this->project->id}/section/{$this->thick->id}")
            ->assertOk()
            ->assertSee('an electric cable')
            ->assertSee('The cable gives');
    }

    public function test_the_assessment_file_carries_it_once_it_is_known(): void
    {
        $at = "/projects/{$this->project->id}/section/{$this->thick->id}/assessment.json";
        self::assertGreaterThan(0.0, $this->get($at)->assertOk()->json('mass.hours_to.16'));
        $this->become($this->member(Role::Reader))->get("{$this->base}")->assertOk();
        $this->become(null)->get($this->base)->assertRedirect(route('sign-in.create'));
    }
}
