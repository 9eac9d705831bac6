<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Side;
use Ondergrond\Ground\SpaceAir;
use Ondergrond\Material\StillAir;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** How ISO 13370 reads a design: which formula, and what each part counts for in it. Every family goes through here. */
final readonly class Iso13370
{
    private function __construct(private Design $d) {}

    public static function of(Design $design): self
    {
        return new self($design);
    }

    public function formula(float $groundConductivity): GroundFormula
    {
        $d = $this->d;
        $plan = $d->footprint;
        if ($d->deck->present() && $d->space->kind === Below::Vented) {
            return new SuspendedFloor(
                $plan->area, $plan->exposed, $this->wallThickness(), $groundConductivity, $this->deckTransmittance(),
                $this->floorResistance(),
                max(0.0, $d->deck->topAboveGrade), $this->stemTransmittance(), $d->space->vents, $d->space->wind,
                $d->space->shelter->factor(), $this->depth(), $this->buriedResistance(),
            );
        }
        if ($d->deck->present() && $d->space->kind === Below::Unheated) {
            return new UnheatedBasement(
                $plan->area, $plan->exposed, $this->wallThickness(), $groundConductivity, $this->depth(), $this->floorResistance(),
                $this->buriedResistance(),
                $this->deckTransmittance(), max(0.0, $d->deck->topAboveGrade), $this->stemTransmittance(), $d->space->airChanges,
                $plan->area * SpaceAir::height($d),
            );
        }

        $depth = $this->depth();
        $slab = fn (): SlabOnGround => SlabOnGround::of(
            $plan->area,
            $plan->exposed,
            $this->wallThickness(),
            $groundConductivity,
            $this->floorResistance(),
            array_values($this->edges()),
            $this->rsi(),
            weaker: $this->weaker(),
        );
        $basement = fn (): HeatedBasement => new HeatedBasement(
            $plan->area, $plan->exposed, $this->wallThickness(), $groundConductivity, $depth, $this->meanResistance(),
            $this->buriedResistance(), $this->rsi(),
        );

        return match (true) {
            $depth <= 0.0 => $slab(),
            $depth < ShallowFloor::DEEP => new ShallowFloor($slab(), $basement()),
            default => $basement(),
        };
    }

    /** z: of the floor below the ground, the mean along the exposed perimeter (9.3.1: where it varies), m. */
    public function depth(): float
    {
        $d = $this->d;
        $exposed = $d->footprint->exposed;
        $lower = $d->walkout->present() ? $d->footprint->walkOut : 0.0;

        return (($exposed - $lower) * $d->depth() + $lower * max(0.0, -$d->finishedFloor() - $d->walkout->drop)) / $exposed;
    }

    /** w: full thickness of the wall at ground level, m. */
    public function wallThickness(): float
    {
        $at = Layout::of($this->d);

        return $this->d->wall->thickness() + $this->d->roomShare() * max(0.0, $at->boardFace - $at->lined - $this->d->wall->thickness());
    }

    /**
     * R_f, m²K/W: the middle board, and what lies on the slab. Dense slab and hardcore stay out (8.2); over the pipes of a heated
     * floor all does.
     */
    public function floorResistance(): float
    {
        $d = $this->d;
        $boards = $d->mat->layer->resistance() + $d->boardAbove->resistance();
        $on = match ($d->heating->in) {
            HeatedIn::None => $boards + $d->screed->resistance(),
            HeatedIn::Screed => $boards + max(
                0.0,
                $d->screed->thickness - $d->heating->depth,
            ) / $d->screed->material->conductivity,
            HeatedIn::Slab => 0.0,
        };

        return $d->fieldBoard->resistance() + $on + $this->bedResistance();
    }

    /** The same where it is weakest, in the middle or along the edge. */
    public function weakestResistance(): float
    {
        return $this->floorResistance() + min(0.0, $this->surplus());
    }

    /** The same as the mean of middle and edge by their area and U with the surfaces': where no edge formula is. */
    private function meanResistance(): float
    {
        $d = $this->d;
        $films = $this->rsi() + SurfaceResistance::OUTSIDE;
        $share = min(1.0, $d->perimeterBoard->span() * $d->footprint->exposed / $d->footprint->area);
        $middle = $films + $this->floorResistance();

        return 1 / ((1 - $share) / $middle + $share / ($middle + $this->surplus())) - $films;
    }

    /** What the perimeter's board holds back more than the field's, m²K/W; 0 where there is no zone. */
    private function surplus(): float
    {
        return $this->d->perimeterBoard->present()
            ? $this->d->perimeterBoard->layer->resistance() - $this->d->fieldBoard->resistance()
            : 0.0;
    }

    /** The perimeter zone as an edge strip that takes away, where its board is the weaker. */
    private function weaker(): ?EdgeInsulation
    {
        $surplus = $this->surplus();

        return $surplus < 0.0 ? new EdgeInsulation(EdgeKind::Horizontal, $this->d->perimeterBoard->width, $surplus, 0.0) : null;
    }

    /** R_si at the floor: none where the plane of its pipes gives the heat. */
    private function rsi(): float
    {
        return $this->d->heating->present() ? 0.0 : SurfaceResistance::INSIDE_DOWN;
    }

    /** A bed of foam glass is insulation and counts, crushed stone does not. */
    private function bedResistance(): float
    {
        return $this->bedCounts() ? $this->d->stone->resistance() : 0.0;
    }

    private function bedCounts(): bool
    {
        return $this->d->stone->material->conductivity < 0.2;
    }

    /** U_f of the deck, R_si 0.17 on both faces (9.2), W/(m²K). */
    public function deckTransmittance(): float
    {
        return Stack::transmittance($this->d->deck->layers, SurfaceResistance::INSIDE_DOWN, SurfaceResistance::INSIDE_DOWN);
    }

    /** @return list<Layer> the stem wall above ground, from the room outward */
    public function stemLayers(): array
    {
        $d = $this->d;

        return array_values(array_filter([
            ...(Layout::of($d)->lining ? $d->lining->layers : []),
            $d->form->inner(), ...$this->stemAt(Layout::of($d)->top), $d->form->outer(), $d->edgeOutside->layer, $d->cover->layer,
        ], static fn (Layer $l): bool => $l->present()));
    }

    /** @return list<Layer> of the stem itself at a height, m */
    private function stemAt(float $y): array
    {
        return array_map(static fn (array $of): Layer => $of[1], StemWall::of($this->d, Layout::of($this->d))->at($y));
    }

    /** U of the stem wall above ground, W/(m²K). */
    public function stemTransmittance(): float
    {
        return Stack::transmittance($this->stemLayers(), SurfaceResistance::INSIDE_HORIZONTAL, SurfaceResistance::OUTSIDE);
    }

    /**
     * R_w of the buried wall, its outside boards as wet as the ground makes them, m²K/W. Where a board or the lining
     * covers part of the depth only, the transmittances of both parts are averaged by height.
     */
    public function buriedResistance(): float
    {
        $d = $this->d;
        $depth = max(1e-9, $d->depth());
        $share = static fn (float $length): float => max(0.0, min(1.0, $length / $depth));
        $board = $d->edgeOutside->present() ? $share($d->edgeOutside->depthBelowGrade) : 0.0;
        $at = Layout::of($d);
        $form = $d->form->present() ? $share(-$at->formFoot) : 0.0;
        $lining = $at->lining ? $share($depth - $d->lining->gapAboveFloor) : 0.0;
        $air = StillAir::resistance($at->cavity($d, -INF));
        $foam = $d->form->inner()->resistance() + $d->form->outer()->wetResistance();
        $inside = array_sum(array_map(static fn (Layer $l): float => $l->resistance(), $d->lining->layers));
        $filled = $d->stem->hasLeaves() ? $share(-StemWall::of($d, $at)->insulatedFrom) : 1.0;
        // From the top each reaches down so far; the lining from the top too, its gap lies at the floor.
        $ends = [0.0, $board, $form, $lining, $filled, 1.0];
        sort($ends);
        $sum = 0.0;
        for ($i = 1; $i < count($ends); $i++) {
            $middle = ($ends[$i - 1] + $ends[$i]) / 2;
            $r = SurfaceResistance::INSIDE_HORIZONTAL
                + array_sum(array_map(static fn (Layer $l): float => $l->resistance(), $this->stemAt(-$middle * $depth)))
                + ($middle < $board ? $d->edgeOutside->layer->wetResistance() : 0.0)
                + ($middle < $form ? $foam : 0.0)
                + ($middle < $lining ? $inside + ($middle > $form ? $air : 0.0) : 0.0);
            $sum += ($ends[$i] - $ends[$i - 1]) / $r;
        }

        return 1 / $sum - SurfaceResistance::INSIDE_HORIZONTAL;
    }

    /**
     * @return array<'perimeter_board'|'edge_outside'|'edge_inside'|'form', EdgeInsulation> what may count as edge insulation, by part:
     * never more than one of them does (annex B)
     */
    public function edges(): array
    {
        $d = $this->d;
        $edges = [];
        $surplus = $this->surplus();
        if ($surplus > 0.0) {
            $edges['perimeter_board'] = new EdgeInsulation(
                EdgeKind::Horizontal,
                $d->perimeterBoard->width,
                $surplus,
                max(0.0, $d->perimeterBoard->layer->thickness - $d->fieldBoard->thickness),
            );
        }
        $at = Layout::of($d);
        if ($d->edgeOutside->present() && $d->edgeOutside->depthBelowGrade > 0.0) {
            $edges['edge_outside'] = new EdgeInsulation(
                EdgeKind::Vertical,
                $d->edgeOutside->depthBelowGrade,
                $d->edgeOutside->layer->wetResistance(),
                $d->edgeOutside->layer->thickness,
            );
        }
        if ($d->stem->present()) {
            $inside = $d->edgeInside->layer;
            if ($inside->present() && $at->insideFoot < 0.0) {
                $edges['edge_inside'] = new EdgeInsulation(EdgeKind::Vertical, -$at->insideFoot, $inside->resistance(), $inside->thickness);
            }
            if ($d->form->present() && $at->formFoot < 0.0) {
                $edges['form'] = new EdgeInsulation(
                    EdgeKind::Vertical,
                    -$at->formFoot,
                    $d->form->inner()->resistance() + $d->form->outer()->wetResistance(),
                    $d->form->inside + $d->form->outside,
                );
            }
        }

        return $edges;
    }

    /** @return array<string, string> what each part counts for, by its key in project files */
    public function counted(GroundFormula $formula): array
    {
        $d = $this->d;
        $onGround = $formula instanceof SlabOnGround;
        $words = [
            'slab' => 'left out: dense concrete hardly insulates',
            'stone' => $this->bedCounts() ? 'counts as floor insulation' : 'left out: hardcore counts as ground',
            'blinding' => 'left out: counts as ground',
            'field_board' => match (true) {
                ! $d->fieldBoard->present() => 'no board',
                default => 'counts as floor',
            },
            'perimeter_board' => match (true) {
                ! $d->perimeterBoard->present() => 'no zone of its own',
                ! $onGround => 'counts as floor, by its area',
                $this->surplus() < 0.0 => 'counts as a strip that is weaker than the floor',
                $this->surplus() === 0.0 => 'same as the middle',
                default => 'as drawn, not by the standard',
            },
            'board_above' => $d->heating->in === HeatedIn::Slab ? 'above the pipes: not counted' : 'counts as floor',
            'screed' => $d->heating->in === HeatedIn::Slab
                ? 'above the pipes: not counted'
                : 'counts as floor, as far as it lies under the pipes',
            'edge_under' => 'as drawn, not by the standard',
            'edge_inside' => $d->edgeInside->present() ? 'as drawn, not by the standard' : 'no board',
            'edge_outside' => match (true) {
                ! $d->edgeOutside->present() => 'no board',
                $d->edgeOutside->depthBelowGrade <= 0.0 => 'not counted: it stops at the ground',
                $formula instanceof SlabOnGround => 'as drawn, not by the standard',
                default => 'counts as buried wall, as far down as it reaches, with λ of a wet board',
            },
            'form' => $formula instanceof SlabOnGround
                ? 'as drawn, not by the standard'
                : 'counts as buried wall, webs and wet outer face with it',
            'lining' => 'counts as buried wall, less its gap at the floor',
            'wing' => 'as drawn, not by the standard',
            'deck' => 'counts as floor',
            'stem' => $formula instanceof SlabOnGround ? 'as drawn, not by the standard' : 'counts as wall',
            'neighbour' => 'taken as outside air; as drawn, not by the standard',
            'threshold' => 'as drawn at doors, not by the standard',
            'pads' => 'drawn only: they stand here and there',
            'supports' => 'here and there: what each loses stands with the junctions',
        ];
        if ($formula instanceof SlabOnGround) {
            foreach ($this->edges() as $part => $edge) {
                $words[$part] = match (true) {
                    $edge->isSameAs($formula->edge) => 'counts as edge',
                    $formula->edge === null => 'not counted: it saves nothing over bare ground',
                    default => 'drawn; '.$this->savesMore($formula->edge).' saves more and counts',
                };
            }
        }

        return $words;
    }

    private function savesMore(EdgeInsulation $used): string
    {
        $names = [
            'perimeter_board' => 'the perimeter strip',
            'edge_outside' => 'the outside board',
            'edge_inside' => 'the board inside the edge',
            'form' => 'the form',
        ];
        foreach ($this->edges() as $part => $edge) {
            if ($edge->isSameAs($used)) {
                return $names[$part];
            }
        }

        return 'another';
    }

    /** @return list<Said> what the formula leaves out here, sentences */
    public function notes(GroundFormula $formula): array
    {
        $d = $this->d;
        $notes = [];
        if ($d->edgeBeam->present()) {
            $notes[] = Said::of(
                'The formula leaves out the junction of wall and floor (ψ taken as 0) and the beam’s concrete: slab and beam are '
                    .'one casting, so a board inside or under the beam shows as drawn only.',
            );
            if ($d->edgeUnder->resistance() < $this->floorResistance() - 1e-9) {
                $notes[] = Said::of(
                    'The beam stands on less board than the floor has. The formula takes the floor’s board as far as the wall, so '
                        .'the true loss is higher.',
                );
            }
        } else {
            $notes[] = Said::of(
                'The formula leaves out the junction of wall and floor (ψ taken as 0), and with it what the footing carries.',
            );
        }
        if ($formula instanceof SlabOnGround && count($this->edges()) > 1) {
            $notes[] = Said::of('Strip and boards at the edge are never added up; the one that saves most is counted.');
        }
        if ($formula instanceof SlabOnGround && $formula->edgeIsHeld()) {
            $notes[] = Said::of(
                'The floor is so small that the edge formula takes off more than the same board under the whole floor would save; no '
                    .'more than that is counted.',
            );
        }
        if ($d->walkout->present()) {
            $notes[] = Said::of(
                'The formula takes the depth as its mean along the exposed edge, walk-out side included (z %s); what is drawn has a '
                    .'section for each side.',
                Measure::depth($this->depth()),
            );
        }
        if ($d->neighbour->present()) {
            $notes[] = Said::of('Garage and porch are taken as outside air, which is on the safe side where they are closed.');
        }
        if ($d->form->present()) {
            $notes[] = Said::of(
                'The form’s webs are %s of its face and raise its λ from %s to %s; that they end at the core is left out (safe side).',
                Measure::of($d->form->webShare(), Quantity::Share),
                Measure::of($d->form->material->conductivity, Quantity::Conductivity),
                Measure::of($d->form->faces()->conductivity, Quantity::Conductivity),
            );
        }
        if ($d->heating->present()) {
            $notes[] = Said::of(
                'The floor is heated: its loss is counted from the plane of the pipes, %s over the heating months, without the '
                    .'surface’s resistance.',
                Measure::of($d->heating->plane, Quantity::Temperature),
            );
        }

        return $notes;
    }

    /** Height of stem wall above ground and floor in a section: what the field's loss has to be relieved of, at the stem's U. */
    public function stemAboveGround(Side $side): float
    {
        $at = Layout::of($this->d, $side);

        return $this->d->stem->present() ? max(0.0, $at->top - max($at->grade, $at->floor)) : 0.0;
    }
}
