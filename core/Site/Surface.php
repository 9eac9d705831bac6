<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/**
 * What lies on the ground outside: the surface freezing factor n, the index of the surface over that of the air, for air below
 * 0 °C only (US Army TM 5-852-6, table of n-factors, from memory; cleared ground on the safe side).
 */
enum Surface: string
{
    case Cleared = 'cleared';
    case Gravel = 'gravel';
    case Paved = 'paved';
    case Turf = 'turf';

    /** Under snow that lasts all winter, whatever lies below; common practice, no source. */
    private const SNOW = 0.5;

    public function label(): string
    {
        return match ($this) {
            self::Cleared => 'bare, kept clear',
            self::Gravel => 'gravel',
            self::Paved => 'paved',
            self::Turf => 'turf',
        };
    }

    /** @param  bool  $snow  whether snow lies on it all winter */
    public function freezingFactor(bool $snow): float
    {
        $n = match ($this) {
            self::Cleared => 1.0,
            self::Gravel => 0.9,
            self::Paved => 0.7,
            self::Turf => 0.5,
        };

        return $snow ? min($n, self::SNOW) : $n;
    }
}
