<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\History;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Route;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Site\Soil;
use Tests\TestCase;

final class ProjectPagesTest extends TestCase
{
    private const START = [
        'name' => 'Lock-keeper’s shed', 'place' => '', 'units' => 'inch-pound', 'climate' => 'river-plain', 'soil' => 'rock',
        'indoor_c' => '65',
        'family' => 'thickened-edge-slab', 'footprint' => [
            'area_m2' => '600 sq ft',
            'perimeter_m' => "100'-0\"",
            'exposed_perimeter_m' => '',
        ],
    ];

    public function test_a_project_of_ones_own_in_three_steps(): void
    {
        $this->get('/projects/create')->assertOk()->assertSee('Thickened-edge slab');
        $this->followingRedirects()->post('/projects', self::START)->assertOk()->assertSee('Lock-keeper’s shed')->assertSee('Btu');
        $project = Project::query()->sole();
        self::assertSame(Soil::Rock, $project->site->soil);
        self::assertEqualsWithDelta(18.333, $project->site->indoor, 1e-3);
        $footprint = $project->leading()->design->footprint;
        self::assertEqualsWithDelta([600 * 0.09290304, 30.48, 30.48], [$footprint->area, $footprint->perimeter, $footprint->exposed], 1e-9);
    }

    public function test_a_narrow_floor_gets_a_strip_that_fits(): void
    {
        $this->post(
            '/projects',
            ['footprint' => ['area_m2' => '10 m²', 'perimeter_m' => '22 m', 'exposed_perimeter_m' => '22 m']] + self::START,
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(10 / 22, Project::query()->sole()->leading()->design->perimeterBoard->width, 1e-9);
    }

    public function test_every_fault_of_the_start_shows_at_once_and_what_was_typed_stays(): void
    {
        $this->from('/projects/create')->followingRedirects();
        $this->post('/projects', [
            'name' => '', 'units' => 'cubits', 'indoor_c' => 'warm', 'family' => 'castle',
            'footprint' => ['area_m2' => '-5', 'perimeter_m' => 'long'],
        ] + self::START)->assertOk()
            ->assertSee('6 fields need another look')->assertSee('value="warm"', false)
            ->assertSee('value="-5"', false)
            ->assertSee('value="long"', false);
        self::assertSame(0, Project::query()->count());
    }

    public function test_export_delete_and_import_lose_nothing(): void
    {
        $project = $this->boathouse();
        $json = (string) $this->get("/projects/{$project->id}/project.json")->getContent();
        $this->delete("/projects/{$project->id}")->assertRedirect('/');
        self::assertSame(0, Project::query()->count());
        $this->import($json)->assertSessionHasNoErrors();
        $again = ProjectFile::read(ProjectFile::write(Project::query()->sole()->toCore()));
        $before = ProjectFile::read($json);
        self::assertNotSame($before->id, $again->id, 'another project');
        self::assertEquals([$before->options, $before->site], [$again->options, $again->site], 'of the same options, with their ids');
        self::assertEquals(Examples::boathouse()->options, $again->options);
    }

    public function test_a_bad_file_changes_nothing_and_says_why(): void
    {
        $this->boathouse();
        $other = str_replace('"version": 3,', '"version": 4,', ProjectFile::write(Examples::boathouse()));
        foreach ([
            [$other, '/version: found 4'],
            [random_bytes(5000), 'no JSON that can be read'],
            [str_repeat('x', 20_100_000), 'more than 20 MB'],
        ] as [$content, $says]) {
            $this->import($content)->assertSessionHasErrors('file');
            self::assertStringContainsString($says, session('errors')->first('file'));
            self::assertSame(1, Project::query()->count());
        }
        $this->post('/projects/import')->assertSessionHasErrors('file');
    }

    public function test_the_site_is_edited_and_faults_stay_at_their_month(): void
    {
        $project = $this->boathouse();
        $page = "/projects/{$project->id}/site";
        $this->get($page)->assertOk()->assertSee('14.9 °F');
        $this->put(
            $page,
            [
                'revision' => History::head($project)->id,
                'name' => 'Boathouse',
                'site' => ['soil' => 'sand-or-gravel', 'floor_limit_w_m2k' => '', 'climate' => ['monthly_mean_c' => ['-12 °C']]],
            ],
        )->assertSessionHasNoErrors();
        $site = $project->refresh()->site;
        self::assertSame([-12.0, -7.5], array_slice($site->climate->monthly, 0, 2));
        self::assertNull($site->floorLimit);
        self::assertSame('Boathouse', $project->name);

        $this->put(
            $page,
            [
                'revision' => History::head($project)->id,
                'name' => 'Boathouse',
                'site' => ['climate' => ['monthly_mean_c' => ['', 'cold', '900'], 'design_c' => '70 °F']],
            ],
        )
            ->assertSessionHasErrors(['site.climate.monthly_mean_c.0', 'site.climate.monthly_mean_c.1', 'site.climate.monthly_mean_c.2']);
        $this->put(
            $page,
            ['revision' => History::head($project)->id, 'name' => 'Boathouse', 'site' => ['climate' => ['design_c' => '70 °F']]],
        )->assertSessionHasErrors('site.climate.design_c');
        self::assertEquals($site, $project->refresh()->site);
    }

    public function test_words_of_people_are_never_markup(): void
    {
        $project = $this->boathouse();
        $name = '<script>alert(1)</script> & "Co" 🏗';
        $this->put(
            "/projects/{$project->id}/site",
            ['revision' => History::head($project)->id, 'name' => $name, 'site' => ['place' => $name]],
        )->assertSessionHasNoErrors();
        foreach (['/', "/projects/{$project->id}/site", "/projects/{$project->id}/section"] as $page) {
            $this->get($page)->assertOk()->assertDontSee('<script>alert', false)->assertSee('&lt;script&gt;', false);
        }
        $this->put(
            "/projects/{$project->id}/site",
            ['revision' => History::head($project)->id, 'name' => str_repeat('n', 200)],
        )->assertSessionHasErrors('name');
        self::assertSame($name, $project->refresh()->name);
    }

    public function test_every_page_forbids_what_is_not_its_own(): void
    {
        $project = $this->boathouse();
        foreach ([
            '/', '/projects/create', "/projects/{$project->id}/site", "/projects/{$project->id}/section", '/materials',
            '/schema/project-3.json', '/nowhere',
        ] as $url) {
            $policy = (string) $this->get($url)->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy, $url);
            self::assertStringNotContainsString('unsafe', $policy, $url);
        }
    }

    public function test_what_goes_wrong_is_said_on_a_page_of_our_own(): void
    {
        $this->get('/nowhere')->assertNotFound()->assertSee('There is nothing here');
        $this->get('/units')->assertMethodNotAllowed()->assertSee('That can’t be done');
        $this->put('/units', ['units' => 'cubits'])->assertUnprocessable()->assertSee('That can’t be done');
        $this->call(
            'POST',
            '/projects/import',
            server: ['CONTENT_LENGTH' => 90_000_000],
        )->assertStatus(413)->assertSee('a file of up to 60 MB');
    }

    public function test_every_kind_of_trouble_has_a_page_of_our_own(): void
    {
        foreach ([
            403 => 'That is not yours to do',
            404 => 'There is nothing here',
            409 => 'That can’t be done',
            419 => 'This page stood open too long',
            429 => 'Too many at once',
            500 => 'Something broke on our side',
            503 => 'Not to be had just now',
        ] as $code => $says) {
            Route::get("/trouble/{$code}", static fn () => abort($code));
            $this->get("/trouble/{$code}")->assertStatus($code)->assertSee($says)->assertDontSee('Stack trace');
        }
    }

    public function test_many_projects_come_in_pages_and_are_found_by_name(): void
    {
        foreach (range(1, 25) as $i) {
            $this->boathouse()->update(['name' => "Shed {$i}"]);
        }
        Project::query()->where('name', 'Shed 7')->update(['name' => '50 % أرض 🏗 _x']);
        $this->get('/')->assertSee('Shed 25')->assertDontSee('Shed 2<', false)->assertSee('page 1');
        $this->get('/?page=2')->assertSee('Shed 2<', false)->assertDontSee('Shed 25');
        $this->get('/?find=sHED+1')->assertSee('Shed 19')->assertDontSee('Shed 25');
        foreach (['50 %', 'أرض', '🏗', '_x'] as $part) {
            $this->get('/?find='.urlencode($part))->assertSee('50 % أرض')->assertDontSee('Shed 19');
        }
        $this->get('/?find='.urlencode('%'))->assertDontSee('Shed 19');
        $this->get('/?find='.urlencode("<script>'"))->assertOk()->assertSee('No project’s name holds')->assertDontSee("<script>'", false);
        foreach (['/?find[]=x', '/?page[]=x', '/?page=-3', '/projects/create?x[]=y'] as $forged) {
            $this->get($forged)->assertOk();
        }
        $this->put('/units', ['units' => ['metric']])->assertUnprocessable();
        $this->post('/projects', ['name' => "\xFFshed"] + self::START)->assertStatus(400)->assertSee('That can’t be done');
        $this->get('/?find=%FF')->assertStatus(400);
    }

    public function test_the_demo_is_seeded_once_complete(): void
    {
        $this->seed();
        $this->actingAs(User::query()->where('demo', true)->firstOrFail())
            ->get('/')
            ->assertOk()
            ->assertSee('Dyke Lane boathouse')
            ->assertSee('Ferry kiosk')
            ->assertSee('Toll-house reading room');
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function import(string $content): \Illuminate\Testing\TestResponse
    {
        return $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('project.json', $content)]);
    }
}
