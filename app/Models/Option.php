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
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Items;
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
 * @property Design $design
 * @property array<string, array{reason: string, by: string, on: string}> $set_aside  by rule
 * @property CarbonImmutable $updated_at
 * @property CarbonImmutable|null $deleted_at
 * @property-read Project $project
 * @property-read Layout|null $drawnLayout
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

        return $layout;
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
            'design' => DesignCodec::toArray($this->design),
            'set_aside' => $this->set_aside,
        ];
    }

    public function take(array $state): void
    {
        try {
            // What was taken back is a null there.
            $this->fill(
                [
                    'name' => $state['name'],
                    'note' => $state['note'],
                    'design' => $this->planned(DesignCodec::fromArray($state['design'], $this->project->materials())),
                    'set_aside' => array_filter($state['set_aside'] ?? [], is_array(...)),
                ],
            );
        } catch (FaultyInput $e) {
            throw FaultyInput::because(array_map(static fn (Fault $f): Fault => $f->at('/design'), $e->faults));
        }
    }

    /** @throws FaultyInput where it cannot stand on the project's plan */
    private function planned(Design $design): Design
    {
        $plan = $this->project->plan();

        return $plan === null ? $design : PlannedDesign::of($plan, $design);
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
        );
    }
}
