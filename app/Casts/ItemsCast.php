<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Plan\Items;

/** @implements CastsAttributes<Items, Items> */
final class ItemsCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Items
    {
        return Memory::read(Items::class, (string) $value, static fn (): Items => PlanCodec::itemsFromValid(
            (array) json_decode((string) $value, true),
        ));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $items = $value ?? new Items;

        return Memory::text($items, static fn (): string => json_encode(
            (object) PlanCodec::items($items), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        ));
    }
}
