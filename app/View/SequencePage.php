<?php

declare(strict_types=1);

namespace App\View;

use App\Building\BuildingJob;
use App\Models\Project;
use DateTimeInterface;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Planned;
use Ondergrond\Sequence\Schedule;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;
use Ondergrond\Site\TimeZones;

/** The order of work by day, and what is on today. */
final readonly class SequencePage
{
    /** @param  array<string, HoldState>  $holds */
    private function __construct(
        public Project $project,
        public BuildingJob $job,
        public ?Schedule $schedule,
        public array $holds,
        public string $today,
        public bool $may,
    ) {}

    public static function of(Project $project, DateTimeInterface $now): self
    {
        $job = BuildingJob::of($project);

        return new self(
            $project, $job, $job->schedule(), $job->holds(), TimeZones::day(
                $now, $project->site->timeZone,
            ), Gate::allows('update', $project),
        );
    }

    /** @return list<Planned> */
    public function now(): array
    {
        return $this->schedule?->on($this->today) ?? [];
    }

    /** @return array<string, list<Planned>> tasks by the day they begin */
    public function days(): array
    {
        $days = [];
        foreach ($this->schedule->tasks ?? [] as $planned) {
            $days[substr(Calendar::shown($planned->start), 0, 10)][] = $planned;
        }

        return $days;
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        return array_values($this->job->network->tasks);
    }

    public function hours(Planned $planned): string
    {
        return match (true) {
            $planned->task->work <= 0.0 => sprintf('waits %s', self::span($planned->task->wait)),
            $planned->task->wait > 0.0 => sprintf('%s, then waits %s', self::span($planned->task->work), self::span($planned->task->wait)),
            default => self::span($planned->task->work),
        };
    }

    public function slack(Planned $planned): string
    {
        $days = $this->schedule?->slackDays($planned) ?? 0.0;

        return match (true) {
            $planned->isCritical() => 'decides the end',
            round($days, 1) < 1.0 => sprintf('%.1f days of slack', $days),
            default => round($days) === 1.0 ? '1 day of slack' : sprintf('%.0f days of slack', $days),
        };
    }

    /** Why it comes after what, in words. */
    public function why(Planned $planned): string
    {
        return implode('; ', array_map(
            fn (After $a): string => "after {$this->name($a->id)}: {$a->why}",
            $planned->task->after,
        ));
    }

    /** @return list<string> */
    public function limits(Planned $planned): array
    {
        return array_map(static fn (Weather $w): string => $w->limit(), $planned->task->weather);
    }

    public function hold(Planned $planned): ?HoldState
    {
        return $planned->task->hold === null ? null : $this->holds[$planned->task->hold->value] ?? null;
    }

    /** @return list<HoldState> hold points before it that nobody has passed */
    public function closed(Planned $planned): array
    {
        $closed = [];
        foreach ($planned->task->after as $after) {
            $hold = $this->job->network->tasks[$after->id]->hold ?? null;
            $state = $hold === null || $hold === $planned->task->hold ? null : $this->holds[$hold->value] ?? null;
            if ($state !== null && ! $state->isPassed()) {
                $closed[$state->hold->value] = $state;
            }
        }

        return array_values($closed);
    }

    private function name(string $task): string
    {
        return lcfirst($this->job->network->tasks[$task]->name ?? $task);
    }

    private static function span(float $hours): string
    {
        return match (true) {
            $hours < 1.0 => sprintf('%.0f min', 60 * $hours),
            $hours >= 48.0 => sprintf('%.0f days', $hours / 24),
            default => sprintf('%.1f h', $hours),
        };
    }
}
