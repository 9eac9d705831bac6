<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Codec\SiteCodec;

/**
 * A kept state. What was kept before there were so many parts is read as having the others left out,
 * so that what a person changes is told apart from what the program has learned since.
 *
 * @implements CastsAttributes<array<string, mixed>, array<string, mixed>>
 */
final class StateCast implements CastsAttributes
{
    /** @return array<string, mixed> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $state = (array) json_decode(KeptState::unpacked((string) $value), true, flags: JSON_THROW_ON_ERROR);

        return match (true) {
            isset($state['design']) => ['set_aside' => [], ...$state, 'design' => DesignCodec::completed($state['design'])],
            isset($state['site']) => [...$state, 'site' => SiteCodec::completed($state['site'])],
            isset($state['plan']) => [...$state, 'plan' => PlanCodec::completed($state['plan'])],
            isset($state['layout']) => [...$state, 'layout' => PlanCodec::completedItems($state['layout'])],
            default => $state,
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return KeptState::packed(json_encode($value, JSON_THROW_ON_ERROR));
    }
}
