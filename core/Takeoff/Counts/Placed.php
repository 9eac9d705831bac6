<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Design\HeatBy;
use Ondergrond\Design\Heating;
use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Plan\Passes;
use Ondergrond\Takeoff\Good;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\Pack;
use Ondergrond\Units\Unit as Measure;

/** Parts whose number follows from where things stand on the plan, and by rule where none does. */
final class Placed
{
    /** Of pipe from the manifold to a loop and back, m; common practice, no source. */
    private const FEED = 10.0;

    /** Of a rectangle. */
    private const CORNERS = 4;

    /** @return list<Line> of posts that stand on the design's own pads, unless pads are drawn; kinds of post say theirs */
    public static function pads(Job $job): array
    {
        $d = $job->design;
        $posts = $job->items->of(Pad::class) !== [] ? 0
            : count(array_filter($job->items->of(Post::class), static fn (Post $p): bool => $p->of === ''));

        return Concrete::of(
            Part::Pads, $d->slab->layer->material, $posts * $d->pads->width ** 2 * $d->pads->height, Concrete::ON_GROUND, 'footing',
            $posts === 1 ? '1 post on the plan' : "{$posts} posts on the plan",
        );
    }

    /** @return list<Line> of pads that are drawn on the plan, each with its own size */
    public static function drawnPads(Job $job): array
    {
        $pads = $job->items->of(Pad::class);

        return Concrete::of(
            Part::Pads, $job->design->slab->layer->material,
            array_sum(array_map(static fn (Pad $p): float => $p->width ** 2 * $p->height, $pads)), Concrete::ON_GROUND, 'footing',
            count($pads) === 1 ? '1 pad on the plan' : count($pads).' pads on the plan', ':drawn',
        );
    }

    /** @return list<Line> bolts as they stand on the plan; without one by the rule, along all that is exposed */
    public static function anchors(Job $job): array
    {
        $placed = $job->items->of(Bolts::class);
        $number = $placed !== [] ? (float) array_sum(array_map(static fn (Bolts $b): int => count($b->places()), $placed))
            : ceil($job->design->footprint->exposed / $job->design->anchors->apart) + 8.0;

        return Goods::of(
            Good::Anchor, Part::Anchors->value, $number, 0.0, $job->size($job->design->anchors->bolt),
            note: $placed === [] ? 'two more at each corner' : 'as they stand on the plan',
        );
    }

    /**
     * Boards along the walls, and those of the corners that stand out where they are wider or thicker there: as many corners as
     * are marked on the plan, else as the outline has, else four.
     *
     * @return list<Line>
     */
    public static function wing(Job $job): array
    {
        [$wing, $at] = [$job->design->wing, $job->at];
        $along = $job->extent->exposed($at->boardFace + $wing->width / 2) * $wing->width;
        if ($wing->isEven()) {
            return Boards::of($job, Part::Wing, $wing->layer, $along, Boards::CUT);
        }
        $marked = count($job->items->of(WingCorner::class));
        $corners = $marked > 0 ? $marked : ($job->plan?->outline->corners()['outward'] ?? self::CORNERS);
        [$out, $length] = [$wing->outAtCorner(), $wing->cornerLength];
        $there = $corners * (2 * $length * $out + $out ** 2);
        $less = $corners * (2 * $length * $wing->width + $wing->width ** 2);

        return [
            ...Boards::of($job, Part::Wing, $wing->layer, max(0.0, $along - $less), Boards::CUT),
            ...Boards::of($job, Part::Wing, $wing->layer->thick($wing->atCorner()), $there, Boards::CUT, 'wing:corners'),
        ];
    }

    /** How often the sheet under the floor is led through. */
    public static function throughTheFloor(Job $job): int
    {
        $sleeves = array_filter($job->items->of(Sleeve::class), static fn (Sleeve $s): bool => $s->passes === Passes::Floor);

        return count($sleeves) + array_sum(array_map(
            static fn (string $kind): int => count($job->items->of($kind)), [Conduit::class, Toilet::class, Gully::class],
        ));
    }

    /** @return list<Line> zones where they are drawn, each with its manifold; else the whole floor is one */
    public static function heating(Job $job, float $floor): array
    {
        $heating = $job->design->heating;
        if ($heating->by !== HeatBy::Pipes) {
            return Goods::of(Good::HeatingCable, Part::Heating->value, $floor, 0.0, note: 'mats by the floor’s area');
        }
        $zones = $job->items->of(HeatedZone::class);
        [$pipe, $loops, $note] = $zones === [] ? self::wholeFloor($floor, $heating) : [
            array_sum(array_map(static fn (HeatedZone $z): float => $z->pipe($z->loops()), $zones)),
            array_sum(array_map(static fn (HeatedZone $z): int => $z->loops(), $zones)),
            'zones of the plan, feeds in',
        ];
        $coil = $job->isMetric() ? 100.0 : 300 * Measure::FOOT;

        return [...($heating->hasBoth() ? Goods::of(
            Good::HeatingCable, Part::Heating->value, $floor, 0.0, note: 'beside the pipes, mats by the floor’s area', id: 'heating:cable',
        ) : []), ...Goods::of(
            Good::HeatingPipe, Part::Heating->value, $pipe, 0.05, $job->size($heating->pipe),
            new Pack($job->isMetric() ? 'coil 100 m' : 'coil 300 ft', $coil), "{$loops} loops, {$note}",
        )];
    }

    /** @return array{float, int, string} m of pipe, loops, how it was counted */
    private static function wholeFloor(float $floor, Heating $heating): array
    {
        $loops = (int) max(1.0, ceil($floor / $heating->spacing / max(1.0, $heating->loop)));

        return [$floor / $heating->spacing + $loops * self::FEED, $loops, 'feeds in'];
    }
}
