<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** The generic materials that ship. All values are from memory of the publications named with each. */
final class Catalogue
{
    private const ISO = 'ISO 10456:2007, table 3 (from memory)';

    private const C578 = 'ASTM C578 minimum R and strength; heat capacity and µ ISO 10456:2007, table 4 (from memory)';

    /** @var array<string, Material>|null */
    private static ?array $all = null;

    /** @return array<string, Material> by slug */
    public static function all(): array
    {
        return self::$all ??= array_column(self::rows(), null, 'slug');
    }

    /** The material of that slug, or null where there is none. */
    public static function find(string $slug): ?Material
    {
        return self::all()[$slug] ?? null;
    }

    /** @throws UnknownMaterial */
    public static function get(string $slug): Material
    {
        return self::find($slug) ?? throw UnknownMaterial::named($slug);
    }

    /** @return list<Material> */
    public static function for(Place $place): array
    {
        return array_values(array_filter(self::all(), static fn (Material $m): bool => $m->fits($place)));
    }

    /** @return list<Material> */
    private static function rows(): array
    {
        $soft = [Place::UnderSlab, Place::EdgeInside, Place::EdgeOutside, Place::Wall];
        $hard = [...$soft, Place::UnderBearing];

        return [
            new Material('concrete', 'Concrete', 1.65, 2200, 1000, 70, null, Hatch::Concrete, [Place::Slab, Place::Wall], self::ISO),
            new Material('reinforced-concrete', 'Reinforced concrete', 2.3, 2300, 1000, 80, null, Hatch::Concrete, [Place::Slab, Place::Wall], self::ISO),
            new Material('eps-15psi', 'EPS board, 15 psi (104 kPa)', 0.0361, 22, 1450, 60, 104, Hatch::Foam, $soft, self::C578),
            new Material('eps-25psi', 'EPS board, 25 psi (173 kPa)', 0.0343, 29, 1450, 60, 173, Hatch::Foam, $soft, self::C578),
            new Material('xps-25psi', 'XPS board, 25 psi (173 kPa)', 0.0288, 28, 1450, 150, 173, Hatch::Foam, $soft, self::C578),
            new Material('xps-40psi', 'XPS board, 40 psi (276 kPa)', 0.0288, 32, 1450, 150, 276, Hatch::DenseFoam, $hard, self::C578),
            new Material('xps-60psi', 'XPS board, 60 psi (414 kPa)', 0.0288, 36, 1450, 150, 414, Hatch::DenseFoam, $hard, self::C578),
            new Material('pir-foil', 'Foil-faced PIR board', 0.0222, 32, 1400, 60, 138, Hatch::Foam, [Place::UnderSlab, Place::EdgeInside, Place::Wall], 'R-6.5 per inch, common practice, no source; heat capacity and µ ISO 10456:2007, table 4 (from memory)'),
            new Material('stone-wool-board', 'Stone wool board', 0.0361, 130, 1030, 1, null, Hatch::Wool, $soft, 'R-4 per inch, common practice, no source; heat capacity and µ ISO 10456:2007, table 4 (from memory); strength from its data sheet'),
            new Material('foam-glass-aggregate', 'Foam-glass aggregate', 0.085, 210, 850, 1, null, Hatch::Stone, [Place::UnderSlab, Place::UnderBearing, Place::Bed], 'R-1.7 per inch, common practice, no source; strength from its data sheet'),
            new Material('crushed-stone', 'Crushed stone, 3/4 in (20 mm), clean', 2.0, 1700, 910, 50, null, Hatch::Stone, [Place::Bed], self::ISO.', sand and gravel'),
            new Material('stud-wall-wool', 'Timber studs with stone wool', 0.05, 110, 1150, 1, null, Hatch::Wool, [Place::Wall], 'By area, 15 % softwood 0.13 and 85 % wool 0.036 W/(m·K); common practice, no source'),
            new Material('softwood', 'Softwood', 0.13, 500, 1600, 20, null, Hatch::Timber, [Place::Wall], self::ISO),
            new Material('wood-panel', 'Wood panel sheathing', 0.13, 650, 1700, 30, null, Hatch::Timber, [Place::Wall], self::ISO),
            new Material('gypsum-board', 'Gypsum board', 0.25, 900, 1000, 4, null, Hatch::Lining, [Place::Wall], self::ISO),
            new Material('cement-render', 'Cement render', 1.0, 1800, 1000, 6, null, Hatch::Render, [Place::Wall], self::ISO),
            new Material('polyethylene', 'Polyethylene sheet', 0.33, 920, 2200, 333_000, null, Hatch::Sheet, [], self::ISO.'; µ from s_d 50 m at 0.15 mm, same table'),
        ];
    }
}
