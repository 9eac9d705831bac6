<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** The day of the pour, and the days that its concrete needs. */
final class Pour implements Stage
{
    /** A floor that is walked on as it is, days: 14 to 21; else 7. Common practice, no source. */
    private const BARE = 14.0;

    private const COVERED = 7.0;

    public function tasks(Circumstances $of): array
    {
        $slab = $of->hasSlab();
        $joints = array_sum(array_map(
            static fn (ControlJoint $j): float => $j->length(),
            $of->job->items->of(ControlJoint::class),
        ));
        $bare = ! $of->has(Part::Screed, Part::BoardAbove, Part::Finish);
        $formed = $slab && ! $of->has(Part::Stem);

        return [
            new Task(
                't24', 'Decide a day before',
                [
                    new After(
                        'decisions', 'nothing changes after',
                    ), new After('order', 'the last free cancellation'), new After('pressure', 'tight for 48 h'),
                    new After('inspector', 'seen first'),
                ],
                1.0, crew: 0, who: 'owner', weather: [Weather::Pour, Weather::Finish], hold: HoldPoint::BeforePour, isDone: $slab,
            ),
            new Task(
                't40', 'Look once more 40 minutes before, gauge again',
                [new After('t24', 'a night changes all', 23.0, true)], 40 / 60, crew: 1, who: 'lead hand', weather: [Weather::Pour],
                hold: HoldPoint::BeforePour, inTheMorning: true, isDone: $slab,
            ),
            new Task(
                'pour', 'Pour the slab', [new After('t40', 'the gauge that morning')], $of->placing('slab'), crew: 6,
                weather: [
                    Weather::Pour, Weather::Boom,
                ], hold: HoldPoint::Pour, caution: 'Wet cement burns; hose whips; no truck at the edge.',
                parts: [Part::Slab, Part::Beam, Part::Mix], isDone: $slab,
            ),
            new Task(
                'finish', 'Strike, float, finish', [new After('pour', 'bleed water gone first', 20 / 60, true)],
                $of->placing('slab') + $of->hours(0.06 * $of->floor(), 3), crew: 3, weather: [Weather::Finish], hold: HoldPoint::Pour,
                caution: 'Backs; carbon monoxide of engines indoors.',
                parts: $of->boltsAt() === 'finish' ? [Part::Anchors] : [], isDone: $slab,
            ),
            new Task(
                'cut', 'Early-entry cuts', [new After('finish', 'before shrinkage chooses', 1.0)],
                $of->hours(0.02 * max(10.0, $joints), 1), crew: 1, weather: [Weather::Cut], hold: HoldPoint::Pour,
                caution: 'Silica: cut wet or draw it off. No pipe under the cut.', items: [ControlJoint::class], isDone: $slab,
            ),
            new Task(
                'cover', 'Cover on', [new After('finish', 'an hour open at most'), new After('cut', 'an hour open at most')],
                $of->hours(0.015 * $of->floor(), 2), weather: [Weather::Cure], hold: HoldPoint::Pour, isDone: $slab,
            ),
            new Task(
                'cure', 'Cure, covered and logged', [
                    new After('cover', 'strength and surface'),
                ], wait: 24 * ($bare ? self::BARE : self::COVERED), crew: 0,
                weather: [Weather::Cure], hold: HoldPoint::Loading, isDone: $slab,
            ),
            new Task(
                'strip-forms', 'Strip forms, tape the cover to the edge', [new After('pour', '3.5 MPa', 24.0)],
                $of->hours(0.12 * $of->round(), 2), weather: [Weather::Cure], isDone: $formed,
            ),
            new Task(
                'bolts-drilled', 'Anchor bolts drilled in',
                [new After('cure', 'full strength holds them'), new After('wall-cure', 'full strength holds them')],
                $of->hours(0.1 * $of->round(), 2), hold: HoldPoint::Loading,
                caution: 'Silica: draw the dust off. Bars and pipes: look at the plan.',
                parts: [Part::Anchors], isDone: $of->boltsAt() === 'bolts-drilled',
            ),
            new Task(
                'release', 'Release to framing',
                [new After(
                    'cure', 'strength, cover whole',
                ), new After('strip-forms', 'the edge is free'), new After('backfill', 'the ground is up'),
                    new After('bolts-drilled', 'the plate hangs on them')],
                1.0, crew: 1, who: 'lead hand', hold: HoldPoint::Loading, parts: [Part::Wall, Part::Loads, Part::Dpc], isDone: $slab,
            ),
        ];
    }
}
