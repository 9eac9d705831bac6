<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Project;
use App\Models\Study;
use App\Models\StudyKind;
use App\Models\StudyProgress;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Gain\Gains;
use Ondergrond\Gain\Step;
use Ondergrond\Search\Limits;
use Ondergrond\Search\Outcome;
use Ondergrond\Search\Search;
use Ondergrond\Search\Space;
use Ondergrond\Sizing\WingOutcome;
use Ondergrond\Sizing\WingSearch;
use Ondergrond\Takeoff\PriceList;
use Throwable;

/** Works out a study, writing down what it knows as it goes; ends early where it was stopped or its option went away. */
final class RunStudy implements ShouldQueue
{
    use Queueable;

    /** Between two writings, s. */
    private const EVERY = 0.4;

    /** Each ended with its worker; what goes wrong by itself is not tried again. */
    public int $tries = 3;

    public int $maxExceptions = 1;

    public int $timeout = 1800;

    public bool $failOnTimeout = true;

    private float $written = 0.0;

    private string $end = '';

    public function __construct(private readonly int $study) {}

    public function handle(): void
    {
        $study = Study::query()->with(['project', 'option'])->find($this->study);
        // Where it runs already, the worker that it ran in has ended.
        if ($study === null || ! $this->begin()) {
            return;
        }
        if ($study->project === null || $study->option === null) {
            $this->finish($study, StudyProgress::Stopped, 'The option was deleted before it was worked out.', []);

            return;
        }
        try {
            $result = match ($study->kind) {
                StudyKind::Gain => $this->gain($study, $study->project),
                StudyKind::Search => $this->search($study, $study->project),
                StudyKind::Wing => $this->wing($study, $study->project),
            };
            $this->finish($study, $this->end === '' ? StudyProgress::Done : StudyProgress::Stopped, $this->end, $result);
        } catch (FaultyInput $e) {
            $lines = array_map(static fn (Fault $f): string => $f->line(), $e->faults);
            $this->finish($study, StudyProgress::Failed, implode(' ', $lines), []);
        }
    }

    public function failed(?Throwable $e): void
    {
        $study = Study::query()->find($this->study);
        if ($study !== null && ! $study->state->isOver()) {
            $this->begin();
            $this->finish($study, StudyProgress::Failed, 'The server broke off.', $study->result);
        }
    }

    /** False where it is over, by its end or because somebody has stopped it. */
    private function begin(): bool
    {
        return Study::query()->whereKey($this->study)->whereIn('state', [StudyProgress::Queued, StudyProgress::Running])
            ->update(['state' => StudyProgress::Running]) === 1;
    }

    /** @return array<string, mixed> */
    private function gain(Study $study, Project $project): array
    {
        $design = $study->option->design ?? throw new \LogicException('checked before');
        $write = $this->writing($study);
        $rows = static fn (array $steps): array => ['steps' => array_map(static fn (Step $s): array => $s->toArray(), $steps)];
        $prices = PriceList::fromArray($study->input['prices'] ?? [], $project->materials());
        $steps = Gains::ranked($project->site, $design, $project->units, $prices,
            static fn (array $steps, int $of): bool => $write(['done' => count($steps), 'of' => $of], $rows($steps)));

        return $rows($steps);
    }

    /** @return array<string, mixed> */
    private function search(Study $study, Project $project): array
    {
        $option = $study->option ?? throw new \LogicException('checked before');
        $write = $this->writing($study);
        $input = $study->input;
        /** @var array<string, array{float, float}> $open */
        $open = $input['open'];

        return Search::run(
            $project->site, Space::of($option->design, $open, $project->units), new Limits(
                $input['most_cost'] ?? null,
                $input['most_height_m'] ?? null,
            ),
            PriceList::fromArray($input['prices'] ?? [], $project->materials()), $project->units, $option->setAside(),
            static fn (Outcome $o): bool => $write(['done' => $o->judged, 'of' => $o->designs], $o->toArray()),
        )->toArray();
    }

    /** @return array<string, mixed> */
    private function wing(Study $study, Project $project): array
    {
        $design = $study->option->design ?? throw new \LogicException('checked before');
        $write = $this->writing($study);

        return WingSearch::run(
            $project->site, $design, $project->units,
            static fn (WingOutcome $o): bool => $write(['done' => count($o->tries), 'of' => $o->most], $o->toArray()),
            wingAlone: ($study->input['wing_alone'] ?? false) === true,
        )->toArray();
    }

    /** @return Closure(array<string, mixed>, array<string, mixed>): bool  writes every so often; false where it is to end */
    private function writing(Study $study): Closure
    {
        return function (array $progress, array $result) use ($study): bool {
            $now = microtime(true);
            if ($this->written > 0.0 && $now - $this->written < self::EVERY) {
                return true;
            }
            $this->written = $now;
            $still = Study::query()->whereKey($study->id)->where('state', StudyProgress::Running)->update(
                ['progress' => json_encode($progress), 'result' => json_encode($result, JSON_PRESERVE_ZERO_FRACTION)],
            ) === 1;
            if (! $still) {
                $this->end = 'Stopped.';
            } elseif ($study->option()->doesntExist() || $study->project()->doesntExist()) {
                $this->end = 'The option was deleted meanwhile.';
            }

            return $this->end === '';
        };
    }

    /**
     * Only where it runs: one that was stopped, or that is another since a backup was restored, stays as it is.
     *
     * @param  array<string, mixed>  $result
     */
    private function finish(Study $study, StudyProgress $state, string $says, array $result): void
    {
        Study::query()->whereKey($study->id)->where('state', StudyProgress::Running)->update([
            'state' => $state, 'progress' => json_encode([...$study->fresh()->progress ?? [], 'says' => $says]), 'result' => json_encode(
                $result,
                JSON_PRESERVE_ZERO_FRACTION,
            ),
        ]);
    }
}
