<?php

declare(strict_types=1);

namespace App\Console\Artisan;

use App\Jobs\RunStudy;
use App\Models\Study;
use App\Models\StudyProgress;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Puts back into the queue what was being worked out when the server was last ended. For bin/serve, before its worker starts. */
final class ResumeStudiesCommand extends Command
{
    protected $signature = 'ondergrond:resume-studies';

    protected $description = 'Puts studies that were cut off back into the queue';

    public function handle(): int
    {
        // The workers are not running yet: all jobs are of the time before.
        DB::table('jobs')->delete();
        Study::query()->where('state', StudyProgress::Running)->update(['state' => StudyProgress::Queued]);
        foreach (Study::query()->where('state', StudyProgress::Queued)->orderBy('id')->get() as $study) {
            RunStudy::dispatch($study->id)->onQueue($study->kind->queue());
        }

        return self::SUCCESS;
    }
}
