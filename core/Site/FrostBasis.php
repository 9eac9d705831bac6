<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

/** What is known of the winters, the ground and the use of a building where frost is judged; null is worked out, or by class. */
final readonly class FrostBasis
{
    /** On record, as the schema has it. */
    public const MOST_WINTERS = 150;

    /** Standard deviation over mean of the yearly index where no winters are on record; common practice, no source. */
    public const VARIATION = 0.3;

    /** Standard deviation of a day about its season, K; common practice, no source. */
    public const SPREAD = 4.0;

    public const YEARS = 100.0;

    /**
     * @param  float|null  $designIndex  air freezing index of the design winter, from a map or the authority, °C·d
     * @param  float|null  $officeDepth  frost depth that the building office asks, m: the index whose winter freezes this ground so deep
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
        #[Size(
            'Freezing index of the design winter',
            key: 'design_index_c_d',
            hint: 'from a map or the authority; empty: worked out from what follows',
        )]
        public ?float $designIndex = null,
        #[Size(
            'Freezing indices on record',
            key: 'winters_c_d',
            each: 'Freezing index on record, winter #',
            hint: 'one a winter, with spaces between',
        )]
        public array $winters = [],
        #[Size('Winters vary by, of their mean', key: 'variation_share')]
        public float $variation = self::VARIATION,
        #[Size('Days stray from their season by', key: 'spread_k')]
        public float $spread = self::SPREAD,
        #[Size('Design winter once in', key: 'return_years')]
        public float $years = self::YEARS,
        #[Size('Dry density of the ground', key: 'dry_density_kg_m3', hint: 'empty: by its class')]
        public ?float $dryDensity = null,
        #[Size('Water in the ground, of its dry mass', key: 'water_share', hint: 'empty: by its class')]
        public ?float $water = null,
        #[Size('When it freezes, the ground')]
        public Susceptibility $susceptibility = Susceptibility::ByClass,
        #[Size('Rock below the ground outside', hint: 'empty: none is met')]
        public ?float $ledge = null,
        #[Size('On the ground outside')]
        public GroundCover $surface = GroundCover::Cleared,
        #[Size('Snow that lies all winter is counted on', words: ['no' => 'no', 'yes' => 'yes'])]
        public bool $snow = false,
        #[Size('Through the winter the building is', key: 'winter_use')]
        public WinterUse $use = WinterUse::Heated,
        #[Size('Where it is set back, to', key: 'set_back_c')]
        public float $setBack = 10.0,
        #[Size('Paving outside, thickness', hint: '0: none')]
        public float $paving = 0.0,
        #[Size('Stone under the paving')]
        public float $pavingStone = 0.0,
        #[Size(
            'Frost depth that the building office asks',
            hint: 'gives the design winter’s index in this ground, the months stay; empty: not known',
        )]
        public ?float $officeDepth = null,
    ) {}
}
