<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** Letters that cannot be seen and do something: they have no place in names, on drawings or on a terminal. */
final class Letters
{
    /** Control characters but tab and line feed, and marks that turn the direction of reading (Unicode, annex 9). */
    private const CONTROL = '~(?![\t\n])\p{Cc}|[\x{061C}\x{200E}\x{200F}\x{202A}-\x{202E}\x{2066}-\x{2069}\x{FFFE}\x{FFFF}]~u';

    /** What somebody can read. */
    private const SEEN = '~[\p{L}\p{N}\p{P}\p{S}]~u';

    /** @return string|null why it is no name; null where it is one */
    public static function notAName(string $text): ?string
    {
        return match (true) {
            ! mb_check_encoding($text, 'UTF-8') => 'It holds bytes that are no letters.',
            preg_match('~[\t\n]~', $text) === 1,
            preg_match(self::CONTROL, $text) === 1 => 'It holds a letter that cannot be seen, “'.self::named($text)
            .'”: a control character or a mark that turns the direction of reading.',
            preg_match(self::SEEN, $text) !== 1 => 'There is nothing to read in it.',
            default => null,
        };
    }

    /** For drawings and pages of paper: without them. */
    public static function plain(string $text): string
    {
        return (string) preg_replace(self::CONTROL, '', mb_scrub($text));
    }

    /** For a terminal, which would obey them: by their numbers. */
    public static function escaped(string $text): string
    {
        return (string) preg_replace_callback(self::CONTROL, static fn (array $m): string => self::number($m[0]), mb_scrub($text));
    }

    private static function named(string $text): string
    {
        preg_match('~[\t\n]|'.substr(self::CONTROL, 1, -2).'~u', $text, $found);

        return self::number($found[0] ?? '');
    }

    private static function number(string $letter): string
    {
        return sprintf('U+%04X', mb_ord($letter));
    }
}
