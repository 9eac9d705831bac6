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
 * A project's plan. Its options' footprints follow from it; while none is drawn they are as typed.
 *
 * @property int $id
 * @property int $project_id
 * @property CorePlan|null $state null: none is drawn
 * @property-read Project $project
 */
final class Plan extends Model implements Kept
{
    protected $fillable = ['state'];

    protected $casts = ['state' => PlanCast::class];

    protected $attributes = ['state' => 'null'];

    protected static function booted(): void
    {
        self::saved(static fn (self $plan) => $plan->project->follow($plan->state));
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class, 'project_id', 'project_id')->where('subject', Subject::Plan);
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

    public function take(array $state): void
    {
        try {
            $plan = is_array($state['plan']) ? PlanCodec::fromArray(self::withoutGaps($state['plan'])) : null;
        } catch (FaultyInput $e) {
            throw FaultyInput::because(array_map(static fn (Fault $f): Fault => $f->at('/plan'), $e->faults));
        }
        $faults = [];
        foreach ($this->project->options as $option) {
            if ($plan === null) {
                break;
            }
            try {
                PlannedDesign::of($plan, $option->design);
            } catch (FaultyInput $e) {
                foreach ($e->faults as $fault) {
                    $faults[] = Fault::of(
                        '/plan', "option “{$option->name}” cannot stand on it: {$fault->line()}", 'walls that it can stand on',
                    );
                }
            }
            array_push($faults, ...$plan->itemFaults($option->layout(), '/layout'));
        }
        $this->state = $faults === [] ? $plan : throw FaultyInput::because($faults);
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
