<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/**
 * What lies on the ground outside: the surface freezing factor n, the index of the surface over that of the air, for air below
 * 0 °C only (US Army TM 5-852-6, table of n-factors, from memory). Where the source has a range the upper end stands: paving
 * is asphalt's 0.90 to 0.95 (concrete 0.7 to 0.9), turf has 0.5 under snow alone.
 */
enum GroundCover: string implements Choice
{
    case Cleared = 'cleared';
    case Gravel = 'gravel';
    case Paved = 'paved';
    case Turf = 'turf';

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
        return match ($this) {
            self::Cleared => 1.0,
            self::Gravel => 0.9,
            self::Paved => 0.95,
            self::Turf => $snow ? 0.5 : 1.0,
        };
    }
}
