<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/** What leaves the program has a ULID; its number never leaves. */
trait Named
{
    protected static function bootNamed(): void
    {
        self::creating(static function (self $named): void {
            if (($named->getAttributes()['ulid'] ?? '') === '') {
                $named->ulid = (string) Str::ulid();
            }
        });
    }
}
