<?php

declare(strict_types=1);

namespace App\Building;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Plan\Items;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\Network;
use Ondergrond\Sequence\Schedule;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;

/** What a project's released option, else its leading one, comes to on site: the second half's pages are all about it. */
final readonly class BuildingJob
{
    private function __construct(
        public Project $project,
        public Option $option,
        public Job $job,
        public Circumstances $circumstances,
        public Network $network,
        public Logbook $log,
    ) {}

    public static function of(Project $project): self
    {
        $option = $project->building();
        $plan = $option->plan();
        $job = new Job($option->design, $project->units, $plan, ($plan->items ?? new Items)->and($option->layout()));
        $circumstances = new Circumstances($project->site, $job);

        return new self($project, $option, $job, $circumstances, Network::of($circumstances), $project->log());
    }

    /** @return array<string, HoldItem> */
    public function items(): array
    {
        return HoldItems::of($this->circumstances, $this->network);
    }

    /** @return array<string, HoldState> */
    public function holds(): array
    {
        return $this->log->holds($this->items());
    }

    /** Null while nobody has set the first day. */
    public function schedule(): ?Schedule
    {
        $days = $this->option->days();

        return $days->start === '' ? null : Schedule::of(
            $this->network, Calendar::moment($days->start), new Calendar(holidays: $days->holidays),
            array_map(static fn (string $day): float => Calendar::moment($day), $days->notBefore),
        );
    }

    public function order(PriceList $prices): OrderList
    {
        return OrderList::of($this->job, $prices);
    }

    public function built(): AsBuilt
    {
        return AsBuilt::of($this->option->design, $this->log, $this->option->plan());
    }
}
