<?php

declare(strict_types=1);

namespace Ondergrond\Project;

/** Names of what leaves the program: 26 letters of Crockford's alphabet that no other thing has. */
final class Ulid
{
    public const PATTERN = '~^[0-7][0-9A-HJKMNP-TV-Z]{25}$~';

    private const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    public static function isOne(string $text): bool
    {
        return preg_match(self::PATTERN, $text) === 1;
    }

    /** Always the same for the same words: for what has to have a name and was given none. */
    public static function from(string ...$words): string
    {
        $hash = hash('sha256', implode("\0", $words), true);
        $ulid = '';
        for ($i = 0; $i < 26; $i++) {
            $ulid .= self::LETTERS[ord($hash[$i]) % ($i === 0 ? 8 : 32)];
        }

        return $ulid;
    }
}
