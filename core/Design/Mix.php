<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** What is asked of the concrete and the screed beside water over cement of the slab; not said as long as nothing is. */
final readonly class Mix implements DesignPart
{
    use Remade;

    /**
     * @param  float  $replaced  share of the cement that fly ash or slag replaces
     * @param  float  $slump  m; 0: not said
     * @param  float  $screedWater  water over cement by mass in the screed
     */
    public function __construct(
        #[Size('strength class')]
        public ConcreteClass $class = ConcreteClass::NotSaid,
        #[Size('cement replaced', key: 'replaced_share')]
        public float $replaced = 0.0,
        #[Size('slump', sold: new Steps(0.25, 10, 0.5))]
        public float $slump = 0.0,
        #[Size('fibres', words: ['not-said' => 'not said', 'no' => 'none', 'yes' => 'in it'])]
        public Done $fibres = Done::NotSaid,
        #[Size('screed, water over cement', key: 'screed_water_cement_ratio')]
        public float $screedWater = 0.5,
    ) {}

    public function present(): bool
    {
        return $this->class !== ConcreteClass::NotSaid || $this->replaced > 0.0 || $this->slump > 0.0 || $this->fibres !== Done::NotSaid;
    }
}
