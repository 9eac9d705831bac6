<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Side;
use Ondergrond\Field\Complex;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Units\DecimalMark;

/**
 * The floor's heat as the fields of its sections find it, in the formula's terms: ISO 13370:2007, 9.1 with ISO 10211:
 * H_g + Pψ_g = Σ P_k(L2D_k − Σ h U), each section's inside surface along half the floor's width, less the walls above
 * ground. A section over the whole width carries a common edge too, whose L2D is taken off.
 */
final readonly class FieldHeat
{
    /**
     * @param  GroundHeat  $formula  of the same floor
     * @param  non-empty-array<string, GroundField>  $sides  by side, the common edge first
     * @param  float  $steadyCoefficient  H_g + Pψ_g, for one kelvin between what the floor loses heat from and outside, W/K
     * @param  float  $mean  over the year, W
     * @param  float  $wallTransmittance  U_w of the wall above, W/(m²K)
     * @param  Complex  $swing  of the flow, W; φ = 0 at the coldest moment of the year
     * @param  list<float>  $monthly  twelve monthly means, January first, W
     * @param  float  $heating  over the heating months, kWh
     * @param  float  $allYear  over all months, kWh
     * @param  array<string, float>  $shares  of the steady coefficient by where it leaves the room, W/K
     * @param  array<string, float>  $bySide  of the steady coefficient by side, W/K
     * @param  float|null  $strip  U of the formula's own floor by the field, W/(m²K); null where that floor is no slab on the ground
     */
    private function __construct(
        public GroundHeat $formula,
        public array $sides,
        public float $steadyCoefficient,
        public float $mean,
        public float $wallTransmittance,
        public Complex $swing,
        public array $monthly,
        public float $heating,
        public float $allYear,
        public array $shares,
        public array $bySide,
        public ?float $strip,
    ) {}

    /** @param  non-empty-array<string, GroundField>  $sides  by side, the common edge first */
    public static function of(GroundHeat $formula, array $sides): self
    {
        $edge = $sides[Side::Edge->value];
        $design = $edge->design;
        $steady = SteadyLoss::of($sides);
        $outside = Complex::of($edge->outdoor->amplitude - $edge->site->indoorSwing);
        $swing = Complex::zero();
        foreach ($sides as $ground) {
            $own = $ground->swing()->minus($outside->times(array_sum(SteadyLoss::above($ground))));
            $swing = $swing->plus(($ground->side->isWhole() ? $own->minus($edge->swing()) : $own)->times($ground->stretch->length));
        }
        $mean = $steady->mean;
        $monthly = array_map(static fn (int $m): float => $mean + $swing->at($edge->phase($m)), range(1, 12));

        return new self(
            $formula, $sides, $steady->coefficient, $mean, SteadyLoss::wall($design), $swing, $monthly,
            YearSum::heating($monthly, $edge->site->heatingShares()), YearSum::all($monthly), $steady->shares, $steady->bySide,
            $formula->formula instanceof SlabOnGround ? FormulaStrip::transmittance($formula->formula) : null,
        );
    }

    /** Whether a mesh of it is coarser than its accuracy asks for. */
    public function isRough(): bool
    {
        return array_filter($this->sides, static fn (GroundField $g): bool => $g->solution->isRough) !== [];
    }

    /** The common edge's. */
    public function ground(): GroundField
    {
        return $this->sides[Side::Edge->value] ?? throw new \LogicException('every design has a common edge');
    }

    /** The floor's thermal transmittance with its junction spread over it, W/(m²K), over the area that the formula takes. */
    public function transmittance(): float
    {
        $formula = $this->formula->formula;

        return $this->steadyCoefficient / ($formula->steadyCoefficient() / $formula->transmittance());
    }

    /**
     * The same by face, where floor and buried wall are held against a limit each.
     *
     * @return non-empty-array<string, float> W/(m²K)
     */
    public function faces(): array
    {
        $formula = $this->formula->formula;
        if (! $formula instanceof HeatedBasement) {
            return ['floor' => $this->transmittance()];
        }
        $wall = ($this->shares[SectionProblem::STEM_INSIDE] ?? 0.0) + ($this->shares[SectionProblem::WALL_INSIDE] ?? 0.0);

        return [
            'floor' => ($this->steadyCoefficient - $wall) / $formula->area,
            'buried wall' => $wall / ($formula->depth * $formula->perimeter),
        ];
    }

    /** How much the formula's own floor loses more as drawn than by the standard; 0.03 is 3 %. Null where it has none. */
    public function formulaGap(): ?float
    {
        return $this->strip === null ? null : $this->strip / $this->formula->transmittance() - 1;
    }

    /** How much the section as drawn loses more than the formula's own floor, both in the field, or than the formula. */
    public function sectionGap(): float
    {
        return $this->transmittance() / ($this->strip ?? $this->formula->transmittance()) - 1;
    }

    /**
     * Why the field says other than the formula, in sentences.
     *
     * @return list<string>
     */
    public function reasons(DecimalMark $mark = DecimalMark::Point): array
    {
        $own = $this->formulaGap();
        $gap = $this->sectionGap();
        $why = $gap > 0 ? $this->wayAround() : 'its boards at the edge do more than the formula counts';
        $reasons = [
            ...($own === null
                ? [sprintf('The section as drawn loses %s than the formula says: %s.', self::more($gap), $why)]
                : [
                    sprintf(
                        'The formula’s own floor, even and without a beam, loses %s as drawn than by the standard: that is how '
                            .'closely the formula fits.',
                        self::more($own),
                    ),
                    sprintf('The section as drawn loses %s than that even floor: %s.', self::more($gap), $why),
                ]),
            sprintf(
                'The highest loss comes %s months after the coldest air; the formula takes %.0f.',
                $mark->written(sprintf('%.1f', $this->lag())),
                $this->formula->formula->outsideLag(),
            ),
        ];
        if ($this->ground()->site->indoorSwing > 0.0) {
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
        $design = $this->ground()->design;
        if ($design->stem->present()) {
            $ways = ['footing and stem wall carry heat past the boards'];
            if (
                $design->hasRoomBelowGrade()
                && $design->edgeOutside->present()
                && $design->edgeOutside->depthBelowGrade < $design->footing->depthBelowGrade - $design->footing->height - 0.001
            ) {
                $ways[] = 'the outside board ends above the footing';
            }
            if (! $design->edgeInside->present() && ! $design->lining->present()) {
                $ways[] = 'the slab meets the wall without a board between';
            }

            return implode(', ', $ways);
        }
        $ways = ['the beam’s concrete carries heat past the floor’s boards to its own faces'];
        if (! $design->edgeUnder->present()) {
            $ways[] = 'nothing insulates the beam’s underside';
        }
        if (! $design->edgeOutside->present()) {
            $ways[] = 'nothing insulates its outer face';
        } elseif (
            $design->edgeOutside->depthBelowGrade < $design->edgeBeam->depth
            - $design->slab->topAboveGrade
            + $design->edgeUnder->thickness
            - 0.001
        ) {
            $ways[] = 'the outside board ends above the foot of what it should cover';
        }

        return implode(', ', $ways);
    }

    /** Highest flow of the year's wave, W. */
    public function peak(): float
    {
        return $this->mean + $this->swing->modulus();
    }

    /** Months from the coldest air to the highest flow. */
    public function lag(): float
    {
        return 12 * $this->swing->lagBehind(Complex::of(1));
    }
}
