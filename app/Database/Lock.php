<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Transactions that nobody can come between (decision 5). */
final class Lock
{
    /**
     * Writes to the row first, which takes the file's write lock, so that what is read next is what is changed. Eloquent's `touch`
     * would not do: it writes nothing to a row that was changed in the same second.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    public static function on(Model $row, Closure $do): mixed
    {
        return DB::transaction(static function () use ($row, $do): mixed {
            $row->newQueryWithoutScopes()->whereKey($row->getKey())->update(['updated_at' => now()]);

            return $do();
        });
    }
}
