<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** A generic building material, as the catalogue describes it. */
final readonly class Material
{
    /**
     * @param  string  $slug  its name in project files
     * @param  float  $conductivity  design thermal conductivity, W/(m·K)
     * @param  float  $density  kg/m³
     * @param  float  $specificHeat  J/(kg·K)
     * @param  float  $mu  water vapour resistance factor, dimensionless
     * @param  float|null  $strength  compressive strength at 10 % strain or yield, kPa; null where a data sheet must tell
     * @param  Hatch  $hatch  how it is drawn
     * @param  list<Place>  $places  where it may be put
     * @param  string  $source  where the figures come from
     */
    public function __construct(
        public string $slug,
        public string $name,
        public float $conductivity,
        public float $density,
        public float $specificHeat,
        public float $mu,
        public ?float $strength,
        public Hatch $hatch,
        public array $places,
        public string $source,
    ) {}

    /** J/(m³·K). */
    public function volumetricHeatCapacity(): float
    {
        return $this->density * $this->specificHeat;
    }

    public function fits(Place $place): bool
    {
        return in_array($place, $this->places, true);
    }
}
