<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;
use Throwable;

/** A file that can't be backed up to or restored from. */
final class UnusableFile extends RuntimeException
{
    public static function exists(string $file): self
    {
        return new self("“{$file}” exists already. Allowed: a name that is free; a backup is never written over another file.");
    }

    public static function noPlace(string $file): self
    {
        return new self("“{$file}” can't be written. Allowed: a file in a folder that exists and may be written to.");
    }

    public static function unreadable(string $file): self
    {
        return new self("No file “{$file}” that can be read. Allowed: a file made by bin/ondergrond backup.");
    }

    public static function foreign(string $file): self
    {
        return new self("“{$file}” is no backup of Ondergrond. Allowed: a file made by bin/ondergrond backup.");
    }

    public static function damaged(string $file, string $how = ''): self
    {
        $how = $how === '' ? '' : " ({$how})";

        return new self("“{$file}” is damaged or cut short{$how}. Allowed: a whole file, as bin/ondergrond backup made it.");
    }

    public static function unwritten(string $file, Throwable $why): self
    {
        $says = Trouble::of($why)->value ?? $why->getMessage();

        return new self("“{$file}” was not written: {$says}. Nothing is left of it.", previous: $why);
    }

    public static function busy(string $file): self
    {
        return new self("“{$file}” is being backed up, restored or brought up to date by another command. Try again when that is done.");
    }

    public static function newer(string $file): self
    {
        return new self("“{$file}” was made by a later version of Ondergrond. Allowed: a backup of this version or an earlier one.");
    }

    public static function nothingYet(string $file): self
    {
        return new self("There is no database at “{$file}” yet: nothing to back up.");
    }
}
