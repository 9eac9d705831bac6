<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\EntryCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Ondergrond\Logbook\Entry;

/**
 * An entry of the log. Added, never changed.
 *
 * @property string $id
 * @property int $project_id
 * @property string $kind
 * @property string $hold
 * @property Entry $state
 * @property CarbonImmutable $received_at
 */
final class EntryRecord extends Model
{
    public const MOST = 20_000;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'entries';

    protected $keyType = 'string';

    protected $fillable = ['id', 'kind', 'hold', 'state', 'received_at'];

    protected $casts = ['state' => EntryCast::class, 'received_at' => 'immutable_datetime'];

    public static function of(Project $project, Entry $entry): self
    {
        return $project->entries()->create([
            'id' => $entry->id, 'kind' => $entry->kind->value, 'hold' => $entry->about->hold, 'state' => $entry, 'received_at' => now(),
        ]);
    }

    protected static function booted(): void
    {
        self::updating(static fn () => throw new LogicException('An entry is corrected by another, never changed.'));
    }
}
