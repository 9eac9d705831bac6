<?php

declare(strict_types=1);

namespace App\Database;

use Ondergrond\Site\TimeZones;

/** The time zone that this machine is set to: what a new site starts with. */
final class ServerZone
{
    public static function name(): string
    {
        $linked = @readlink('/etc/localtime');
        $named = [
            trim((string) @file_get_contents('/etc/timezone')),
            is_string($linked) ? (string) preg_replace('~^.*/zoneinfo/~', '', $linked) : '',
            ini_get('date.timezone'),
        ];
        foreach ($named as $zone) {
            if (TimeZones::isOne($zone)) {
                return $zone;
            }
        }

        return TimeZones::DEFAULT;
    }
}
