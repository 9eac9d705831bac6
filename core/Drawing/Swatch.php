<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Material\Material;
use Ondergrond\Section\Region;

/** A small patch of a material as it is hatched, for logs and legends. */
final class Swatch
{
    /** m of paper. */
    private const WIDTH = 0.011;

    private const HEIGHT = 0.024;

    public static function of(Material $material): Drawing
    {
        $region = Region::rectangle(null, $material, 0.0, 0.0, self::WIDTH, self::HEIGHT);

        return new Drawing(1.0, [0.0, 0.0, self::WIDTH, self::HEIGHT], [
            new Area(null, $region->polygon, $material->hatch, $material->name),
            new Strokes(Role::Hatch, null, (new Hatching(0.001))->strokes($region, [])),
        ], $material->name);
    }
}
