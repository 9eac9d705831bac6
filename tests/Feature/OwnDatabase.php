<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\DatabaseFile;
use App\Database\PassingFile;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOStatement;
use Symfony\Component\Process\Process;

/** For tests of the database as a file: one of their own, in a folder of its own. */
trait OwnDatabase
{
    private string $folder;

    private DatabaseFile $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/ondergrond-file-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        config(
            [
                'database.connections.sqlite.database' => "{$this->folder}/own.sqlite",
                'database.connections.passing.database' => "{$this->folder}/own.passing.sqlite",
            ],
        );
        $this->purge();
        PassingFile::current()->prepare();
        $this->file = DatabaseFile::current();
    }

    protected function tearDown(): void
    {
        $this->purge();
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    private function purge(): void
    {
        DB::purge('sqlite');
        DB::purge('passing');
    }

    /** Of all that lasts. */
    private function content(?string $path = null): string
    {
        $database = new PDO('sqlite:'.($path ?? $this->file->path));
        $tables = self::ask($database, "SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name");
        $rows = array_map(static fn (mixed $table): array => self::rows($database, "SELECT * FROM \"{$table}\"", PDO::FETCH_NUM), $tables);

        return hash('sha256', serialize([$tables, $rows]));
    }

    /** @return list<mixed> the first column of what answers */
    private static function ask(PDO $database, string $sql): array
    {
        return self::rows($database, $sql, PDO::FETCH_COLUMN);
    }

    /** @return list<mixed> */
    private static function rows(PDO $database, string $sql, int $how): array
    {
        $answer = $database->query($sql);
        self::assertInstanceOf(PDOStatement::class, $answer);

        return array_values($answer->fetchAll($how));
    }

    private function ondergrond(string ...$words): Process
    {
        $process = new Process(['bin/ondergrond', ...$words], dirname(__DIR__, 2),
            ['DB_DATABASE' => $this->file->path, 'QUEUE_CONNECTION' => 'database']);
        $process->run();

        return $process;
    }
}
