<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was asked for, of a released option: its lines as they were then, and what became of each.
 *
 * @property int $id
 * @property string $ulid
 * @property int $project_id
 * @property int $option_id
 * @property string $by
 * @property string $currency
 * @property list<array<string, mixed>> $lines as result files have them
 * @property CarbonImmutable $created_at
 * @property-read Collection<int, OrderEvent> $events
 */
final class Order extends Model
{
    use Named;

    protected $fillable = ['option_id', 'by', 'currency', 'lines'];

    protected $casts = ['lines' => 'array', 'created_at' => 'immutable_datetime'];

    /** @return HasMany<OrderEvent, $this> oldest first */
    public function events(): HasMany
    {
        return $this->hasMany(OrderEvent::class)->orderBy('id');
    }

    /** @return array<string, OrderEvent> what each line last became */
    public function states(): array
    {
        return $this->events->keyBy('line')->all();
    }
}
