<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What became of a line of an order. Added, never changed.
 *
 * @property int $id
 * @property int $order_id
 * @property string $line
 * @property OrderState $state
 * @property float|null $quantity
 * @property string $note
 * @property string $who
 * @property CarbonImmutable $created_at
 */
final class OrderEvent extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['line', 'state', 'quantity', 'note', 'who'];

    protected $casts = ['state' => OrderState::class, 'created_at' => 'immutable_datetime'];
}
