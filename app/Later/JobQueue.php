<?php

declare(strict_types=1);

namespace App\Later;

use Closure;
use Illuminate\Queue\DatabaseQueue;

/**
 * The framework's queue in the database, whose transactions begin by writing (decision 5): one that reads first and writes later is
 * refused by SQLite at once where somebody else has written between, however long it would have waited.
 */
final class JobQueue extends DatabaseQueue
{
    /** @param  string|null  $queue */
    public function pop($queue = null)
    {
        // Looking takes no lock, and most looks find nothing.
        $waiting = $this->database->table($this->table)->where('queue', $this->getQueue($queue))->whereNull('reserved_at')->exists();

        return $waiting ? $this->writing(fn () => parent::pop($queue)) : null;
    }

    /**
     * @param  string  $queue
     * @param  string  $id
     */
    public function deleteReserved($queue, $id): void
    {
        $this->writing(fn () => parent::deleteReserved($queue, $id));
    }

    public function deleteAndRelease($queue, $job, $delay): void
    {
        $this->writing(fn () => parent::deleteAndRelease($queue, $job, $delay));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    private function writing(Closure $do): mixed
    {
        return $this->database->transaction(function () use ($do): mixed {
            $this->database->table($this->table)->where('id', 0)->update(['attempts' => 0]);

            return $do();
        });
    }
}
