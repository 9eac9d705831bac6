<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ondergrond\Project\SetDays;

/** @implements CastsAttributes<SetDays, SetDays> */
final class DaysCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): SetDays
    {
        return SetDays::fromValid((array) json_decode((string) $value, true));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(($value ?? new SetDays)->toArray(), JSON_THROW_ON_ERROR);
    }
}
