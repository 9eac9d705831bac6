<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Site\Site;

/** Depth of frost in the open ground of a site in its design winter, by each of the sums; the deepest that claims to be exact governs. */
final readonly class OpenGround
{
    /** λ of paving, dry, W/(m·K), and density, kg/m³, and water of the drained stone under it; common practice, no source. */
    private const PAVING = 1.4;

    private const STONE = [1900.0, 0.04];

    /**
     * @param  float  $factor  surface freezing factor n
     * @param  float  $stefan  m; leaves out the heat of the ground, so that it is too deep
     * @param  float  $berggren  m, mean properties
     * @param  float  $exact  m, Neumann with each side's own properties
     * @param  float  $standard  m, EN ISO 13793
     * @param  float|null  $layered  m, by partial indices under paving and stone; null where there is none
     */
    private function __construct(
        public float $factor,
        public float $stefan,
        public float $berggren,
        public float $exact,
        public float $standard,
        public ?float $layered,
    ) {}

    /** Null where there is nothing to sum: no frost, or no water in the ground. */
    public static function of(Site $site, DesignWinter $winter, FrozenSoil $soil): ?self
    {
        if (! $winter->freezes() || $winter->season->days < 1 || $soil->latent <= 0.0) {
            return null;
        }

        return self::under($site, $soil, $winter->index, $winter->season->days, $winter->outdoor->mean);
    }

    /**
     * Under a winter of which only these are known.
     *
     * @param  float  $air  freezing index of the air, °C·d, above 0
     * @param  int  $days  of the freezing season, at least 1
     * @param  float  $mean  of the year, °C
     */
    public static function under(Site $site, FrozenSoil $soil, float $air, int $days, float $mean): self
    {
        $factor = $site->frost->surface->freezingFactor($site->frost->snow);
        $index = $factor * $air;

        return new self(
            $factor,
            FrostDepth::stefan($soil->frozen, $soil->latent, $index),
            FrostDepth::berggren(
                ($soil->frozen + $soil->thawed) / 2, ($soil->frozenCapacity + $soil->thawedCapacity) / 2, $soil->latent, $index,
                $days, $mean,
            ),
            FrostDepth::exact($soil, $index, $days, $mean),
            FrostDepth::standard($soil, $index, $mean),
            self::underPaving($site, $soil, $index, $days, $mean),
        );
    }

    /** Paving and stone hold little water, so that frost goes deeper under them; λ is that of the ground with its own properties. */
    private static function underPaving(Site $site, FrozenSoil $soil, float $index, float $days, float $mean): ?float
    {
        $basis = $site->frost;
        if ($basis->paving <= 0.0 && $basis->pavingStone <= 0.0) {
            return null;
        }
        $coefficient = FrostDepth::exact($soil, $index, $days, $mean) / FrostDepth::stefan($soil->frozen, $soil->latent, $index);
        [$density, $water] = self::STONE;

        return FrostDepth::layered([
            ['thickness' => $basis->paving, 'k' => self::PAVING, 'latent' => 0.0],
            [
                'thickness' => $basis->pavingStone,
                'k' => FrozenSoil::kersten($density, $water, false)[1],
                'latent' => $density * $water * FrozenSoil::FUSION,
            ],
        ], $soil->frozen, $soil->latent, $index, $coefficient)['depth'];
    }

    /** m. */
    public function depth(): float
    {
        return max($this->berggren, $this->exact, $this->standard, $this->layered ?? 0.0);
    }

    /** Which sum that is. */
    public function governs(): string
    {
        return match ($this->depth()) {
            $this->layered => 'under the paving, by layers',
            $this->standard => 'EN ISO 13793',
            $this->exact => 'Neumann, frozen and thawed apart',
            default => 'modified Berggren',
        };
    }
}
