<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DesignCast;
use App\History\History;
use App\History\Kept;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use LogicException;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\History\Changes;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan as CorePlan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Project\Option as CoreOption;
use Ondergrond\Project\SetAside;
use Ondergrond\Project\SetDays;

/**
 * @property int $id
 * @property string $ulid
 * @property int $project_id
 * @property int $position
 * @property string $name
 * @property bool $pinned
 * @property string $note
 * @property Design $design  as it is judged: typed, with what follows from its plan
 * @property array<string, array{reason: string, by: string, on: string}> $set_aside  by rule
 * @property CarbonImmutable $updated_at
 * @property CarbonImmutable|null $deleted_at
 * @property-read Project $project
 * @property-read Layout|null $drawnLayout
 * @property-read Plan|null $ownPlan
 */
final class Option extends Model implements Kept
{
    use Named;
    use SoftDeletes;

    public const LONGEST_NAME = 120;

    public const LONGEST_NOTE = 2000;

    protected $fillable = ['ulid', 'position', 'name', 'pinned', 'note', 'design', 'set_aside'];

    protected $attributes = ['set_aside' => '{}'];

    protected $casts = ['pinned' => 'boolean', 'design' => DesignCast::class, 'set_aside' => 'array', 'deleted_at' => 'immutable_datetime'];

    protected static function booted(): void
    {
        // Projects are listed by when anything of theirs was last changed.
        self::saved(static fn (self $option) => $option->project()->touch());
        self::saving(static fn (self $option) => $option->project->copyProducts($option->design));
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class)->where('subject', Subject::Design);
    }

    /** @return HasOne<Layout, $this> */
    public function drawnLayout(): HasOne
    {
        return $this->hasOne(Layout::class);
    }

    /** @return HasOne<Plan, $this> a whole plan of its own */
    public function ownPlan(): HasOne
    {
        return $this->hasOne(Plan::class);
    }

    /** What it stands on: its own plan, else the project's; null where none is drawn. */
    public function plan(): ?CorePlan
    {
        return $this->loadMissing(['ownPlan', 'project'])->ownPlan->state ?? $this->project->plan();
    }

    /** Whether it has a whole plan of its own, which follows the project's no longer. */
    public function isOnItsOwn(): bool
    {
        return $this->loadMissing('ownPlan')->ownPlan?->state !== null;
    }

    /** The plan that it stands on, to be saved through History. */
    public function keptPlan(string $who): Plan
    {
        return $this->isOnItsOwn() && $this->ownPlan !== null
            ? $this->ownPlan->setRelation('option', $this)->setRelation('project', $this->project) : $this->project->keptPlan($who);
    }

    /** @throws FaultyInput where it cannot stand on that plan */
    public function standsOn(CorePlan $plan): void
    {
        $faults = $plan->itemFaults($this->layout(), '/layout');
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        PlannedDesign::of($plan, $this->typed(), $this->layout());
    }

    /** Gets a whole plan of its own, or the one it had back. */
    public function drawn(CorePlan $state, string $who): Plan
    {
        $plan = $this->loadMissing('ownPlan')->ownPlan ?? $this->ownPlan()->make(['project_id' => $this->project_id]);
        $plan->setRelation('project', $this->project)->setRelation('option', $this);
        $plan->state = $state;
        $plan->save();
        app(History::class)->begin($plan, $who);
        $this->setRelation('ownPlan', $plan);

        return $plan;
    }

    /** What it puts on the plan. */
    public function layout(): Items
    {
        return $this->loadMissing('drawnLayout')->drawnLayout->state ?? new Items;
    }

    public function days(): SetDays
    {
        return $this->loadMissing('drawnLayout')->drawnLayout->days ?? new SetDays;
    }

    /** The layout to be saved through History. */
    public function keptLayout(string $who): Layout
    {
        $layout = $this->loadMissing('drawnLayout')->drawnLayout;
        if ($layout === null) {
            $layout = $this->drawnLayout()->make(['project_id' => $this->project_id]);
            $layout->setRelation('option', $this);
            $layout->save();
            app(History::class)->begin($layout, $who);
            $this->setRelation('drawnLayout', $layout);
        }

        return $layout->setRelation('option', $this);
    }

    /** @return HasMany<Study, $this> */
    public function studies(): HasMany
    {
        return $this->hasMany(Study::class);
    }

    public function projectId(): int
    {
        return $this->project_id;
    }

    public function subject(): Subject
    {
        return Subject::Design;
    }

    /**
     * @return array{name: string, note: string, design: array<string, mixed>, set_aside: array<string, array{reason: string, by: string,
     * on: string}>}
     */
    public function state(): array
    {
        return [
            'name' => $this->name,
            'note' => $this->note,
            'design' => DesignCodec::toArray($this->typed()),
            'set_aside' => $this->set_aside,
        ];
    }

    public function asShown(array $state): array
    {
        if ($this->plan() === null) {
            return $state;
        }
        $design = DesignCodec::fromValid($state['design'], $this->project->materials());

        return [...$state, 'design' => DesignCodec::toArray($this->planned($design))];
    }

    public function take(array $state): void
    {
        try {
            $design = DesignCodec::fromArray($state['design'], $this->project->materials());
            $this->planned($design);
        } catch (FaultyInput $e) {
            throw $e->at('/design');
        }
        $this->fill([
            // What was taken back is a null there.
            'name' => $state['name'], 'note' => $state['note'], 'design' => $design,
            'set_aside' => array_filter($state['set_aside'] ?? [], is_array(...)),
        ]);
    }

    /** What was typed, whatever a plan makes of it: this is what is stored. */
    public function typed(): Design
    {
        return DesignCast::typed($this);
    }

    /** A design that was worked out from this one's, as it would have been typed: without what follows from the plan. */
    public function laid(Design $other): Design
    {
        $way = Changes::between(DesignCodec::toArray($this->design), DesignCodec::toArray($other));

        return DesignCodec::fromValid($way->on(DesignCodec::toArray($this->typed())), $this->project->materials());
    }

    /** Puts on the plan what another does, on a plan of its own where that has one: for copies. */
    public function standAs(self $other, string $who): void
    {
        if ($other->isOnItsOwn()) {
            $this->drawn($other->plan() ?? throw new LogicException('looked for before'), $who);
        }
        if ($other->layout()->all !== []) {
            $layout = $this->keptLayout($who);
            $layout->state = $other->layout();
            $layout->save();
            app(History::class)->begin($layout, $who);
        }
    }

    /** @throws FaultyInput where it cannot stand on its plan */
    public function planned(Design $design): Design
    {
        $plan = $this->plan();

        return $plan === null ? $design : PlannedDesign::of($plan, $design, $this->layout());
    }

    /**
     * @param  list<SetAside>  $setAside
     * @return array<string, array{reason: string, by: string, on: string}>
     */
    public static function byRule(array $setAside): array
    {
        $by = [];
        foreach ($setAside as $s) {
            $by[$s->rule] = ['reason' => $s->reason, 'by' => $s->by, 'on' => $s->on];
        }

        return $by;
    }

    /** @return list<SetAside> */
    public function setAside(): array
    {
        return array_map(
            static fn (string $rule, array $s): SetAside => new SetAside($rule, $s['reason'], $s['by'], $s['on']),
            array_keys($this->set_aside),
            $this->set_aside,
        );
    }

    public function toCore(): CoreOption
    {
        return new CoreOption(
            $this->name, $this->pinned, $this->note, $this->design, $this->setAside(), $this->ulid, $this->layout(), $this->days(),
            $this->isOnItsOwn() ? $this->plan() : null,
            $this->plan() === null ? null : $this->typed()->with(['footprint' => $this->design->footprint]),
        );
    }
}
