<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** A building material: a generic one as the catalogue describes it, or a product of one's own. */
final readonly class Material
{
    /** W/(m·K). */
    private const INSULATES = 0.06;

    /**
     * @param  string  $slug  its name in project files
     * @param  Kind  $kind  what it is made of
     * @param  float  $conductivity  design thermal conductivity where it stays dry, W/(m·K)
     * @param  float  $density  kg/m³
     * @param  float  $specificHeat  J/(kg·K)
     * @param  float  $mu  water vapour resistance factor, dimensionless
     * @param  float|null  $strength  compressive strength at 10 % strain or yield, kPa; null where a data sheet must tell
     * @param  Hatch  $hatch  how it is drawn
     * @param  list<Place>  $places  where it may be put
     * @param  string  $source  where the figures come from
     * @param  float|null  $declared  λ_D on its label, W/(m·K), where the design value is another or it has a label at all
     * @param  float  $moisture  f_ψ, moisture conversion coefficient by volume (ISO 10456:2007, table 4)
     * @param  Product|null  $product  that it is; null for a generic material
     * @param  float  $wetContent  ψ it settles at against the ground outside, m³/m³
     */
    public function __construct(
        public string $slug,
        public string $name,
        public Kind $kind,
        public float $conductivity,
        public float $density,
        public float $specificHeat,
        public float $mu,
        public ?float $strength,
        public Hatch $hatch,
        public array $places,
        public string $source,
        public ?float $declared = null,
        public float $moisture = 0.0,
        public float $wetContent = 0.0,
        public ?Product $product = null,
    ) {}

    /** λ against the ground outside: λ·exp(f_ψ ψ), W/(m·K) (ISO 10456:2007, 7.3; dry when it is declared). */
    public function wetConductivity(): float
    {
        return $this->conductivity * exp($this->moisture * $this->wetContent);
    }

    /** The same where it lies against the ground outside. */
    public function wet(): self
    {
        return $this->conducting($this->wetConductivity());
    }

    /** The same with another conductivity, W/(m·K). */
    public function conducting(float $conductivity): self
    {
        return $conductivity === $this->conductivity ? $this : new self(
            $this->slug, $this->name, $this->kind, $conductivity, $this->density, $this->specificHeat, $this->mu, $this->strength,
            $this->hatch, $this->places, $this->source, $this->declared, $this->moisture, $this->wetContent, $this->product,
        );
    }

    /** Whether it is there to hold heat back: boards and wools, not light blocks or timber. */
    public function insulates(): bool
    {
        return $this->conductivity < self::INSULATES;
    }

    /** °C that it stands for good; null where nothing says so. */
    public function hottest(): ?float
    {
        return $this->product === null ? $this->kind->hottest() : $this->product->hottest;
    }

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
