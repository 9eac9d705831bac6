<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** How tight and how well insulated a building stands over its floor, as three figures of its rooms. Common practice, no source. */
enum Shell: string
{
    case Usual = 'usual';
    case Tight = 'tight';

    public function label(): string
    {
        return match ($this) {
            self::Usual => 'As usual',
            self::Tight => 'Tight and well insulated',
        };
    }

    /** @return array<string, float> sizes of the site by their key under `room`: air that comes in cold, roof and glass */
    public function figures(): array
    {
        return match ($this) {
            self::Usual => ['air_changes_per_h' => 0.5, 'roof_u_w_m2k' => 0.18, 'glass_u_w_m2k' => 1.1],
            // What is left of half a change an hour behind a heat exchanger, and what leaks.
            self::Tight => ['air_changes_per_h' => 0.15, 'roof_u_w_m2k' => 0.1, 'glass_u_w_m2k' => 0.8],
        };
    }
}
