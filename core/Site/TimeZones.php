<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Ondergrond\Size\Choices;

/** Time zones as the IANA names them: moments are kept in UTC, which day that is, the site's zone says. */
final class TimeZones implements Choices
{
    public const DEFAULT = 'UTC';

    public static function words(): array
    {
        $all = DateTimeZone::listIdentifiers();

        return array_combine($all, array_map(static fn (string $z): string => str_replace('_', ' ', $z), $all));
    }

    public static function isOne(string $zone): bool
    {
        return in_array($zone, DateTimeZone::listIdentifiers(), true);
    }

    /** The day that a moment falls on there, as 2026-02-14. */
    public static function day(DateTimeInterface $moment, string $zone): string
    {
        return DateTimeImmutable::createFromInterface($moment)->setTimezone(new DateTimeZone($zone))->format('Y-m-d');
    }
}
