<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DaysCast;
use App\Casts\ItemsCast;
use App\History\Kept;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Project\SetDays;

/**
 * What an option puts on the plan, and the days that people have set of its order of work.
 *
 * @property int $id
 * @property int $project_id
 * @property int $option_id
 * @property Items $state
 * @property SetDays $days
 * @property-read Option $option
 */
final class Layout extends Model implements Kept
{
    protected $fillable = ['project_id', 'state', 'days'];

    protected $casts = ['state' => ItemsCast::class, 'days' => DaysCast::class];

    protected $attributes = ['state' => '{}', 'days' => '{}'];

    /** @return BelongsTo<Option, $this> */
    public function option(): BelongsTo
    {
        return $this->belongsTo(Option::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class, 'option_id', 'option_id')->where('subject', Subject::Layout);
    }

    public function projectId(): int
    {
        return $this->project_id;
    }

    public function subject(): Subject
    {
        return Subject::Layout;
    }

    /** @return array{layout: array<string, array<string, mixed>>} */
    public function state(): array
    {
        return ['layout' => PlanCodec::items($this->state)];
    }

    public function asShown(array $state): array
    {
        return $state;
    }

    public function take(array $state): void
    {
        try {
            $items = array_filter($state['layout'] ?? [], is_array(...));
            $layout = $items === [] ? new Items : PlanCodec::itemsFromArray($items, $this->state()['layout']);
        } catch (FaultyInput $e) {
            throw $e->at('/layout');
        }
        $plan = $this->option->plan();
        $faults = $plan?->itemFaults($layout, '/layout') ?? [];
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        if ($plan !== null) {
            // What it puts there may be more than its design can stand on.
            PlannedDesign::of($plan, $this->option->typed(), $layout);
        }
        $this->state = $layout;
    }
}
