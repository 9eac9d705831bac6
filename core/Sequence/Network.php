<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

use LogicException;
use Ondergrond\Sequence\Stages\Edge;
use Ondergrond\Sequence\Stages\Floor;
use Ondergrond\Sequence\Stages\Footings;
use Ondergrond\Sequence\Stages\Ground;
use Ondergrond\Sequence\Stages\OldCellar;
use Ondergrond\Sequence\Stages\OnTop;
use Ondergrond\Sequence\Stages\Pour;
use Ondergrond\Sequence\Stages\Preparation;

/** The tasks of one job, each after those it waits for. */
final readonly class Network
{
    /** @var list<class-string<Stage>> */
    public const STAGES = [
        Preparation::class, Ground::class, Footings::class, Floor::class, Pour::class, Edge::class, OldCellar::class, OnTop::class,
    ];

    /** @param  array<string, Task>  $tasks  by id, none before what it waits for */
    public function __construct(public array $tasks) {}

    public static function of(Circumstances $of): self
    {
        $all = [];
        foreach (self::STAGES as $stage) {
            foreach ((new $stage)->tasks($of) as $task) {
                if (isset($all[$task->id])) {
                    throw new LogicException("two tasks are called {$task->id}");
                }
                $all[$task->id] = $task;
            }
        }

        return new self(self::ordered(self::bridged($all)));
    }

    /**
     * What waited for a task that is not done waits for what that would have waited for.
     *
     * @param  array<string, Task>  $all
     * @return array<string, Task>
     */
    private static function bridged(array $all): array
    {
        $tasks = [];
        foreach ($all as $id => $task) {
            if ($task->isDone) {
                $after = [];
                foreach ($task->after as $one) {
                    foreach (self::through($all, $one) as $found) {
                        $before = $after[$found->id] ?? null;
                        if ($before === null || $found->lag > $before->lag || $before->fromStart && ! $found->fromStart) {
                            $after[$found->id] = $found;
                        }
                    }
                }
                $tasks[$id] = $task->waitingFor(array_values($after));
            }
        }

        return $tasks;
    }

    /**
     * @param  array<string, Task>  $all
     * @return list<After> what is done of that, or of what it waits for; a wait after what is not done falls away
     */
    private static function through(array $all, After $after): array
    {
        $task = $all[$after->id] ?? null;
        if ($task === null) {
            return [];
        }
        if ($task->isDone) {
            return [$after];
        }
        $found = $seen = [];
        $next = $task->after;
        while (($before = array_pop($next)) !== null) {
            if (isset($seen[$before->id]) || ! isset($all[$before->id])) {
                continue;
            }
            $seen[$before->id] = true;
            if ($all[$before->id]->isDone) {
                $found[] = $before;
            } else {
                $next = [...$next, ...$all[$before->id]->after];
            }
        }

        return $found;
    }

    /**
     * @param  array<string, Task>  $tasks
     * @return array<string, Task> none before what it waits for, else as the stages have them
     */
    private static function ordered(array $tasks): array
    {
        $ordered = [];
        while (count($ordered) < count($tasks)) {
            $before = count($ordered);
            foreach ($tasks as $id => $task) {
                $ready = array_filter($task->after, static fn (After $a): bool => ! isset($ordered[$a->id])) === [];
                if (! isset($ordered[$id]) && $ready) {
                    $ordered[$id] = $task;
                }
            }
            if (count($ordered) === $before) {
                throw new LogicException('tasks wait for each other: '.implode(', ', array_keys(array_diff_key($tasks, $ordered))));
            }
        }

        return $ordered;
    }
}
