<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Section\Stretch;

/**
 * ψ of every junction, in overall internal dimensions (ISO 13789): ISO 10211:2007, 9.2. Option A takes U of the floor from
 * ISO 13370, so that floor and junctions add up to what the fields find, and the formula's own error is in ψ; option B takes
 * it from a field of the formula's floor, so that ψ is the junction's alone.
 */
final readonly class Junctions
{
    /** Corners of a plan of right angles: four more turn out than in. */
    private const TURNS = 4;

    /**
     * @param  list<Junction>  $all
     * @param  FormWebs|null  $formWebs  the form's wall with its webs; null where there is no form
     */
    private function __construct(
        public array $all,
        public float $floor,
        public float $sum,
        public ?FormWebs $formWebs,
    ) {}

    public static function of(FieldHeat $field): self
    {
        $formula = $field->formula->formula;
        $perimeter = $formula->perimeter;
        $design = $field->ground()->design;
        $floor = $field->formula->steadyCoefficient;
        // The part of the formula's floor that belongs to a metre of edge, by itself and by its field.
        $byFormula = $floor / $perimeter;
        $byField = $field->strip === null ? null : $field->strip * $formula->area / $perimeter;
        $all = [];
        foreach ($field->sides as $name => $ground) {
            $length = $ground->stretch->length;
            $lost = $length > 0.0 ? $field->bySide[$name] / $length : null;
            $all[] = new Junction(
                $name, self::label($ground->stretch, $design), $ground->side, $length, $lost === null ? null : $lost - $byFormula,
                $lost === null || $byField === null ? null : $lost - $byField, $ground->couplingCoefficient(),
                $ground->side->isWhole() ? 'the section runs over the whole floor; the far edge is taken off' : '',
                $ground->couplingError(),
            );
        }
        $sum = array_sum(array_map(static fn (Junction $j): float => $j->loss(), $all));

        $here = [self::corners($field, $all[0]), ...self::pads($design), ...self::supports($field)];

        return new self([...$all, ...$here], $floor, $sum, FormWebs::of($design));
    }

    public function find(string $slug): ?Junction
    {
        foreach ($this->all as $junction) {
            if ($junction->slug === $slug) {
                return $junction;
            }
        }

        return null;
    }

    /** Of what floor and junctions lose together; corners and pads are in neither. */
    public function share(Junction $junction): float
    {
        return $junction->side === null ? 0.0 : $junction->loss() / ($this->floor + $this->sum);
    }

    /**
     * In plan the outer face is longer than the inner one by twice the wall for each corner that turns out; what that
     * length loses is in no two-dimensional section. An upper estimate: as if it had the edge's whole ψ.
     */
    private static function corners(FieldHeat $field, Junction $edge): Junction
    {
        $plan = $field->ground()->design->footprint;
        $length = 2 * self::TURNS * $field->ground()->design->wall->thickness() * $plan->exposed / $plan->perimeter;

        return new Junction(
            'corners', 'Corners in plan', null, $length, $edge->psi, $edge->own, null,
            'upper estimate, not in the sum: by so much the outer face is longer than the inner one',
            $edge->error,
        );
    }

    /** @return list<Junction> */
    private static function pads(Design $design): array
    {
        return $design->pads->present()
            ? [
                new Junction(
                    'post-pads', 'Post pads', null, 0.0, null, null, null,
                    'boards and sheet go over them unbroken: nothing to add; a post that passes through the boards would',
                ),
            ]
            : [];
    }

    /** @return list<Junction> χ of each kind of post, ψ of each bearing wall, as many as are said */
    private static function supports(FieldHeat $field): array
    {
        $ground = $field->ground();
        $all = [];
        foreach ($ground->design->supports->kinds() as $name => $of) {
            $each = SupportBridge::of($ground->site, $ground->design, $field->formula->formula->faces()['floor'], $of);
            $all[] = new Junction(
                $name, ucfirst(Supports::label($name)), null, $of->amount(), $each, $each, null, match ($of->foot()) {
                    SupportFoot::Slab => 'the boards go under it unbroken: nothing to add',
                    default => $of->isStrip() ? 'as a plane section; not in the sum'
                        : 'χ of each, as a turned body, its square pad as a circle; not in the sum',
                }, isPoint: ! $of->isStrip(),
            );
        }

        return $all;
    }

    private static function label(Stretch $stretch, Design $design): string
    {
        $side = $stretch->kind;

        return match (true) {
            $stretch->id !== $side->value => $stretch->label,
            $side === Side::Neighbour && $design->footprint->porch <= 0.0 => 'Garage line',
            $side === Side::Neighbour && $design->footprint->garage <= 0.0 => 'Porch line',
            $side === Side::Neighbour => 'Garage and porch line',
            $side === Side::Door => 'Thresholds',
            default => $side->label(),
        };
    }
}
