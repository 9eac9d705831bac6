<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** What is known of the winters, the ground and the use of a building where frost is judged; null is worked out, or by class. */
final readonly class FrostBasis
{
    /** Standard deviation over mean of the yearly index where no winters are on record; common practice, no source. */
    public const VARIATION = 0.3;

    /** Standard deviation of a day about its season, K; common practice, no source. */
    public const SPREAD = 4.0;

    public const YEARS = 100.0;

    /**
     * @param  float|null  $designIndex  air freezing index of the design winter, from a map or the authority, °C·d
     * @param  list<float>  $winters  air freezing index of each winter on record, °C·d
     * @param  float  $variation  coefficient of variation of the yearly index, used where there are no winters on record
     * @param  float  $spread  K by which days stray from their season
     * @param  float  $years  the design winter comes once in so many
     * @param  float|null  $dryDensity  of the ground, kg/m³
     * @param  float|null  $water  in the ground, share of its dry mass
     * @param  float|null  $ledge  depth of rock below the ground outside, m; null where none is met
     * @param  bool  $snow  whether snow lies all winter and is counted on
     * @param  float  $setBack  what the inside is kept at where it is set back, °C
     * @param  float  $paving  thickness of paving outside, m; 0 where there is none
     * @param  float  $pavingStone  of the stone under it, m
     */
    public function __construct(
        public ?float $designIndex = null,
        public array $winters = [],
        public float $variation = self::VARIATION,
        public float $spread = self::SPREAD,
        public float $years = self::YEARS,
        public ?float $dryDensity = null,
        public ?float $water = null,
        public Susceptibility $susceptibility = Susceptibility::ByClass,
        public ?float $ledge = null,
        public Surface $surface = Surface::Cleared,
        public bool $snow = false,
        public WinterUse $use = WinterUse::Heated,
        public float $setBack = 10.0,
        public float $paving = 0.0,
        public float $pavingStone = 0.0,
    ) {}
}
