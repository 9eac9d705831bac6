<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Planned;
use Ondergrond\Sequence\Schedule;
use Ondergrond\Sequence\Weather;

/** The order of work with its days, in the shape of result files. */
final class SequenceFile
{
    /** @return array<string, mixed> */
    public static function toArray(Schedule $schedule, string $zone): array
    {
        return [
            'time_zone' => $zone,
            'tasks' => array_map(static fn (Planned $p): array => [
                'id' => $p->task->id,
                'name' => $p->task->name,
                'after' => array_map(static fn (After $a): string => $a->id, $p->task->after),
                'why' => array_map(static fn (After $a): string => $a->why, $p->task->after),
                'start' => Calendar::at($p->start, $zone)->format('c'),
                'finish' => Calendar::at($p->finish, $zone)->format('c'),
                'slack_days' => round($schedule->slackDays($p), 3),
                'critical' => $p->isCritical(),
                'hold_point' => $p->task->hold?->value,
                'crew' => $p->task->crew,
                'who' => $p->task->who,
                'weather' => array_map(static fn (Weather $w): string => $w->value, $p->task->weather),
                'caution' => $p->task->caution,
            ], array_values($schedule->tasks)),
            'critical_days' => round($schedule->days(), 3),
        ];
    }
}
