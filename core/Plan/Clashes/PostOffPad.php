<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Design\SupportFoot;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A post that does not stand on the middle of its pad. */
final class PostOffPad implements Clash
{
    public static function finds(): string
    {
        return 'A post that does not stand on the middle of its pad.';
    }

    public static function reason(): string
    {
        return 'A load beside the middle tips the pad: within a sixth of its width the whole pad still carries.';
    }

    public static function source(): string
    {
        return 'middle third of a footing, textbook of foundations';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Pad::class) === [] ? [] : $in->all(Post::class) as $id => $post) {
            $near = null;
            $least = INF;
            foreach ($in->all(Pad::class) as $pad) {
                $off = max(abs($pad->at->x - $post->at->x), abs($pad->at->y - $post->at->y));
                if ($off < $least) {
                    [$near, $least] = [$pad, $off];
                }
            }
            $isOwn = ($in->design->supports->kinds()[$post->of] ?? null)?->foot() === SupportFoot::OwnPad;
            if ($near === null || (! $isOwn && $least > $near->width / 2 + $post->width / 2) || $least <= $near->width / 6 + 1e-6) {
                continue;
            }
            $padId = (string) array_search($near, $in->all(Pad::class), true);
            yield "item:{$id}" => new Found($least + $post->width / 2 > $near->width / 2 + 1e-6 ? Severity::Stop : Severity::Fix, Said::of(
                'stands %s off the middle of '.$in->name($near).', which is %s wide', Measure::size($least), Measure::size($near->width),
            ), new Mend(Said::of('Move the pad under it'), [
                $padId => $near->but(at: $near->at->but(x: $post->at->x, y: $post->at->y)),
            ]));
        }
    }
}
