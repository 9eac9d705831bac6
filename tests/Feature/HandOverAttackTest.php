<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\EntryRecord;
use App\Models\Firm;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\ProjectZip;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What came with the line from plan to hand-over, by somebody who means ill. */
final class HandOverAttackTest extends TestCase
{
    use EveryRoute;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->project = $this->built();
    }

    /**
     * @param  array<string, mixed>  $of
     * @return TestResponse<Response>
     */
    private function log(array $of, ?Project $project = null): TestResponse
    {
        $id = ($project ?? $this->project)->id;

        return $this->post("/projects/{$id}/log", ['written_in' => 'metric point', ...$of]);
    }

    public function test_an_entry_takes_no_number_that_another_job_has_and_none_twice(): void
    {
        $other = $this->built();
        $taken = (string) $other->entries()->value('id');
        $before = [$this->project->entries()->count(), $other->entries()->count()];
        $this->log(['id' => $taken, 'note' => 'over the other’s'])->assertStatus(422);
        $this->member(Role::Crew)->forceFill(['lead' => true])->save();
        $this->become(User::query()->where('lead', true)->firstOrFail());
        $this->post("/projects/{$this->project->id}/log/pass", [
            'hold' => 'h9', 'id' => $taken, 'reason' => 'no time', 'competent' => 'A. Graaf, engineer', 'document' => 'a mail',
        ])->assertStatus(422);
        self::assertSame($before, [$this->project->entries()->count(), $other->entries()->count()]);
        foreach (['../x', '0', str_repeat('Z', 26), "01HZX3V8Q0000000000000000A\0"] as $id) {
            self::assertNotContains($this->log(['id' => $id, 'note' => 'kept under a number of its own'])->getStatusCode(), [422, 500]);
            self::assertNull(EntryRecord::query()->find($id));
        }
    }

    public function test_a_refused_entry_leaves_no_photograph(): void
    {
        $this->log(['hold' => 'h7:lap', 'value' => 'wide',
            'photo' => UploadedFile::fake()->image('a.jpg', 20, 20)])->assertSessionHasErrors('h7-lap');
        self::assertSame(0, $this->project->photographs()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function pictures(): iterable
    {
        yield 'a page' => ['<html><script>alert(1)</script>', 'board.jpg'];
        yield 'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'board.svg'];
        yield 'a program' => ["GIF89a<?php system('id');", 'board.php'];
        yield 'an archive' => ["PK\x03\x04".str_repeat('x', 300), 'board.jpg'];
        yield 'a picture that says it is vast' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR\x7f\xff\xff\xff\x7f\xff\xff\xff\x08\x02\0\0\0".str_repeat("\0", 40), 'board.png'];
        yield 'half a picture' => [substr(base64_decode('/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDAAgGBgcGBQgHBwcJ', true), 0, 40), 'board.jpg'];
    }

    #[DataProvider('pictures')]
    public function test_what_is_no_picture_is_kept_nowhere(string $bytes, string $name): void
    {
        $this->log(['note' => 'as laid', 'photo' => UploadedFile::fake()->createWithContent($name,
            $bytes)])->assertSessionHasErrors('photo');
        self::assertSame(0, DB::table('photographs')->count());
    }

    public function test_a_file_with_a_bad_picture_brings_in_nothing_at_all(): void
    {
        $count = Project::query()->count();
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $json = ProjectFile::write($this->project->toCore());
        $bad = 'no picture';
        ProjectZip::write($path, $json, [hash('sha256', $bad) => $bad]);
        $this->post('/projects/import', ['file' => new UploadedFile($path, 'job.zip', null, null, true)])->assertSessionHasErrors();
        self::assertSame($count, Project::query()->count());
        unlink($path);
    }

    public function test_others_jobs_give_nothing_and_take_nothing(): void
    {
        $photo = UploadedFile::fake()->image('a.jpg', 20, 20);
        $this->log(['note' => 'ours', 'photo' => $photo])->assertSessionHasNoErrors();
        $hash = (string) $this->project->photographs()->value('hash');
        $pack = $this->pack($this->project, $this->project->leading());
        $order = $this->project->orders()->create(['option_id' => $this->project->leading()->id, 'by' => 'x', 'lines' => []]);
        $second = $this->built();
        // In one's own firm, but under another job's address.
        $this->get("/projects/{$second->id}/log/photos/{$hash}")->assertNotFound();
        $this->get("/projects/{$second->id}/built/{$pack->id}/html")->assertNotFound();
        $this->post("/projects/{$second->id}/order/{$order->id}", ['line' => 'slab', 'state' => 'came'])->assertNotFound();
        $this->become($this->member(Role::Owner, Firm::query()->create(['name' => 'Another firm'])));
        foreach (["log/photos/{$hash}", "built/{$pack->id}/html", "built/{$pack->id}/pdf", 'log', 'release', 'project.zip',
            'sequence.ics', 'plan/plan.dxf'] as $at) {
            $this->get("/projects/{$this->project->id}/{$at}")->assertNotFound();
        }
        $before = DB::table('entries')->count();
        $this->log(['note' => 'theirs'])->assertNotFound();
        $this->post("/projects/{$this->project->id}/log/pass", ['hold' => 'h7', 'reason' => 'x'])->assertNotFound();
        self::assertSame($before, DB::table('entries')->count());
    }

    public function test_what_is_typed_on_site_runs_nowhere(): void
    {
        $script = '<script>alert(1)</script>" onload="x" =1+1';
        $this->log(['note' => $script])->assertSessionHasNoErrors();
        foreach (['log', 'built', 'sequence', 'order'] as $page) {
            $html = (string) $this->get("/projects/{$this->project->id}/{$page}?all=1")->assertOk()->getContent();
            self::assertStringNotContainsString('<script>alert', $html, $page);
        }
        self::assertStringNotContainsString('<script>alert',
            (string) $this->get("/projects/{$this->project->id}/project.json")->headers->get('Content-Type'));
    }

    public function test_one_pack_at_a_time_and_not_without_end(): void
    {
        $make = fn (): TestResponse => $this->post("/projects/{$this->project->id}/built");
        $make()->assertSessionHasNoErrors();
        $make()->assertSessionHasErrors(['pack' => 'One is being made already. It stands below as soon as it is there.']);
        self::assertSame(1, $this->project->packs()->count());
        $this->project->packs()->update(['stage' => 'done']);
        for ($i = 0; $i < 59; $i++) {
            $this->project->packs()->create(['option_id' => $this->project->leading()->id, 'by' => 'x', 'stage' => 'done']);
        }
        $make()->assertSessionHasErrors('pack');
    }

    public function test_released_is_released_whoever_asks(): void
    {
        self::assertNotNull($this->project->release);
        $before = json_encode($this->project->leading()->design);
        foreach ([Role::Reader, Role::Crew] as $role) {
            $this->become($this->member($role));
            $this->put("/projects/{$this->project->id}/release", ['why' => 'because'])->assertForbidden();
            $this->delete("/projects/{$this->project->id}/release")->assertForbidden();
            $this->put("/projects/{$this->project->id}/plan", ['revision' => 1])->assertForbidden();
        }
        $this->become($this->designer);
        $option = $this->project->building();
        $head = $option->revisions()->latest('id')->value('id');
        $this->put("/projects/{$this->project->id}/section/{$option->id}", [
            'revision' => $head, 'written_in' => 'metric point', 'design' => ['stone' => ['thickness_m' => '333 mm']],
        ]);
        self::assertSame($before, json_encode($this->fresh($this->project)->leading()->design));
    }

    private function fresh(Project $project): Project
    {
        return Project::query()->findOrFail($project->id);
    }
}
