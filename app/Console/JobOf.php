<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Plan\Items;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\Network;
use Ondergrond\Takeoff\Job;

/** What the second half's commands make of a project file. */
final readonly class JobOf
{
    public static function job(ProjectInput $of): Job
    {
        return new Job(
            $of->option->design, $of->project->units, $of->project->planOf($of->option),
            ($of->project->planOf($of->option)->items ?? new Items)->and($of->option->layout),
        );
    }

    public static function circumstances(ProjectInput $of): Circumstances
    {
        return new Circumstances($of->project->site, self::job($of));
    }

    public static function calendar(ProjectInput $of): Calendar
    {
        return new Calendar(holidays: $of->option->days->holidays);
    }

    /** @return array<string, float> */
    public static function notBefore(ProjectInput $of): array
    {
        return array_map(static fn (string $day): float => Calendar::moment($day), $of->option->days->notBefore);
    }

    /** @return array<string, HoldState> */
    public static function holds(ProjectInput $of, Logbook $log): array
    {
        $circumstances = self::circumstances($of);

        return $log->holds(HoldItems::of($circumstances, Network::of($circumstances)));
    }
}
