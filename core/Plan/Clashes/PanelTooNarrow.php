<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Panel;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A panel between joints that is much longer than wide, or no rectangle. */
final class PanelTooNarrow implements Clash
{
    private const RATIO = 1.5;

    public static function finds(): string
    {
        return 'A panel between joints that is much longer than wide, or no rectangle.';
    }

    public static function reason(): string
    {
        return 'A narrow panel cracks across its middle; one that is no rectangle cracks from its inner corner.';
    }

    public static function source(): string
    {
        return 'ACI 302.1R and 360R, from memory: 1.5 to 1 at most';
    }

    public static function in(Around $in): iterable
    {
        $isBad = static fn (Panel $p): bool => $p->isWhole() && $p->long > self::RATIO * $p->short + 0.02;
        $bad = array_values(array_filter($in->panels->all ?? [], $isBad));
        if ($bad !== []) {
            $ratios = array_map(static fn (Panel $p): string => sprintf('%.1f to 1', $p->long / $p->short), $bad);
            yield 'plan' => new Found(
                Severity::Note, Said::of('More than 1.5 times as long as wide: '.Panel::list($bad, ...$ratios)),
                $in->panels?->parted(
                    $in, $isBad, static fn (Panel $p): array => [(int) ceil(round($p->long / self::RATIO / $p->short, 6)), 1],
                ),
            );
        }
    }
}
