<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\State;
use Ondergrond\Logbook\Survey;
use Ondergrond\Plan\Plan;
use Ondergrond\SetOut\Target;
use Ondergrond\SetOut\Targets;
use Ondergrond\Units\QuantityFormatter;

/** Heights by an instrument and a rod: what it should read on each, and how far off what it did read is. */
final readonly class LevelPage
{
    /** @param  array<string, Target>  $targets  by id */
    private function __construct(
        public Project $project,
        public Option $option,
        public Plan $plan,
        public QuantityFormatter $format,
        public Survey $survey,
        public array $targets,
        public bool $may,
    ) {}

    public static function of(Project $project, QuantityFormatter $format): self
    {
        $option = $project->building();
        $plan = $option->plan() ?? throw new \LogicException('looked for before');

        return new self(
            $project, $option, $plan, $format, Survey::of($project->log()), Targets::of($plan, $option->design, $option->layout()),
            Gate::allows('inspect', $project),
        );
    }

    public function height(float $m): string
    {
        return $this->format->rod($m);
    }

    public function small(float $m): string
    {
        return $this->format->tapedSmall($m);
    }

    /** What the rod should read; null where no instrument is set up. */
    public function rod(Target $target): ?float
    {
        return $this->survey->rods?->rod($target->level);
    }

    public function read(Target $target): ?Entry
    {
        return $this->survey->rodsOn[$target->id] ?? null;
    }

    public function isOut(Entry $entry): bool
    {
        return $entry->said()->state === State::Out;
    }

    /** Without its name: that stands beside it. */
    public function said(Entry $entry): string
    {
        $said = $entry->said()->words->in($this->format);

        return str_starts_with($said, "{$entry->about->place}: ") ? substr($said, strlen("{$entry->about->place}: ")) : $said;
    }

    /** Whether it was drawn at another height when it was read. */
    public function wasDrawnElsewhere(Target $target, Entry $entry): bool
    {
        return $entry->drawn !== null && abs($entry->drawn - $target->level) > 0.0005;
    }
}
