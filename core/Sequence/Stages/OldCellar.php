<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\MatAndWallBoards;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** A basement that stands already, insulated from inside: repairs, a dry watch, then what covers them. */
final class OldCellar implements Stage
{
    private const DAY = 8.0;

    /** A fortnight to four weeks, with one storm in it, days; common practice, no source. */
    private const WATCH = 14.0;

    /** Person-hours for a cubic metre broken out by hand and carried up; common practice, no source. */
    private const BREAKING = 6.0;

    public function tasks(Circumstances $of): array
    {
        $old = $of->isOld();
        $out = $of->job->design->takenOut;
        $mat = $of->job->design->mat;
        $first = $mat->behind > 0.0 || ! $of->has(Part::Mat);
        // What covers the old wall or floor waits for these, whichever comes first.
        $dry = [
            new After('decisions', 'nothing changes after'), new After('dry-watch', 'dry first'), new After('old-order', 'it has come'),
        ];
        $wall = $of->quantity(Part::Lining);
        $round = $of->round();
        $water = $old && ($of->has(Part::Drains) || ($of->has(Part::Mat) && $mat->outlet === DrainOutlet::Sump));

        return [
            new Task(
                'survey', 'Survey: water, cracks, wood, headroom, flue, cables, asbestos, lead', work: 0.75 * self::DAY, crew: 0,
                who: 'designer',
                hold: HoldPoint::OldWall, caution: 'Asbestos, mould, carbon monoxide: look before anything is moved.', isDone: $old,
            ),
            new Task(
                'radon', 'Radon, base value', [
                    new After('survey', 'sealing changes it'),
                ], wait: 48.0, crew: 0, who: 'owner', hold: HoldPoint::OldWall,
                caution: 'Radon cannot be seen or smelt.', parts: [Part::Gas], isDone: $old,
            ),
            new Task(
                'water-outside', 'Gutters, grade, window wells', [
                    new After('survey', 'the cheapest cure'),
                ], 1.5 * self::DAY, weather: [Weather::Dig],
                hold: HoldPoint::OldWall, isDone: $old,
            ),
            new Task(
                'movement', 'Movement judged', [new After('survey', 'a lining hides it')], self::DAY, crew: 0, who: 'engineer',
                hold: HoldPoint::OldWall, parts: [Part::Stem, Part::Footing, Part::Loads], isDone: $old,
            ),
            new Task(
                'clear', 'Clear old lining and wet wood', [new After('survey', 'look first for asbestos')],
                $of->hours(0.15 * max(10.0, $wall), 2), caution: 'Mould and dust: mask, gloves.', isDone: $old,
            ),
            new Task(
                'take-out', 'Take out what goes, cart it away',
                [new After('movement', 'an old wall may lean on it'), new After('clear', 'what is on it first')],
                $of->hours(self::BREAKING * $out->volume(), 2), hold: HoldPoint::OldWall,
                caution: 'Silica dust: cut wet. Cables and pipes in the floor. No wall’s foot without a hold.', parts: [Part::TakenOut],
                isDone: $of->has(Part::TakenOut),
            ),
            new Task(
                'props', 'Prop stairs and landing', [
                    new After('survey', 'the mat runs under them'),
                ], $of->hours(3.0, 2), caution: 'Collapse.',
                isDone: $old,
            ),
            new Task(
                'sump', 'Sump and inner drain',
                [new After(
                    'water-outside', 'water needs an end',
                ), new After('movement', 'not beside a moving wall'), new After('clear', 'the floor is free')],
                $of->hours(1.0 * max(4.0, $of->quantity(Part::Drains)), 2), hold: HoldPoint::OldWall, caution: 'Dust; cables in the floor.',
                parts: [Part::Drains], items: [DrainRun::class], isDone: $water,
            ),
            new Task(
                'cracks', 'Cracks chased and filled', [new After('movement', 'only what has stopped'), new After('clear', 'they are seen')],
                $of->hours(0.75 * max(1.0, (float) count($of->job->design->repairs->cracks)), 2), hold: HoldPoint::OldWall,
                caution: 'Dust; resin.', parts: [Part::Membrane, Part::Drainage, Part::Repairs], isDone: $old,
            ),
            new Task('tie-holes', 'Tie holes', [
                new After('clear', 'rust leaks'),
            ], $of->hours(0.1 * 12, 1), crew: 1, hold: HoldPoint::OldWall, isDone: $old),
            new Task(
                'entries', 'Entries sealed', [new After('clear', 'they are seen')], 0.5 * max(2, $of->count(Sleeve::class)), crew: 1,
                hold: HoldPoint::OldWall, caution: 'Gas pipes: by whoever may.', items: [Sleeve::class], isDone: $old,
            ),
            new Task(
                'damp-course', 'Damp course, where it is judged to help', [new After('movement', 'a wall that moves breaks it')],
                $of->hours(0.5 * $round, 1), crew: 0, who: 'specialist', hold: HoldPoint::OldWall, caution: 'Chemicals.',
                parts: [Part::Dpc],
                isDone: $old && $of->has(Part::Dpc),
            ),
            new Task(
                'floor-joint', 'Joint of floor and wall: sealed, or open to the drain',
                [
                    new After('sump', 'by design'), new After('cracks', 'by design'), new After('tie-holes', 'by design'),
                ], $of->hours(0.08 * $round, 1), crew: 1,
                hold: HoldPoint::OldWall, isDone: $old,
            ),
            new Task(
                'dry-watch', 'Watch it through one storm',
                [
                    new After('take-out', 'nothing more is opened'),
                    new After('water-outside', 'a leaking wall is not covered'), new After('sump', 'a leaking wall is not covered'),
                    new After('cracks', 'a leaking wall is not covered'), new After('tie-holes', 'a leaking wall is not covered'),
                    new After('entries', 'a leaking wall is not covered'), new After('damp-course', 'a leaking wall is not covered'),
                    new After('floor-joint', 'a leaking wall is not covered'),
                ],
                wait: 24 * self::WATCH, crew: 0, who: 'owner', hold: HoldPoint::OldWall, isDone: $old,
            ),
            new Task(
                'old-floor', 'Grind and fill the floor', [new After('dry-watch', 'a mat rocks')], $of->hours(0.05 * $of->floor(), 2),
                hold: HoldPoint::Mat, caution: 'Silica: cut wet, draw it off.', parts: [
                    Part::Slab, Part::Stone, Part::Blinding, Part::Field,
                ], isDone: $old,
            ),
            new Task(
                'electric-plan', 'Electric plan and headroom', [
                    new After('survey', 'before studs'),
                ], 0.5 * self::DAY, crew: 0, who: 'designer',
                hold: HoldPoint::Start, isDone: $old,
            ),
            new Task(
                'old-order', 'What goes in has come', [
                    new After('electric-plan', 'boxes decide depths'), new After('order', 'lead time'),
                ], 0.5, crew: 0,
                who: 'owner', isDone: $old,
            ),
            new Task(
                'floor-mat', $first ? 'Mat first, bead, tape' : 'Mat cut in round the wall boards, its edge sealed, bead, tape',
                [
                    ...($first ? [] : [new After('wall-boards', 'it is cut in round them')]), ...$dry,
                    new After('props', 'it runs under the stairs'), new After('old-floor', 'flat first'),
                ],
                $of->hours(MatAndWallBoards::work($of->job->design, $of->floor(), $round), 2), weather: [Weather::Tape],
                hold: HoldPoint::Mat, parts: [Part::Mat, Part::Sheet], isDone: $old && $of->has(Part::Mat, Part::Sheet),
            ),
            new Task(
                'wall-boards', $first ? 'Wall boards, joints, foot over the mat' : 'Wall boards, joints',
                $first ? [new After('floor-mat', 'the path to the sump stays open'), ...$dry] : $dry,
                $of->hours(0.15 * max(5.0, $wall), 2), weather: [Weather::Glue], hold: HoldPoint::Mat, caution: 'Vapours.',
                parts: [Part::Lining], isDone: $old,
            ),
            new Task(
                'rim', 'Rim, pipes, straps, joist ends', [
                    new After('wall-boards', 'air is the wet leak'),
                ], $of->hours(0.3 * $round, 1), crew: 1,
                weather: [Weather::Glue], hold: HoldPoint::Mat, caution: 'Flue: no back-draught.', parts: [
                    Part::Deck, Part::Space,
                ], isDone: $old,
            ),
            new Task(
                'mat-look', 'Look and photograph',
                [
                    new After('floor-mat', 'last seen'), new After('wall-boards', 'last seen'), new After('rim', 'last seen'),
                ], 1.0, crew: 1, who: 'lead hand',
                hold: HoldPoint::Mat, isDone: $old,
            ),
            new Task(
                'floor-board', 'Floor board', [new After('mat-look', 'covered last')], $of->hours(0.05 * $of->floor(), 2),
                parts: [Part::BoardAbove, Part::Upstand, Part::UpperSheet],
                isDone: $old && $of->has(Part::BoardAbove),
            ),
            new Task(
                'panels', 'Floor panels, tongues glued, 10 mm off the walls',
                [new After('floor-board', 'on it'), new After('mat-look', 'on it'), new After('top-boards', 'on it')],
                $of->hours(0.15 * $of->floor(), 2), hold: HoldPoint::Finish, parts: [Part::Screed],
                isDone: $of->has(Part::Screed) && $of->job->design->hasPanels(),
            ),
            new Task(
                'studs', 'Studs on a break', [new After('panels', 'wood off concrete'), new After('screed', 'wood off concrete')],
                $of->hours(0.3 * max(5.0, $wall), 2), isDone: $old,
            ),
            new Task('in-studs', 'Services in the studs', [
                new After('studs', 'before closing'),
            ], self::DAY, crew: 0, who: 'electrician', isDone: $old),
            new Task('old-inspector', 'Inspector', [new After('in-studs', 'the law')], 4.0, crew: 0, who: 'owner', isDone: $old),
            new Task(
                'barrier', 'Gypsum board 12.7 mm or equal over all foam, rim too', [new After('old-inspector', 'burning foam')],
                $of->hours(0.25 * max(5.0, $wall), 2), caution: 'Foam burns fast with poisonous smoke (IRC R316.4).', isDone: $old,
            ),
            new Task('sump-lid', 'Sump lid, alarm, pump test', [
                new After('sump', 'the pump'), new After('panels', 'level with it'),
            ], 1.0, crew: 1, hold: HoldPoint::Finish, isDone: $water),
            new Task('stairs', 'Stairs back, on the mat', [
                new After('props', 'they come back'), new After('floor-mat', 'on it'),
            ], 2.0, isDone: $old),
            new Task(
                'radon-after', 'Radon and humidity again', [
                    new After('barrier', 'a tight lining changes both'), new After('stairs', 'in use'),
                ], wait: 24.0 * 90,
                crew: 0, who: 'owner', caution: 'Radon cannot be seen or smelt.', isDone: $old,
            ),
        ];
    }
}
