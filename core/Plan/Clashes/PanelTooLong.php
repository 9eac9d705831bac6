<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Panel;
use Ondergrond\Plan\Panels;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A panel between joints that is longer than its slab is thick enough for. */
final class PanelTooLong implements Clash
{
    public static function finds(): string
    {
        return 'A panel between joints that is longer than its slab is thick enough for.';
    }

    public static function reason(): string
    {
        return 'A slab shrinks: a long panel cracks by itself, where it likes.';
    }

    public static function source(): string
    {
        return 'ACI 302.1R and 360R, from memory: 24 to 36 times the thickness; common practice: 4.5 m at most';
    }

    public static function in(Around $in): iterable
    {
        if ($in->design->slab->present() && $in->panels === null) {
            yield 'plan' => new Found(Severity::NotChecked, Said::of(
                'walls or joints stand otherwise than square: the panels between joints are not judged',
            ));
        }
        $thick = $in->design->slab->layer->thickness;
        $limit = Panels::longest($thick);
        $isBad = static fn (Panel $p): bool => $p->long > $limit + 0.05;
        $bad = array_values(array_filter($in->panels->all ?? [], $isBad));
        if ($bad !== []) {
            yield 'plan' => new Found(Severity::Note, Said::of(
                'A slab of %s goes %s between joints; longer: '.Panel::list($bad, '%s'), Measure::size($thick), Measure::of(
                    $limit, Quantity::Length,
                ),
                ...array_map(static fn (Panel $p): Measure => Measure::of($p->long, Quantity::Length), $bad),
            ), $in->panels?->parted($in, $isBad, static fn (Panel $p): array => [
                (int) ceil(round($p->long / $limit, 6)), (int) ceil(round($p->short / $limit, 6)),
            ]));
        }
    }
}
