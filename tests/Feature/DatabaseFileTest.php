<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Casts\KeptState;
use App\Database\SqliteFile;
use App\Database\UnusableFile;
use App\Models\Firm;
use App\Models\Project;
use App\Models\Revision;
use Illuminate\Foundation\Testing\TestCase;
use Ondergrond\Assessor;
use Ondergrond\Examples\Examples;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Project\Ulid;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use ZipArchive;

/** The database as a file: made, updated, backed up, restored, and what a sudden end leaves of it. */
final class DatabaseFileTest extends TestCase
{
    use OwnDatabase;

    public $mockConsoleOutput = false;

    /** @return iterable<string, array{int}> a database of each version that was ever released, as it was written then */
    public static function versions(): iterable
    {
        $migrations = glob(dirname(__DIR__, 2).'/database/migrations/*.php');
        self::assertIsArray($migrations);
        foreach (array_keys($migrations) as $i) {
            yield 'version '.($i + 1) => [$i + 1];
        }
    }

    #[DataProvider('versions')]
    public function test_a_file_of_every_version_is_brought_up_to_date_and_loses_nothing(int $version): void
    {
        $dump = dirname(__DIR__)."/Files/database-{$version}.sql";
        self::assertFileExists($dump, 'each migration comes with a file of its version');
        (new PDO("sqlite:{$this->file->path}"))->exec((string) file_get_contents($dump));
        $this->file->prepare(false);
        $project = Project::query()->where('name', 'Dyke Lane boathouse')->sole();
        $core = $project->toCore();
        self::assertTrue(
            Ulid::isOne($core->id) && array_filter($core->options, static fn (Option $o): bool => ! Ulid::isOne($o->id)) === [],
        );
        self::assertEquals(
            Examples::boathouse(),
            new CoreProject(
                $core->name,
                $core->units,
                $core->site,
                array_map(static fn (Option $o): Option => $o->named(''), $core->options),
            ),
        );
        self::assertEquals(
            Assessor::assess(Examples::boathouse()->site, Examples::boathouse()->options[0]->design)->heat,
            Assessor::assess($core->site, $core->options[0]->design)->heat,
            'and it is assessed the same',
        );
        self::assertSame(Firm::query()->value('id'), $project->firm_id);
        foreach ([$project, ...$project->options] as $kept) {
            self::assertSame(1, $kept->revisions()->count(), 'its history begins');
            self::assertStringStartsWith('z:', (string) $kept->revisions()->sole()->getRawOriginal('state'), 'packed');
            self::assertEquals($kept->state(), $kept->revisions()->sole()->state);
        }
        $copies = glob("{$this->folder}/own.before-update-*.zip");
        self::assertCount(
            $version === count(iterator_to_array(self::versions())) ? 0 : 1,
            $copies === false ? [] : $copies,
            'a copy is kept where something was changed',
        );
    }

    public function test_a_backup_made_while_somebody_saves_is_whole_and_restores(): void
    {
        $this->file->prepare(true);
        $names = Project::query()->orderBy('id')->pluck('name')->all();
        $saving = $this->saving();
        try {
            $this->awaitSaves(5);
            $this->file->backup("{$this->folder}/copy.zip");
        } finally {
            $saving->stop(0);
        }
        $zip = new ZipArchive;
        self::assertTrue($zip->open("{$this->folder}/copy.zip"));
        self::assertTrue($zip->extractTo($this->folder, 'database.sqlite'));
        $this->assertWhole("{$this->folder}/database.sqlite");

        Project::query()->forceDelete();
        $open = new PDO("sqlite:{$this->file->path}");
        self::assertSame([0], self::ask($open, 'SELECT count(*) FROM projects'));
        $kept = $this->file->restore("{$this->folder}/copy.zip");
        self::assertIsString($kept);
        self::assertSame($names, Project::query()->orderBy('id')->pluck('name')->all());
        self::assertSame([count($names)], self::ask($open, 'SELECT count(*) FROM projects'), 'whoever has it open sees it');
        self::assertStringEndsWith('.zip', $kept);
        self::assertSame(['wal'], self::ask($open, 'PRAGMA journal_mode'));
        $this->file->restore($kept);
        self::assertSame(0, Project::query()->count(), 'what was there is kept');
    }

    public function test_an_old_backup_is_brought_up_to_date_as_it_is_restored(): void
    {
        $this->file->prepare(true);
        (new PDO("sqlite:{$this->folder}/old.sqlite"))->exec((string) file_get_contents(dirname(__DIR__).'/Files/database-1.sql'));
        $this->file->restore("{$this->folder}/old.sqlite");
        self::assertSame(3, Project::query()->whereNotNull('firm_id')->count());
    }

    public function test_what_is_no_whole_backup_of_ours_is_refused_and_nothing_changes(): void
    {
        $this->file->prepare(true);
        $good = "{$this->folder}/good.sqlite";
        (new SqliteFile($this->file->path))->snapshot($good);
        $content = (string) file_get_contents($good);
        $make = function (string $name, string $bytes): string {
            file_put_contents("{$this->folder}/{$name}", $bytes);

            return "{$this->folder}/{$name}";
        };
        $other = new PDO("sqlite:{$this->folder}/other.sqlite");
        $other->exec('CREATE TABLE recipes (id INTEGER); PRAGMA application_id = 7');
        $newer = $make('newer.sqlite', $content);
        (new PDO("sqlite:{$newer}"))->exec("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000000_what_is_to_come', 9)");
        $stored = $this->content();
        foreach ([
            [$make('cut.sqlite', substr($content, 0, (int) (strlen($content) * 0.6))), 'damaged or cut short'],
            [
                $make('scratched.sqlite', substr_replace($content, str_repeat("\xFF", 6000), (int) (strlen($content) / 2), 6000)),
                'damaged or cut short',
            ],
            [$make('short.sqlite', 'SQLite'), 'no backup of Ondergrond'],
            [$make('empty.sqlite', ''), 'no backup of Ondergrond'],
            [$make('picture.sqlite', random_bytes(9000)), 'no backup of Ondergrond'],
            ["{$this->folder}/other.sqlite", 'no backup of Ondergrond'],
            [$newer, 'a later version'],
            ["{$this->folder}/not-there.sqlite", 'that can be read'],
        ] as [$file, $says]) {
            try {
                $this->file->restore($file);
                self::fail("{$file} was taken");
            } catch (UnusableFile $e) {
                self::assertStringContainsString($says, $e->getMessage(), $file);
            }
            self::assertSame($stored, $this->content(), $file);
        }
        foreach ([[$good, 'exists already'], ["{$this->folder}/no/such/folder/x.sqlite", 'in a folder that exists']] as [$to, $says]) {
            try {
                $this->file->backup($to);
                self::fail("{$to} was written");
            } catch (UnusableFile $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    public function test_the_command_line_backs_up_and_restores(): void
    {
        $this->file->prepare(true);
        $copy = "{$this->folder}/by-hand.zip";
        self::assertSame([0, ''], [$this->ondergrond('backup', $copy)->getExitCode(),
            $this->ondergrond('backup', "{$copy}2")->getErrorOutput()]);
        $again = $this->ondergrond('backup', $copy);
        self::assertSame([2, ''], [$again->getExitCode(), $again->getOutput()]);
        self::assertStringContainsString('exists already', $again->getErrorOutput());
        Project::query()->forceDelete();
        $restored = $this->ondergrond('restore', $copy);
        self::assertSame(0, $restored->getExitCode(), $restored->getErrorOutput());
        self::assertSame(count(Examples::all()), Project::query()->count());
        self::assertSame(2, $this->ondergrond('restore', __FILE__)->getExitCode());
    }

    public function test_a_sudden_end_in_the_middle_of_a_save_leaves_the_old_or_the_new_state(): void
    {
        $this->file->prepare(true);
        for ($i = 0; $i < 12; $i++) {
            $saving = $this->saving();
            $this->awaitSaves(1);
            // Somewhere within one of the next saves.
            usleep(random_int(0, 30_000));
            $saving->signal(SIGKILL);
            $saving->wait();
            $this->assertWhole($this->file->path);
        }
        self::assertGreaterThan(12, Revision::query()->count());
    }

    /** A process that saves one option's design over and over, until it is stopped. */
    private function saving(): Process
    {
        file_put_contents("{$this->folder}/saves", '');
        $process = new Process([PHP_BINARY, __DIR__.'/save-forever.php', "{$this->folder}/saves"], dirname(__DIR__, 2), [
            'DB_DATABASE' => $this->file->path, 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing',
        ]);
        $process->disableOutput();
        $process->start();

        return $process;
    }

    private function awaitSaves(int $count): void
    {
        for ($i = 0; $i < 1000 && strlen((string) file_get_contents("{$this->folder}/saves")) < $count; $i++) {
            usleep(5_000);
        }
        self::assertGreaterThanOrEqual($count, strlen((string) file_get_contents("{$this->folder}/saves")), 'it saves');
    }

    /** Sound as a file, and each option's design is that of its last revision. */
    private function assertWhole(string $path): void
    {
        $database = new PDO("sqlite:{$path}");
        self::assertSame(['ok'], self::ask($database, 'PRAGMA integrity_check'));
        $designs = self::ask($database, 'SELECT design FROM options ORDER BY id');
        $states = self::ask(
            $database,
            "SELECT (SELECT state FROM revisions r WHERE r.option_id = o.id AND r.subject = 'design' ORDER BY r.id DESC LIMIT 1)
                FROM options o ORDER BY o.id",
        );
        self::assertNotEmpty($designs);
        foreach ($designs as $i => $design) {
            self::assertEquals(json_decode((string) $design, true), json_decode(KeptState::unpacked((string) $states[$i]), true)['design']);
        }
    }
}
