<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use Ondergrond\Site\TimeZones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A day is the day on site (offsets: IANA time zone database, as PHP ships it). */
final class TimeZonesTest extends TestCase
{
    #[TestWith(['2026-02-14T23:30', 'UTC', '2026-02-14'])]
    #[TestWith(['2026-02-14T23:30', 'Europe/Amsterdam', '2026-02-15'], 'an hour ahead')]
    #[TestWith(['2026-07-14T22:30', 'Europe/Amsterdam', '2026-07-15'], 'two in summer')]
    #[TestWith(['2026-02-14T22:30', 'Europe/Amsterdam', '2026-02-14'])]
    #[TestWith(['2026-02-14T04:30', 'America/New_York', '2026-02-13'], 'five behind')]
    #[TestWith(['2026-02-14T10:30', 'Pacific/Kiritimati', '2026-02-15'], 'fourteen ahead')]
    public function test_a_moment_falls_on_the_day_of_the_site(string $moment, string $zone, string $day): void
    {
        self::assertTrue(TimeZones::isOne($zone));
        self::assertSame($day, TimeZones::day(new DateTimeImmutable($moment, new DateTimeZone('UTC')), $zone));
    }

    public function test_only_zones_that_are_known_are_taken(): void
    {
        self::assertTrue(TimeZones::isOne(TimeZones::DEFAULT));
        self::assertFalse(TimeZones::isOne('Europe/Nowhere'));
        self::assertFalse(TimeZones::isOne('+02:00'), 'an offset knows no summer');
        self::assertArrayHasKey('Europe/Amsterdam', TimeZones::words());
    }
}
