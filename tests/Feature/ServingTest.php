<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Load\OwnServer;
use App\Models\Project;
use App\Models\StudyKind;
use App\Models\StudyProgress;
use App\Server\Processes;
use App\Server\StaticFile;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** bin/serve when something is killed, when two are started, and when there is no room. */
final class ServingTest extends TestCase
{
    use OwnDatabase;

    public $mockConsoleOutput = false;

    private int $port;

    /** @var list<Process> */
    private array $servers = [];

    protected function tearDown(): void
    {
        foreach ($this->servers as $server) {
            self::end($server, SIGTERM);
        }
        DB::purge('sqlite');
        DB::purge('passing');
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    public function test_whatever_is_killed_is_begun_anew_and_nothing_outlives_the_server(): void
    {
        $server = $this->serve();
        $answering = fn (): array => array_values(array_filter(
            Processes::ofGroup($this->group('router.php')), fn (array $one): bool => is_dir("/proc/{$one['pid']}"),
        ));
        self::assertCount(5, $answering(), 'one and its four');
        $old = $answering();
        posix_kill($old[2]['pid'], SIGKILL);
        $this->await(fn (): bool => count($answering()) === 5 && ! in_array($old[2], $answering(), true), 'a child is replaced');
        self::assertSame(200, $this->answer());
        posix_kill($this->group('router.php'), SIGKILL);
        $this->await(fn (): bool => count($answering()) === 5 && $this->answer() === 200, 'so is the first of them');
        $worker = $this->group('ondergrond:work winters');
        posix_kill($worker, SIGKILL);
        $this->await(fn (): bool => ! in_array($this->group('ondergrond:work winters'), [0, $worker], true), 'and a worker');

        self::end($server, SIGKILL);
        $this->await(fn (): bool => $this->answer() === 0 && $this->group('ondergrond:work') === 0, 'nothing holds the port');
        $this->serve();
        self::assertSame(200, $this->answer());
    }

    public function test_what_a_killed_watch_leaves_is_taken_over_and_nothing_else_is_ended(): void
    {
        $server = $this->serve();
        $watch = $this->childOf((int) $server->getPid(), 'read -r line');
        posix_kill($watch, SIGKILL);
        $this->await(fn (): bool => ! in_array($this->childOf((int) $server->getPid(), 'read -r line', false), [0, $watch], true),
            'another watches');
        // Both at once, which it is no help against.
        $server->signal(SIGSTOP);
        posix_kill($this->childOf((int) $server->getPid(), 'read -r line'), SIGKILL);
        self::end($server, SIGKILL);
        self::assertSame(200, $this->answer(), 'it is still answered, by nobody’s server');
        $this->serve();
        self::assertSame(200, $this->answer());
        self::assertCount(5, Processes::ofGroup($this->group('router.php')));

        // A number that another program runs under by now.
        self::end(array_pop($this->servers) ?? $server, SIGTERM);
        $other = new Process(['sleep', '30']);
        $other->start();
        file_put_contents("{$this->folder}/own.serving", json_encode(
            ['address' => '', 'processes' => [['pid' => $other->getPid(), 'began' => '1 another-start']]], JSON_THROW_ON_ERROR,
        ));
        $this->serve();
        self::assertTrue($other->isRunning());
        $other->stop(0);
    }

    public function test_two_on_one_database_and_two_on_one_port_are_refused(): void
    {
        $this->serve();
        $same = $this->tried(OwnServer::freePort());
        self::assertSame([1, ''], [$same->getExitCode(), $same->getOutput()]);
        self::assertStringContainsString("already works on this database at http://127.0.0.1:{$this->port}", $same->getErrorOutput());
        $port = $this->tried($this->port, "{$this->folder}/other.sqlite");
        self::assertSame([1, ''], [$port->getExitCode(), $port->getOutput()]);
        self::assertStringContainsString("Port {$this->port} is taken by another program", $port->getErrorOutput());
        self::assertSame(200, $this->answer(), 'the first goes on');
        foreach (['080', '0', '65536', '8e3', '', '-1'] as $number) {
            $refused = new Process(['bin/demo', "--port={$number}"], dirname(__DIR__, 2));
            self::assertSame(2, $refused->run(), $number);
            self::assertStringContainsString('from 1 to 65535', $refused->getErrorOutput());
        }
    }

    public function test_a_place_that_cannot_be_written_to_is_one_sentence(): void
    {
        foreach (['/proc/nowhere/own.sqlite', '/proc/own.sqlite'] as $database) {
            $tried = $this->tried(OwnServer::freePort(), $database);
            self::assertSame([1, ''], [$tried->getExitCode(), $tried->getOutput()]);
            self::assertMatchesRegularExpression('~^Nothing can be saved in “/proc[^”]*”: [^\n]+$~', trim($tried->getErrorOutput()));
        }
    }

    public function test_nobody_else_may_read_what_is_kept(): void
    {
        array_map(static fn (string|false $left) => unlink((string) $left), (array) glob("{$this->folder}/own*"));
        $this->serve();
        $this->answer();
        foreach ((array) glob("{$this->folder}/own*") as $file) {
            self::assertSame(0, fileperms((string) $file) & 0o077, (string) $file);
        }
        self::assertSame(0, fileperms(base_path('.env')) & 0o077);
    }

    public function test_files_go_out_with_their_headers_and_nothing_else_goes_out(): void
    {
        $public = public_path();
        self::assertInstanceOf(StaticFile::class, StaticFile::at($public, '/icon.svg?v=1'));
        foreach (['/index.php', '/../.env', '/..%2f.env', '/%2e%2e/composer.json', "/icon.svg\0.png", '/build/manifest.json', '/',
            '/build'] as $path) {
            self::assertNull(StaticFile::at($public, $path), $path);
        }
        $this->serve();
        $headers = get_headers("http://127.0.0.1:{$this->port}/icon.svg", true);
        self::assertIsArray($headers);
        foreach (StaticFile::HEADERS as $name => $value) {
            self::assertSame($value, $headers[$name] ?? '');
        }
        self::assertSame('image/svg+xml', $headers['Content-Type']);
        self::assertArrayNotHasKey('X-Powered-By', (array) get_headers("http://127.0.0.1:{$this->port}/sign-in", true));
    }

    public function test_a_study_whose_worker_is_killed_is_taken_up_within_seconds(): void
    {
        $this->serve(true);
        $studies = $this->studies(1);
        $this->await(fn (): bool => $this->states($studies) === ['running'], 'it runs', 60);
        $worker = $this->group('ondergrond:work default');
        posix_kill($worker, SIGKILL);
        $this->await(
            fn (): bool => DB::connection('passing')->table('jobs')->where('queue',
                'default')->whereNotNull('reserved_at')->where('attempts', 2)
                ->exists() || $this->states($studies) === ['done'],
            'the next worker has it in hand', 10,
        );
        $this->await(fn (): bool => $this->states($studies) === ['done'], 'and ends it', 120);
    }

    public function test_no_job_fails_by_a_lock_however_much_is_written(): void
    {
        $this->serve(true);
        $writers = [];
        foreach (range(1, 3) as $i) {
            file_put_contents("{$this->folder}/saves-{$i}", '');
            $writers[] = $this->writer(__DIR__.'/save-forever.php', "{$this->folder}/saves-{$i}");
        }
        $passing = new Process([
            PHP_BINARY, '-r', '$d = new PDO("sqlite:".$argv[1]); $d->exec("PRAGMA busy_timeout = 60000"); for ($i = 0; ; $i++) {
                $d->exec("INSERT INTO sittings (id, payload, last_activity) VALUES (\'w{$i}\', \'\', {$i})"); usleep(500);
            }', "{$this->folder}/own.passing.sqlite",
        ]);
        $passing->start();
        $studies = $this->studies(30, ['stone.thickness_m' => [0.1, 0.102]]);
        $this->await(fn (): bool => ! in_array('queued', $this->states($studies), true) && ! in_array('running',
            $this->states($studies), true),
            'all are over', 240);
        $written = array_map(fn (int $i): int => strlen((string) file_get_contents("{$this->folder}/saves-{$i}")), range(1, 3));
        foreach ([...$writers, $passing] as $writer) {
            $writer->stop(0);
        }
        self::assertSame(array_fill(0, 30, 'done'), $this->states($studies));
        self::assertGreaterThan(30, array_sum($written), 'while others were saving');
        self::assertGreaterThan(100, DB::connection('passing')->table('sittings')->where('id', 'like', 'w%')->count());
    }

    /**
     * @param  array<string, array{float, float}>|null  $open  of a search; null: what pays
     * @return list<int>
     */
    private function studies(int $count, ?array $open = null): array
    {
        config(['queue.default' => 'database', 'database.connections.passing.busy_timeout' => 60_000]);
        DB::purge('passing');
        $project = Project::query()->orderBy('id')->firstOrFail();
        $option = $project->leading();
        $ids = [];
        for ($i = 0; $i < $count; $i++) {
            $study = $option->studies()->create([
                'project_id' => $project->id, 'kind' => $open === null ? StudyKind::Gain : StudyKind::Search,
                'state' => StudyProgress::Queued,
                'who' => 'The test', 'input' => $open === null ? [] : ['open' => $open],
            ]);
            \App\Jobs\RunStudy::dispatch($study->id);
            $ids[] = $study->id;
        }

        return $ids;
    }

    /**
     * @param  list<int>  $ids
     * @return list<string>
     */
    private function states(array $ids): array
    {
        return array_values(array_map(
            strval(...), DB::table('studies')->whereIn('id', $ids)->orderBy('id')->pluck('state')->all(),
        ));
    }

    private function writer(string ...$words): Process
    {
        $process = new Process([PHP_BINARY, ...$words], dirname(__DIR__, 2), [
            'DB_DATABASE' => $this->file->path, 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing',
        ], timeout: null);
        $process->disableOutput();
        $process->start();

        return $process;
    }

    private function serve(bool $demo = false): Process
    {
        $this->port ??= OwnServer::freePort();
        $server = $this->started($this->port, $this->file->path, $demo);
        $this->servers[] = $server;
        $this->await(fn (): bool => str_contains($server->getOutput(), 'Ondergrond is at') || ! $server->isRunning(), 'it starts', 30);
        self::assertStringContainsString((string) $this->port, $server->getOutput(), $server->getErrorOutput());

        return $server;
    }

    private function tried(int $port, ?string $database = null): Process
    {
        $process = $this->started($port, $database ?? $this->file->path);
        $process->wait();

        return $process;
    }

    private function started(int $port, string $database, bool $demo = false): Process
    {
        // APP_KEY and what else .env says is that of this folder.
        $process = new Process([PHP_BINARY, 'artisan', 'ondergrond:serve', (string) $port, 'bin/demo'], dirname(__DIR__, 2), [
            'DB_DATABASE' => $database, 'ONDERGROND_DEMO' => $demo ? 'true' : 'false', 'APP_ENV' => 'testing',
            'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'file', 'BCRYPT_ROUNDS' => '4', 'PHP_INI_SCAN_DIR' => ':'.base_path('php.d'),
        ], null, 600);
        $process->start();

        return $process;
    }

    private static function end(Process $server, int $signal): void
    {
        if ($server->isRunning()) {
            $server->signal($signal);
            for ($i = 0; $i < 200 && $server->isRunning(); $i++) {
                usleep(20_000);
            }
        }
    }

    /** Of the programs that serve this database: the first whose command says so; 0 for none. */
    private function group(string $command): int
    {
        $said = json_decode((string) @file_get_contents("{$this->folder}/own.serving"), true);
        foreach ($said['processes'] ?? [] as $process) {
            $words = str_replace("\0", ' ', (string) @file_get_contents("/proc/{$process['pid']}/cmdline"));
            if (str_contains($words, $command)) {
                return (int) posix_getpgid($process['pid']);
            }
        }

        return 0;
    }

    private function childOf(int $parent, string $command, bool $must = true): int
    {
        foreach (scandir('/proc') as $name) {
            $said = ctype_digit($name) ? (string) @file_get_contents("/proc/{$name}/cmdline") : '';
            $words = explode(' ', (string) strrchr((string) @file_get_contents("/proc/{$name}/stat"), ')'));
            if (str_contains($said, $command) && (int) ($words[2] ?? 0) === $parent) {
                return (int) $name;
            }
        }
        self::assertFalse($must, "no {$command}");

        return 0;
    }

    private function answer(): int
    {
        $lines = @get_headers("http://127.0.0.1:{$this->port}/glossary");

        return $lines === false ? 0 : (int) substr($lines[0], 9, 3);
    }

    /** @param  callable(): bool  $what */
    private function await(callable $what, string $says, int $patience = 15): void
    {
        for ($i = 0; $i < $patience * 20; $i++) {
            if ($what()) {
                $this->addToAssertionCount(1);

                return;
            }
            usleep(50_000);
        }
        self::fail("not so within {$patience} s: {$says}");
    }
}
