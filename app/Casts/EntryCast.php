<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Ondergrond\Exchange\EntryCodec;
use Ondergrond\Logbook\Entry;

/** @implements CastsAttributes<Entry, Entry> */
final class EntryCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Entry
    {
        return EntryCodec::fromValid((array) json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if ($value === null) {
            throw new LogicException('A record is never stored without its entry.');
        }

        return json_encode(EntryCodec::toArray($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
