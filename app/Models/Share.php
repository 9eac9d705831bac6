<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\URL;

/**
 * A link by which someone outside the firm reads one option: its section and verdicts, nothing else.
 *
 * @property string $id
 * @property int $project_id
 * @property int $option_id
 * @property string $made_for
 * @property string $made_by
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $revoked_at
 * @property-read Project|null $project
 * @property-read Option|null $option
 */
final class Share extends Model
{
    use HasUlids;

    public const LONGEST_DAYS = 365;

    protected $fillable = ['option_id', 'made_for', 'made_by', 'expires_at', 'revoked_at'];

    protected $casts = ['expires_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];

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

    public function open(): bool
    {
        return $this->revoked_at === null && $this->expires_at->isFuture();
    }

    public function link(): string
    {
        return url(URL::temporarySignedRoute('shares.show', $this->expires_at, ['share' => $this->id], absolute: false));
    }
}
