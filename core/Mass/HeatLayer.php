<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Layer;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** A layer as heat passes it and stays in it. */
final readonly class HeatLayer
{
    /** Boards, wools and foam-glass hold heat back; light blocks do not, W/(m·K). */
    private const HOLDS = 0.1;

    /**
     * @param  string  $name  in a sentence
     * @param  float  $thickness  m; 0 for what holds heat back and stores none
     * @param  float  $resistance  d/λ, m²K/W
     * @param  float  $capacity  ρc, J/(m³·K)
     * @param  string|null  $part  key of the part it belongs to
     */
    private function __construct(
        public string $name,
        public float $thickness,
        public float $resistance,
        public float $capacity,
        public ?string $part = null,
    ) {}

    public static function of(Layer $layer, ?string $part = null, bool $wet = false): self
    {
        return new self(
            mb_strtolower($layer->material->name), $layer->thickness, $wet ? $layer->wetResistance() : $layer->resistance(),
            $layer->material->volumetricHeatCapacity(), $part,
        );
    }

    /**
     * @param  float  $thickness  m
     * @param  float  $conductivity  W/(m·K)
     * @param  float  $capacity  ρc, J/(m³·K)
     *
     * @throws FaultyInput where one of them is not above 0
     */
    public static function solid(string $name, float $thickness, float $conductivity, float $capacity, ?string $part = null): self
    {
        foreach (['thickness_m' => $thickness, 'conductivity' => $conductivity, 'capacity_j_m3k' => $capacity] as $key => $value) {
            if ($value <= 0.0) {
                throw FaultyInput::one(
                    Fault::of(
                        '/'.$key,
                        rtrim(rtrim(sprintf('%.6f', $value), '0'), '.'),
                        'more than 0; a layer that only holds heat back is given by r_m2kw',
                    ),
                );
            }
        }

        return new self($name, $thickness, $thickness / $conductivity, $capacity, $part);
    }

    /** What holds heat back and stores none: a film, a finish, an air gap. */
    public static function film(string $name, float $resistance, ?string $part = null): self
    {
        return new self($name, 0.0, $resistance, 0.0, $part);
    }

    /** Per area, J/(m²·K). */
    public function store(): float
    {
        return $this->capacity * $this->thickness;
    }

    /** λ, W/(m·K); 0 for a film. */
    public function conductivity(): float
    {
        return $this->thickness > 0.0 ? $this->thickness / $this->resistance : 0.0;
    }

    public function holdsBack(): bool
    {
        return $this->thickness > 0.0 && $this->conductivity() < self::HOLDS;
    }
}
