<?php

declare(strict_types=1);

namespace Ondergrond\Examples;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Carries;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HoldDown;
use Ondergrond\Plan\Kinds\LotLine;
use Ondergrond\Plan\Kinds\NamedArea;
use Ondergrond\Plan\Kinds\Pit;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Recess;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\MeasuredFrom;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\OpeningKind;
use Ondergrond\Plan\Passes;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\WallKind;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Project\Ulid;
use Ondergrond\SetOut\BaseLine;
use Ondergrond\Units\Unit;

/** The invented projects from above: each its typed floor as a rectangle, the boathouse and the basement whole. */
final class Plans
{
    /** The same with a plan. An option that cannot stand on what the first is drawn as has its own. */
    public static function drawn(Project $project): Project
    {
        $whole = match ($project->name) {
            'Dyke Lane boathouse' => self::boathouse($project),
            'Music school with practice basement' => self::basement($project),
            'Pump-house workshop' => self::workshop($project),
            default => [TypedFloor::plan($project->options[0]->design, Shape::Rectangle), []],
        };
        [$plan, $layout] = $whole;
        $plan = $plan->with(['benchmark' => 10.0, 'zero' => 9.85]);
        if ($layout !== []) {
            $plan = self::pegged($plan, $project->options[0]->design);
        }
        $options = array_map(static function (Option $o) use ($plan, $layout, $project): Option {
            $own = $o->but(layout: new Items(self::named($project, $layout)));
            try {
                return $own->on($plan);
            } catch (FaultyInput) {
                return $o->but(plan: TypedFloor::plan($o->design, Shape::Rectangle));
            }
        }, $project->options);

        return $project->but(options: $options)->planned($plan);
    }

    /** @return array{Plan, list<Item>} with what options put on it */
    private static function boathouse(Project $project): array
    {
        $f = Unit::FOOT;
        $i = Unit::INCH;
        $top = $project->options[0]->design->slab->topAboveGrade;
        $points = TypedFloor::outline($project->options[0]->design, Shape::Rectangle);
        [[$long, $wide], $wall] = [$points['C'], PlannedDesign::wall($project->options[0]->design)];
        $set = static fn (string $kind, string $name, float $x, float $y, float $level) => $kind::usual()->put($name, $x, $y, $level);
        $legs = $set(Conduit::class, 'Charging, bench leg', 14 * $f, 20 * $f, $top)->but(serves: 'work bench', from: MeasuredFrom::Inner);

        return [
            self::of($project, $points, [], [
                [
                    'B', 11 * $f, 8 * $f, OpeningKind::GarageDoor,
                ], ['A', 6 * $f, 3 * $f, OpeningKind::Door], ['C', 20 * $f, 4 * $f, OpeningKind::Window],
            ], [
                new Post($set(Post::class, 'Post under the ridge', 30 * $f, 15.5 * $f, $top), 8 * $i),
                new Sleeve($set(
                    Sleeve::class, 'Waste, changing room', 10.5 * $f, 7 * $f, $top,
                )->but(serves: 'showers'), 4.5 * $i, boot: Fitted::Yes),
                new Sleeve($set(Sleeve::class, 'Water', 12 * $f, 7 * $f, $top), 2 * $i, boot: Fitted::Yes),
                new Sleeve(
                    $set(Sleeve::class, 'Electric', 0.5 * $f, 20 * $f, -1.5 * $f)->but(trade: Trade::Electrician), 2 * $i, Passes::Edge,
                ),
                new Gully($set(Gully::class, 'Shower gully', 16 * $f, 5 * $f, $top - 0.5 * $i), 6 * $i),
                new Toilet($set(Toilet::class, 'Toilet', 4 * $f, $wall + 12 * $i, $top), 4.5 * $i, 12 * $i),
                new Conduit($legs, 1.05 * $i, hollow: 2.5 * $i),
                new Pit($set(Pit::class, 'Pit 1', -8 * $f, 10 * $f, 0.0), 4 * $f, null, 3.5 * $f),
                new Pit($set(Pit::class, 'Pit 2', $long + 8 * $f, 20 * $f, 0.0), 4 * $f),
                new LotLine($set(LotLine::class, 'Lot line to the dyke', -10 * $f, $wide + 12 * $f, 0.0), $long + 10 * $f, $wide + 12 * $f),
                new NamedArea($set(NamedArea::class, 'Apron, by others', $long + 6 * $f, 15 * $f, 0.0), 10 * $f, 14 * $f),
            ]),
            [
                new DrainRun($set(DrainRun::class, 'Foul drain', 10.5 * $f, 7 * $f, -1.5 * $f), 10.5 * $f, -13 * $f, -1.75 * $f, 4.5 * $i),
                new DrainRun($set(DrainRun::class, 'Shower drain', 16 * $f, 5 * $f, -1.5 * $f), 10.5 * $f, -13 * $f, -1.75 * $f, 4.5 * $i),
                new ControlJoint($set(ControlJoint::class, 'Joint 1', 20 * $f, 0.0, $top), 20 * $f, $wide, 1.5 * $i),
                new ControlJoint($set(ControlJoint::class, 'Joint 2', 40 * $f, 0.0, $top), 40 * $f, $wide, 1.5 * $i),
                new Bolts($set(Bolts::class, 'Sill, A–B', 9.5 * $f, 3 * $i, $top), $long - 0.5 * $f, 3 * $i, 0.5 * $i, 6 * $f, 10 * $i),
                new HoldDown($set(HoldDown::class, 'Hold-down at C', $long - 4 * $i, $wide - 4 * $i, $top), 0.625 * $i, 8 * $i),
                new Recess($set(Recess::class, 'Shower floor', 16 * $f, 5 * $f, $top), 4 * $f, 3 * $f, depth: 0.75 * $i),
            ],
        ];
    }

    /** @return array{Plan, list<Item>} posts and a wall that name the kinds of one of its options */
    private static function workshop(Project $project): array
    {
        $plan = TypedFloor::plan($project->options[0]->design, Shape::Rectangle);
        [, , $long, $wide] = $plan->outline->box();
        $floor = $project->options[0]->design->slab->topAboveGrade;
        $items = [new BearingStrip(
            BearingStrip::usual()->put('Wall under the loft', $long / 3, 0.5, $floor), $long / 3, $wide - 0.5, 0.15, 'strip-1',
        )];
        foreach ([1, 2] as $i) {
            $items[] = new Post(Post::usual()->put("Crane post {$i}", $long * 0.72, $wide * $i / 3, $floor), 0.2, 'post-1');
        }

        return [$plan->with(['items' => new Items(self::named($project, $items))]), []];
    }

    /** @return array{Plan, list<Item>} */
    private static function basement(Project $project): array
    {
        $set = static fn (string $kind, string $name, float $x, float $y, float $level) => $kind::usual()->put($name, $x, $y, $level);
        $floor = $project->options[0]->design->slab->topAboveGrade;
        $points = TypedFloor::outline($project->options[0]->design, Shape::Rectangle);
        [[$long, $wide], $wall] = [$points['C'], PlannedDesign::wall($project->options[0]->design)];

        return [
            self::of($project, $points, ['B' => WallKind::WalkOut], [
                ['B', 2.0, 1.2, OpeningKind::Door], ['A', 3.0, 1.0, OpeningKind::Window, -1.1, 0.9, 1.4],
                ['C', 7.0, 1.0, OpeningKind::Window, -1.1, 0.9, 1.4],
            ], [
                new Sleeve($set(Sleeve::class, 'Waste', 2.0, 2.0, $floor)->but(serves: 'kitchenette'), 0.11, boot: Fitted::Yes),
                new Sleeve($set(Sleeve::class, 'Water', 0.15, 3.0, -1.0), 0.06, Passes::Edge),
                new Sleeve($set(Sleeve::class, 'Air', 6.0, 0.15, -0.6), 0.16, Passes::Edge),
                new Post($set(Post::class, 'Post of the stage', 6.2, 3.7, $floor)),
                new Post($set(Post::class, 'Post at the stair', 8.6, 3.7, $floor)),
                new BearingStrip($set(BearingStrip::class, 'Wall of the practice rooms', 4.0, 0.6, $floor), 4.0, $wide - 0.6, 0.12),
                new Conduit($set(Conduit::class, 'Stage box', 7.4, 2.4, $floor), box: 0.2),
                new Toilet($set(Toilet::class, 'Toilet', 1.2, $wide - $wall - 0.35, $floor), 0.11, 0.35),
                new Pit($set(Pit::class, 'Pit 1', $long + 3.0, 2.0, -0.4), 3.2, null, 2.9),
                new LotLine($set(LotLine::class, 'Lot line', -4.0, -4.5, 0.0), $long + 4.0, -4.5),
            ]),
            [
                new DrainRun($set(DrainRun::class, 'Footing drain', -0.6, -0.6, -2.36), $long - 1.0, -0.6, -2.44, 0.1, Carries::Footing),
                new DrainRun($set(DrainRun::class, 'Drain of the wells', 3.5, -0.5, -1.5), $long - 1.0, -0.6, -1.7, 0.1, Carries::Rain),
                new Sump($set(Sump::class, 'Sump', $long - 0.8, -0.8, -2.4), 0.5, 1.1),
                new Conduit($set(Conduit::class, 'Pump’s supply', $long - 0.8, 0.6, $floor)),
            ],
        ];
    }

    /**
     * @param  non-empty-array<string, array{float, float}>  $points
     * @param  array<string, WallKind>  $walls
     * @param  list<array{0: string, 1: float, 2: float, 3: OpeningKind, 4?: float, 5?: float, 6?: float}>  $openings  as Opening has them
     * @param  list<Item>  $items
     */
    private static function of(Project $project, array $points, array $walls, array $openings, array $items): Plan
    {
        $made = [];
        foreach ($openings as $i => $opening) {
            $made[Ulid::from($project->id, 'opening', (string) $i)] = new Opening(...$opening);
        }

        return Plan::along($points, $walls)->with([
            'openings' => $made, 'items' => new Items(self::named($project, $items)), 'north' => 20.0,
        ]);
    }

    /** With the pegs of its base line clear of the dig. */
    public static function pegged(Plan $plan, Design $design): Plan
    {
        $pegs = BaseLine::of($plan->atConcrete($design), $design)->pegs;

        return $plan->with(['pegs' => new Pegs(...array_map(static fn (float $m): float => round($m, 2), [
            $pegs->px, $pegs->py, $pegs->qx, $pegs->qy,
        ]))]);
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, Item> those of a building, or those of its design
     */
    private static function named(Project $project, array $items): array
    {
        $named = [];
        foreach ($items as $item) {
            $named[Ulid::from($project->id, $item::slug(), $item->at()->name)] = $item;
        }

        return $named;
    }
}
