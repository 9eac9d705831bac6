<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** What fills the cavity of a stem of two leaves: insulation from its top down, lean concrete below. */
final readonly class Cavity implements DesignPart
{
    use Remade;

    public Material $fill;

    /**
     * @param  Material|string  $fill  its insulation, or its slug in the catalogue
     * @param  float  $toBelowFloor  how far below the finished floor the insulation goes down, m; 0: not insulated
     * @param  Done  $leanFill  lean concrete from the footing up to the insulation; said not to be done, the cavity is open there
     */
    public function __construct(
        #[Size('insulation')]
        Material|string $fill = 'cavity-wool',
        #[Size('insulated to below the floor', sold: new Steps(1.0, 25, 1))]
        public float $toBelowFloor = 0.0,
        #[Size(
            'lean fill under it',
            words: ['not-said' => 'under it: not said', 'no' => 'open under it', 'yes' => 'lean concrete under it'],
        )]
        public Done $leanFill = Done::NotSaid,
    ) {
        $this->fill = is_string($fill) ? Catalogue::get($fill) : $fill;
    }

    /** Whether it is insulated. */
    public function present(): bool
    {
        return $this->toBelowFloor > 0.0;
    }
}
