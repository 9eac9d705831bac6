<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Facades\Auth;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\UnitSystem;

/**
 * A member of a firm.
 *
 * @property int $id
 * @property int $firm_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property UnitSystem|null $units
 * @property DecimalMark $decimal_mark
 * @property bool $single_keys
 * @property bool $demo
 * @property bool $lead of the crew: whether they pass hold points
 * @property-read Firm $firm
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $fillable = ['name', 'email', 'password', 'role', 'units', 'decimal_mark', 'single_keys'];

    protected $hidden = ['password', 'remember_token'];

    protected $attributes = ['decimal_mark' => 'point', 'single_keys' => true, 'demo' => false, 'lead' => false];

    protected $casts = [
        'password' => 'hashed',
        'role' => Role::class,
        'units' => UnitSystem::class,
        'decimal_mark' => DecimalMark::class,
        'single_keys' => 'boolean',
        'demo' => 'boolean',
        'lead' => 'boolean',
    ];

    /** Who is signed in, on routes that only signed-in people reach. */
    public static function current(): self
    {
        $user = Auth::user();
        abort_unless($user instanceof self, 403);

        return $user;
    }

    /** @return BelongsTo<Firm, $this> */
    public function firm(): BelongsTo
    {
        return $this->belongsTo(Firm::class);
    }

    /** An address is one address however it is written. */
    public function setEmailAttribute(string $email): void
    {
        $this->attributes['email'] = self::plainEmail($email);
    }

    public static function plainEmail(string $email): string
    {
        return mb_strtolower(trim($email));
    }

    /** Whether the work goes on past a hold point on their word. */
    public function passes(): bool
    {
        return $this->role->designs() || ($this->role === Role::Crew && $this->lead);
    }

    /** Members are found in one's own firm only. */
    public function resolveRouteBinding($value, $field = null)
    {
        return self::query()->where('firm_id', self::current()->firm_id)->whereKey($value)->first();
    }
}
