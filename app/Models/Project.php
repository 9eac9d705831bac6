<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\SiteCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Ondergrond\Project\Option as CoreOption;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/**
 * @property int $id
 * @property string $name
 * @property UnitSystem $units
 * @property Site $site
 * @property CarbonImmutable $updated_at
 * @property-read Collection<int, Option> $options
 */
final class Project extends Model
{
    protected $fillable = ['name', 'units', 'site'];

    protected $casts = ['units' => UnitSystem::class, 'site' => SiteCast::class];

    /** @return HasMany<Option, $this> */
    public function options(): HasMany
    {
        return $this->hasMany(Option::class)->orderBy('position');
    }

    public static function store(CoreProject $project): self
    {
        return DB::transaction(static function () use ($project): self {
            $stored = self::create(['name' => $project->name, 'units' => $project->units, 'site' => $project->site]);
            foreach ($project->options as $position => $option) {
                $stored->options()->create([
                    'position' => $position,
                    'name' => $option->name,
                    'pinned' => $option->pinned,
                    'note' => $option->note,
                    'design' => $option->design,
                ]);
            }

            return $stored;
        });
    }

    public function toCore(): CoreProject
    {
        /** @var non-empty-list<CoreOption> $options a project is never stored without one */
        $options = array_values($this->options->map(static fn (Option $o): CoreOption => $o->toCore())->all());

        return new CoreProject($this->name, $this->units, $this->site, $options);
    }

    /** The pinned option, else the first: the one that is opened and judged. */
    public function leading(): Option
    {
        return $this->options->firstWhere('pinned', true) ?? $this->options->firstOrFail();
    }
}
