<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Side;

/** What one kind of edge adds to the floor’s own heat: its linear thermal transmittance and how much of it there is. */
final readonly class Junction
{
    /**
     * @param  string  $slug  the side's, or `corners`, `post-pads`, or a kind of support: `post-1`, `strip-1`
     * @param  Side|null  $side  whose section it comes from
     * @param  float  $length  m
     * @param  float|null  $psi  ψ by option A: L2D − Σ h U_w − what the formula finds for the floor, W/(m·K)
     * @param  float|null  $own  ψ by option B: the same less the formula's own floor as a field; null where that is no slab on the ground
     * @param  float|null  $total  L2D of the section, W/(m·K)
     * @param  string  $note  how it is to be read
     * @param  bool  $isPoint  one of many points: its length is how many there are, its ψ is χ, W/K
     * @param  float|null  $error  that the mesh leaves in ψ, W/(m·K); null where it is not known
     */
    public function __construct(
        public string $slug,
        public string $label,
        public ?Side $side,
        public float $length,
        public ?float $psi,
        public ?float $own,
        public ?float $total,
        public string $note = '',
        public ?float $error = null,
        public bool $isPoint = false,
    ) {}

    /** What it adds to the building, W/K. */
    public function loss(): float
    {
        return $this->length * ($this->psi ?? 0.0);
    }
}
