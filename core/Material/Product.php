<?php

declare(strict_types=1);

namespace Ondergrond\Material;

use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/**
 * A product of the firm's own: of a generic kind, with what its data sheet says. What the sheet does not say is not said: never
 * the generic's. A project keeps a copy of the version that it took.
 */
final readonly class Product
{
    /** Slugs of own products begin so; no generic one does. */
    public const MARK = 'own-';

    /** Of the air at both faces, in an R that is sold with films, m²K/W (ISO 6946:2017, table 7, 0.13 + 0.04; from memory). */
    public const FILMS = 0.17;

    /**
     * @param  string  $slug  begins with MARK, and never changes
     * @param  string  $like  slug of the generic material that it is one of: its kind, its places, how it is drawn
     * @param  float|null  $conductivity  λ, W/(m·K); null: by its R
     * @param  float|null  $resistance  R of its thickness, m²K/W; null: by its λ
     * @param  float|null  $thickness  that R is said of, m
     * @param  bool  $films  whether that R is sold with air films
     * @param  float  $density  kg/m³; a pack can be weighed
     * @param  float|null  $strength  at 10 % strain, kPa
     * @param  float|null  $lasting  that it carries for good, kPa
     * @param  float|null  $mu  water vapour resistance factor
     * @param  float|null  $airLayer  s_d of its thickness, m, where µ is not said
     * @param  float|null  $hottest  that it stands for good, °C
     * @param  list<float>  $sold  thicknesses, m; empty: not said
     * @param  string  $sheet  its data sheet: number, date, where it is kept
     * @param  bool  $bySquare  whether its price is that of a square metre of its thickness
     * @param  string  $mark  what is read off the board on site
     */
    public function __construct(
        #[Size('slug')]
        public string $slug,
        #[Size('version', key: 'version', quantity: Quantity::Ratio)]
        public float $version,
        #[Size('name')]
        public string $name,
        #[Size('a kind of')]
        public string $like,
        #[Size('λ', key: 'conductivity_w_mk', quantity: Quantity::Conductivity)]
        public ?float $conductivity,
        #[Size('R', key: 'resistance_m2kw', quantity: Quantity::Resistance)]
        public ?float $resistance,
        #[Size('of a thickness of')]
        public ?float $thickness,
        #[Size('R is sold', words: ['no' => 'without air films', 'yes' => 'with air films'])]
        public bool $films,
        #[Size('density', key: 'density_kg_m3')]
        public float $density,
        #[Size('strength at 10 % strain', key: 'strength_kpa', quantity: Quantity::Pressure)]
        public ?float $strength = null,
        #[Size('carries for good', key: 'lasting_kpa', quantity: Quantity::Pressure)]
        public ?float $lasting = null,
        #[Size('µ', key: 'mu', quantity: Quantity::Ratio)]
        public ?float $mu = null,
        #[Size('air layer (s_d) of that thickness', key: 'air_layer_m', quantity: Quantity::AirLayer)]
        public ?float $airLayer = null,
        #[Size('heat limit', key: 'hottest_c')]
        public ?float $hottest = null,
        #[Size('sold thicknesses', key: 'sold_m', quantity: Quantity::Thickness)]
        public array $sold = [],
        #[Size('data sheet')]
        public string $sheet = '',
        #[Size('read off the board')]
        public string $mark = '',
        #[Size('priced by', words: ['no' => 'the cubic metre', 'yes' => 'the square metre of that thickness'])]
        public bool $bySquare = false,
    ) {}

    /** λ by which it is reckoned, W/(m·K). */
    public function lambda(): float
    {
        return $this->conductivity ?? ($this->thickness ?? 0.0) / max(0.001, $this->bare());
    }

    /** R of its thickness without air films, m²K/W. */
    public function bare(): float
    {
        $said = $this->resistance ?? ($this->thickness ?? 0.0) / ($this->conductivity ?? 1.0);

        return max(0.0, $said - ($this->films ? self::FILMS : 0.0));
    }

    /** µ, as it is or by s_d; null where the sheet says neither. */
    public function vapour(): ?float
    {
        $layer = $this->thickness === null || $this->airLayer === null ? null : max(1.0, $this->airLayer / $this->thickness);

        return $this->mu ?? $layer;
    }

    /** As designs use it. */
    public function material(): Material
    {
        $like = Catalogue::get($this->like);

        return new Material(
            $this->slug, $this->name, $like->kind, $this->lambda(), $this->density, $like->specificHeat, $this->vapour() ?? 1.0,
            $this->strength, $like->hatch, $this->places($like), $this->source(), null, $like->moisture, $like->wetContent, $this,
        );
    }

    /**
     * Where it may be put: wherever its kind may, and under a bearing only where its strength is said and enough.
     *
     * @return list<Place>
     */
    private function places(Material $like): array
    {
        $carries = ($this->strength ?? 0.0) >= Place::UnderBearing->strength();
        $places = array_values(array_filter($like->places, static fn (Place $p): bool => $p !== Place::UnderBearing || $carries));

        return $carries && $like->fits(Place::UnderSlab) && ! in_array(Place::UnderBearing, $places, true)
            ? [...$places, Place::UnderBearing] : $places;
    }

    private function source(): string
    {
        return ($this->sheet === '' ? 'own product, no data sheet named' : $this->sheet).sprintf(', version %.0f', $this->version);
    }
}
