<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The pipe in the stone under the sheet that soil gas is drawn off by. A diameter of 0 means there is none. */
final readonly class SoilGas implements DesignPart
{
    use Remade;

    /** @param  float  $pipe  diameter, m */
    public function __construct(
        public float $pipe = 0.0,
        public GasOutlet $outlet = GasOutlet::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->pipe > 0.0;
    }
}
