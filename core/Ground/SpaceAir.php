<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Mesh;
use Ondergrond\Field\MeshSolution;
use Ondergrond\Site\Site;

/**
 * The air of an unheated space below: as warm as leaves nothing over of what it gets through deck, floor and walls and
 * loses with the air that changes (ISO 13789:2007, 6.3). The field is linear in it, so two of them tell all.
 */
final readonly class SpaceAir
{
    /** Heat that goes with a cubic metre of air, Wh/(m³·K) (ISO 13370:2007, 9.4). */
    private const AIR = 0.33;

    /**
     * @param  float  $share  its mean above outside, of the room's mean above outside
     * @param  Complex  $swing  K; φ = 0 at the coldest moment of the year
     */
    private function __construct(
        public float $share,
        public Complex $swing,
    ) {}

    public static function of(Site $site, Design $design, float $groundConductivity, Side $side): ?self
    {
        if (! $design->deck->present() || $design->space->kind === Below::Heated) {
            return null;
        }
        $cold = MeshSolution::of(Mesh::of(SectionProblem::of($site, $design, $groundConductivity, $side, new self(0.0, Complex::zero()))));
        $warm = MeshSolution::of(Mesh::of(SectionProblem::of($site, $design, $groundConductivity, $side, new self(1.0, Complex::of(1.0)))));
        $air = self::airChange($design);
        [$f0, $f1] = [self::sum($cold->steady->flows), self::sum($warm->steady->flows)];
        $share = -$f0 / ($f1 - $f0 + $air);
        $g0 = self::swing($cold);
        $g1 = self::swing($warm);
        $outside = Complex::of(-$site->climate->wave()->amplitude);

        return new self($share, $outside->times($air)->minus($g0)->over($g1->minus($g0)->plus(Complex::of($air))));
    }

    /** Whether what is known of the air below is the same in both. */
    public static function isSame(Design $a, Design $b): bool
    {
        return $a->deck->present() === $b->deck->present() && serialize($a->space) === serialize($b->space);
    }

    /** What the change of air takes along for each metre of edge, W/(m·K) (ISO 13370:2007, 9.3 and 9.4, A/P = B′/2). */
    public static function airChange(Design $design): float
    {
        $half = $design->footprint->characteristicDimension() / 2;
        $space = $design->space;

        return $space->kind === Below::Vented
            ? 1450 * $space->vents * $space->wind * $space->shelter->factor() / 2
            : self::AIR * $space->airChanges * self::height($design) * $half;
    }

    /** Clear height of the space, m. */
    public static function height(Design $design): float
    {
        return $design->deck->topAboveGrade - $design->deck->thickness() - $design->finishedFloor();
    }

    /** @param  array<string, float>  $flows */
    private static function sum(array $flows): float
    {
        return array_sum(array_intersect_key($flows, array_flip(SectionProblem::SPACE)));
    }

    private static function swing(MeshSolution $state): Complex
    {
        $sum = Complex::zero();
        foreach (SectionProblem::SPACE as $name) {
            $sum = $sum->plus($state->harmonic->flows[$name] ?? Complex::zero());
        }

        return $sum;
    }
}
