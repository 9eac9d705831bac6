<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** What stands at the edge outside, the wing and the grade. */
final class Edge implements Stage
{
    public function tasks(Circumstances $of): array
    {
        $new = ! $of->isOld();
        $stem = $of->has(Part::Stem);
        $free = $stem ? 'backfill' : 'strip-forms';
        $board = $new && ! $stem && $of->has(Part::EdgeOutside);
        $cover = $new && $of->has(Part::Cover);
        $wing = $new && $of->has(Part::Wing);

        return [
            new Task(
                'outside-board', 'Outside board, fixings', [new After('strip-forms', 'screws at 7 MPa, or set wet')],
                $of->hours(0.15 * $of->quantity(Part::EdgeOutside), 2), weather: [Weather::Boards, Weather::Glue], hold: HoldPoint::Edge,
                caution: 'Dust of cut foam.', parts: [Part::EdgeOutside], isDone: $board,
            ),
            new Task(
                'wing-drain', 'Wing drain and its stone',
                [new After(
                    'compact', 'fall out from proved ground',
                ), new After($free, 'the edge is free'), new After('outside-board', 'the wing meets it')],
                $of->hours(
                    0.3 * $of->round(), 2,
                ), weather: [Weather::Dig], hold: HoldPoint::Edge, caution: 'Trench: a competent person decides.',
                isDone: $wing && $of->has(Part::Drains),
            ),
            new Task(
                'wing', 'Wing boards, with their fall, wider at corners',
                [new After(
                    'wing-drain', 'before frost',
                ), new After('outside-board', 'no gap between'), new After($free, 'the edge is free')],
                $of->hours(
                    0.08 * $of->quantity(Part::Wing), 2,
                ), weather: [Weather::Boards], hold: HoldPoint::Edge, parts: [Part::Wing], items: [WingCorner::class], isDone: $wing,
            ),
            new Task(
                'wing-cover', 'Fabric and 300 mm of ground over the wing', [new After('wing', 'digging and rodents')],
                $of->hours(0.10 * 0.3 * $of->quantity(Part::Wing), 2), weather: [Weather::Backfill], hold: HoldPoint::Edge, isDone: $wing,
            ),
            new Task(
                'shield', 'Shield, sealed', [new After('outside-board', 'caps the board'), new After($free, 'the edge is free')],
                $of->hours(0.20 * $of->round(), 1), crew: 1, weather: [Weather::SelfAdhered], hold: HoldPoint::Edge, caution: 'Cuts.',
                parts: [Part::Shield], isDone: $new && $of->has(Part::Shield),
            ),
            new Task(
                'cover-board', 'Cover board or render',
                [new After(
                    'shield', 'laps over it',
                ), new After('outside-board', 'over the foam'), new After($free, 'its foot before the last lift')],
                $of->hours(
                    0.8 * $of->quantity(Part::Cover), 2,
                ), weather: [Weather::Render], hold: HoldPoint::Edge, caution: 'Lime burns eyes.',
                parts: [Part::Cover], isDone: $cover,
            ),
            new Task(
                'grade', 'Backfill the foot, ground falling 5 % for 3 m, downpipes',
                [
                    new After(
                        'cover-board', 'render has set', 48.0,
                    ), new After('wing-cover', 'over it'), new After('outside-board', 'over its foot'),
                    new After('shield', 'it stands clear'), new After($free, 'the edge is free'),
                ],
                $of->hours(0.05 * 3.0 * $of->round(), 1), crew: 1, weather: [Weather::Backfill], hold: HoldPoint::Edge, isDone: $new,
            ),
            new Task(
                'before-frost', 'Before the first frost: wing covered, heated or proved unheated', [
                    new After('grade', 'the tables take it for covered'),
                ],
                1.0, crew: 0, who: 'owner', hold: HoldPoint::Edge, caution: 'Heaters give off carbon monoxide.', isDone: $wing,
            ),
            new Task(
                'neighbour', 'Neighbour’s slab: break, flashing, pour',
                [new After(
                    'outside-board', 'like a later addition',
                ), new After('shield', 'like a later addition'), new After($free, 'the edge is free')],
                $of->hours(0.15 * $of->job->design->neighbour->width * $of->job->design->footprint->alongNeighbour(), 4), crew: 4,
                weather: [Weather::Pour], hold: HoldPoint::BeforePour, parts: [Part::Neighbour], isDone: $new && $of->has(Part::Neighbour),
            ),
            new Task(
                'walkout', 'Ground at the walk-out side', [
                    new After('grade', 'the last to be moved'),
                ], 4.0, crew: 1, weather: [Weather::Backfill],
                hold: HoldPoint::Edge, parts: [Part::Walkout], isDone: $new && $of->has(Part::Walkout),
            ),
            new Task(
                'crawl-dry', 'Space below: openings clear, sheet whole', [new After('deck', 'before it is closed')], 2.0,
                caution: 'A confined space: air it, test the air, keep somebody outside.', parts: [Part::Space],
                isDone: $new && $of->has(Part::Space),
            ),
        ];
    }
}
