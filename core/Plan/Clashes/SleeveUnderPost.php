<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A sleeve within the spread of a post’s load. */
final class SleeveUnderPost implements Clash
{
    public static function finds(): string
    {
        return 'A sleeve within the spread of a post’s load.';
    }

    public static function reason(): string
    {
        return 'A post spreads its load at 45° through the concrete: a hole there lets it punch through.';
    }

    public static function source(): string
    {
        return 'common practice, no source; 45°; else an engineer decides';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Sleeve::class) as $id => $sleeve) {
            $post = $sleeve->passes === Passes::Floor ? self::over($sleeve, $in) : null;
            if ($post !== null) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    'stands %s from '.$in->name($post).', whose load spreads %s out through the slab', Measure::size(
                        self::apart($sleeve, $post),
                    ),
                    Measure::size(self::reach($sleeve, $post, $in) - $sleeve->diameter / 2),
                ), self::aside($id, $sleeve, $post, $in));
            }
        }
    }

    private static function over(Sleeve $sleeve, Around $in): ?Post
    {
        foreach ($in->all(Post::class) as $post) {
            if (self::apart($sleeve, $post) < self::reach($sleeve, $post, $in) - 1e-6) {
                return $post;
            }
        }

        return null;
    }

    /** Of the middles, square to the plate. */
    private static function apart(Sleeve $sleeve, Post $post): float
    {
        return max(abs($sleeve->at->x - $post->at->x), abs($sleeve->at->y - $post->at->y));
    }

    private static function reach(Sleeve $sleeve, Post $post, Around $in): float
    {
        return $post->width / 2 + $in->section->slab - $in->section->under + $sleeve->diameter / 2;
    }

    /** The nearest place beside it that no post spreads to, in the building; null where there is none. */
    private static function aside(string $id, Sleeve $sleeve, Post $post, Around $in): ?Mend
    {
        $reach = self::reach($sleeve, $post, $in);
        $best = null;
        $least = INF;
        foreach ([[$reach, null], [-$reach, null], [null, $reach], [null, -$reach]] as [$x, $y]) {
            $moved = $sleeve->but(at: $sleeve->at->but(
                x: $x === null ? $sleeve->at->x : round(
                    $post->at->x + $x, 4,
                ), y: $y === null ? $sleeve->at->y : round($post->at->y + $y, 4),
            ));
            $by = hypot($moved->at->x - $sleeve->at->x, $moved->at->y - $sleeve->at->y);
            if ($by < $least && self::over($moved, $in) === null && $in->inFromEdge($moved->at->x, $moved->at->y) > $in->edgeWidth()) {
                [$best, $least] = [$moved, $by];
            }
        }

        return $best === null ? null : new Mend(Said::of('Move it %s away from the post', Measure::size($least)), [$id => $best]);
    }
}
