<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Plan\Plan;

/** @implements CastsAttributes<Plan|null, Plan|null> */
final class PlanCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Plan
    {
        $data = json_decode((string) $value, true);

        return is_array($data) ? PlanCodec::fromValid($data) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(
            $value === null ? null : PlanCodec::asObjects(PlanCodec::toArray($value)),
            JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        );
    }
}
