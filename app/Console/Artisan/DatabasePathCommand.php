<?php

declare(strict_types=1);

namespace App\Console\Artisan;

use Illuminate\Console\Command;

/** Tells bin/setup where the database is, so that the path stands in one place. */
final class DatabasePathCommand extends Command
{
    protected $signature = 'ondergrond:database-path';

    protected $description = 'Prints the path of the database file';

    public function handle(): int
    {
        $this->line((string) config('database.connections.sqlite.database'));

        return self::SUCCESS;
    }
}
