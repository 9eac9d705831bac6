<?php

declare(strict_types=1);

namespace Ondergrond\Load;

use Ondergrond\Design\Layer;

/** What lies there presses by its own weight. */
final class Weight
{
    /** m/s². */
    public const GRAVITY = 9.81;

    /** kPa. */
    public static function of(Layer $layer): float
    {
        return self::GRAVITY * $layer->material->density * $layer->thickness / 1000;
    }
}
