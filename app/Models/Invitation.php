<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\URL;

/**
 * A place in a firm that is offered by a link. Taken or withdrawn, it is deleted.
 *
 * @property string $id
 * @property string $email
 * @property Role $role
 * @property string $invited_by
 * @property CarbonImmutable $expires_at
 * @property-read Firm $firm
 */
final class Invitation extends Model
{
    use HasUlids;

    public const DAYS = 14;

    protected $fillable = ['email', 'role', 'invited_by', 'expires_at'];

    protected $casts = ['role' => Role::class, 'expires_at' => 'immutable_datetime'];

    /** @return BelongsTo<Firm, $this> */
    public function firm(): BelongsTo
    {
        return $this->belongsTo(Firm::class);
    }

    public function link(): string
    {
        return url(URL::temporarySignedRoute('invitations.show', $this->expires_at, ['invitation' => $this->id], absolute: false));
    }
}
