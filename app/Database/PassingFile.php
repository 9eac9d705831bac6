<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;
use PDOException;

/** What does not last, in a file of its own beside the other: the queue's jobs, and who is signed in. It can be thrown away. */
final readonly class PassingFile
{
    /** Raised where its tables change: an older file is thrown away. */
    private const SHAPE = 2;

    private const TABLES = <<<'SQL'
        CREATE TABLE jobs (
            id INTEGER PRIMARY KEY AUTOINCREMENT, queue VARCHAR NOT NULL, payload TEXT NOT NULL, attempts INTEGER NOT NULL,
            reserved_at INTEGER, available_at INTEGER NOT NULL, created_at INTEGER NOT NULL
        );
        CREATE INDEX jobs_by_queue ON jobs (queue, reserved_at);
        CREATE TABLE sittings (
            id VARCHAR PRIMARY KEY, user_id INTEGER, ip_address VARCHAR(45), user_agent TEXT, payload TEXT NOT NULL,
            last_activity INTEGER NOT NULL, began INTEGER NOT NULL DEFAULT 0, stays INTEGER NOT NULL DEFAULT 0
        );
        CREATE INDEX sittings_by_person ON sittings (user_id);
        CREATE INDEX sittings_by_age ON sittings (last_activity)
        SQL;

    private function __construct(private SqliteFile $sqlite) {}

    public static function current(): self
    {
        return new self(new SqliteFile((string) config('database.connections.passing.database')));
    }

    /** Makes it where there is none that can be used. */
    public function prepare(): void
    {
        try {
            if (is_file($this->sqlite->path) && $this->sqlite->ask('PRAGMA user_version') === [(string) self::SHAPE]
                && $this->sqlite->isSound()) {
                return;
            }
        } catch (PDOException) {
            // Thrown away like an older one.
        }
        DB::purge('passing');
        $this->sqlite->drop();
        touch($this->sqlite->path);
        DB::connection('passing')->getPdo()->exec(
            'BEGIN IMMEDIATE; '.self::TABLES.'; PRAGMA user_version = '.self::SHAPE.'; COMMIT',
        );
    }

    /** For another database in the old one's place: its numbers are other people and other studies. */
    public function clear(): void
    {
        $this->prepare();
        foreach (['sittings', 'jobs'] as $table) {
            DB::connection('passing')->table($table)->delete();
        }
    }
}
