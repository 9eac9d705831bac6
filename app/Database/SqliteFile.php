<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;
use RuntimeException;
use SQLite3;

/** A file of SQLite, whatever is in it. */
final readonly class SqliteFile
{
    private const PATIENCE_MS = 10_000;

    public function __construct(public string $path) {}

    /** What the names of all that lies beside it begin with. */
    public function stem(): string
    {
        return (string) preg_replace('~\.sqlite$~', '', $this->path);
    }

    public static function isOne(string $path): bool
    {
        return @file_get_contents($path, length: 16) === "SQLite format 3\0";
    }

    /** Whether SQLite finds nothing wrong with it. */
    public function isSound(): bool
    {
        try {
            return $this->ask('PRAGMA integrity_check') === ['ok'] && $this->ask('PRAGMA foreign_key_check') === [];
        } catch (PDOException) {
            return false;
        }
    }

    /** @return list<string> the first column of what answers */
    public function ask(string $sql): array
    {
        $statement = $this->open()->query($sql);

        return $statement === false ? [] : array_map(strval(...), array_values($statement->fetchAll(PDO::FETCH_COLUMN)));
    }

    public static function value(PDO $open, string $sql): mixed
    {
        $statement = $open->query($sql);

        return $statement === false ? null : $statement->fetchColumn();
    }

    /** @return list<string> the migrations that made it what it is */
    public function applied(): array
    {
        $exists = $this->ask("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'migrations'") !== [];

        return $exists ? $this->ask('SELECT migration FROM migrations ORDER BY migration') : [];
    }

    /** @return list<string> each table with its columns, each index, each trigger; SQLite's own left out */
    public function schema(): array
    {
        return $this->ask(
            "SELECT m.type || ' ' || m.name || coalesce(' (' || (SELECT group_concat(name, ', ') FROM "
                ."(SELECT name FROM pragma_table_info(m.name) ORDER BY name)) || ')', '') AS what
                FROM sqlite_master m WHERE m.name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY what",
        );
    }

    /** @return array<string, int> how many rows each table has */
    public function rows(): array
    {
        $tables = $this->ask("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY name");

        return array_combine($tables, array_map(
            fn (string $table): int => (int) $this->ask('SELECT count(*) FROM "'.str_replace('"', '""', $table).'"')[0],
            $tables,
        ));
    }

    /** A whole copy as of one moment, whoever is saving meanwhile. */
    public function snapshot(string $to): void
    {
        $this->open()->prepare('VACUUM INTO ?')->execute([$to]);
    }

    /**
     * In the place of what is in another, in one step for whoever has that open.
     *
     * @throws RuntimeException where the other stays busy, or the disk is full: then the other is as it was
     */
    public function pourInto(string $path): void
    {
        $from = new SQLite3($this->path, SQLITE3_OPEN_READONLY);
        $to = new SQLite3($path);
        $to->busyTimeout(self::PATIENCE_MS);
        try {
            if (! $from->backup($to)) {
                throw new RuntimeException('The database could not be put in place: '.$to->lastErrorMsg());
            }
        } finally {
            $from->close();
            $to->close();
        }
    }

    public function open(): PDO
    {
        $database = new PDO('sqlite:'.$this->path, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $database->exec('PRAGMA busy_timeout = '.self::PATIENCE_MS);

        return $database;
    }

    public function drop(): void
    {
        foreach (['', '-wal', '-shm', '-journal'] as $ending) {
            if (is_file($this->path.$ending)) {
                unlink($this->path.$ending);
            }
        }
    }
}
