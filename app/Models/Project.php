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
use Ondergrond\Codec\ProductCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Product;
use Ondergrond\Plan\Plan as CorePlan;
use Ondergrond\Project\Option as CoreOption;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Project\SetDays;
use Ondergrond\Project\Ulid;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\UnitSystem;

/**
 * @property int $id
 * @property string $ulid
 * @property int $firm_id
 * @property string $name
 * @property UnitSystem $units
 * @property Site $site
 * @property array<string, array<string, mixed>> $products  copies of the firm's own that it took, by slug, as in project files
 * @property CarbonImmutable $updated_at
 * @property CarbonImmutable|null $deleted_at
 * @property-read Collection<int, Option> $options
 * @property-read Option|null $leadingOption
 * @property-read int $options_count
 * @property-read Collection<int, InspectionRecord> $inspections
 * @property-read Plan|null $drawnPlan
 * @property-read Release|null $release
 */
final class Project extends Model implements Kept
{
    use Named;
    use SoftDeletes;

    public const LONGEST_NAME = 120;

    /** As the schema of project files has it. */
    public const MOST_OPTIONS = 200;

    protected $fillable = ['name', 'units', 'site', 'products'];

    protected $attributes = ['products' => '{}'];

    protected $casts = [
        'units' => UnitSystem::class, 'site' => SiteCast::class, 'products' => 'array', 'deleted_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Firm, $this> */
    public function firm(): BelongsTo
    {
        return $this->belongsTo(Firm::class);
    }

    /** What the firm pays. */
    public function prices(): PriceList
    {
        return $this->firm?->priceList() ?? PriceList::none();
    }

    /** @return HasMany<Option, $this> */
    public function options(): HasMany
    {
        return $this->hasMany(Option::class)->orderBy('position')->orderBy('id')->chaperone();
    }

    /** @return HasOne<Option, $this> the one that `leading()` finds, for many projects at once */
    public function leadingOption(): HasOne
    {
        return $this->hasOne(Option::class)->ofMany(['pinned' => 'max', 'position' => 'min', 'id' => 'min'])->chaperone();
    }

    /** @return HasMany<InspectionRecord, $this> in the order they were made */
    public function inspections(): HasMany
    {
        return $this->hasMany(InspectionRecord::class)->orderBy('id');
    }

    /** @return HasOne<Plan, $this> */
    public function drawnPlan(): HasOne
    {
        return $this->hasOne(Plan::class)->whereNull('option_id');
    }

    /** What its options stand on; null where none is drawn. */
    public function plan(): ?CorePlan
    {
        return $this->loadMissing('drawnPlan')->drawnPlan?->state;
    }

    /** The plan to be saved through History; an empty one where none was ever drawn. */
    public function keptPlan(string $who): Plan
    {
        $plan = $this->loadMissing('drawnPlan')->drawnPlan;
        if ($plan === null) {
            $plan = $this->drawn(null, $who);
        }

        return $plan;
    }

    private function drawn(?CorePlan $state, string $who): Plan
    {
        $plan = $this->drawnPlan()->make(['state' => $state]);
        $plan->setRelation('project', $this);
        $plan->save();
        app(History::class)->begin($plan, $who);
        $this->setRelation('drawnPlan', $plan);

        return $plan;
    }

    /** @return HasOne<Release, $this> */
    public function release(): HasOne
    {
        return $this->hasOne(Release::class);
    }

    /** @return HasMany<EntryRecord, $this> as they came in */
    public function entries(): HasMany
    {
        return $this->hasMany(EntryRecord::class)->orderBy('received_at')->orderBy('id');
    }

    public function log(): Logbook
    {
        return new Logbook($this->entries()->get()->map(static fn (EntryRecord $e): Entry => $e->state)->all());
    }

    /** @return HasMany<Photograph, $this> */
    public function photographs(): HasMany
    {
        return $this->hasMany(Photograph::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class)->latest('id');
    }

    /** @return HasMany<HandedPack, $this> */
    public function packs(): HasMany
    {
        return $this->hasMany(HandedPack::class)->latest('id');
    }

    /** The released option, else the leading one: what the second half is about. */
    public function building(): Option
    {
        $released = $this->release?->option;

        return $released !== null && ! $released->trashed() ? $released->setRelation('project', $this) : $this->leading();
    }

    /** Whether an order, or an entry since then, hangs on the release: tapes may have been read before it. */
    public function isUnderWay(): bool
    {
        return $this->orders()->exists()
            || $this->entries()->where('received_at', '>=', $this->release->created_at ?? now()->setTimestamp(0))->exists();
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

    /** What its designs may be made of: the generic materials, the products copied into it, and the firm's others. */
    public function materials(): Materials
    {
        return Materials::withProducts($this->ownProducts() + ($this->loadMissing('firm')->firm?->ownProducts() ?? []));
    }

    /** @return array<string, Product> of the firm's own, by slug, each in the version that it took */
    public function ownProducts(): array
    {
        return array_map(ProductCodec::fromValid(...), $this->products);
    }

    /**
     * What a stored design of a project may name; a text without own products asks no database.
     *
     * @param  string  $design  as JSON
     */
    public static function materialsOf(int $project, string $design): Materials
    {
        return str_contains($design, '"'.Product::MARK)
            ? (self::query()->withTrashed()->find($project)?->materials() ?? Materials::generic()) : Materials::generic();
    }

    /** Copies what a design takes of the firm's products: from then on the firm's list may move on. */
    public function copyProducts(Design $design): void
    {
        $new = array_diff_key($design->products(), $this->products);
        if ($new !== []) {
            $this->update(['products' => [...$this->products, ...array_map(ProductCodec::toArray(...), $new)]]);
        }
    }

    /** @return array<string, Product> what the firm's list has now of a product that this project has another version of, by slug */
    public function newerProducts(): array
    {
        $own = $this->ownProducts();

        return array_filter(
            $this->loadMissing('firm')->firm?->ownProducts() ?? [],
            static fn (Product $p): bool => isset($own[$p->slug]) && $own[$p->slug]->version !== $p->version,
        );
    }

    /** Takes over a version; the designs that are made of it follow. */
    public function takeProduct(Product $product): void
    {
        $this->update(['products' => [...$this->products, $product->slug => ProductCodec::toArray($product)]]);
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

    public function asShown(array $state): array
    {
        return $state;
    }

    public function take(array $state): void
    {
        try {
            $this->fill(['name' => $state['name'], 'site' => SiteCodec::fromArray($state['site'])]);
        } catch (FaultyInput $e) {
            throw FaultyInput::because(array_map(static fn (Fault $f): Fault => $f->at('/site'), $e->faults));
        }
    }

    /** @return list<Inspection> damp places that were looked at, the latest first */
    public function seen(): array
    {
        return array_values($this->inspections->reverse()->map(static fn (InspectionRecord $r): Inspection => $r->seen)->all());
    }

    /**
     * With a new id of its own; its options and inspections keep theirs.
     *
     * @param  bool  $own  its entries were made here and count as evidence; those of a file that came in do not
     */
    public static function store(CoreProject $project, Firm $firm, string $who, bool $own = false): self
    {
        $history = app(History::class);

        return DB::transaction(static function () use ($project, $firm, $who, $history, $own): self {
            $stored = $firm->projects()->create([
                'name' => $project->name, 'units' => $project->units, 'site' => $project->site,
                'products' => array_map(ProductCodec::toArray(...), array_column($project->products(), null, 'slug')),
            ]);
            $history->begin($stored, $who);
            foreach ($project->options as $position => $option) {
                $history->begin($stored->options()->create([
                    'ulid' => $option->id,
                    'position' => $position,
                    'name' => $option->name,
                    'pinned' => $option->pinned,
                    'note' => $option->note,
                    'design' => $option->written(),
                    'set_aside' => Option::byRule($option->setAside),
                ]), $who);
            }

            foreach ($project->inspections as $seen) {
                $stored->inspections()->create(['seen' => $seen, 'ulid' => $seen->id]);
            }
            $stored->storeBuilding($project, $who, $own);

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
            $this->ulid, $this->plan(), $this->release?->toCore(), $this->log()->entries,
        );
    }

    /** Its plan, what its options put on it, what is released and what was logged. */
    private function storeBuilding(CoreProject $project, string $who, bool $own): void
    {
        if ($project->plan !== null) {
            $this->drawn($project->plan, $who);
        }
        foreach ($this->options()->get() as $i => $option) {
            $of = $project->options[$i];
            if ($of->plan !== null) {
                $option->drawn($of->plan, $who);
            }
            if ($of->layout->all !== [] || $of->days->toArray() !== (new SetDays)->toArray()) {
                $layout = $option->keptLayout($who);
                $layout->fill(['state' => $of->layout, 'days' => $of->days])->save();
                app(History::class)->begin($layout, $who);
            }
            if ($of->id === $project->release?->option) {
                $this->release()->create([
                    'option_id' => $option->id, 'revision_id' => History::head($option)->id, 'by' => $project->release->by,
                    'open' => $project->release->open,
                    'changes' => array_map(static fn ($c): array => get_object_vars($c), $project->release->changes),
                    'heads' => array_map(
                        static fn (Revision $r): int => $r->id, Release::headsOf($option->unsetRelations()->setRelation('project', $this)),
                    ),
                ]);
            }
        }
        foreach ($project->entries as $entry) {
            $this->entries()->create([
                // Another project may have been read from the same file.
                'id' => EntryRecord::query()->whereKey($entry->id)->exists() ? Ulid::from($this->ulid, $entry->id) : $entry->id,
                'kind' => $entry->kind->value, 'hold' => $entry->about->hold, 'state' => $own ? $entry : $entry->imported(),
                'received_at' => now(),
            ]);
        }
    }

    /** The pinned option, else the first: the one that is opened and judged. */
    public function leading(): Option
    {
        return $this->options->firstWhere('pinned', true) ?? $this->options->firstOrFail();
    }
}
