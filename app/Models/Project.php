<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\SiteCast;
use App\History\History;
use App\History\Kept;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Material\Materials;
use Ondergrond\Project\Option as CoreOption;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/**
 * @property int $id
 * @property string $ulid
 * @property int $firm_id
 * @property string $name
 * @property UnitSystem $units
 * @property Site $site
 * @property CarbonImmutable $updated_at
 * @property CarbonImmutable|null $deleted_at
 * @property-read Collection<int, Option> $options
 * @property-read Option|null $leadingOption
 * @property-read int $options_count
 * @property-read Collection<int, InspectionRecord> $inspections
 */
final class Project extends Model implements Kept
{
    use Named;
    use SoftDeletes;

    public const LONGEST_NAME = 120;

    /** As the schema of project files has it. */
    public const MOST_OPTIONS = 200;

    protected $fillable = ['name', 'units', 'site'];

    protected $casts = ['units' => UnitSystem::class, 'site' => SiteCast::class, 'deleted_at' => 'immutable_datetime'];

    /** @return BelongsTo<Firm, $this> */
    public function firm(): BelongsTo
    {
        return $this->belongsTo(Firm::class);
    }

    /** @return HasMany<Option, $this> */
    public function options(): HasMany
    {
        return $this->hasMany(Option::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasOne<Option, $this> the one that `leading()` finds, for many projects at once */
    public function leadingOption(): HasOne
    {
        return $this->hasOne(Option::class)->ofMany(['pinned' => 'max', 'position' => 'min', 'id' => 'min']);
    }

    /** @return HasMany<InspectionRecord, $this> in the order they were made */
    public function inspections(): HasMany
    {
        return $this->hasMany(InspectionRecord::class)->orderBy('id');
    }

    /** @return HasMany<Share, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(Share::class)->latest()->orderBy('id');
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class)->where('subject', Subject::Site);
    }

    /** Projects are found in one's own firm only: another's is as good as none. */
    public function resolveRouteBindingQuery($query, $value, $field = null)
    {
        return parent::resolveRouteBindingQuery($query, $value, $field)->where('firm_id', User::current()->firm_id);
    }

    /** What its designs are made of: the generic materials, and the products copied into it once there are any. */
    public function materials(): Materials
    {
        return Materials::generic();
    }

    public function projectId(): int
    {
        return $this->id;
    }

    public function subject(): Subject
    {
        return Subject::Site;
    }

    /** @return array{name: string, site: array<string, mixed>} */
    public function state(): array
    {
        return ['name' => $this->name, 'site' => SiteCodec::toArray($this->site)];
    }

    public function take(array $state): void
    {
        try {
            $this->fill(['name' => $state['name'], 'site' => SiteCodec::fromArray($state['site'])]);
        } catch (FaultyInput $e) {
            throw FaultyInput::because(array_map(static fn (Fault $f): Fault => $f->at('/site'), $e->faults));
        }
    }

    /** With a new id of its own; its options and inspections keep theirs. */
    public static function store(CoreProject $project, Firm $firm, string $who): self
    {
        $history = app(History::class);

        return DB::transaction(static function () use ($project, $firm, $who, $history): self {
            $stored = $firm->projects()->create(['name' => $project->name, 'units' => $project->units, 'site' => $project->site]);
            $history->begin($stored, $who);
            foreach ($project->options as $position => $option) {
                $history->begin($stored->options()->create([
                    'ulid' => $option->id,
                    'position' => $position,
                    'name' => $option->name,
                    'pinned' => $option->pinned,
                    'note' => $option->note,
                    'design' => $option->design,
                    'set_aside' => Option::byRule($option->setAside),
                ]), $who);
            }

            foreach ($project->inspections as $seen) {
                $stored->inspections()->create(['seen' => $seen, 'ulid' => $seen->id]);
            }

            return $stored;
        });
    }

    public function toCore(): CoreProject
    {
        /** @var non-empty-list<CoreOption> $options a project is never stored without one */
        $options = array_values($this->options->map(static fn (Option $o): CoreOption => $o->toCore())->all());

        return new CoreProject(
            $this->name, $this->units, $this->site, $options,
            array_values($this->inspections->map(static fn (InspectionRecord $r): Inspection => $r->seen->named($r->ulid))->all()),
            $this->ulid,
        );
    }

    /** The pinned option, else the first: the one that is opened and judged. */
    public function leading(): Option
    {
        return $this->options->firstWhere('pinned', true) ?? $this->options->firstOrFail();
    }
}
