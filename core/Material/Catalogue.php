<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** The generic materials that ship. All values are from memory of the publications named with each. */
final class Catalogue
{
    private const ISO = 'ISO 10456:2007, table 3 (from memory)';

    private const C578 = 'ASTM C578 minimum R and strength; heat capacity, µ and moisture factor ISO 10456:2007, table 4 (from memory)';

    /** Moisture conversion f_ψ (ISO 10456:2007, table 4, from memory) and the ψ taken against wet ground (common practice, no source). */
    private const WET = ['eps' => [4.0, 0.03], 'xps' => [2.5, 0.015], 'pir' => [6.0, 0.03], 'wool' => [4.0, 0.05]];

    private const KINDS = ['eps' => Kind::Polystyrene, 'xps' => Kind::Polystyrene, 'pir' => Kind::Polyiso, 'wool' => Kind::MineralWool];

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
        $inside = [
            Place::EdgeInside, Place::Upstand, Place::Lining, Place::Threshold, Place::Joint, Place::Closer, Place::Cavity, Place::Wall,
            Place::Deck,
        ];
        $soft = [Place::UnderSlab, Place::OnSlab, Place::EdgeOutside, ...$inside];
        $firm = [...$soft, Place::Wing];
        $hard = [...$firm, Place::UnderBearing];
        $masonry = [Place::Stem, Place::Wall, Place::Lining];

        return [
            new Material(
                'concrete', 'Concrete', Kind::Concrete, 1.65, 2200, 1000, 70, null, Hatch::Concrete, [Place::Slab, ...$masonry],
                self::ISO,
            ),
            new Material(
                'lean-concrete', 'Lean concrete', Kind::Concrete, 1.35, 2000, 1000, 60, null, Hatch::Concrete, [],
                self::ISO.', concrete of medium density',
            ),
            new Material(
                'cavity-air', 'Still air in the cavity', Kind::Air, 0.139, 1.23, 1008, 1, null, Hatch::Air, [],
                'λ of a cavity of 25 mm, ISO 6946:2017, table 8 (from memory); by its width wherever it is used',
            ),
            new Material(
                'reinforced-concrete', 'Reinforced concrete', Kind::Concrete, 2.3, 2300, 1000, 80, null, Hatch::Concrete,
                [Place::Slab, ...$masonry, Place::Deck], self::ISO,
            ),
            new Material(
                'screed', 'Sand and cement screed', Kind::Concrete, 1.2, 1900, 1000, 10, null, Hatch::Screed,
                [Place::Screed, Place::Deck], self::ISO.', mortar and screed',
            ),
            new Material(
                'semi-dry-screed', 'Semi-dry sand and cement screed', Kind::Concrete, 1.0, 1900, 1000, 10, null, Hatch::Screed,
                [Place::Screed], 'λ by common practice, no source: less compact than wet screed; heat capacity '.self::ISO,
            ),
            new Material(
                'dense-block', 'Dense concrete block', Kind::Masonry, 1.13, 1900, 1000, 10, null, Hatch::Masonry, $masonry,
                self::ISO.', blocks with joints, common practice',
            ),
            new Material(
                'hollow-block', 'Hollow concrete block', Kind::Masonry, 0.9, 1400, 1000, 8, null, Hatch::Masonry, $masonry,
                'λ by common practice, no source; heat capacity '.self::ISO,
            ),
            new Material(
                'light-block', 'Light-weight block', Kind::Masonry, 0.16, 600, 1000, 6, null, Hatch::Masonry, $masonry,
                'λ by common practice, no source; heat capacity '.self::ISO,
            ),
            new Material(
                'engineering-brick', 'Engineering brick', Kind::Masonry, 1.0, 2200, 1000, 40, null, Hatch::Masonry, $masonry,
                'common practice, no source; heat capacity '.self::ISO,
            ),
            new Material('brick', 'Brick', Kind::Masonry, 0.77, 1700, 1000, 10, null, Hatch::Masonry, $masonry, self::ISO),
            self::board('eps-15psi', 'EPS board, 15 psi (104 kPa)', 0.0361, 22, 60, 104, Hatch::Foam, $soft, 'eps'),
            self::board('eps-25psi', 'EPS board, 25 psi (173 kPa)', 0.0343, 29, 60, 173, Hatch::Foam, $firm, 'eps'),
            self::board(
                'eps-form', 'EPS form face', 0.0361, 24, 60, 104, Hatch::Foam, [Place::Form, Place::Wall], 'eps',
                'R-4 per inch, common practice, no source; heat capacity, µ and moisture factor ISO 10456:2007, table 4 (from memory)',
            ),
            self::board('xps-15psi', 'XPS board, 15 psi (104 kPa)', 0.0288, 21, 150, 104, Hatch::Foam, $soft, 'xps'),
            self::board('xps-25psi', 'XPS board, 25 psi (173 kPa)', 0.0288, 28, 150, 173, Hatch::Foam, $firm, 'xps'),
            self::board('xps-40psi', 'XPS board, 40 psi (276 kPa)', 0.0288, 32, 150, 276, Hatch::DenseFoam, $hard, 'xps'),
            self::board('xps-60psi', 'XPS board, 60 psi (414 kPa)', 0.0288, 36, 150, 414, Hatch::DenseFoam, $hard, 'xps'),
            self::board('xps-100psi', 'XPS board, 100 psi (690 kPa)', 0.0288, 45, 150, 690, Hatch::DenseFoam, $hard, 'xps'),
            self::board(
                'pir-foil', 'Foil-faced PIR board', 0.0222, 32, 60, 138, Hatch::Foam, [Place::UnderSlab, Place::OnSlab, ...$inside],
                'pir', 'R-6.5 per inch, common practice, no source; heat capacity, µ and moisture factor ISO 10456:2007, table 4 (from memory)',
            ),
            self::board(
                'stone-wool-board',
                'Stone wool board',
                0.0361,
                130,
                1,
                null,
                Hatch::Wool,
                $soft,
                'wool',
                'R-4 per inch, common practice, no source; heat capacity, µ and moisture factor ISO 10456:2007, table 4 (from memory); strength '
                    .'from its data sheet',
                1030,
            ),
            self::board(
                'stone-wool-rated', 'Stone wool board, rated 60 kPa (9 psi)', 0.038, 165, 1, 60, Hatch::Wool, $soft, 'wool',
                'common practice, no source; heat capacity, µ and moisture factor ISO 10456:2007, table 4 (from memory)', 1030,
            ),
            self::board(
                'cavity-wool', 'Mineral wool, cavity slab', 0.0361, 40, 1, null, Hatch::Wool,
                [Place::Wall, Place::Lining, Place::Closer, Place::Cavity, Place::Deck], 'wool',
                'R-4 per inch, common practice, no source; heat capacity, µ and moisture factor ISO 10456:2007, table 4 (from memory)', 1030,
            ),
            new Material(
                'foam-glass-aggregate', 'Foam-glass aggregate', Kind::FoamGlass, 0.085, 210, 850, 1, null, Hatch::Stone,
                [Place::UnderSlab, Place::UnderBearing, Place::Bed],
                'R-1.7 per inch, common practice, no source; strength from its data sheet', 0.085,
            ),
            new Material(
                'crushed-stone', 'Crushed stone, 3/4 in (20 mm), clean', Kind::Aggregate, 2.0, 1700, 910, 50, null, Hatch::Stone,
                [Place::Bed], self::ISO.', sand and gravel',
            ),
            new Material(
                'hardcore', 'Hardcore, broken and compacted', Kind::Aggregate, 2.0, 1900, 910, 50, null, Hatch::Stone, [Place::Bed],
                self::ISO.', sand and gravel',
            ),
            new Material(
                'sand', 'Sand, compacted', Kind::Aggregate, 2.0, 1900, 910, 50, null, Hatch::Sand, [Place::Blinding, Place::Bed],
                self::ISO.', sand and gravel',
            ),
            new Material(
                'dimple-membrane', 'Dimple membrane', Kind::Plastic, 0.2, 400, 1800, 100_000, null, Hatch::Sheet,
                [Place::Drainage, Place::Mat],
                'Plastic and trapped air together, common practice, no source',
            ),
            new Material(
                'drainage-board', 'Drainage board with filter', Kind::Plastic, 0.05, 60, 1450, 20, null, Hatch::Wool,
                [Place::Drainage], 'λ taken wet, common practice, no source',
            ),
            new Material(
                'hdpe-panel', 'HDPE panel', Kind::Plastic, 0.5, 980, 1800, 100_000, null, Hatch::Lining, [Place::Cover], self::ISO,
            ),
            new Material(
                'cement-board', 'Cement board', Kind::Mineral, 0.35, 1200, 1000, 30, null, Hatch::Lining,
                [Place::Cover, Place::Wall, Place::Lining], self::ISO,
            ),
            new Material(
                'floor-panel', 'Floor panels of wood, tongued and glued', Kind::Wood, 0.13, 650, 1700, 50, null, Hatch::Timber,
                [Place::Screed], self::ISO.', particle board',
            ),
            new Material(
                'stud-wall-wool', 'Timber studs with stone wool', Kind::Wood, 0.05, 110, 1150, 1, null, Hatch::Wool,
                [Place::Wall, Place::Lining], 'By area, 15 % softwood 0.13 and 85 % wool 0.036 W/(m·K); common practice, no source',
            ),
            new Material(
                'joists-wool', 'Timber joists with mineral wool', Kind::Wood, 0.047, 95, 1150, 1, null, Hatch::Wool, [Place::Deck],
                'By area, 12 % softwood 0.13 and 88 % wool 0.036 W/(m·K); common practice, no source',
            ),
            new Material(
                'joists-air', 'Timber joists, no insulation', Kind::Wood, 0.7, 60, 1600, 1, null, Hatch::Timber, [Place::Deck],
                'R about 0.2 m²K/W for a closed space of joist height, ISO 6946:2017, 6.9 (from memory)',
            ),
            new Material(
                'softwood', 'Softwood', Kind::Wood, 0.13, 500, 1600, 20, null, Hatch::Timber,
                [Place::Wall, Place::Deck, Place::Lining], self::ISO,
            ),
            new Material(
                'wood-panel', 'Wood panel sheathing', Kind::Wood, 0.13, 650, 1700, 30, null, Hatch::Timber,
                [Place::Wall, Place::Deck, Place::Lining], self::ISO,
            ),
            new Material(
                'gypsum-board', 'Gypsum board', Kind::Mineral, 0.25, 900, 1000, 4, null, Hatch::Lining,
                [Place::Wall, Place::Lining, Place::Deck], self::ISO,
            ),
            new Material(
                'plaster', 'Gypsum plaster', Kind::Mineral, 0.57, 1300, 1000, 6, null, Hatch::Lining, [Place::Wall, Place::Lining],
                self::ISO,
            ),
            new Material(
                'cement-render', 'Cement render', Kind::Mineral, 1.0, 1800, 1000, 6, null, Hatch::Render,
                [Place::Wall, Place::Cover], self::ISO,
            ),
            new Material(
                'metal-flashing', 'Stainless flashing', Kind::Metal, 17.0, 7900, 500, 1_000_000, null, Hatch::Sheet, [Place::Cover],
                self::ISO,
            ),
            new Material(
                'steel-bar', 'Reinforcing steel', Kind::Metal, 50.0, 7850, 450, 1_000_000, null, Hatch::Metal, [], self::ISO,
            ),
            new Material(
                'polymer-bar', 'Bars of fibre polymer', Kind::Plastic, 0.7, 2000, 1000, 1_000_000, null, Hatch::Metal, [],
                'common practice, no source',
            ),
            new Material(
                'polyethylene', 'Polyethylene sheet', Kind::Plastic, 0.33, 920, 2200, 333_000, null, Hatch::Sheet,
                [Place::Lining, Place::Deck], self::ISO.'; µ from s_d 50 m at 0.15 mm, same table',
            ),
        ];
    }

    /** @param  list<Place>  $places */
    private static function board(
        string $slug,
        string $name,
        float $declared,
        float $density,
        float $mu,
        ?float $strength,
        Hatch $hatch,
        array $places,
        string $kind,
        string $source = self::C578,
        float $heat = 1450,
    ): Material {
        [$moisture, $content] = self::WET[$kind];

        return new Material(
            $slug, $name, self::KINDS[$kind], $declared, $density, $heat, $mu, $strength, $hatch, $places, $source, $declared,
            $moisture, $content,
        );
    }
}
