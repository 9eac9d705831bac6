<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use RuntimeException;
use SQLite3;

/** The one file that holds everything: made, brought up to date, backed up and restored, also while it is in use. */
final readonly class DatabaseFile
{
    /** Stands in the header of every database of this program since the second migration. */
    private const APPLICATION = 0x4F677264;

    /** What every version has had. */
    private const FIRST_MIGRATION = '2026_11_25_000000_create_projects_and_options';

    private const PATIENCE_MS = 10_000;

    private function __construct(public string $path) {}

    public static function current(): self
    {
        return new self((string) config('database.connections.sqlite.database'));
    }

    /** Makes it where there is none, else brings it up to date; before an update a copy is kept beside it. */
    public function prepare(bool $demo): void
    {
        if (! is_file($this->path)) {
            $new = $this->beside('new');
            $new->drop();
            touch($new->path);
            $new->migrate($demo);
            rename($new->path, $this->path);
        } elseif ($this->behind()) {
            $this->backup($this->beside('before-update-'.date('Ymd-His'))->path);
            $this->migrate(false);
        }
    }

    /**
     * A whole copy as of one moment, whoever is saving meanwhile.
     *
     * @throws UnusableFile
     */
    public function backup(string $to): void
    {
        if (! is_file($this->path)) {
            throw UnusableFile::nothingYet($this->path);
        }
        if (file_exists($to)) {
            throw UnusableFile::exists($to);
        }
        if (! is_dir(dirname($to)) || ! is_writable(dirname($to))) {
            throw UnusableFile::noPlace($to);
        }
        $this->open()->prepare('VACUUM INTO ?')->execute([$to]);
    }

    /**
     * Puts a backup in the place of what is there, in one step for whoever is reading. An older backup is brought up to
     * date first. What was there is kept beside it.
     *
     * @return string|null the file that holds what was there before
     *
     * @throws UnusableFile and nothing is changed
     */
    public function restore(string $from): ?string
    {
        if (! is_file($from) || ! is_readable($from)) {
            throw UnusableFile::unreadable($from);
        }
        $copy = $this->beside('restoring');
        $copy->drop();
        copy($from, $copy->path);
        try {
            $copy->check($from);
            $copy->migrate(false);
            $kept = is_file($this->path) ? $this->beside('before-restore-'.date('Ymd-His'))->path : null;
            if ($kept !== null) {
                $this->backup($kept);
            }
            $copy->pourInto($this->path);

            return $kept;
        } finally {
            $copy->drop();
        }
    }

    /** @throws UnusableFile naming the file that it was copied from */
    private function check(string $from): void
    {
        if (file_get_contents($this->path, length: 16) !== "SQLite format 3\0") {
            throw UnusableFile::foreign($from);
        }
        try {
            $sound = $this->ask('PRAGMA integrity_check') === ['ok'] && $this->ask('PRAGMA foreign_key_check') === [];
            $application = (int) $this->ask('PRAGMA application_id')[0];
            $has = $this->applied();
        } catch (PDOException) {
            $sound = false;
            [$application, $has] = [self::APPLICATION, [self::FIRST_MIGRATION]];
        }
        if (! $sound) {
            throw UnusableFile::damaged($from);
        }
        if (! in_array($application, [0, self::APPLICATION], true) || ! in_array(self::FIRST_MIGRATION, $has, true)) {
            throw UnusableFile::foreign($from);
        }
        if (array_diff($has, $this->known()) !== []) {
            throw UnusableFile::newer($from);
        }
    }

    private function behind(): bool
    {
        return array_diff($this->known(), $this->applied()) !== [];
    }

    /** @return list<string> */
    private function known(): array
    {
        $files = glob(database_path('migrations/*.php'));

        return $files === false ? [] : array_map(static fn (string $file): string => basename($file, '.php'), $files);
    }

    /** @return list<string> */
    private function applied(): array
    {
        $exists = $this->ask("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'migrations'") !== [];

        return $exists ? $this->ask('SELECT migration FROM migrations') : [];
    }

    /** @return list<string> the first column of what answers */
    private function ask(string $sql): array
    {
        $statement = $this->open()->query($sql);

        return $statement === false ? [] : array_map(strval(...), array_values($statement->fetchAll(PDO::FETCH_COLUMN)));
    }

    private function migrate(bool $seed): void
    {
        $was = config('database.connections.sqlite.database');
        config(['database.connections.sqlite.database' => $this->path]);
        DB::purge('sqlite');
        try {
            app(Kernel::class)->call('migrate', ['--force' => true, '--seed' => $seed]);
            // Everything into the one file, so that it can be moved.
            DB::connection('sqlite')->getPdo()->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        } finally {
            config(['database.connections.sqlite.database' => $was]);
            DB::purge('sqlite');
        }
    }

    private function pourInto(string $path): void
    {
        $from = new SQLite3($this->path);
        $to = new SQLite3($path);
        $to->busyTimeout(self::PATIENCE_MS);
        try {
            if (! $from->backup($to)) {
                throw new RuntimeException('The database stayed busy: '.$to->lastErrorMsg());
            }
        } finally {
            $from->close();
            $to->close();
        }
    }

    private function open(): PDO
    {
        $database = new PDO('sqlite:'.$this->path, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $database->exec('PRAGMA busy_timeout = '.self::PATIENCE_MS);

        return $database;
    }

    private function beside(string $word): self
    {
        return new self(preg_replace('~\.sqlite$~', '', $this->path).".{$word}.sqlite");
    }

    private function drop(): void
    {
        foreach (['', '-wal', '-shm', '-journal'] as $ending) {
            if (is_file($this->path.$ending)) {
                unlink($this->path.$ending);
            }
        }
    }
}
