<?php

declare(strict_types=1);

namespace Ondergrond\Units;

use DomainException;

/** What a person typed cannot be read as the value asked for. The message says what can. */
final class UnreadableQuantity extends DomainException
{
    public static function empty(string $example): self
    {
        return new self("Nothing is typed here. Write a number such as {$example}.");
    }

    public static function notANumber(string $text, string $example): self
    {
        return new self('“'.self::shortened($text)."” can't be read as a number. Write it like {$example}.");
    }

    public static function twoReadings(string $text, string $one, string $other): self
    {
        return new self('“'.self::shortened($text)."” can be read two ways. Write {$one} or {$other}.");
    }

    /** @param  list<string>  $allowed */
    public static function wrongUnit(string $unit, array $allowed): self
    {
        return new self('“'.self::shortened($unit).'” is no unit for this. Allowed: '.implode(', ', $allowed).'.');
    }

    public static function notLumber(string $text, string $sold): self
    {
        return new self('“'.self::shortened($text)."” is no size that lumber is sold in. Write {$sold} and so on, or the depth itself.");
    }

    private static function shortened(string $text): string
    {
        return mb_strlen($text) > 24 ? mb_substr($text, 0, 23).'…' : $text;
    }
}
