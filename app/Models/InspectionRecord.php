<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\InspectionCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Ondergrond\Inspection\Inspection;

/**
 * A damp place that somebody looked at.
 *
 * @property int $id
 * @property string $ulid
 * @property int $project_id
 * @property Inspection $seen
 * @property CarbonImmutable $updated_at
 * @property CarbonImmutable|null $deleted_at
 */
final class InspectionRecord extends Model
{
    use Named, SoftDeletes;

    /** As the schema of project files has it. */
    public const MOST = 400;

    protected $table = 'inspections';

    protected $fillable = ['ulid', 'seen'];

    protected $casts = ['seen' => InspectionCast::class, 'deleted_at' => 'immutable_datetime'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }
}
