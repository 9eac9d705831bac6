<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\BoardHeld;
use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\HoldDown;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Recess;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** From the level bed to what the concrete buries. */
final class Floor implements Stage
{
    public function tasks(Circumstances $of): array
    {
        $new = ! $of->isOld();
        $slab = $of->hasSlab();
        $stem = $of->has(Part::Stem);
        $below = $of->isSheetBelow();
        $boards = $of->has(Part::Field, Part::Perimeter);
        $sheet = $of->has(Part::Sheet) && $new;
        $steel = $of->has(Part::Steel);
        $boot = 0.25 * $of->count(Sleeve::class);
        // The sheet lies on the boards, or before them; each waits for the other's end.
        $sheetAfter = $below
            ? [new After('base-check', 'before the boards: they weigh it down'), new After('blinding', 'no stone shows')]
            : [
                new After(
                    'gaps', 'in still air on closed boards',
                ), new After('boards', 'on closed boards'), new After('tray', 'it runs up the tray'),
                new After('base-check', 'on a bed that was read'), new After('pipes-under', 'boots'),
            ];
        $bed = $below ? 'sheet' : 'base-check';

        return [
            new Task(
                'edge-forms', 'Edge forms squared and braced'.($of->job->design->edgeOutside->held === BoardHeld::InPour
                    ? '; with foam in them they need not be tight, screws through it' : ''),
                [new After(
                    'beam-trench', 'every size hangs on it',
                ), new After('stone', 'they stand on it'), new After('compact', 'on proved ground')],
                $of->hours(0.35 * $of->round(), 3), crew: 3, hold: HoldPoint::Base, caution: 'Stakes go through pipes: look at the plan.',
                isDone: $slab && ! $stem,
            ),
            new Task(
                'base-check', 'Read the base on a grid, diagonals',
                [new After(
                    'edge-forms', 'the cheapest time to move',
                ), new After('stone', 'the cheapest time to move'), new After('blinding', 'the cheapest time to move')],
                1.0, crew: 1, who: 'lead hand', weather: [Weather::Base], hold: HoldPoint::Base, isDone: $new && ($slab || $boards),
            ),
            new Task(
                'edge-under', 'Hard board under bearings', [new After($bed, 'soft board there is a stop')],
                $of->hours(
                    0.10 * $of->quantity(Part::EdgeUnder), 2,
                ), weather: [Weather::Boards], hold: HoldPoint::Boards, parts: [Part::EdgeUnder],
                isDone: $new && $of->has(Part::EdgeUnder) && ! $stem,
            ),
            new Task(
                'supports', 'Hard board and pads under posts and bearing walls', [new After($bed, 'soft board there is a stop')],
                $of->hours(0.5 * count($of->job->design->supports->kinds()), 2), weather: [Weather::Boards], hold: HoldPoint::Boards,
                parts: [Part::Supports], isDone: $new && $of->job->design->supports->areBuilt(),
            ),
            new Task(
                'tray', $stem ? 'Board inside the wall' : 'Tray boards up, bevelled',
                [new After('edge-under', 'stands on it'), new After($bed, 'bearing width')], $of->hours(0.15 * $of->round(), 2),
                weather: [Weather::Boards], hold: HoldPoint::Boards, caution: 'Fumes of cut foam.', parts: [Part::EdgeInside],
                isDone: $new && $of->has(Part::EdgeInside),
            ),
            new Task(
                'boards', 'Perimeter boards, then the middle, joints crossed',
                [new After(
                    'tray', 'from the fixed edge inward',
                ), new After('edge-under', 'level with it'), new After('supports', 'cut to it'),
                    new After($bed, 'on a level bed')],
                $of->hours(0.06 * ($of->quantity(Part::Field) + $of->quantity(Part::Perimeter)), 3), crew: 3, weather: [Weather::Boards],
                hold: HoldPoint::Boards, caution: 'Boards fly: two to a sheet, weigh them down.', parts: [Part::Field, Part::Perimeter],
                isDone: $new && $boards,
            ),
            new Task(
                'gaps', 'Foam the gaps', [
                    new After('boards', 'concrete enters and lifts them'), new After('tray', 'concrete enters and lifts them'),
                ],
                $of->hours(0.02 * $of->floor(), 1), crew: 1, weather: [Weather::Glue], hold: HoldPoint::Boards, caution: 'Vapours.',
                isDone: $new && ($boards || $of->has(Part::EdgeInside)),
            ),
            new Task(
                'sheet', 'Sheet, laps taped, boots, turned up', $sheetAfter, $of->hours(0.05 * $of->floor() + $boot, 3), crew: 3,
                weather: [
                    Weather::Sheet, Weather::Tape,
                ], hold: HoldPoint::Boards, caution: 'Slippery when wet.', parts: [Part::Sheet], isDone: $sheet,
            ),
            new Task(
                'beam-steel', 'Cages in the edge, on blocks',
                [
                    new After('sheet', 'lower steel first, it holds the sheet down'), new After('gaps', 'boards closed'),
                    new After('edge-forms', 'inside the forms'), new After('base-check', 'on a bed that was read'),
                ],
                $of->hours(0.12 * $of->round(), 2), weather: [Weather::Steel], hold: HoldPoint::BeforePour, caution: 'Caps on bars; backs.',
                parts: [Part::Beam], isDone: $slab && $of->has(Part::Beam) && ! $stem,
            ),
            new Task(
                'stone-over', 'Stone over the sheet, by hand and barrow', [new After('sheet', 'it weighs the sheet down')],
                $of->hours(0.15 * $of->floor(), 3), crew: 3, weather: [Weather::Base], hold: HoldPoint::BeforePour,
                caution: 'No machine and no spade’s edge on the sheet.', parts: [Part::StoneOver],
                isDone: $sheet && $of->has(Part::StoneOver),
            ),
            new Task(
                'mat', $steel ? 'Mat on wide-foot chairs' : 'Mesh or fibres as the engineer says',
                [
                    new After(
                        'beam-steel', 'over the cages',
                    ), new After('sheet', 'the same day, or weight on the sheet'), new After('gaps', 'boards closed'),
                    new After('stone-over', 'on level stone'),
                    new After('base-check', 'on a bed that was read'),
                ],
                $steel ? $of->hours(18.0 * $of->quantity(Part::Steel) / 1000, 3) : $of->hours(0.03 * $of->floor(), 3), crew: 3,
                weather: [Weather::Steel], hold: HoldPoint::BeforePour, caution: 'Caps on bars.', parts: [Part::Steel], isDone: $slab,
            ),
            new Task(
                'conduits', 'Sleeves, conduits and gullies to the pegs', [
                    new After('mat', 'tied to steel'),
                ], 0.6 * max(1, $of->count(Sleeve::class, Conduit::class, Gully::class, Toilet::class)),
                hold: HoldPoint::BeforePour, items: [Sleeve::class, Conduit::class, Gully::class, Toilet::class], isDone: $slab,
            ),
            new Task(
                'heating', 'Heating pipes, sleeves at joints',
                [new After('mat', 'after all that is dragged'), new After('conduits', 'after all that is dragged')],
                $of->hours(0.10 * $of->floor() * 0.15 / max(0.05, $of->job->design->heating->spacing), 2), weather: [Weather::Pipes],
                hold: HoldPoint::Pipes, parts: [Part::Heating], items: [HeatedZone::class], isDone: $slab && $of->isHeatedInSlab(),
            ),
            new Task(
                'pressure', 'Pressure on, and left on', [new After('heating', 'slow leaks show late')], wait: 48.0, crew: 1,
                weather: [Weather::Pipes], hold: HoldPoint::Pipes,
                caution: 'Air under pressure: 3 bar at most, ends guarded, nobody beside them.',
                isDone: $slab && $of->isHeatedInSlab(),
            ),
            new Task(
                'bolts', 'Bolts, recesses, door blocks, isolation at posts and walls',
                [
                    new After(
                        'edge-forms', 'tied to the form',
                    ), new After('beam-steel', 'tied to steel'), new After('mat', 'tied to steel'),
                ],
                $of->hours(0.15 * max(6.0, $of->round() / 1.8), 2), hold: HoldPoint::BeforePour,
                parts: $of->boltsAt() === 'bolts' ? [Part::Recess, Part::Threshold, Part::Anchors] : [Part::Recess, Part::Threshold],
                items: [Post::class, BearingStrip::class, Bolts::class, HoldDown::class, Recess::class, Fall::class], isDone: $slab,
            ),
            new Task(
                'rails', 'Rails that stand free', [new After('mat', 'stakes hole the sheet')], $of->hours(0.02 * $of->floor(), 2),
                hold: HoldPoint::BeforePour, isDone: $slab,
            ),
            new Task(
                'walk-over', 'Walk over, patch, photograph',
                [
                    new After(
                        'heating', 'the sheet is last seen',
                    ), new After('bolts', 'the sheet is last seen'), new After('rails', 'the sheet is last seen'),
                    new After('conduits', 'the sheet is last seen'),
                ],
                $of->hours(0.01 * $of->floor(), 1), crew: 1, who: 'lead hand', hold: HoldPoint::BeforePour, isDone: $slab,
            ),
            new Task(
                'inspector', 'Inspector', [
                    new After('walk-over', 'the law'), new After('decisions', 'what is open is closed'),
                ], 4.0, crew: 0, who: 'owner',
                hold: HoldPoint::BeforePour, isDone: $slab,
            ),
        ];
    }
}
