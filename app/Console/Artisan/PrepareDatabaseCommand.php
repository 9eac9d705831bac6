<?php

declare(strict_types=1);

namespace App\Console\Artisan;

use App\Database\DatabaseFile;
use Illuminate\Console\Command;

/** For bin/setup: the database is there and up to date, in the demo with its people and projects. */
final class PrepareDatabaseCommand extends Command
{
    protected $signature = 'ondergrond:prepare-database';

    protected $description = 'Makes the database, or brings it up to date';

    public function handle(): int
    {
        DatabaseFile::current()->prepare(config('ondergrond.demo') === true);

        return self::SUCCESS;
    }
}
