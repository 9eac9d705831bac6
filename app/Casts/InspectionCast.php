<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ondergrond\Exchange\InspectionCodec;
use Ondergrond\Inspection\Inspection;

/** @implements CastsAttributes<Inspection, Inspection> */
final class InspectionCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Inspection
    {
        return InspectionCodec::fromValid((array) json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        assert($value instanceof Inspection);

        return json_encode(InspectionCodec::toArray($value), JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
