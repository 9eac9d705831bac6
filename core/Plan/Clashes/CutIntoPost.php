<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A control joint that leads through the plate of a post. */
final class CutIntoPost implements Clash
{
    public static function finds(): string
    {
        return 'A control joint that leads through the plate of a post.';
    }

    public static function reason(): string
    {
        return 'A joint under a post’s plate parts what carries it: joints lead round posts, or past them.';
    }

    public static function source(): string
    {
        return 'ACI 302.1R, from memory: columns stand in isolation joints of their own';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(ControlJoint::class) as $id => $joint) {
            foreach ($in->all(Post::class) as $post) {
                $off = Lines::away([$post->at->x, $post->at->y], [$joint->at->x, $joint->at->y], [$joint->toX, $joint->toY]);
                if ($off < $post->width / 2 - 1e-6) {
                    yield "item:{$id}" => new Found(Severity::Note, Said::of(
                        'leads through the plate of '.$in->name($post).': isolate the post, or lead the joint past it',
                    ));
                }
            }
        }
    }
}
