<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A pack that was made to be handed over: two sealed files, in the database like all else.
 *
 * @property int $id
 * @property string $ulid
 * @property int $project_id
 * @property int $option_id
 * @property string $by
 * @property string $stage waiting, judging, printing, done or failed
 * @property string $said why it failed
 * @property bool $winter whether the design winter is run for it, drawn and built
 * @property string $content of what the winter was run on, see Content::built
 * @property float|null $margin that the frost keeps more as built than as drawn, m
 * @property CarbonImmutable $created_at
 * @property-read Project $project
 * @property-read Option $option
 */
final class HandedPack extends Model
{
    use Named;

    /** Without the files themselves. */
    public const ROW = ['id', 'ulid', 'project_id', 'option_id', 'by', 'stage', 'said', 'winter', 'created_at', 'updated_at'];

    protected $table = 'packs';

    protected $fillable = ['option_id', 'by', 'stage', 'said', 'winter', 'content', 'margin'];

    protected $casts = ['created_at' => 'immutable_datetime', 'winter' => 'boolean', 'margin' => 'float'];

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

    /** What the winter of such a job was found to leave, where a pack has run it: more than as drawn, m. */
    public static function marginOf(Project $project, string $content): ?float
    {
        return self::query()->where('project_id', $project->id)->where('content', $content)->whereNotNull('margin')
            ->latest('id')->first(['id', 'margin'])?->margin;
    }

    /**
     * @param  'html'|'pdf'  $format
     * @return string its bytes; empty where it was not made
     */
    public function file(string $format): string
    {
        return (string) base64_decode((string) self::query()->whereKey($this->id)->value($format), true);
    }

    /** @param  'html'|'pdf'  $format */
    public function seal(string $format, string $bytes): void
    {
        self::query()->where('ulid', $this->ulid)->update([$format => base64_encode($bytes)]);
    }

    public function isDone(): bool
    {
        return $this->stage === 'done';
    }
}
