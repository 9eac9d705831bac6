<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

/** Surface resistances, m²K/W: ISO 6946:2017, table 7 (2007: table 1), by direction of heat flow. */
final class SurfaceResistance
{
    public const INSIDE_DOWN = 0.17;

    public const INSIDE_HORIZONTAL = 0.13;

    public const INSIDE_UP = 0.10;

    public const OUTSIDE = 0.04;
}
