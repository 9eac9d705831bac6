<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\Conflict;
use App\History\History;
use App\Later\Content;
use App\Later\Kind;
use App\Models\Project;
use App\Models\Role;
use App\View\Help;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Ondergrond\Design\Families\Families;
use Ondergrond\History\Changes;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\DegreeDays;
use Tests\TestCase;

/** The site's page, a climate from a few figures, the start, the help: as pages answer. */
final class SitePagesTest extends TestCase
{
    private const START = [
        'name' => 'Tool shed by the weir', 'units' => 'metric', 'soil' => 'clay-or-silt', 'family' => 'thickened-edge-slab',
        'heated_floor' => '', 'climate' => '', 'indoor_c' => '20 °C',
        'footprint' => ['sides' => '9 x 14 m', 'area_m2' => '', 'perimeter_m' => ''],
    ];

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = $this->boathouse();
    }

    private function site(): \Ondergrond\Site\Site
    {
        return ($this->project->fresh() ?? self::fail('it is there'))->site;
    }

    /**
     * @param  array<string, string>  $figures
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function known(string $kind, array $figures): TestResponse
    {
        return $this->from("/projects/{$this->project->id}/site")->post(
            "/projects/{$this->project->id}/site/known", ['kind' => $kind, 'written_in' => 'metric point', 'known' => [$kind => $figures]],
        );
    }

    public function test_a_climate_over_one_that_somebody_changed_meanwhile_is_refused_in_words(): void
    {
        [$base, $coldest] = [History::head($this->project)->id, -5];
        $days = "date,mean_c\n".implode("\n", array_map(
            static fn (int $d): string => gmdate('Y-m-d', 86_400 * $d).','.round(8 - 9 * cos(2 * M_PI * $d / 365.25), 2), range(0, 1500),
        ));
        $ways = [
            'climate' => function () use (&$base, $days) {
                return $this->post("/projects/{$this->project->id}/site/climate", [
                    'revision' => $base, 'climate' => UploadedFile::fake()->createWithContent('station.csv', $days),
                ]);
            },
            'known.extremes.coldest_c' => function () use (&$base, &$coldest) {
                return $this->post("/projects/{$this->project->id}/site/known", [
                    'revision' => $base, 'kind' => 'extremes', 'written_in' => 'metric point',
                    'known' => ['extremes' => ['coldest_c' => (string) $coldest--, 'warmest_c' => '18', 'mean_c' => '6', 'month' => '1']],
                ]);
            },
        ];
        $others = $this->member(Role::Designer);
        $change = function (callable $do) use ($others): void {
            $this->become($others);
            app(History::class)->change($this->project, History::head($this->project)->id, static function (array $state) use ($do): array {
                $do($state['site']);

                return $state;
            });
            $this->become($this->designer);
        };
        $change(static fn (array &$site) => $site['indoor_c'] = 17.0);
        foreach ($ways as $do) {
            $do()->assertSessionHasNoErrors();
            self::assertSame(17.0, $this->site()->indoor, 'what the other changed elsewhere stays');
            $base = History::head($this->project)->id;
        }
        $base = History::head($this->project)->id;
        $change(static fn (array &$site) => $site['climate']['monthly_mean_c'][0] -= 1.0);
        $before = $this->site();
        foreach ($ways as $field => $do) {
            $do()->assertSessionHasErrors($field);
            self::assertStringContainsString("{$others->name} changed this meanwhile: ", (string) session('errors')->first($field));
            self::assertEquals($before, $this->site(), 'nothing was changed');
        }
    }

    public function test_a_conflict_that_nobody_expected_is_answered(): void
    {
        $head = History::head($this->project);
        $none = Changes::between($head->state, $head->state);
        $answer = app(ExceptionHandler::class)->render(Request::create('/x', 'PUT'), new Conflict($head, 'Ann', $none, $none));
        self::assertSame(409, $answer->getStatusCode());
        self::assertStringContainsString('Ann changed this meanwhile', (string) $answer->getContent());
    }

    public function test_a_climate_from_three_figures_from_degree_days_and_from_months(): void
    {
        $this->known('extremes', ['coldest_c' => '-5', 'warmest_c' => '64.4 °F', 'mean_c' => '6,2', 'month' => '1'])
            ->assertSessionHasNoErrors();
        $climate = $this->site()->climate;
        self::assertSame([-5.0, 18.0], [$climate->monthly[0], $climate->monthly[6]]);
        self::assertSame([ClimateSource::Estimated, null], [$climate->source, $climate->designGiven]);
        self::assertStringContainsString('coldest month -5 °C', $climate->estimatedBy);

        $this->known('sum', ['degree_days_c_d' => '4300', 'base_c' => '18', 'mean_c' => '7', 'month' => '7'])->assertSessionHasNoErrors();
        $climate = $this->site()->climate;
        self::assertEqualsWithDelta(4300.0, DegreeDays::of($climate->monthly, 18.0, $this->site()->frost->spread), 1.0);
        self::assertSame(6, $climate->coldest(), 'July');

        $this->known('months', ['monthly_mean_c' => '-4 -3 0 6 11 15 17; 16 12 7 2 -2'])->assertSessionHasNoErrors();
        $climate = $this->site()->climate;
        self::assertSame([-4.0, -2.0, ClimateSource::Own, ''], [
            $climate->monthly[0], $climate->monthly[11], $climate->source, $climate->estimatedBy,
        ]);
        $this->get("/projects/{$this->project->id}/site")->assertOk()->assertSee('the site’s own');
    }

    public function test_what_figures_come_to_is_told_before_they_are_taken(): void
    {
        $before = $this->site();
        $ask = fn (array $figures) => $this->get("/projects/{$this->project->id}/site/known?".http_build_query(
            ['kind' => 'extremes', 'written_in' => 'metric point', 'known' => ['extremes' => $figures]],
        ))->assertOk()->json();
        $told = $ask(['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '6.2', 'month' => '1']);
        // In the reader's units, here inch-pound: 23 and 64.4 °F.
        self::assertStringContainsString('months from 23 °F to 64.4 °F', $told['said']);
        self::assertStringContainsString('worked out', $told['said']);
        self::assertMatchesRegularExpression('~^M0 [\d.]+H1(L\d+ [\d.]+H\d+){11}$~', $told['path']);
        $told = $ask(['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '14', 'month' => '1']);
        self::assertSame('', $told['path']);
        self::assertStringContainsString('Allowed: 3.7 °C to 9.3 °C', $told['said']);
        self::assertEquals($before, $this->site(), 'nothing is saved by asking');
    }

    public function test_figures_that_cannot_be_leave_the_site_as_it_is_and_stay_typed(): void
    {
        $before = $this->site();
        foreach ([
            ['extremes', ['coldest_c' => '5', 'warmest_c' => '-5', 'mean_c' => '0', 'month' => '1'], 'known.extremes.warmest_c'],
            ['extremes', ['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '14', 'month' => '1'], 'known.extremes.mean_c'],
            ['extremes', ['coldest_c' => 'cold', 'warmest_c' => '', 'mean_c' => '6', 'month' => '1'], 'known.extremes.coldest_c'],
            ['extremes', ['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '6', 'month' => '13'], 'known.extremes.month'],
            ['sum', ['degree_days_c_d' => '100', 'base_c' => '18', 'mean_c' => '7', 'month' => '1'], 'known.sum.degree_days_c_d'],
            ['months', ['monthly_mean_c' => '1 2 3'], 'known.months.monthly_mean_c'],
            ['months', ['monthly_mean_c' => '1 2 3 4 5 6 7 8 9 10 11 999'], 'known.months.monthly_mean_c'],
            ['stars', [], 'known'],
        ] as [$kind, $figures, $field]) {
            $this->known($kind, $figures)->assertSessionHasErrors($field);
            self::assertEquals($before, $this->site());
        }
        $this->followingRedirects();
        $page = $this->known('extremes', ['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '14', 'month' => '1'])
            ->assertSee('Allowed: 3.7 °C to 9.3 °C')->assertSee('value="14"', false);
        self::assertMatchesRegularExpression('~id="card-climate"\s+open~', (string) $page->getContent());
    }

    public function test_months_that_are_changed_by_hand_say_so(): void
    {
        $page = "/projects/{$this->project->id}/site";
        $january = fn (string $t) => $this->put($page, [
            'revision' => History::head($this->project)->id, 'name' => 'Dyke Lane boathouse',
            'site' => ['climate' => ['monthly_mean_c' => [$t]]],
        ])->assertSessionHasNoErrors();
        $january('-10 °C');
        self::assertSame(ClimateSource::Own, $this->site()->climate->source, 'over an invented one');
        $this->known('extremes', ['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '6.2', 'month' => '1']);
        $from = $this->site()->climate->estimatedBy;
        $january('-6 °C');
        $january('-7 °C');
        self::assertSame([ClimateSource::Estimated, $from.'; changed by hand'], [
            $this->site()->climate->source, $this->site()->climate->estimatedBy,
        ]);
        $csv = "month,mean_c\n".implode('', array_map(static fn (int $m): string => sprintf("2001-%02d,%d\n", $m, $m), range(1, 12)));
        $this->post("{$page}/climate", ['climate' => UploadedFile::fake()->createWithContent('weir.csv', $csv)]);
        self::assertSame([ClimateSource::File, 'weir', null], [
            $this->site()->climate->source, $this->site()->climate->name, $this->site()->climate->designGiven,
        ]);
        $january('-1 °C');
        self::assertSame(ClimateSource::Own, $this->site()->climate->source);
        $this->put("{$page}/undo");
        $this->put("{$page}/undo");
        self::assertSame($from.'; changed by hand', $this->site()->climate->estimatedBy, 'a file that was taken in is undone');
    }

    public function test_what_is_saved_is_undone_and_redone(): void
    {
        $page = "/projects/{$this->project->id}/site";
        $save = fn (array $site) => $this->put(
            $page, ['revision' => History::head($this->project)->id, 'name' => 'Dyke Lane boathouse', 'site' => $site],
        )->assertSessionHasNoErrors();
        $save(['frost' => ['office_depth_m' => '1100 mm'], 'water' => 'damp']);
        $save(['soil' => 'rock']);
        self::assertSame([1.1, 'rock'], [$this->site()->frost->officeDepth, $this->site()->soil->value]);
        $this->put("{$page}/undo")->assertSessionHasNoErrors();
        $this->put("{$page}/undo")->assertSessionHasNoErrors();
        self::assertNull($this->site()->frost->officeDepth);
        $this->put("{$page}/redo")->assertSessionHasNoErrors();
        self::assertSame(1.1, $this->site()->frost->officeDepth);
        $this->put("{$page}/undo");
        $this->put("{$page}/undo")->assertSessionHasErrors('revision');
    }

    public function test_a_winter_is_kept_through_all_that_does_not_touch_frost(): void
    {
        $option = $this->project->leading();
        $page = "/projects/{$this->project->id}/site";
        $print = function () use ($option): array {
            $project = Project::query()->findOrFail($this->project->id);

            return [Content::of(Kind::Winters, $project, $option), Content::of(Kind::Fields, $project, $option)];
        };
        $save = fn (array $site) => $this->put(
            $page, ['revision' => History::head($this->project)->id, 'name' => 'Dyke Lane boathouse', 'site' => $site],
        )->assertSessionHasNoErrors();
        [$winter, $fields] = $print();
        foreach ([
            ['place' => 'Elsewhere'], ['termites' => 'no', 'radon' => 'yes'], ['floor_limit_w_m2k' => '0.3'],
            ['requirements' => ['set' => 'practice']],
            ['room' => ['glass_south_m2' => '3']], ['sun' => ['latitude_deg' => '40']], ['damp' => ['water_table_m' => '2 m']],
            ['climate' => ['design_c' => '-30 °C', 'name' => 'Another']], ['water' => 'dry'],
        ] as $change) {
            $save($change);
            [$now, $other] = $print();
            self::assertSame($winter, $now, json_encode($change, JSON_THROW_ON_ERROR));
            self::assertNotSame($fields, $other);
        }
        foreach ([
            ['soil' => 'sand-or-gravel'], ['frost' => ['ledge_m' => '2 m']], ['indoor_c' => '17 °C'],
            ['climate' => ['monthly_mean_c' => ['-12 °C']]],
            ['frost' => ['office_depth_m' => '0.9 m']], ['frost' => ['surface' => 'turf']],
        ] as $change) {
            $save($change);
            self::assertNotSame($winter, $print()[0], json_encode($change, JSON_THROW_ON_ERROR));
            $winter = $print()[0];
        }
    }

    /** What the rooms that run winters read of a site is what a winter is kept by; anything more would be kept too long. */
    public function test_winters_read_no_more_of_a_site_than_they_are_kept_by(): void
    {
        $reads = [];
        foreach (['Frost', 'Ground'] as $room) {
            $files = glob(base_path("core/{$room}/*.php"));
            self::assertNotFalse($files);
            foreach ($files as $file) {
                preg_match_all('~site->(climate->\w+|\w+)~', (string) file_get_contents($file), $found);
                array_push($reads, ...$found[1]);
            }
        }
        $reads = array_values(array_unique($reads));
        sort($reads);
        self::assertSame(
            [
                'climate->monthly', 'climate->source', 'climate->wave', 'frost', 'heatingLength', 'heatingLimit', 'indoor', 'indoorSwing',
                'soil',
            ],
            $reads,
            'Later\\Content has to know of it',
        );
    }

    public function test_the_page_says_in_a_line_what_each_card_holds_and_where_two_ways_disagree(): void
    {
        $page = "/projects/{$this->project->id}/site";
        $this->get($page)->assertOk()->assertSeeInOrder(['Place', 'Climate', 'Ground', 'Winter', 'Limits', 'Rooms', 'Sun and glass'])
            ->assertSee('What is the site’s own climate?')->assertSee('href="#known"', false);
        $this->put($page, ['revision' => History::head($this->project)->id, 'name' => 'Dyke Lane boathouse', 'site' => [
            'frost' => ['office_depth_m' => '12 in', 'design_index_c_d' => '900'],
        ]])->assertSessionHasNoErrors();
        $this->get($page)->assertSee('the colder governs')->assertSee('the two disagree');
    }

    public function test_a_project_from_two_sides_and_three_figures(): void
    {
        $this->post('/projects', [...self::START, 'known' => ['extremes' => [
            'coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '6.2', 'month' => '1',
        ]]])->assertSessionHasNoErrors();
        $project = Project::query()->latest('id')->firstOrFail();
        $footprint = $project->leading()->design->footprint;
        self::assertEqualsWithDelta([126.0, 46.0, 46.0], [$footprint->area, $footprint->perimeter, $footprint->exposed], 1e-9);
        self::assertSame(ClimateSource::Estimated, $project->site->climate->source);
        self::assertSame(-5.0, $project->site->climate->monthly[0]);

        $this->post('/projects', [...self::START, 'footprint' => ['sides' => '9 x 14 m', 'exposed_perimeter_m' => '32 m']])
            ->assertSessionHasNoErrors();
        $footprint = Project::query()->latest('id')->firstOrFail()->leading()->design->footprint;
        self::assertEqualsWithDelta([46.0, 32.0], [$footprint->perimeter, $footprint->exposed], 1e-9);
        $this->post('/projects', [...self::START, 'units' => 'inch-pound', 'footprint' => ['sides' => "30' x 46'"], 'indoor_c' => '68 °F'])
            ->assertSessionHasNoErrors();
        $project = Project::query()->latest('id')->firstOrFail();
        self::assertSame(ClimateSource::NotKnown, $project->site->climate->source, 'nothing is guessed');
        self::assertEqualsWithDelta(30 * 46 * 0.3048 ** 2, $project->leading()->design->footprint->area, 1e-6);
        $this->get("/projects/{$project->id}/section")->assertOk()->assertSee('climate not known yet')
            ->assertSee('1 climate?')->assertSee('2 frost depth?')->assertSee('3 water?')->assertSee('The climate is not known yet')
            // The finding leads to where it is answered.
            ->assertSee("/projects/{$project->id}/site#known", false);
        $this->get("/projects/{$project->id}/site")->assertSee('id="known"', false);
    }

    public function test_what_is_wrong_at_the_start_is_said_at_its_field(): void
    {
        $count = Project::query()->count();
        foreach ([
            [['footprint' => ['sides' => '9 m']], 'footprint.sides'],
            [['footprint' => ['sides' => '']], 'footprint.sides'],
            [['footprint' => ['sides' => '9 x 14 m', 'area_m2' => '120 m²', 'perimeter_m' => '']], 'footprint.sides'],
            [['footprint' => ['sides' => '0.1 x 14 m']], 'footprint.sides'],
            [['footprint' => ['sides' => '9 x 14 m', 'exposed_perimeter_m' => '99 m']], 'footprint.exposed_perimeter_m'],
            [['footprint' => ['area_m2' => '120 m²']], 'footprint.perimeter_m'],
            [['known' => ['extremes' => ['coldest_c' => '-5', 'warmest_c' => '', 'mean_c' => '']]], 'known.extremes.warmest_c'],
            [
                ['known' => ['extremes' => ['coldest_c' => '-5', 'warmest_c' => '18', 'mean_c' => '6']], 'climate' => 'river-plain'],
                'climate',
            ],
            [['family' => 'vented-crawlspace', 'heated_floor' => 'yes'], 'heated_floor'],
            [['heated_floor' => 'perhaps'], 'heated_floor'],
        ] as [$typed, $field]) {
            $this->post('/projects', [...self::START, ...$typed])->assertSessionHasErrors($field);
        }
        self::assertSame($count, Project::query()->count());
    }

    public function test_a_floor_is_heated_as_it_is_answered_wherever_pipes_fit(): void
    {
        $made = 0;
        foreach (array_keys(Families::all()) as $family) {
            foreach (['yes', 'no'] as $answer) {
                $response = $this->post('/projects', [...self::START, 'family' => $family, 'heated_floor' => $answer]);
                if (session('errors')?->has('heated_floor') === true) {
                    self::assertSame('yes', $answer, $family);
                    $this->flushSession();

                    continue;
                }
                $response->assertSessionHasNoErrors();
                $design = Project::query()->latest('id')->firstOrFail()->leading()->design;
                self::assertSame($answer === 'yes', $design->heating->present(), $family);
                $made++;
            }
        }
        self::assertGreaterThan(16, $made);
    }

    public function test_what_two_sides_come_to_is_told_while_they_are_typed(): void
    {
        $this->get('/projects/create/floor?'.http_build_query(['sides' => '9 x 14 m', 'units' => 'metric']))
            ->assertOk()->assertContent("126\u{a0}m², outline 46\u{a0}m");
        $this->get('/projects/create/floor?'.http_build_query(['sides' => "30' x 46'", 'units' => 'inch-pound']))
            ->assertOk()->assertSee("outline 152'-0\"", false);
        $this->get('/projects/create/floor?'.http_build_query(['sides' => '9 by', 'units' => 'metric']))->assertStatus(422);
        $this->get('/projects/create/floor?sides[]=x&units[]=y')->assertStatus(422);
    }

    public function test_a_client_is_asked_nothing_and_has_a_help_of_their_own(): void
    {
        $option = $this->project->leading();
        $this->get("/projects/{$this->project->id}/section")->assertSee('1 own climate?');
        $share = $this->project->shares()->create(
            ['option_id' => $option->id, 'made_for' => 'A client', 'made_by' => 'The test', 'expires_at' => now()->addDay()],
        );
        foreach ([
            $this->become($this->member(Role::Reader))->get("/projects/{$this->project->id}/section"),
            $this->become(null)->get($share->link())->assertSee('Reading what was sent to you')->assertDontSee('/site#', false),
        ] as $page) {
            $page->assertOk()->assertDontSee('1 own climate?')->assertDontSee('data-answers', false)
                ->assertSee('What is the site’s own climate?');
        }
    }

    public function test_every_page_has_its_piece_of_the_help(): void
    {
        // Files, pieces of pages, and what leads on to a page.
        $none = '~\.(json|csv|zip|svg|dxf|vtk|ics|png)$|^(later|frost|mass\.(hours|csv)|section\.(preview|parts)|.*\.before|'
            .'projects\.(export|zip|floor)|site\.implied|schema|built\.pack|log\.photo|sequence\.calendar|compare\.csv|order\.csv)~';
        $seen = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $name = (string) $route->getName();
            if ($name === '' || ! in_array('GET', $route->methods(), true) || preg_match($none, $name) === 1
                || str_starts_with($name, 'storage.')) {
                continue;
            }
            self::assertNotNull(Help::of($name), "no piece of the help for {$name}");
            $seen[] = Help::of($name)->slug;
        }
        $page = $this->get('/help')->assertOk();
        foreach (Help::all() as $piece) {
            self::assertContains($piece->slug, $seen, 'a piece for no page');
            $page->assertSee('id="'.$piece->slug.'"', false);
            if ($piece->picture !== null) {
                $this->get("/help/{$piece->picture}.png")->assertOk()->assertHeader('Content-Type', 'image/png');
            }
        }
        $this->get('/help/nothing.png')->assertNotFound();
        $this->get("/projects/{$this->project->id}/site")->assertSee('All of the help, with pictures')->assertSee('/help#site', false);
    }

    public function test_materials_say_what_they_do_in_a_thickness(): void
    {
        // A board sold as 25 psi, 173 kPa, carries a third of it for good: 57.7 kPa.
        $board = collect($this->firm->materials()->all())->firstWhere('slug', 'xps-25psi') ?? self::fail('a board');
        $page = $this->get('/materials?thickness='.urlencode('100 mm'))->assertOk()->assertSee("R of 100\u{a0}mm");
        $page->assertSee(sprintf('%.2f', 0.1 / $board->conductivity));
        self::assertSame(173.0, $board->strength);
        $page->assertSee('57.7');
        $this->get('/materials?thickness=thick')->assertOk()->assertSee('read as a number')->assertSee('value="thick"', false);
        $this->get('/materials?thickness=9%20m')->assertOk()->assertSee('Allowed: 1');
        $this->get('/materials?thickness[]=1')->assertOk();
    }
}
