<?php

declare(strict_types=1);

namespace App\Later;

use App\Jobs\MakePack;
use App\Jobs\RunStudy;
use App\Models\HandedPack;
use App\Models\Study;
use App\Models\StudyProgress;
use Illuminate\Support\Facades\DB;

/** What a sudden end has left of the queue, and the way on from there. */
final class CutOff
{
    /** All jobs are forgotten, and what people are waiting for is asked for again. Only while no worker runs, or for another database. */
    public static function resume(): void
    {
        DB::connection('passing')->table('jobs')->delete();
        Study::query()->where('state', StudyProgress::Running)->update(['state' => StudyProgress::Queued]);
        foreach (Study::query()->where('state', StudyProgress::Queued)->orderBy('id')->get() as $study) {
            RunStudy::dispatch($study->id)->onQueue($study->kind->queue());
        }
        HandedPack::query()->whereNotIn('stage', ['waiting', 'done', 'failed'])->update(['stage' => 'waiting']);
        foreach (HandedPack::query()->where('stage', 'waiting')->orderBy('id')->get(HandedPack::ROW) as $pack) {
            MakePack::dispatch($pack->ulid);
        }
    }

    /**
     * What the last worker of these queues had in hand when it ended is free again.
     *
     * @param  list<string>  $queues
     */
    public static function release(array $queues): void
    {
        DB::connection('passing')->table('jobs')->whereIn('queue', $queues)->whereNotNull('reserved_at')->update(['reserved_at' => null]);
    }
}
