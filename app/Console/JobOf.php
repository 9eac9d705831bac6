<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Register\Register;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Network;
use Ondergrond\Takeoff\Job;
use Ondergrond\Units\QuantityFormatter;

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
        $items = HoldItems::of($circumstances, Network::of($circumstances));
        $pours = array_filter($items, static fn (HoldItem $i): bool => $i->hold === HoldPoint::BeforePour) !== [];

        return $log->holds(
            $pours ? [...$items, ...self::register($of, $log)->holdItems(new QuantityFormatter($of->project->units))] : $items,
        );
    }

    /** What must be settled before the pour. */
    public static function register(ProjectInput $of, Logbook $log): Register
    {
        $plan = $of->project->planOf($of->option);

        return Register::of(
            Assessor::judge($of->project->site, $of->option->design, $of->project->units, $of->option->setAside),
            $plan === null ? [] : PlanReview::of($plan, $of->option->written(), $of->option->layout), self::job($of)->items, $log,
        );
    }
}
