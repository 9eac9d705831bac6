<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * The framework's, for a disk that fills up within a transaction: SQLite takes the transaction back by itself then, and taking it back
 * once more would fail in the place of what went wrong.
 */
final class Connection extends SQLiteConnection
{
    /** @param  int  $toLevel */
    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (PDOException $e) {
            if (preg_match('~no transaction is active|no such savepoint~', $e->getMessage()) !== 1) {
                throw $e;
            }
            // PDO takes it for open still: the next question opens the file anew.
            $this->disconnect();
        }
    }
}
