<?php

declare(strict_types=1);

namespace App\Console\Artisan;

use App\Database\DatabaseFile;
use App\Database\PassingFile;
use Illuminate\Console\Command;

/** The database is there and up to date, in the demo with its people and projects; so is what passes. For tests and tools. */
final class PrepareDatabaseCommand extends Command
{
    protected $signature = 'ondergrond:prepare-database';

    protected $description = 'Makes the database, or brings it up to date';

    public function handle(): int
    {
        PassingFile::current()->prepare();
        DatabaseFile::current()->prepare(config('ondergrond.demo') === true);

        return self::SUCCESS;
    }
}
