<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/**
 * Earliest and latest times of every task by the critical path method (forward and backward pass over the network), with
 * work on working hours and waits on the clock.
 */
final readonly class Schedule
{
    /** A minute, h. */
    private const MOMENT = 1 / 60;

    /**
     * @param  array<string, Planned>  $tasks  by id, in the order of their start
     */
    private function __construct(
        public array $tasks,
        public float $start,
        public float $finish,
        public Calendar $calendar,
    ) {}

    /**
     * @param  float  $start  as the site's clock counts (Calendar::moment)
     * @param  array<string, float>  $notBefore  what people have set: a task starts no earlier, by id
     */
    public static function of(Network $network, float $start, Calendar $calendar = new Calendar, array $notBefore = []): self
    {
        $begin = $calendar->next($start);
        $starts = $finishes = $drivers = [];
        foreach ($network->tasks as $id => $task) {
            $at = max($begin, $notBefore[$id] ?? $begin);
            foreach ($task->after as $after) {
                $ready = ($after->fromStart ? $starts[$after->id] : $finishes[$after->id]) + $after->lag;
                if ($ready >= $at) {
                    [$at, $drivers[$id]] = [$ready, $after->id];
                }
            }
            $starts[$id] = match (true) {
                $task->inTheMorning => $calendar->morning($at),
                $task->work > 0.0 => $calendar->next($at),
                default => $at,
            };
            $finishes[$id] = $calendar->after($starts[$id], $task->work) + $task->wait;
        }
        $end = $finishes === [] ? $begin : max($finishes);
        $latest = [];
        foreach (array_reverse($network->tasks) as $id => $task) {
            $until = $end;
            $byStart = INF;
            foreach ($network->tasks as $later => $other) {
                foreach ($other->after as $after) {
                    if ($after->id === $id && isset($latest[$later])) {
                        $byStart = $after->fromStart ? min($byStart, $latest[$later] - $after->lag) : $byStart;
                        $until = $after->fromStart ? $until : min($until, $latest[$later] - $after->lag);
                    }
                }
            }
            // Work cannot begin on a Sunday: the last moment before it that somebody works.
            $byStart = $byStart < INF && $task->work > 0.0 && $calendar->next($byStart) > $byStart + 1e-9
                ? $calendar->before($byStart) - self::MOMENT
                : $byStart;
            $latest[$id] = min($byStart, $calendar->back($until - $task->wait, $task->work));
            $latest[$id] = $task->inTheMorning ? $calendar->began($latest[$id]) : $latest[$id];
        }
        $driving = [];
        $id = $finishes === [] ? null : array_search($end, $finishes, true);
        while (is_string($id)) {
            $driving[$id] = true;
            $id = $drivers[$id] ?? null;
        }
        $planned = [];
        foreach ($network->tasks as $id => $task) {
            $planned[$id] = new Planned(
                $task, $starts[$id], $finishes[$id], max($starts[$id], $latest[$id]), $calendar->between($starts[$id], $latest[$id]),
                isset($driving[$id]),
            );
        }
        uasort($planned, static fn (Planned $a, Planned $b): int => [$a->start, $a->finish] <=> [$b->start, $b->finish]);

        return new self($planned, $begin, $end, $calendar);
    }

    /** @return list<Planned> what nothing may delay, in order */
    public function critical(): array
    {
        return array_values(array_filter($this->tasks, static fn (Planned $p): bool => $p->isCritical()));
    }

    /** Working days from start to finish. */
    public function days(): float
    {
        return $this->calendar->between($this->start, $this->finish) / $this->calendar->hours;
    }

    /** Slack of a task in working days. */
    public function slackDays(Planned $planned): float
    {
        return $planned->slack / $this->calendar->hours;
    }

    /**
     * What is under way or begins on a day.
     *
     * @param  string  $day  `2026-03-02`
     * @return list<Planned>
     */
    public function on(string $day): array
    {
        $from = Calendar::moment($day);

        return array_values(array_filter(
            $this->tasks,
            static fn (Planned $p): bool => $p->start < $from + 24 && max($p->finish, $p->start + 1 / 60) > $from,
        ));
    }
}
