<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Design\Part;
use Ondergrond\Material\Material;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\Unit;

/** Stone, sand and lumps of glass: ordered loose, counted compacted. Factors and densities: common practice, no source. */
final class Loose
{
    /** @var array<string, array{float, float, float}> waste, loose over compacted, t in a loose m³ */
    private const BY = [
        'crushed-stone' => [0.05, 1.10, 1.55], 'hardcore' => [0.05, 1.25, 1.7], 'sand' => [0.10, 1.15, 1.6],
        'foam-glass' => [0.05, 1.30, 0.165],
    ];

    /**
     * @param  float  $volume  compacted, as drawn, m³
     * @return list<Line>
     */
    public static function of(Job $job, Part $part, Material $material, float $volume): array
    {
        if ($volume <= 0.0) {
            return [];
        }
        $key = array_key_first(array_filter(
            self::BY,
            static fn (string $begins): bool => str_starts_with($material->slug, $begins),
            ARRAY_FILTER_USE_KEY,
        )) ?? 'crushed-stone';
        [$waste, $loose, $tonnes] = self::BY[$key];

        return [new Line(
            $part->value, $part->value, $material->name, Unit::Tonne, $volume * $loose * $tonnes, $waste, null, $material->slug,
            1 / ($loose * $tonnes), "{$job->volume($volume)} compacted, {$job->volume($volume * $loose)} loose",
        )];
    }
}
