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

    protected $fillable = ['option_id', 'by', 'stage', 'said', 'winter'];

    protected $casts = ['created_at' => 'immutable_datetime', 'winter' => 'boolean'];

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
        self::query()->whereKey($this->id)->update([$format => base64_encode($bytes)]);
    }

    public function isDone(): bool
    {
        return $this->stage === 'done';
    }
}
