<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Field\Frozen;
use Ondergrond\Field\Substance;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\Soil;

/** The ground as it freezes: conductivities, heat capacities and latent heat, thawed and frozen. */
final readonly class FrozenSoil
{
    /** Of water, J/kg. */
    public const FUSION = 334_000.0;

    /** Heat capacity of grains, water and ice, J/(kg·K) (US Army TM 5-852-6: 0.17, 1.0 and 0.5 of water, from memory). */
    private const GRAINS = 712.0;

    private const WATER = 4187.0;

    private const ICE = 2093.0;

    /** Grains, kg/m³. */
    private const SOLID = 2700.0;

    /** Btu·in/(h·ft²·°F), in W/(m·K). */
    private const KERSTEN = 0.144228;

    /** lb/ft³, in kg/m³. */
    private const POUNDS = 16.018463;

    /** Sand and gravel where nothing else is known: dry density, kg/m³, and water; common practice, no source. */
    private const SAND = [1800.0, 0.10];

    /** The same of clay and silt, where one of the two is given. */
    private const SILT = [1450.0, 0.30];

    /** λ of quartz and of the other minerals, where a fifth of the grains or less is quartz and where more is (Johansen 1975), W/(m·K). */
    private const QUARTZ = 7.7;

    private const LESS_QUARTZ = 3.0;

    private const MORE_QUARTZ = 2.0;

    /** Kersten's formulas were drawn through soils with more water than this, share of the dry mass. */
    private const LEAST_WATER = ['fine' => 0.07, 'coarse' => 0.01];

    /**
     * @param  float  $thawed  λ_u, W/(m·K)
     * @param  float  $frozen  λ_f, W/(m·K)
     * @param  float  $thawedCapacity  C_u, J/(m³·K)
     * @param  float  $frozenCapacity  C_f, J/(m³·K)
     * @param  float  $latent  L, J/m³; 0 where the ground is dry
     */
    private function __construct(
        public float $thawed,
        public float $frozen,
        public float $thawedCapacity,
        public float $frozenCapacity,
        public float $latent,
        public string $source,
    ) {}

    /** What the site says of its ground, or its class where it says nothing. */
    public static function of(Soil $soil, FrostBasis $basis): self
    {
        $given = $basis->dryDensity !== null || $basis->water !== null;
        if ($soil === Soil::Rock) {
            return new self(
                $soil->conductivity(), $soil->conductivity(), $soil->heatCapacity(), $soil->heatCapacity(), 4.0e6,
                'rock with half a percent of water in its joints; common practice, no source',
            );
        }
        if (! $given && $soil === Soil::ClayOrSilt) {
            return self::standard();
        }
        [$density, $water] = $soil === Soil::ClayOrSilt ? self::SILT : self::SAND;

        return self::measured($basis->dryDensity ?? $density, $basis->water ?? $water, $soil === Soil::ClayOrSilt);
    }

    /** The frost-susceptible ground that EN ISO 13793:2001 is drawn up for (clause 4, from memory): water 450 kg/m³. */
    public static function standard(): self
    {
        return new self(1.5, 2.5, 3.0e6, 1.9e6, 150e6, 'EN ISO 13793:2001, properties of the ground (from memory)');
    }

    /**
     * From what is weighed and dried: conductivity by Kersten (1949) and by Johansen (1975), of which the one that lets frost
     * deeper stands, frozen the higher and thawed the lower. Drier than Kersten measured, his value of the driest is taken.
     *
     * @param  float  $density  of the dry ground, kg/m³
     * @param  float  $water  share of its dry mass
     * @param  bool  $fine  silt or clay, not sand
     */
    public static function measured(float $density, float $water, bool $fine): self
    {
        [$thawed, $frozen] = self::johansen($density, $water, $fine);
        [$thawedK, $frozenK] = self::kersten($density, max($water, self::LEAST_WATER[$fine ? 'fine' : 'coarse']), $fine);
        $frozen = max($frozen, $water > 0.0 ? $frozenK : $thawed);

        return new self(
            min($thawed, $thawedK, $frozen),
            $frozen,
            $density * (self::GRAINS + $water * self::WATER),
            $density * (self::GRAINS + $water * self::ICE),
            $density * $water * self::FUSION,
            sprintf(
                'Kersten (1949) and Johansen (1975), from memory, the deeper frost; %.0f kg/m³ dry with %.1f %% of water',
                $density,
                100 * $water,
            ),
        );
    }

    /**
     * Kersten, Thermal properties of soils (1949), his formulas for silt and clay and for sand.
     *
     * @param  float  $density  kg/m³
     * @param  float  $water  share of the dry mass
     * @return array{float, float} thawed and frozen, W/(m·K)
     */
    public static function kersten(float $density, float $water, bool $fine): array
    {
        $g = $density / self::POUNDS;
        $w = 100 * $water;
        [$thawed, $frozen] = $fine
            ? [(0.9 * log10($w) - 0.2) * 10 ** (0.01 * $g), 0.01 * 10 ** (0.022 * $g) + 0.085 * 10 ** (0.008 * $g) * $w]
            : [(0.7 * log10($w) + 0.4) * 10 ** (0.01 * $g), 0.076 * 10 ** (0.013 * $g) + 0.032 * 10 ** (0.0146 * $g) * $w];

        return [self::KERSTEN * $thawed, self::KERSTEN * $frozen];
    }

    /**
     * Johansen (1975): between dry and saturated by Kersten's number of the degree of saturation.
     *
     * @param  float  $density  kg/m³
     * @param  float  $water  share of the dry mass
     * @return array{float, float} thawed and frozen, W/(m·K)
     */
    public static function johansen(float $density, float $water, bool $fine): array
    {
        $pores = 1 - $density / self::SOLID;
        $saturation = min(1.0, $water * $density / 1000 / max(0.01, $pores));
        $dry = (0.137 * $density + 64.7) / (self::SOLID - 0.947 * $density);
        $grains = self::QUARTZ ** ($fine ? 0.2 : 0.6) * ($fine ? self::LESS_QUARTZ : self::MORE_QUARTZ) ** ($fine ? 0.8 : 0.4);
        $number = match (true) {
            $saturation <= 0.05 => 0.0,
            $fine => max(0.0, log10($saturation) + 1),
            default => max(0.0, 0.7 * log10($saturation) + 1),
        };

        return [
            $dry + ($grains ** (1 - $pores) * 0.57 ** $pores - $dry) * $number,
            $dry + ($grains ** (1 - $pores) * 2.2 ** $pores - $dry) * $saturation,
        ];
    }

    /** As the field takes it. */
    public function substance(string $name): Substance
    {
        return new Substance(
            $name,
            $this->thawed,
            $this->thawedCapacity,
            $this->latent > 0.0 ? new Frozen($this->frozen, $this->frozenCapacity, $this->latent) : null,
        );
    }
}
