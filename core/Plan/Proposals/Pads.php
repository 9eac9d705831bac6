<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Proposals;

use Ondergrond\Design\SupportFoot;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Proposal;

/** A pad under each post that stands on one of its own, by its load. */
final class Pads implements Proposal
{
    /** What the ground carries that nobody has looked at, kPa (IRC table R401.4.1, from memory: 1,500 psf, clay). */
    private const CARRIES = 71.8;

    /** kN/m³. */
    private const CONCRETE = 24.0;

    /** m. */
    private const STEP = 0.05;

    private const LEAST = 0.2;

    public static function label(): string
    {
        return 'Pads under posts';
    }

    public static function rule(): string
    {
        return 'Under each post whose kind stands on its own pad: as wide as its load with the pad asks of 72 kPa (1,500 psf: IRC table R401.4.1, '
            .'from memory, the weakest ground it lists), as high as the 45° from the plate to its edge. A first size: an engineer sets it.';
    }

    public static function of(Around $in): array
    {
        $found = [];
        foreach ($in->all(Post::class) as $post) {
            $kind = $in->design->supports->kinds()[$post->of] ?? null;
            $own = $post->permanent + $post->live;
            $load = $own > 0.0 ? $own : ($kind === null ? 0.0 : $kind->permanent + $kind->live);
            if ($kind === null || $kind->foot() !== SupportFoot::OwnPad || $load <= 0.0
                || $in->nearest([Pad::class], $post->at->x, $post->at->y) < 0.5) {
                continue;
            }
            $width = self::LEAST;
            do {
                $width = round($width + self::STEP, 4);
                $height = max(self::LEAST, ceil(round(($width - $post->width) / 2 / self::STEP, 6)) * self::STEP);
            } while ($load / $width ** 2 + self::CONCRETE * $height > self::CARRIES && $width < 10.0);
            $found[] = new Pad(
                Pad::usual()->put(mb_substr("Pad of {$post->at->name}", 0, 60), $post->at->x, $post->at->y, round($in->section->under, 4)),
                $width, round($height, 4),
            );
        }

        return $found;
    }
}
