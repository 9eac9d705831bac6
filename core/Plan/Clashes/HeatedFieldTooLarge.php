<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Panel;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A heated panel larger than a heated floor may be without a joint. */
final class HeatedFieldTooLarge implements Clash
{
    /** m². */
    private const AREA = 40.0;

    /** m. */
    private const LONG = 8.0;

    public static function finds(): string
    {
        return 'A heated panel larger than a heated floor may be without a joint.';
    }

    public static function reason(): string
    {
        return 'A floor that is heated grows and shrinks more than another.';
    }

    public static function source(): string
    {
        return 'EN 1264-4, from memory: 40 m² and 8 m';
    }

    public static function in(Around $in): iterable
    {
        $zones = $in->all(HeatedZone::class);
        $isBad = static fn (Panel $p): bool => ($p->area > self::AREA + 0.01 || $p->long > self::LONG + 0.01)
            && array_filter($zones, static fn (HeatedZone $z): bool => $p->holds($z->at->x, $z->at->y)) !== [];
        $bad = array_values(array_filter($in->panels->all ?? [], $isBad));
        if ($bad !== []) {
            yield 'plan' => new Found(Severity::Note, Said::of(
                'Heated panels that are larger than %s or longer than %s: '.Panel::list($bad, '%s'), Measure::of(
                    self::AREA, Quantity::Area,
                ),
                Measure::of(self::LONG, Quantity::Length),
                ...array_map(static fn (Panel $p): Measure => Measure::of($p->area, Quantity::Area), $bad),
            ), $in->panels?->parted($in, $isBad, static function (Panel $p): array {
                $across = (int) ceil(round($p->short / self::LONG, 6));

                return [max((int) ceil(round($p->long / self::LONG, 6)), (int) ceil(round($p->area / self::AREA / $across, 6))), $across];
            }));
        }
    }
}
