<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Site\Soil;

/** One stack of a design as the rooms' store, from the inside outward. Sheets are too thin to count. */
final readonly class MassStack
{
    /** Surface resistances, m²K/W (ISO 6946:2017, table 7). */
    public const FLOOR_R = 0.17;

    public const WALL_R = 0.13;

    public const OUTSIDE_R = 0.04;

    /** Ground under it that takes part (ISO 13370:2007, dynamic calculation: half a metre), m. */
    public const SOIL = 0.5;

    /**
     * @param  list<HeatLayer>  $layers  without the ground
     * @param  float  $area  m²
     */
    public function __construct(
        public MassPlace $place,
        public array $layers,
        public float $area,
        private Soil $soil,
    ) {}

    /** Surface resistance inside, m²K/W. */
    public function inside(): float
    {
        return $this->place->isFloor() ? self::FLOOR_R : self::WALL_R;
    }

    public function outside(): float
    {
        return match (true) {
            $this->place->onGround() => 0.0,
            $this->place === MassPlace::Deck => self::FLOOR_R,
            default => self::OUTSIDE_R,
        };
    }

    /**
     * With the ground under it, half a metre deep.
     *
     * @return list<HeatLayer>
     */
    public function withGround(float $depth = self::SOIL): array
    {
        return $this->place->onGround() ? [
            ...$this->layers,
            HeatLayer::solid('ground', $depth, $this->soil->conductivity(), $this->soil->heatCapacity()),
        ] : $this->layers;
    }

    /**
     * From air to air, or from surface to surface. Ground counts to half a metre, or to twice the penetration depth of longer
     * periods, beyond which it does not matter.
     *
     * @param  float  $period  s
     */
    public function dynamic(float $period, bool $surfaces = false): Dynamic
    {
        $deep = 2 * sqrt($this->soil->conductivity() * $period / (M_PI * $this->soil->heatCapacity()));

        return Dynamic::of(
            $this->withGround(max(self::SOIL, $deep)),
            $period,
            $surfaces ? 0.0 : $this->inside(),
            $surfaces ? 0.0 : $this->outside(),
        );
    }

    /**
     * How much of each layer is in the warm, 0 to 1: what it gains in its middle for a kelvin at the inner surface once all is
     * steady, which is what lies behind its middle over all. A board before a store takes its share of it and no more.
     *
     * @return list<float>
     */
    public function shares(): array
    {
        $all = $this->resistance() + ($this->place->onGround() ? self::SOIL / $this->soil->conductivity() : $this->outside());
        $before = 0.0;
        $shares = [];
        foreach ($this->layers as $layer) {
            $shares[] = 1 - ($before + $layer->resistance / 2) / max(1e-9, $all);
            $before += $layer->resistance;
        }

        return $shares;
    }

    /** What is in the warm stores for a kelvin: Σ share · ρ c d, J/(m²·K). */
    public function store(): float
    {
        return array_sum(array_map(static fn (HeatLayer $l, float $share): float => $share * $l->store(), $this->layers, $this->shares()));
    }

    public function resistance(): float
    {
        return array_sum(array_map(static fn (HeatLayer $l): float => $l->resistance, $this->layers));
    }
}
