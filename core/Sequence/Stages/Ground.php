<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\GasPipe;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\SoilReplaced;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** Digging, fill, pipes in the ground, pads and the bed. */
final class Ground implements Stage
{
    /** From here a trench needs protection, and below it a competent person decides (OSHA 1926.652, DIN 4124), m. */
    private const DEEP = 1.25;

    /** Deeper digs are dug in bulk, m. */
    private const BULK = 0.8;

    /** What lies or is set before the stone. */
    private const PIPES = [
        DrainRun::class, Sleeve::class, Gully::class, Sump::class, Toilet::class, Conduit::class,
    ];

    /** Common depth of topsoil and soft ground, m; the pits tell. */
    private const SOFT = 0.2;

    public function tasks(Circumstances $of): array
    {
        $new = ! $of->isOld();
        $bulk = $of->hasWalls() && $of->depth() > self::BULK;
        $strip = $new && ! $bulk;
        $pipes = $of->has(Part::Service) || $of->count(...self::PIPES) > 0;
        $trench = $of->depth() + 0.3 >= self::DEEP || -$of->job->at->trench >= self::DEEP
            ? 'Trench: protection needed; spoil 0.6 m back, a way out within 7.5 m; a competent person looks at it each morning and after rain.'
            : 'Trench: a competent person decides whether it needs protection; spoil 0.6 m back.';
        $run = array_sum(array_map(
            static fn (DrainRun $d): float => $d->length(),
            $of->job->items->of(DrainRun::class),
        ));
        $formed = ['compact', 'drain-pockets', 'bearing'];

        return [
            new Task(
                'strip', 'Strip topsoil',
                [
                    new After('base-line', 'organic soil settles'), new After('test-pits', 'the pits say how deep'),
                    new After('probe-rock', 'joints in the rock are seen'),
                ],
                $of->hours(($of->meetsRock() ? 0.05 : 0.02) * $of->floor(), 1), crew: 1, weather: [Weather::Dig],
                caution: 'Stay out of the machine’s reach.', isDone: $strip,
            ),
            new Task(
                'bulk-dig', 'Dig, sloped or shored, room to work round it', [
                    new After('base-line', 'the pegs say where'), new After('test-pits', 'the pits say what'),
                ],
                $of->hours(0.03 * $of->dug(), 1), crew: 1, weather: [Weather::Dig], hold: HoldPoint::Formation,
                caution: $trench.' Ladder.', items: [SoilReplaced::class], isDone: $new && $bulk,
            ),
            new Task(
                'break-rock', 'Break or blast rock',
                [new After(
                    'level', 'the level decides how much',
                ), new After('neighbours', 'claims'), new After('strip', 'the rock is seen'), new After('bulk-dig', 'the rock is seen')],
                8.0, crew: 0, who: 'licensed', weather: [Weather::Dig], hold: HoldPoint::Formation,
                caution: 'Blasting by licensed people only; misfires; silica.', isDone: $new && $of->meetsRock(),
            ),
            new Task(
                'fill', 'Replace soft ground in lifts of 200 mm',
                [new After('strip', 'one pocket cracks the slab'), new After('break-rock', 'hard next to soft cracks')],
                $of->hours(0.12 * self::SOFT * $of->floor(), 2), weather: [Weather::Base], hold: HoldPoint::Formation,
                items: [SoilReplaced::class], isDone: $strip,
            ),
            new Task(
                'drain-pockets', 'Drain rock pockets to daylight', [new After('fill', 'water in a bowl freezes', fromStart: true)],
                $of->hours(0.35 * 6.0, 2), weather: [Weather::Dig], hold: HoldPoint::Base, caution: $trench,
                isDone: $strip && $of->meetsRock(),
            ),
            new Task(
                'compact', 'Compact and prove',
                [new After('fill', 'nobody reaches it later'), new After('drain-pockets', 'nobody reaches it later')],
                $of->hours(0.03 * $of->floor(), 2), weather: [Weather::Base], hold: HoldPoint::Formation, isDone: $strip,
            ),
            new Task(
                'pipes', 'Pipes and sleeves under the slab, tested',
                [
                    ...array_map(static fn (string $id): After => new After($id, 'below the stone, tested before it is covered'), $formed),
                    new After('footing-strip', 'they pass the footing'),
                ],
                $of->hours(0.35 * max(6.0, $run) + 0.5 * ($of->count(...self::PIPES) - $of->count(DrainRun::class)), 2),
                weather: [Weather::Dig], hold: HoldPoint::Formation, caution: $trench, parts: [Part::Service], items: self::PIPES,
                isDone: $new && $pipes,
            ),
            new Task(
                'beam-trench', 'Dig and trim the beam’s trench',
                [new After('compact', 'cut out of proved ground'), new After('pipes', 'crossing pipes lie first')],
                $of->hours(0.25 * $of->round(), 2), weather: [Weather::Base], hold: HoldPoint::Formation, caution: $trench,
                isDone: $new && $of->has(Part::Beam) && ! $of->has(Part::Stem),
            ),
            new Task(
                'pads', 'Post pads: dig, steel, pour',
                [new After(
                    'beam-trench', 'under stone and boards',
                ), new After('compact', 'under stone and boards'), new After('pipes', 'pipes first')],
                $of->hours(
                    1.5 * max(1, $of->count(Post::class), $of->count(Pad::class)), 2,
                ), weather: [Weather::Pour], hold: HoldPoint::Footing,
                caution: 'Caps on bars; wet cement burns.', parts: [Part::Pads], items: [Post::class, Pad::class],
                isDone: $new && ($of->has(Part::Pads) || $of->count(Post::class) + $of->count(Pad::class) > 0) && ! $of->hasWalls(),
            ),
            new Task(
                'stone', 'Pads backfilled, stone bed, drains and gas pipe in it',
                [
                    new After(
                        'pipes', 'one level bed',
                    ), new After('pads', 'the concrete sets', 24.0), new After('beam-trench', 'one level bed'),
                    new After('compact', 'on proved ground'), new After('wall-cure', 'no load near a green wall'),
                    new After('inner-drain', 'the drain lies in it'),
                ],
                $of->hours(0.08 * $of->floor() * max(1.0, 10 * $of->job->design->stone->thickness), 3), crew: 3, weather: [Weather::Base],
                hold: HoldPoint::Base, caution: 'No truck nearer to an edge than the dig is deep.', parts: [Part::Stone, Part::Gas],
                items: [GasPipe::class],
                isDone: $new && $of->has(Part::Stone),
            ),
            new Task(
                'blinding', 'Blinding, no stone shows', [
                    new After('stone', 'a stone holes the sheet'),
                ], $of->hours(0.05 * $of->floor(), 3), crew: 3,
                weather: [Weather::Base], hold: HoldPoint::Base, parts: [Part::Blinding], isDone: $new && $of->has(Part::Blinding),
            ),
        ];
    }
}
