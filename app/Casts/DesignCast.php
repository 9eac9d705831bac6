<?php

declare(strict_types=1);

namespace App\Casts;

use App\Models\Project;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;

/** @implements CastsAttributes<Design, Design> */
final class DesignCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Design
    {
        $read = DesignCodec::fromValid(
            (array) json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR),
            Project::materialsOf((int) ($attributes['project_id'] ?? 0), (string) $value),
        );
        Memory::remember($read, (string) $value);

        return $read;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if ($value === null) {
            throw new LogicException('An option is never stored without its design.');
        }

        return Memory::text(
            $value,
            static fn (): string => json_encode(DesignCodec::toArray($value), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
        );
    }
}
