<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Design\Design;
use Ondergrond\Design\Support;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Kinds\GasPipe;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HoldDown;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Recess;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Level;
use Ondergrond\Section\Levels;

/** Every height that is levelled of a plan and the design on it: the section's from the top down, pads, then what is set. */
final class Targets
{
    /** An item is levelled no coarser than that, m; common practice, no source. */
    private const COARSEST = 0.010;

    /** What has a height of its own; the others lie in the face of something that is levelled. */
    private const LEVELLED = [
        Sleeve::class, Conduit::class, GasPipe::class, Toilet::class, Gully::class, DrainRun::class,
        Sump::class, Recess::class, Fall::class,
        BearingStrip::class, HoldDown::class, Post::class, WingCorner::class,
    ];

    /** @return array<string, Target> by id */
    public static function of(Plan $plan, Design $design, Items $layout): array
    {
        $found = array_map(static fn (Level $level): Target => new Target(
            "level:{$level->slug}", $level->name, $plan->level($level->height), $level->low, $level->high, $level->note,
        ), Levels::of($design));
        $items = $plan->items->and($layout);
        array_push($found, ...self::pads($plan, $design, $items));
        foreach ($items->all as $id => $item) {
            foreach (in_array($item::class, self::LEVELLED, true) ? $item->spots() : [] as $i => $spot) {
                $off = min(self::COARSEST, $item->tolerance());
                $found[] = new Target(
                    $i === 0 ? $id : $id.':'.($i + 1), $item->at()->name.($spot->end === '' ? '' : ', '.$spot->end),
                    $plan->level($spot->level), -$off, $off, $item::label(),
                );
            }
        }

        return array_column($found, null, 'id');
    }

    /** @return list<Target> top and foot of each pad: by the posts that stand on them, or by their kind where none is on the plan */
    private static function pads(Plan $plan, Design $design, Items $items): array
    {
        $under = $design->slab->underside();
        $found = [];
        $add = static function (string $id, string $name, float $top, float $height) use (&$found, $plan, $design): void {
            $found[] = new Target("pad:{$id}", "{$name}, top", $plan->level($top), ...Levels::off('footing_top', $design));
            $found[] = new Target("pad:{$id}:foot", "{$name}, foot", $plan->level($top - $height), ...Levels::off('foot', $design));
        };
        if ($design->pads->present()) {
            $add('pads', 'Pads under posts', -$design->pads->depthBelowGrade + $design->pads->height, $design->pads->height);
        }
        foreach ($items->of(Pad::class) as $id => $pad) {
            $add($id, $pad->at->name, $pad->at->level, $pad->height);
        }
        foreach (array_filter(
            $design->supports->kinds(), static fn (Support $s): bool => $s->foot() === SupportFoot::OwnPad,
        ) as $name => $kind) {
            $there = array_filter(
                $items->all, static fn (Item $i): bool => ($i instanceof Post || $i instanceof BearingStrip) && $i->of === $name,
            );
            foreach ($there as $id => $item) {
                $add($id, "Pad of {$item->at()->name}", $under, $kind->height());
            }
            if ($there === []) {
                $add($name, 'Pad of '.lcfirst(Supports::label($name)), $under, $kind->height());
            }
        }

        return $found;
    }
}
