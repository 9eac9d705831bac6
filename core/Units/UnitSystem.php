<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** The two systems a person may read and type in. Inside, everything is SI. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case InchPound = 'inch-pound';

    /** How the switch in the header names it. */
    public function label(): string
    {
        return $this === self::Metric ? 'mm · °C · W' : 'in · °F · Btu/h';
    }

    /** A degree of its thermometers, K. */
    public function degree(): float
    {
        return $this === self::Metric ? 1.0 : 5 / 9;
    }
}
