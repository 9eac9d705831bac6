<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that the queue's worker works out about an option, and has worked out so far. It never changes the option.
 *
 * @property int $id
 * @property int $project_id
 * @property int $option_id
 * @property StudyKind $kind
 * @property StudyProgress $state
 * @property string $who
 * @property array<string, mixed> $input  what was asked, with the hash of the content it was asked of
 * @property array<string, mixed> $progress
 * @property array<string, mixed> $result
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 * @property-read Project|null $project
 * @property-read Option|null $option
 */
final class Study extends Model
{
    protected $table = 'studies';

    /** A worker that has said nothing for so long is gone, s. */
    private const SILENT = 120;

    protected $fillable = ['project_id', 'option_id', 'kind', 'state', 'who', 'input', 'progress', 'result'];

    protected $casts = [
        'kind' => StudyKind::class,
        'state' => StudyProgress::class,
        'input' => 'array',
        'progress' => 'array',
        'result' => 'array',
        'created_at' => 'immutable_datetime',
        'updated_at' => 'immutable_datetime',
    ];

    protected $attributes = ['progress' => '{}', 'result' => '{}'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<Option, $this> */
    public function option(): BelongsTo
    {
        return $this->belongsTo(Option::class);
    }

    /** The latest of that kind. */
    public static function latest(Option $option, StudyKind $kind): ?self
    {
        return self::query()->where('option_id', $option->id)->where('kind', $kind)->orderByDesc('id')->first();
    }

    /** Whether it waits for a worker that may not be there. */
    public function isSilent(): bool
    {
        return ! $this->state->isOver() && $this->updated_at->diffInSeconds(now()) > self::SILENT;
    }
}
