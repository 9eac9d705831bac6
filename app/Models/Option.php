<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DesignCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Ondergrond\Design\Design;
use Ondergrond\Project\Option as CoreOption;

/**
 * @property int $id
 * @property int $project_id
 * @property int $position
 * @property string $name
 * @property bool $pinned
 * @property string $note
 * @property Design $design
 * @property-read Project $project
 */
final class Option extends Model
{
    protected $fillable = ['position', 'name', 'pinned', 'note', 'design'];

    protected $casts = ['pinned' => 'boolean', 'design' => DesignCast::class];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    public function toCore(): CoreOption
    {
        return new CoreOption($this->name, $this->pinned, $this->note, $this->design);
    }
}
