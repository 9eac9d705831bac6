<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\SqliteFile;
use App\Database\UnusableFile;
use App\Models\Project;
use Illuminate\Foundation\Testing\TestCase;
use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;
use ZipArchive;

/** What damage, a full disk and a sudden end make of a backup: nothing that reads as whole and is not. */
final class DamagedBackupTest extends TestCase
{
    use OwnDatabase;

    public $mockConsoleOutput = false;

    public function test_a_damaged_copy_is_refused_or_equal_to_what_it_was(): void
    {
        $this->file->prepare(true);
        $good = "{$this->folder}/good.zip";
        $this->file->backup($good);
        $whole = $this->content();
        Project::query()->forceDelete();
        $emptied = $this->content();
        $bytes = (string) file_get_contents($good);
        [$seed, $count] = [self::number('SEED', random_int(1, 999_999)), self::number('LOT', 200)];
        $lot = new Randomizer(new Mt19937($seed));
        $copy = "{$this->folder}/copy.zip";
        $equal = 0;
        for ($i = 0; $i < $count; $i++) {
            $damaged = $bytes;
            // Half of them in the last kilobytes, where what lies in the file is listed.
            $from = $i % 2 === 0 ? 0 : strlen($bytes) - 600;
            for ($k = $lot->getInt(1, 4); $k > 0; $k--) {
                $at = $lot->getInt($from, strlen($bytes) - 1);
                $damaged[$at] = chr(ord($damaged[$at]) ^ (1 << $lot->getInt(0, 7)));
            }
            file_put_contents($copy, $i % 10 === 9 ? substr($bytes, 0, $lot->getInt(0, strlen($bytes) - 1)) : $damaged);
            try {
                $this->file->restore($copy);
                self::assertSame($whole, $this->content(), "copy {$i} of seed {$seed} was taken, and is another");
                $equal++;
                Project::query()->forceDelete();
            } catch (UnusableFile $e) {
                self::assertSame($emptied, $this->content(), "copy {$i} of seed {$seed} was refused, and something changed");
                self::assertStringContainsString('Allowed: ', $e->getMessage());
            }
            $emptied = $this->content();
        }
        self::assertLessThan($count / 2, $equal, 'most are noticed');
        self::assertSame([], glob("{$this->folder}/*{in-work,snapshot,schema,part}*", GLOB_BRACE), 'no halves are left');
    }

    public function test_what_a_backup_lacks_or_has_too_much_is_said(): void
    {
        $this->file->prepare(true);
        $this->file->backup("{$this->folder}/good.zip");
        $path = "{$this->folder}/changed.zip";
        $zip = static function (callable $change) use ($path): string {
            copy(dirname($path).'/good.zip', $path);
            $zip = new ZipArchive;
            self::assertTrue($zip->open($path));
            $change($zip);
            $zip->close();

            return $path;
        };
        $manifest = static function (callable $change) use ($zip): string {
            return $zip(static function (ZipArchive $zip) use ($change): void {
                $said = json_decode((string) $zip->getFromName('manifest.json'), true);
                $zip->addFromString('manifest.json', json_encode($change($said), JSON_THROW_ON_ERROR));
            });
        };
        $before = $this->content();
        foreach ([
            [fn () => $zip(static fn (ZipArchive $z) => $z->deleteName('database.sqlite')), 'not what its list says'],
            [fn () => $zip(static fn (ZipArchive $z) => $z->deleteName('manifest.json')), 'no backup of Ondergrond'],
            [fn () => $zip(static fn (ZipArchive $z) => $z->addFromString('photo.jpg', 'one')), 'not what its list says'],
            [fn () => $zip(static fn (ZipArchive $z) => $z->addFromString('database.sqlite', 'another')), 'not as it was'],
            [fn () => $manifest(static fn (array $m): array => [...$m, 'version' => 2]), 'a later version'],
            [fn () => $manifest(static fn (array $m): array => [...$m, 'format' => 'recipes']), 'no backup of Ondergrond'],
            [fn () => $manifest(static fn (array $m): array => array_diff_key($m, ['files' => 1])), 'its list is not whole'],
            [
                fn () => $manifest(static fn (array $m): array => [...$m, 'tables' => [...$m['tables'], 'users' => 99]]),
                'its tables are not those of its list',
            ],
        ] as [$make, $says]) {
            $this->assertRefused($make(), $says, $before);
        }
        // From before there was a manifest: what can be known of it is held against its version.
        $plain = "{$this->folder}/plain.sqlite";
        (new SqliteFile($this->file->path))->snapshot($plain);
        (new PDO("sqlite:{$plain}"))->exec('PRAGMA foreign_keys = OFF; DROP TABLE users');
        $this->assertRefused($plain, 'its tables are not those of its version: ', $before);
        (new PDO("sqlite:{$plain}"))->exec('CREATE TRIGGER t AFTER INSERT ON firms BEGIN DELETE FROM firms; END');
        $this->assertRefused($plain, 'trigger t', $before);
    }

    private static function number(string $name, int $else): int
    {
        $given = getenv($name);

        return $given === false ? $else : (int) $given;
    }

    private function assertRefused(string $path, string $says, string $before): void
    {
        $restored = $this->ondergrond('restore', $path);
        self::assertSame(['', 2], [$restored->getOutput(), $restored->getExitCode()], $path);
        self::assertStringContainsString($says, $restored->getErrorOutput());
        self::assertCount(1, explode("\n", trim($restored->getErrorOutput())));
        self::assertSame($before, $this->content());
    }

    public function test_a_disk_without_room_is_said_and_leaves_nothing(): void
    {
        $this->file->prepare(true);
        $before = $this->content();
        // A limit on the size of files is what a full disk is to a program, and needs no right of the machine.
        $cramped = function (string ...$words): Process {
            $process = new Process(
                ['sh', '-c', 'trap "" XFSZ; ulimit -f 200; exec bin/ondergrond "$@"', 'sh', ...$words], dirname(__DIR__, 2),
                ['DB_DATABASE' => $this->file->path, 'QUEUE_CONNECTION' => 'database'],
            );
            $process->run();

            return $process;
        };
        $this->file->backup("{$this->folder}/good.zip");
        Project::query()->forceDelete();
        $emptied = $this->content();
        foreach ([$cramped('backup', "{$this->folder}/new.zip"), $cramped('restore', "{$this->folder}/good.zip")] as $process) {
            self::assertNotSame(0, $process->getExitCode());
            self::assertSame('', $process->getOutput());
            self::assertCount(1, explode("\n", trim($process->getErrorOutput())), $process->getErrorOutput());
        }
        self::assertSame($emptied, $this->content());
        self::assertFileDoesNotExist("{$this->folder}/new.zip");
        self::assertSame([], glob("{$this->folder}/*.part"));
        self::assertSame(0, $this->ondergrond('restore', "{$this->folder}/good.zip")->getExitCode(), 'and with room it is done');
        self::assertSame($before, $this->content());
    }

    private static function strike(Process $process): void
    {
        $group = $process->getPid();
        if ($group !== null) {
            posix_kill(-$group, SIGKILL);
        }
        try {
            $process->wait();
        } catch (ProcessSignaledException) {
            // As was meant.
        }
    }

    public function test_a_sudden_end_leaves_before_or_after(): void
    {
        $this->file->prepare(true);
        $full = $this->content();
        $good = "{$this->folder}/good.zip";
        $this->file->backup($good);
        Project::query()->forceDelete();
        $this->purge();
        $emptied = $this->content();
        $began = microtime(true);
        self::assertSame(0, $this->ondergrond('restore', $good)->getExitCode());
        $lasts = microtime(true) - $began;
        (new PDO("sqlite:{$this->file->path}"))->exec('PRAGMA foreign_keys = ON; DELETE FROM projects');
        $emptied = $this->content();
        $seen = [];
        for ($i = 0; $i < 34; $i++) {
            $restores = $i % 2 === 0;
            $target = $restores ? $good : "{$this->folder}/new-{$i}.zip";
            $process = new Process(
                ['setsid', 'bin/ondergrond', $restores ? 'restore' : 'backup', $target], dirname(__DIR__, 2),
                ['DB_DATABASE' => $this->file->path, 'QUEUE_CONNECTION' => 'database'],
            );
            $process->start();
            usleep((int) ($lasts * 1e6 * ($i + 1) / 34));
            self::strike($process);
            $now = $this->content();
            self::assertContains($now, [$full, $emptied], "killed at moment {$i}");
            $seen[$restores ? 'restore' : 'backup'][] = $now === $full || (! $restores && is_file($target));
            if (! $restores && is_file($target)) {
                self::assertSame(0, $this->ondergrond('restore', $target)->getExitCode(), 'a backup that is there is whole');
            }
            if ($this->content() === $full) {
                (new PDO("sqlite:{$this->file->path}"))->exec('PRAGMA foreign_keys = ON; DELETE FROM projects');
                $emptied = $this->content();
            }
        }
        $this->file->backup("{$this->folder}/new-1.zip.last");
        self::assertSame([], glob("{$this->folder}/own.*.part*"), 'what the sudden ends left is gone with the next');
        self::assertContains(false, $seen['restore']);
        self::assertContains(false, $seen['backup']);
    }

    public function test_a_sudden_end_of_an_update_leaves_the_old_version_or_the_new(): void
    {
        $old = (string) file_get_contents(dirname(__DIR__).'/Files/database-1.sql');
        $update = function (): Process {
            return new Process(['setsid', PHP_BINARY, 'artisan', 'ondergrond:prepare-database'], dirname(__DIR__, 2), [
                'DB_DATABASE' => $this->file->path, 'ONDERGROND_DEMO' => 'false', 'QUEUE_CONNECTION' => 'database',
            ]);
        };
        $make = function () use ($old): void {
            foreach ((array) glob("{$this->folder}/own*") as $left) {
                unlink((string) $left);
            }
            (new PDO("sqlite:{$this->file->path}"))->exec($old);
        };
        $make();
        $before = $this->content();
        $began = microtime(true);
        $update()->mustRun();
        $lasts = microtime(true) - $began;
        $versions = static fn (PDO $database): int => count(self::ask($database, 'SELECT migration FROM migrations'));
        $last = $versions(new PDO("sqlite:{$this->file->path}"));
        for ($i = 0; $i < 16; $i++) {
            $make();
            $process = $update();
            $process->start();
            usleep((int) ($lasts * 1e6 * (0.3 + 0.7 * ($i + 1) / 16)));
            self::strike($process);
            $database = new PDO("sqlite:{$this->file->path}");
            self::assertSame(['ok'], self::ask($database, 'PRAGMA integrity_check'));
            self::assertTrue($this->content() === $before || $versions($database) === $last, "killed at moment {$i}");
        }
        self::assertSame(0, $update()->run());
        self::assertSame($last, $versions(new PDO("sqlite:{$this->file->path}")), 'and the next start goes on');
    }
}
