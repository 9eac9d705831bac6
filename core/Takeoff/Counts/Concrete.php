<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Design\Part;
use Ondergrond\Material\Material;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\Unit;

/** Concrete by the cubic metre, each for its pour. Common practice, no source. */
final class Concrete
{
    public const ON_BOARDS = 0.05;

    public const ON_GROUND = 0.10;

    /**
     * @param  string  $id  what its line's id ends in, where the part has another
     * @return list<Line>
     */
    public static function of(
        Part $part,
        Material $material,
        float $volume,
        float $waste,
        string $pour,
        string $note = '',
        string $id = '',
    ): array {
        return $volume <= 0.0 ? [] : [new Line(
            $part->value.$id, $part->value, $material->name, Unit::CubicMetre, $volume, $waste, null, $material->slug,
            note: $note, pour: $pour,
        )];
    }
}
