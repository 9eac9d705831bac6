<?php

declare(strict_types=1);

namespace App\Casts;

/** A kept state as text that takes a fifth of the room: its JSON deflated, in letters that any tool can carry. */
final class KeptState
{
    /** No JSON begins so. */
    private const MARK = 'z:';

    public static function packed(string $json): string
    {
        return str_starts_with($json, self::MARK) ? $json : self::MARK.base64_encode((string) gzdeflate($json, 6));
    }

    public static function unpacked(string $kept): string
    {
        return str_starts_with($kept, self::MARK) ? (string) gzinflate(
            (string) base64_decode(substr($kept, strlen(self::MARK)), true),
        ) : $kept;
    }
}
