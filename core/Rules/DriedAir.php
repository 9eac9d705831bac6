<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Damp\Surface;
use Ondergrond\Damp\Vapour;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** How dry a machine would have to keep the rooms so that no face grows mould: each humidity is judged on the faces as they are. */
final class DriedAir
{
    /** Relative humidities that machines are set to, as shares; common practice, no source. */
    private const SETTINGS = [0.65, 0.6, 0.55, 0.5, 0.45, 0.4];

    /** Null where the fields are not solved, a machine keeps the humidity already, or none of the settings is enough. */
    public static function answer(Subject $s): ?Answer
    {
        return self::first($s, self::isDry(...));
    }

    /** The same against water that stands on faces in a humid spell. */
    public static function againstSweat(Subject $s): ?Answer
    {
        return self::first($s, self::isFreeOfSweat(...));
    }

    /** @param  callable(Subject, list<Surface>, float): bool  $enough */
    private static function first(Subject $s, callable $enough): ?Answer
    {
        $surfaces = $s->damp()->surfaces;
        if ($surfaces === null || $s->site->damp->indoorRh !== null) {
            return null;
        }
        foreach (self::SETTINGS as $setting) {
            if (($s->site->damp->driedRh ?? 1.0) > $setting && $enough($s, $surfaces, $setting)) {
                return new Answer(
                    Said::of('Cool and dry the rooms to %s.', Measure::of($setting, Quantity::Share)), 'site.damp.dried_rh_share', $setting,
                );
            }
        }

        return null;
    }

    /** @param  list<Surface>  $surfaces */
    private static function isFreeOfSweat(Subject $s, array $surfaces, float $setting): bool
    {
        $air = $s->damp()->air;
        foreach ($surfaces as $surface) {
            foreach ($surface->muggy as $i => $over) {
                $dried = min($air->muggy[$i], Vapour::dewPoint($setting * Vapour::saturation($air->inside[$i])));
                if ($over - ($air->muggy[$i] - $dried) > 0.0) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  list<Surface>  $surfaces */
    private static function isDry(Subject $s, array $surfaces, float $setting): bool
    {
        $air = $s->damp()->air;
        foreach ($surfaces as $surface) {
            foreach ($surface->humidity as $i => $share) {
                // A face is as much drier as the air before it.
                $drier = min(1.0, $setting * Vapour::saturation($air->inside[$i]) / max(1e-9, $air->insidePressure[$i]));
                if ($share * $drier > Surface::LIMIT) {
                    return false;
                }
            }
        }

        return true;
    }
}
