<?php

declare(strict_types=1);

namespace App\Building;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\Assessor;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Register\Register;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Network;
use Ondergrond\Sequence\Schedule;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\QuantityFormatter;

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
        return self::on($project, $project->building());
    }

    /** Of any option. */
    public static function on(Project $project, Option $option): self
    {
        $plan = $option->plan();
        $job = new Job($option->design, $project->units, $plan, ($plan->items ?? new Items)->and($option->layout()));
        $circumstances = new Circumstances($project->site, $job);

        return new self($project, $option, $job, $circumstances, Network::of($circumstances), $project->log());
    }

    /** @return array<string, HoldItem> with what the register holds before the pour */
    public function items(): array
    {
        $items = HoldItems::of($this->circumstances, $this->network);
        $pours = array_filter($items, static fn (HoldItem $i): bool => $i->hold === HoldPoint::BeforePour) !== [];

        return $pours ? [...$items, ...$this->register()->holdItems(new QuantityFormatter($this->project->units))] : $items;
    }

    /** What must be settled before the pour. */
    public function register(): Register
    {
        return once(fn (): Register => $this->registered($this->option->plan()));
    }

    private function registered(?Plan $plan): Register
    {
        return Register::of(
            Assessor::judge($this->project->site, $this->option->design, $this->project->units, $this->option->setAside()),
            $plan === null ? [] : PlanReview::of($plan, $this->option->typed(), $this->option->layout()), $this->job->items, $this->log,
        );
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
