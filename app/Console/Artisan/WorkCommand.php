<?php

declare(strict_types=1);

namespace App\Console\Artisan;

use App\Later\CutOff;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** The one worker of these queues: takes up what the one before it had in hand when it ended, then whatever comes. */
final class WorkCommand extends Command
{
    protected $signature = 'ondergrond:work {queues : with commas}';

    protected $description = 'Works off queues until it is ended';

    /** A worker has time to wait for a save, ms. */
    private const PATIENCE = 60_000;

    public function handle(): int
    {
        $queues = $this->argument('queues');
        foreach (['sqlite', 'passing'] as $connection) {
            config(["database.connections.{$connection}.busy_timeout" => self::PATIENCE]);
            DB::purge($connection);
        }
        CutOff::release(explode(',', $queues));

        return $this->call('queue:work', [
            '--queue' => $queues, '--quiet' => true, '--sleep' => '0.5', '--tries' => '1', '--timeout' => '1800', '--memory' => '512',
            '--max-time' => '3600',
        ]);
    }
}
