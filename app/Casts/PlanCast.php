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
        $text = (string) $value;

        return in_array($text, ['', 'null'], true) ? null : Memory::read(
            Plan::class, $text, static fn (): Plan => PlanCodec::fromValid((array) json_decode($text, true, flags: JSON_THROW_ON_ERROR)),
        );
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value === null ? 'null' : Memory::text($value, static fn (): string => json_encode(
            PlanCodec::asObjects(PlanCodec::toArray($value)), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        ));
    }
}
