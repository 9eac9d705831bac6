<?php

declare(strict_types=1);

namespace Ondergrond\Examples;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\Passing;
use Ondergrond\Logbook\State;
use Ondergrond\Logbook\Where;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\Passes;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\Trade;
use Ondergrond\Plan\WallKind;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Project\Release;
use Ondergrond\Project\SetDays;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Project\Ulid;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Network;
use Ondergrond\Takeoff\Job;
use Ondergrond\Units\Unit;

/** Invented jobs of the demo that are being built: with plan, release, days and what was read on site so far. */
final class Building
{
    private const LEAD = 'Wen Dijker';

    /** @return list<Project> all of the demo's projects on their plans, two of them being built */
    public static function all(): array
    {
        return array_map(static fn (Project $p): Project => match ($p->name) {
            'Music school with practice basement' => self::basement($p),
            'Old bakery cellar' => self::cellar($p),
            default => Plans::drawn($p),
        }, Examples::all());
    }

    /** The boathouse as it may stand some weeks on. */
    public static function boathouse(): Project
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        $top = $design->slab->topAboveGrade;
        $built = self::built(
            $project,
            [
                new Post(Post::usual()->put('Post under the ridge', 30 * Unit::FOOT, 15.5 * Unit::FOOT, $top), 8 * Unit::INCH),
                new Sleeve(Sleeve::usual()->put('Waste, changing room', 10.5 * Unit::FOOT, 7 * Unit::FOOT, $top), 4.5 * Unit::INCH),
                new Sleeve(Sleeve::usual()->put('Water', 12 * Unit::FOOT, 7 * Unit::FOOT, $top), 2 * Unit::INCH),
                new Sleeve(Sleeve::usual()->put(
                    'Electric', 0.5 * Unit::FOOT, 20 * Unit::FOOT, -1.5 * Unit::FOOT,
                )->but(trade: Trade::Electrician), 2 * Unit::INCH, Passes::Edge),
            ],
            [
                new DrainRun(DrainRun::usual()->put(
                    'Foul drain', 10.5 * Unit::FOOT, 7 * Unit::FOOT, -1.5 * Unit::FOOT,
                ), 10.5 * Unit::FOOT, -13 * Unit::FOOT, -1.75 * Unit::FOOT, 4.5 * Unit::INCH),
                new ControlJoint(ControlJoint::usual()->put('Joint 1', 20 * Unit::FOOT, 0.0, $top), 20 * Unit::FOOT, 31 * Unit::FOOT),
                new ControlJoint(ControlJoint::usual()->put('Joint 2', 40 * Unit::FOOT, 0.0, $top), 40 * Unit::FOOT, 31 * Unit::FOOT),
            ],
            [['B', 11 * Unit::FOOT, 8 * Unit::FOOT], ['A', 6 * Unit::FOOT, 3 * Unit::FOOT]],
            '2026-11-09',
        );
        $slab = $design->slab->layer->thickness;

        return $built->logged([
            ...self::read($built, HoldPoint::Start, '2026-11-12'), ...self::read($built, HoldPoint::Formation, '2026-11-18'),
            ...self::read($built, HoldPoint::Base, '2026-11-20', [
                'h6:room' => array_map(static fn (float $less): float => $slab - $less / 1000, [0, -2, 1, 0, 1, -1, 0, 2, -1, 0]),
            ]),
            ...self::read($built, HoldPoint::Boards, '2026-11-24', passes: false),
            self::entry($built, EntryKind::LeftOut, new Where(
                part: 'edge_outside', stretch: 'wall:B', place: 'along the garage side',
            ), [4.2],
                '2026-11-24T15:10', 'boards for this side did not come'),
            self::entry($built, EntryKind::Thickness, new Where(part: 'slab', stretch: 'wall:B', place: 'east end'), array_map(
                static fn (float $less): float => $slab - $less / 1000,
                [12, 14, 17, 9, 15],
            ), '2026-11-24T15:30', 'room for the slab, east end'),
        ]);
    }

    private static function basement(Project $project): Project
    {
        $built = self::released(Plans::drawn($project), '2026-10-26', 3);

        return $built->logged([
            ...self::read($built, HoldPoint::Start, '2026-10-29'), ...self::read($built, HoldPoint::Formation, '2026-11-04'),
            ...self::read($built, HoldPoint::Footing, '2026-11-06'), ...self::read($built, HoldPoint::Forms, '2026-11-13'),
            self::entry(
                $built, EntryKind::LeftOut, new Where(part: 'edge_outside', stretch: 'wall:D', place: 'behind the stair'), [2.4],
                '2026-11-24T14:20', 'the digger stands there until Thursday',
            ),
        ]);
    }

    private static function cellar(Project $project): Project
    {
        $built = self::built(
            $project, [new Sleeve(Sleeve::usual()->put('Gas entry', 0.2, 2.0, -0.5), 0.04, Passes::Edge)], [], [], '2026-11-02',
            walls: ['A' => WallKind::Heated],
        );

        return $built->logged([
            ...self::read($built, HoldPoint::OldWall, '2026-11-25', passes: false),
            self::entry(
                $built, EntryKind::LeftOut, new Where(part: 'lining', stretch: 'wall:C', place: 'behind the boiler'), [1.8],
                '2026-11-26T16:10', 'the boiler stays until spring',
            ),
        ]);
    }

    /**
     * @param  list<Item>  $items
     * @param  list<Item>  $layout
     * @param  list<array{string, float, float}>  $doors  wall, from, width
     * @param  array<string, WallKind>  $walls
     */
    private static function built(
        Project $project,
        array $items,
        array $layout,
        array $doors,
        string $start,
        int $which = 0,
        array $walls = [],
    ): Project {
        $corners = TypedFloor::outline($project->options[0]->design, Shape::Rectangle);
        $openings = [];
        foreach ($doors as $i => [$wall, $from, $width]) {
            $openings[Ulid::from($project->id, 'door', (string) $i)] = new Opening($wall, $from, $width);
        }
        $plan = Plan::along($corners, $walls)->with([
            'openings' => $openings, 'items' => self::named($project, $items), 'north' => 20.0, 'benchmark' => 10.0, 'zero' => 9.85,
        ]);
        $of = $project->options[$which];
        $options = array_map(static fn (Option $o): Option => $o === $of
            ? $o->but(layout: self::named($project, $layout)) : $o, $project->options);

        return self::released($project->but(options: $options)->planned(Plans::pegged($plan, $of->design)), $start, $which);
    }

    private static function released(Project $project, string $start, int $which): Project
    {
        $of = $project->options[$which];

        return $project->but(
            options: array_map(static fn (Option $o): Option => $o === $of ? $o->but(days: new SetDays($start)) : $o, $project->options),
            release: new Release($of->id, 'Marit Sluys', "{$start}T09:00:00Z"),
        );
    }

    /** @param  list<Item>  $items */
    private static function named(Project $project, array $items): Items
    {
        $named = [];
        foreach ($items as $item) {
            $named[Ulid::from($project->id, 'item', $item->at()->name)] = $item;
        }

        return new Items($named);
    }

    /**
     * All of a hold point read as it should be, and passed.
     *
     * @param  array<string, list<float>>  $values  where it was read otherwise, by item
     * @return list<Entry>
     */
    private static function read(Project $project, HoldPoint $hold, string $day, array $values = [], bool $passes = true): array
    {
        $option = $project->built() ?? $project->options[0];
        $of = new Circumstances($project->site, new Job(
            $option->design, $project->units, $project->planOf($option),
            ($project->planOf($option)->items ?? new Items)->and($option->layout),
        ));
        $entries = [];
        $minute = 0;
        $over = [];
        foreach (HoldItems::of($of, Network::of($of)) as $item) {
            if ($item->hold !== $hold || ($item->kind === EntryKind::Photograph)) {
                $over = $item->hold === $hold ? [...$over, $item->id] : $over;

                continue;
            }
            $read = $values[$item->id] ?? self::good($item);
            $entry = new Entry(
                Ulid::from($project->id, $item->id, $day), $item->kind, new Where(hold: $item->id, part: $item->part), $read, '', '',
                $item->drawn, $item->min, $item->max, '', who: self::LEAD, at: sprintf('%sT10:%02d:00+01:00', $day, $minute++),
            );
            $entries[] = $entry;
            if ($entry->said()->state === State::Out) {
                $over[] = $item->id;
            }
        }
        if ($passes) {
            $entries[] = new Entry(
                Ulid::from(
                    $project->id, $hold->value, 'pass', $day,
                ), EntryKind::Pass, new Where, who: self::LEAD, at: "{$day}T11:00:00+01:00",
                passing: new Passing($hold, $over, $over === [] ? '' : 'the office knows and has the photographs'),
            );
        }

        return $entries;
    }

    /** @return list<float> */
    private static function good(HoldItem $item): array
    {
        return match (true) {
            $item->kind === EntryKind::Thickness => array_fill(0, 6, $item->drawn ?? $item->min ?? 0.1),
            $item->kind === EntryKind::Level => [(($item->min ?? 0.0) + ($item->max ?? 0.0)) / 2],
            $item->kind === EntryKind::Weather => [6.0, 2.5, 0.0],
            $item->kind === EntryKind::Pressure => [0.0, 18.0, 3e5, 24.0, 12.0, 2.915e5, 48.0, 17.0, 2.985e5],
            $item->min !== null => [$item->drawn ?? $item->min],
            $item->max !== null => [$item->max * 0.6],
            default => [1.0],
        };
    }

    /** @param  list<float>  $values */
    private static function entry(Project $project, EntryKind $kind, Where $about, array $values, string $at, string $note): Entry
    {
        $slab = $kind === EntryKind::Thickness ? $project->options[0]->design->slab->layer->thickness : null;

        return new Entry(
            Ulid::from($project->id, $kind->value, $at), $kind, $about, $values, drawn: $slab, min: $slab, who: self::LEAD,
            at: "{$at}:00+01:00", note: $note,
        );
    }
}
