<?php

declare(strict_types=1);

namespace Ondergrond\Compare;

use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\Junctions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Rulings;

/** What is kept of a design's fields so that it can be compared without solving them again. */
final readonly class FieldSummary
{
    /**
     * @param  float  $coefficient  H_g + Pψ_g, W/K
     * @param  float  $mean  over the year, W
     * @param  float  $heating  over the heating months, kWh
     * @param  float  $transmittance  with the junctions, W/(m²K)
     * @param  float  $junctions  of that what the junctions add, W/K
     * @param  array<string, float>  $psi  by side, W/(m·K)
     * @param  array<string, float>  $faces  U by face as drawn, W/(m²K)
     * @param  string  $damp  word of the damp verdict
     * @param  float|null  $factor  lowest f_Rsi; null where no face is colder than the room
     * @param  float  $condensed  most that lies in any stack, kg/m²
     */
    public function __construct(
        public float $coefficient,
        public float $mean,
        public float $heating,
        public float $transmittance,
        public float $junctions,
        public array $psi,
        public array $faces,
        public string $damp,
        public ?float $factor,
        public float $condensed,
    ) {}

    public static function of(FieldHeat $field, Junctions $junctions, DampVerdict $damp, Rulings $rulings): self
    {
        $psi = [];
        foreach ($junctions->all as $junction) {
            if ($junction->side !== null && $junction->psi !== null) {
                $psi[$junction->slug] = $junction->psi;
            }
        }

        return new self(
            $field->steadyCoefficient, $field->mean, $field->heating, $field->transmittance(), $junctions->sum, $psi,
            $field->faces(), $rulings->on(Concern::Damp)->word->value, $damp->factor(),
            max([0.0, ...array_map(static fn (DampStack $s): float => $s->year->peak, $damp->stacks ?? [])]),
        );
    }
}
