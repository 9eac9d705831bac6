<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Trouble;
use App\Models\Firm;
use App\Models\Project;
use App\Models\Role;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\InspectionCodec;
use Ondergrond\Inspection\Inspection;
use RuntimeException;

/** A disk that is full or may not be written to: it is said that this change was not saved, and what was typed stays. */
final class NoRoomTest extends TestCase
{
    use OwnDatabase;

    private const PASSWORD = 'ten characters';

    public $mockConsoleOutput = false;

    private Project $project;

    private function begin(): void
    {
        $this->file->prepare(false);
        $firm = Firm::query()->create(['name' => 'Firm under test']);
        $this->actingAs($firm->members()->create([
            'name' => 'The owner', 'email' => 'owner@firm.example', 'password' => self::PASSWORD, 'role' => Role::Owner,
        ])->refresh());
        $this->project = Project::store(Examples::boathouse(), $firm, 'The test');
    }

    public function test_a_full_or_a_barred_database_refuses_changes_in_words_and_pages_go_on(): void
    {
        $this->begin();
        $option = $this->project->leading();
        $name = $option->name;
        $troubles = [
            'is full' => ['PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'), 'PRAGMA max_page_count = 1073741823'],
            'may not be written to' => ['PRAGMA query_only = ON', 'PRAGMA query_only = OFF'],
        ];
        foreach ($troubles as $says => [$begin, $end]) {
            DB::statement($begin);
            $this->fill();
            try {
                $answer = $this->post("/projects/{$this->project->id}/inspections", [
                    'written_in' => 'metric point', 'place' => 'Stair “cellar” <3', 'on' => '2026-02-01', 'signs' => ['mould', 'rust'],
                    'height_m' => '1.2', 'note' => str_repeat('much of it ', 170),
                ]);
                self::assertSame(507, $answer->getStatusCode());
                $answer->assertSee('This change was not saved')->assertSee($says)->assertSee('Send it again');
                $answer->assertSee('name="place" value="Stair “cellar” &lt;3"', false)->assertSee('name="signs[1]" value="rust"', false);
                self::assertSame(507, $this->put("/projects/{$this->project->id}/options/{$option->id}", [
                    'name' => str_repeat('n', 60), 'note' => str_repeat('words ', 60), 'row' => $option->id,
                    'revision' => $option->revisions()->latest('id')->value('id'),
                ])->getStatusCode());
                $this->put('/settings', ['name' => 'Another name', 'units' => '',
                    'decimal_mark' => 'point'])->assertDontSee('>Another name', false);
                $password = $this->put('/settings/password', [
                    'current' => self::PASSWORD, 'password' => 'another of mine', 'password_confirmation' => 'another of mine',
                ]);
                if ($password->getStatusCode() === 507) {
                    $password->assertDontSee('another of mine')->assertSee('Passwords and files are typed or chosen again');
                }
                $this->get("/projects/{$this->project->id}/section/{$option->id}")->assertOk();
                $this->get('/settings')->assertOk();
            } finally {
                DB::statement($end);
            }
        }
        self::assertSame([0, $name], [DB::table('inspections')->where('seen', 'like', '%Stair%')->count(), $option->refresh()->name]);
    }

    /** What room is left in pages that are there already. */
    private function fill(): void
    {
        $rows = [
            'password_reset_tokens' => static fn (int $i): array => ['email' => "none{$i}@firm.example", 'token' => str_repeat('x', 90)],
            'inspections' => fn (int $i): array => ['project_id' => $this->project->id, 'ulid' => "none{$i}",
                'seen' => json_encode(InspectionCodec::toArray(new Inspection('a', '2026-02-01')))],
            'revisions' => fn (int $i): array => [
                'project_id' => $this->project->id, 'kind' => 'edit', 'who' => '', 'state' => 'z:', 'created_at' => '2026-01-01',
                'subject' => 'none',
            ],
        ];
        foreach ($rows as $table => $row) {
            try {
                for ($i = 0; $i < 5_000; $i++) {
                    DB::table($table)->insert($row($i));
                }
                self::fail('there was room');
            } catch (QueryException) {
                // The next table may have room in its pages.
            }
        }
    }

    public function test_what_only_saves_doing_again_is_done_without(): void
    {
        $this->begin();
        config(['cache.default' => 'disk', 'cache.stores.file' => ['driver' => 'file', 'path' => '/proc/no/such/place']]);
        Cache::forgetDriver('disk');
        Cache::put('a', 'b', 60);
        self::assertNull(Cache::get('a'));
        config(['logging.default' => 'single', 'logging.channels.file.path' => '/proc/no/such/place/x.log']);
        Log::forgetChannel('single');
        Log::forgetChannel('file');
        Log::error('nobody can read this');
        $this->get("/projects/{$this->project->id}/section")->assertOk();
    }

    public function test_a_sitting_that_cannot_be_kept_hinders_nobody_who_reads_and_is_said_to_whoever_sends(): void
    {
        $this->begin();
        config(['database.connections.passing.database' => ':memory:', 'session.driver' => 'database']);
        DB::purge('passing');
        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');
        DB::connection('passing')->statement('CREATE TABLE sittings (id, user_id, ip_address, user_agent, payload, last_activity, began, stays)');
        DB::connection('passing')->statement('PRAGMA query_only = ON');
        $this->get('/glossary')->assertOk();
        $this->get("/projects/{$this->project->id}/section")->assertOk();
        $refused = $this->put('/settings', ['name' => '', 'units' => 'furlongs', 'decimal_mark' => 'point']);
        self::assertSame(507, $refused->getStatusCode());
        $refused->assertSee('value="furlongs"', false);
    }

    public function test_only_what_the_disk_says_is_the_disk(): void
    {
        self::assertSame(Trouble::Full, Trouble::of(new RuntimeException('x', 0, new ErrorException('fwrite(): No space left on device'))));
        self::assertSame(Trouble::Barred, Trouble::of(new ErrorException('fopen(/a): Failed to open stream: Read-only file system')));
        self::assertNull(Trouble::of(new RuntimeException('something else')));
    }
}
