<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** Before the first bucket. */
final class Preparation implements Stage
{
    private const DAY = 8.0;

    public function tasks(Circumstances $of): array
    {
        $new = ! $of->isOld();

        return [
            new Task(
                'services', 'Locate services, permit, book inspections', work: (0.5 + $of->crews->permit) * self::DAY, crew: 0,
                who: 'owner',
                hold: HoldPoint::Start, caution: 'Cables, gas and water: located before the first bucket, dug by hand beside them.',
                isDone: $new,
            ),
            new Task('decisions', 'Settle what is still open', work: self::DAY, crew: 0, who: 'designer', hold: HoldPoint::Start),
            new Task(
                'level', 'Settle level and kind of foundation on what was found',
                [
                    new After('probe-rock', 'rock sets the level'),
                ], 0.5 * self::DAY, crew: 0, who: 'designer, engineer', hold: HoldPoint::Start,
                isDone: $new && $of->meetsRock(),
            ),
            new Task(
                'order', 'Order; book concrete and pump',
                [new After('decisions', 'a swap is judged before it comes'), new After('level', 'the level decides what is ordered')],
                $of->crews->lead * self::DAY, crew: 0, who: 'owner',
            ),
            new Task(
                'silt-fence', 'Silt fence, haul way', [new After('services', 'run-off starts at once')],
                $of->hours(0.1 * $of->round(), 2), weather: [Weather::Dig], isDone: $new,
            ),
            new Task(
                'base-line', 'Benchmark, base line, pegs set back beyond the dig', [new After('silt-fence', 'pegs in the dig are lost')],
                0.5 * self::DAY, isDone: $new,
            ),
            new Task(
                'test-pits', 'Test pits', [new After('services', 'blind digging kills')], 0.75 * 2, crew: 1, weather: [Weather::Dig],
                caution: 'Nobody stands at the edge of a pit or climbs into it.', isDone: $new && ! $of->meetsRock(),
            ),
            new Task(
                'probe-rock', 'Probe to rock on a grid', [new After('services', 'blind digging kills')],
                $of->hours(0.5 * max(4.0, $of->floor() / 25), 1), crew: 1, weather: [Weather::Dig], isDone: $new && $of->meetsRock(),
            ),
            new Task(
                'neighbours', 'Record the neighbours’ condition', [
                    new After('level', 'claims come after blasting'),
                ], 0.5 * self::DAY, crew: 0,
                who: 'owner', isDone: $new && $of->meetsRock(),
            ),
        ];
    }
}
