<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Field\Complex;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Units\DecimalMark;

/**
 * The floor's heat as the field of its section finds it, in the formula's terms: ISO 13370:2007, 9.1 with ISO 10211:
 * H_g + Pψ_g = P(L2D − h_w U_w), the section's inside surface along half the floor's width, less the wall above.
 */
final readonly class FieldHeat
{
    /**
     * @param  SlabHeat  $formula  of the same floor
     * @param  float  $steadyCoefficient  H_g + Pψ_g, W/K
     * @param  float  $wallTransmittance  U_w of the wall above, W/(m²K)
     * @param  Complex  $swing  of the flow, W; φ = 0 at the coldest moment of the year
     * @param  list<float>  $monthly  twelve monthly means, January first, W
     * @param  float  $annual  over the heating months, kWh
     * @param  float  $allYear  over all months, kWh
     * @param  float  $strip  U of the formula's own floor by the field, W/(m²K)
     */
    private function __construct(
        public SlabHeat $formula,
        public GroundField $ground,
        public float $steadyCoefficient,
        public float $wallTransmittance,
        public Complex $swing,
        public array $monthly,
        public float $annual,
        public float $allYear,
        public float $strip,
    ) {}

    public static function of(SlabHeat $formula, GroundField $ground): self
    {
        $design = $ground->design;
        $transmittance = Stack::transmittance([...$design->wall->inside, ...$design->wall->outside], SurfaceResistance::INSIDE_HORIZONTAL, SurfaceResistance::OUTSIDE);
        $wall = SectionProblem::WALL * $transmittance;
        $edge = $design->footprint->exposed;
        $steady = $edge * ($ground->couplingCoefficient() - $wall);
        // What the wall lets through, swings with the difference between inside and outside: −θ̂_i + θ̂_e at the coldest moment.
        $swing = $ground->swing()->minus(Complex::of($wall * ($ground->outdoor->amplitude - $ground->site->indoorSwing)))->times($edge);
        $monthly = array_map(static fn (int $m): float => $steady * $ground->difference() + $swing->at($ground->phase($m)), range(1, 12));

        return new self(
            $formula, $ground, $steady, $transmittance, $swing, $monthly,
            YearSum::energy($monthly, $ground->site->heatingMonths()),
            YearSum::energy($monthly, range(1, 12)),
            FormulaStrip::transmittance($formula->slab),
        );
    }

    /** The floor's thermal transmittance with its junction spread over it, W/(m²K). */
    public function transmittance(): float
    {
        return $this->steadyCoefficient / $this->formula->slab->area;
    }

    /** How much the formula's own floor loses more in the field than by the formula; 0.03 is 3 %. */
    public function formulaGap(): float
    {
        return $this->strip / $this->formula->transmittance() - 1;
    }

    /** How much the section as drawn loses more than the formula's own floor, both in the field. */
    public function sectionGap(): float
    {
        return $this->transmittance() / $this->strip - 1;
    }

    /**
     * Why the field says other than the formula, in sentences.
     *
     * @return list<string>
     */
    public function reasons(DecimalMark $mark = DecimalMark::Point): array
    {
        $reasons = [
            sprintf('The formula’s own floor, even and without a beam, loses %s in the field than by the formula: that is how closely the formula fits.', self::more($this->formulaGap())),
            sprintf('The section as drawn loses %s than that even floor: %s.', self::more($this->sectionGap()), $this->sectionGap() > 0 ? $this->wayAround() : 'its boards at the edge do more than the formula counts'),
            sprintf('The highest loss comes %s months after the coldest air; the formula takes %.0f.', $mark->written(sprintf('%.1f', $this->lag())), YearlyFlow::OUTSIDE_LAG),
        ];
        if ($this->ground->site->indoorSwing > 0.0) {
            $reasons[] = 'The swing of the room is in both.';
        }

        return [...$reasons, 'Corners in plan are in neither.'];
    }

    private static function more(float $gap): string
    {
        return sprintf('%.0f %% %s', abs(100 * $gap), $gap < 0 ? 'less' : 'more');
    }

    /** What lets heat past the boards, worst first. */
    private function wayAround(): string
    {
        $design = $this->ground->design;
        $ways = ['the beam’s concrete carries heat past the floor’s boards to its own faces'];
        if (! $design->edgeUnder->present()) {
            $ways[] = 'nothing insulates the beam’s underside';
        }
        if (! $design->edgeOutside->board->present()) {
            $ways[] = 'nothing insulates its outer face';
        } elseif ($design->edgeOutside->depth < $design->beam->depth - $design->slab->topAboveGrade + $design->edgeUnder->thickness - 0.001) {
            $ways[] = 'the outside board ends above the foot of what it should cover';
        }

        return implode(', ', $ways);
    }

    /** Highest flow of the year's wave, W. */
    public function peak(): float
    {
        return $this->steadyCoefficient * $this->ground->difference() + $this->swing->modulus();
    }

    /** Months from the coldest air to the highest flow. */
    public function lag(): float
    {
        return 12 * $this->swing->lagBehind(Complex::of(1));
    }
}
