<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Site\Site;

/** @implements CastsAttributes<Site, Site> */
final class SiteCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Site
    {
        $read = SiteCodec::fromValid((array) json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR));
        Memory::remember($read, (string) $value);

        return $read;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if ($value === null) {
            throw new LogicException('A project is never stored without its site.');
        }

        return Memory::text(
            $value,
            static fn (): string => json_encode(SiteCodec::toArray($value), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
        );
    }
}
