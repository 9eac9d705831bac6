<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\PlanCast;
use App\History\Kept;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan as CorePlan;
use Ondergrond\Plan\PlannedDesign;

/**
 * A project's plan, or a whole one that an option has for itself. Footprints follow from it; while none is drawn they are as
 * typed.
 *
 * @property int $id
 * @property int $project_id
 * @property int|null $option_id  whose own it is; null: the project's
 * @property CorePlan|null $state null: none is drawn
 * @property-read Project $project
 * @property-read Option|null $option
 */
final class Plan extends Model implements Kept
{
    protected $fillable = ['project_id', 'state'];

    protected $casts = ['state' => PlanCast::class];

    protected $attributes = ['state' => 'null'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        // As it would be said of one: `option_id` of a project's own is null on both sides.
        return $this->option_id === null
            ? $this->hasMany(Revision::class, 'project_id', 'project_id')->where('subject', Subject::Plan)->whereNull('option_id')
            : $this->hasMany(Revision::class, 'option_id', 'option_id')->where('subject', Subject::Plan);
    }

    /** @return BelongsTo<Option, $this> */
    public function option(): BelongsTo
    {
        return $this->belongsTo(Option::class);
    }

    public function projectId(): int
    {
        return $this->project_id;
    }

    public function subject(): Subject
    {
        return Subject::Plan;
    }

    /** @return array{plan: array<string, mixed>|null} */
    public function state(): array
    {
        return ['plan' => $this->state === null ? null : PlanCodec::toArray($this->state)];
    }

    public function asShown(array $state): array
    {
        return $state;
    }

    public function take(array $state): void
    {
        try {
            $plan = is_array($state['plan']) ? PlanCodec::fromArray(self::withoutGaps($state['plan']), $this->state()['plan'] ?? []) : null;
        } catch (FaultyInput $e) {
            throw $e->at('/plan');
        }
        $faults = $plan === null ? [] : $this->standingFaults($plan);
        $this->state = $faults === [] ? $plan : throw FaultyInput::because($faults);
    }

    /** @return list<Fault> */
    private function standingFaults(CorePlan $plan): array
    {
        $faults = [];
        foreach ($this->standing() as $option) {
            try {
                PlannedDesign::of($plan, $option->typed(), $option->layout());
            } catch (FaultyInput $e) {
                foreach ($e->faults as $fault) {
                    $faults[] = Fault::of(
                        '/plan', "option “{$option->name}” cannot stand on it: {$fault->line()}", 'walls that it can stand on',
                    );
                }
            }
            array_push($faults, ...$plan->itemFaults($option->layout(), '/layout'));
        }

        return $faults;
    }

    /** @return iterable<Option> those that stand on it */
    private function standing(): iterable
    {
        return $this->option_id === null
            ? $this->project->options->reject(static fn (Option $o): bool => $o->isOnItsOwn()) : array_filter([$this->option]);
    }

    /**
     * What was taken out is a null in a history's state.
     *
     * @param  array<string, mixed>  $plan
     * @return array<string, mixed>
     */
    private static function withoutGaps(array $plan): array
    {
        foreach (['corners', 'walls', 'openings', 'items'] as $map) {
            $plan[$map] = array_filter($plan[$map] ?? [], is_array(...));
        }

        return $plan;
    }
}
