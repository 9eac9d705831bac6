<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What a floor is used for, which says how much of its live load stays: ψ₂ of EN 1990:2002, table A1.1 (from memory). */
enum LoadUse: string implements Choice
{
    case NotSaid = 'not-said';
    case Dwelling = 'dwelling';
    case Office = 'office';
    case Assembly = 'assembly';
    case Shop = 'shop';
    case Store = 'store';
    case Vehicles = 'vehicles';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'use not said: as a store',
            self::Dwelling => 'dwelling',
            self::Office => 'office',
            self::Assembly => 'assembly, school, gathering',
            self::Shop => 'shop',
            self::Store => 'store, archive, machines',
            self::Vehicles => 'light vehicles',
        };
    }

    /** Share of the live load that stays; where the use is not said, that of a store. */
    public function lasting(): float
    {
        return match ($this) {
            self::Dwelling, self::Office => 0.3,
            self::Assembly, self::Shop, self::Vehicles => 0.6,
            self::Store, self::NotSaid => 0.8,
        };
    }
}
