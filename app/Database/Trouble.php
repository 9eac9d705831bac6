<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;
use Throwable;

/** Why something could not be kept that nobody did wrong: what SQLite or the disk says, in a sentence for whoever runs it. */
enum Trouble: string
{
    case Full = 'the disk that Ondergrond saves on is full';
    case Barred = 'the place that Ondergrond saves in may not be written to';
    case Busy = 'others were saving all the while';

    /** @return self|null where it is something else */
    public static function of(Throwable $e): ?self
    {
        for ($at = $e; $at !== null; $at = $at->getPrevious()) {
            $says = $at->getMessage();
            $found = match (true) {
                $at instanceof PDOException => self::ofSqlite((int) ($at->errorInfo[1] ?? 0)),
                str_contains($says, 'No space left on device'), str_contains($says, 'Disk quota exceeded') => self::Full,
                str_contains($says, 'Read-only file system'), str_contains($says, 'Permission denied') => self::Barred,
                default => null,
            };
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    public function help(): string
    {
        return match ($this) {
            self::Full => 'Make room on the machine that Ondergrond runs on, then send it again.',
            self::Barred => 'Let whoever runs Ondergrond make its storage folder writable, then send it again.',
            self::Busy => 'Send it again.',
        };
    }

    public function status(): int
    {
        return $this === self::Busy ? 503 : 507;
    }

    /** By SQLite's result codes, of which the last byte counts: https://sqlite.org/rescode.html */
    private static function ofSqlite(int $code): ?self
    {
        return match ($code & 0xFF) {
            5, 6 => self::Busy,
            8, 14 => self::Barred,
            10, 13 => self::Full,
            default => null,
        };
    }
}
