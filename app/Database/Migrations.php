<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The versions of the database: which there are, what each comes to, and the way from one to the last. */
final class Migrations
{
    /** What every version has had. */
    public const FIRST = '2026_11_25_000000_create_projects_and_options';

    /** @return list<string> in their order */
    public static function known(): array
    {
        $files = glob(database_path('migrations/*.php'));

        return $files === false ? [] : array_map(static fn (string $file): string => basename($file, '.php'), $files);
    }

    /** Brings a file that nobody else has open up to date. */
    public static function update(string $file, bool $seed = false): void
    {
        self::run($file, ['--seed' => $seed]);
    }

    /**
     * What the tables of a version are: made anew beside the file, looked at and dropped.
     *
     * @param  list<string>  $applied
     * @return list<string> each table with its columns, index and trigger
     */
    public static function schema(array $applied, SqliteFile $scratch): array
    {
        $scratch->drop();
        try {
            touch($scratch->path);
            $paths = array_map(static fn (string $name): string => database_path("migrations/{$name}.php"), $applied);
            self::run($scratch->path, ['--path' => $paths, '--realpath' => true]);

            return $scratch->schema();
        } finally {
            $scratch->drop();
        }
    }

    /** @param  array<string, mixed>  $options */
    private static function run(string $file, array $options): void
    {
        $was = config('database.connections.sqlite.database');
        config(['database.connections.sqlite.database' => $file]);
        DB::purge('sqlite');
        try {
            if (app(Kernel::class)->call('migrate', ['--force' => true, ...$options]) !== 0) {
                throw new RuntimeException('The database could not be brought up to date.');
            }
            // Everything into the one file, so that it can be moved.
            DB::connection('sqlite')->getPdo()->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        } finally {
            config(['database.connections.sqlite.database' => $was]);
            DB::purge('sqlite');
        }
    }
}
