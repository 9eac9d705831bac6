<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\InsideWave;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Painter;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Site;

/**
 * The mean of the year of what a floor loses, by the fields of its sections: H_g + Pψ_g = Σ P_k(L2D_k − Σ h U), ISO
 * 13370:2007, 9.1 with ISO 10211: each section's inside surface along half the floor's width, less the walls above ground.
 * A section over the whole width carries a common edge too, whose L2D is taken off.
 */
final readonly class SteadyLoss
{
    /**
     * @param  float  $coefficient  for one kelvin between what the floor loses heat from and outside, W/K
     * @param  float  $mean  over the year, W
     * @param  array<string, float>  $shares  of the coefficient by where it leaves the room, W/K
     * @param  array<string, float>  $bySide  of the coefficient by side, W/K
     */
    private function __construct(
        public float $coefficient,
        public float $mean,
        public array $shares,
        public array $bySide,
    ) {}

    /** Of a design whose yearly swing nobody asks for: a third of the time. */
    public static function solved(Site $site, Design $design): self
    {
        return self::of(GroundField::each($site, Stretch::all($design), yearly: false));
    }

    /** Whether two designs have the same sections in the same lengths, so that they lose the same without solving either. */
    public static function isSame(Site $site, Design $a, Design $b): bool
    {
        [$all, $others] = [Stretch::all($a), Stretch::all($b)];
        if (array_column($all, 'id') !== array_column($others, 'id')) {
            return false;
        }
        foreach ($all as $i => $stretch) {
            if ($stretch->length !== $others[$i]->length || ! GroundField::isSame($site, $stretch, $others[$i])) {
                return false;
            }
        }

        return true;
    }

    /** @param  non-empty-array<string, GroundField>  $sides  by side, the common edge among them */
    public static function of(array $sides): self
    {
        $edge = $sides[Side::Edge->value] ?? throw new \LogicException('every design has a common edge');
        $shares = array_fill_keys(SectionProblem::INSIDE, 0.0);
        $bySide = [];
        foreach ($sides as $name => $ground) {
            $own = $ground->shares();
            foreach (self::above($ground) as $boundary => $lost) {
                $own[$boundary] = ($own[$boundary] ?? 0.0) - $lost;
            }
            foreach ($ground->side->isWhole() ? $edge->shares() : [] as $boundary => $flow) {
                $own[$boundary] = ($own[$boundary] ?? 0.0) - $flow;
            }
            $length = $ground->stretch->length;
            foreach ($own as $boundary => $flow) {
                $shares[$boundary] += $length * $flow;
            }
            $bySide[$name] = $length * array_sum($own);
        }
        $steady = array_sum($bySide);
        // A heated floor is warmer than the room that the field counts in.
        $warmer = InsideWave::ofFloor($edge->site, $edge->design)->share;
        $scaled = static fn (float $s): float => $s / $warmer;

        return new self(
            $steady / $warmer,
            $steady * $edge->difference(),
            array_map($scaled, array_filter($shares, static fn (float $s): bool => $s !== 0.0)),
            array_map($scaled, $bySide),
        );
    }

    /** @return array<string, float> what wall and stem lose to the air above ground, not to the ground, by boundary, W/(m·K) */
    public static function above(GroundField $ground): array
    {
        $design = $ground->design;
        $reading = Iso13370::of($design);
        $height = self::wallHeight($ground);
        // Of a door's leaf, from its sill up.
        $leaf = $ground->side === Side::Door
            ? SectionProblem::window($design, Side::Door)->up - Layout::of($design, Side::Door)->sill($design)
            : 0.0;

        return [
            SectionProblem::WALL_INSIDE => ($height - $leaf) * self::wall($design) + $leaf * Stack::transmittance(
                [Painter::leaf()], SurfaceResistance::INSIDE_HORIZONTAL, SurfaceResistance::OUTSIDE,
            ),
            SectionProblem::STEM_INSIDE => $ground->space === null
                ? $reading->stemAboveGround($ground->side) * $reading->stemTransmittance()
                : 0.0,
        ];
    }

    /** U_w of the wall above, W/(m²K). */
    public static function wall(Design $design): float
    {
        return Stack::transmittance(
            [...$design->wall->inside, ...$design->wall->outside],
            SurfaceResistance::INSIDE_HORIZONTAL,
            SurfaceResistance::OUTSIDE,
        );
    }

    /** Of wall in the section, above where it stands or above the deck, m. */
    public static function wallHeight(GroundField $ground): float
    {
        $layout = Layout::of($ground->design, $ground->side);
        $top = SectionProblem::window($ground->design, $ground->side)->up;

        return $top - ($ground->space === null ? $layout->top : max($layout->top, $ground->design->deck->topAboveGrade));
    }
}
