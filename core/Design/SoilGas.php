<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The pipe in the stone under the sheet that soil gas is drawn off by. A diameter of 0 means there is none. */
final readonly class SoilGas implements DesignPart
{
    use Remade;

    /** @param  float  $pipe  diameter, m */
    public function __construct(
        #[Size('pipe', sold: new Steps(0.2, 10, 1))]
        public float $pipe = 0.0,
        #[Size('lead to')]
        public GasOutlet $outlet = GasOutlet::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->pipe > 0.0;
    }
}
