<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Closure;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Part;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Load\BearingCheck;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Material\Material;
use Ondergrond\Material\Place;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Verdict;

/** The next size or grade, among those that are sold, that does what a rule wants. */
final readonly class Sizes
{
    /** Boards are sold by rounded R, m²K/W. */
    private const ROUNDING = Requirement::ROUNDING;

    /** 25 psi, kPa: common practice under a slab. */
    private const FIRM = 170.0;

    public function __construct(private Subject $subject) {}

    /** The softest polystyrene that carries it; null where none does. */
    public function harder(BearingCheck $check): ?Material
    {
        $place = $check->part->place() ?? Place::UnderSlab;
        $strong = array_filter(
            Catalogue::for($place),
            static fn (Material $m): bool => $m->kind === Kind::Polystyrene && ($m->strength ?? 0.0) >= $check->needed(),
        );
        // Of two that are alike the one of the same make.
        $other = static fn (Material $m): bool => substr($m->slug, 0, 3) !== substr($check->material->slug, 0, 3);
        usort(
            $strong,
            static fn (Material $a, Material $b): int => [
                $a->strength,
                $other($a),
                $a->conductivity,
            ] <=> [$b->strength, $other($b), $b->conductivity],
        );

        return $strong[0] ?? null;
    }

    /** A harder board in the place of the one that was checked. */
    public function hardened(BearingCheck $check): ?Remedy
    {
        $harder = $this->harder($check);

        return $harder === null
            ? null
            : Remedy::of("Lay {$harder->name} there.",
                fn (Design $d): Design => (new Companions($this->subject->stock))->ofMiddle($d->with(match ($check->part) {
                    Part::Perimeter => ['perimeterBoard' => $d->perimeterBoard->but(layer: $d->perimeterBoard->layer->made($harder))],
                    Part::BoardAbove => ['boardAbove' => $d->boardAbove->made($harder)],
                    default => ['fieldBoard' => $d->fieldBoard->made($harder)],
                })));
    }

    /** The softest board for a bearing that carries what stands on this one; the usual 40 psi where no load is given. */
    public function underBearing(): Material
    {
        $d = $this->subject->design;
        $usual = Catalogue::get('xps-40psi');
        $check = LoadVerdict::of($this->subject->site, $d->with(['edgeUnder' => $d->edgeUnder->made($usual)]))->at('edge');

        return $check === null || $check->word() !== Verdict::Fails ? $usual : $this->harder($check) ?? $usual;
    }

    /** Harder boards wherever one under the floor carries too much; null where no board is hard enough. */
    public function hardenedFloor(): ?Remedy
    {
        $remedies = [];
        foreach (['field', 'perimeter', 'on-slab'] as $where) {
            $check = $this->subject->load->at($where);
            if ($check?->word() === Verdict::Fails) {
                $remedies[] = $this->hardened($check);
            }
        }
        $known = array_values(array_filter($remedies));

        return $known === [] || count($known) < count($remedies) ? null : Remedy::of(
            $known[0]->said,
            static fn (Design $d): Design => array_reduce($known, static fn (Design $then, Remedy $r): Design => $r->applied($then), $d),
        );
    }

    /** @param  Closure(Subject): bool  $does  whether a thicker floor is enough */
    public function thickerFloor(Closure $does): ?Remedy
    {
        $now = $this->subject->design;
        $above = ! $now->fieldBoard->present() && $now->boardAbove->present();
        $with = new Companions($this->subject->stock);
        // Where no board lies there yet, one that is firm enough for a floor.
        $board = $now->fieldBoard->present() || ($now->fieldBoard->material->strength ?? 0.0) >= self::FIRM
            ? $now->fieldBoard : Layer::of(Catalogue::get('xps-25psi'), 0.0);
        $thicker = static fn (Design $d, float $t): Design => $above
            ? $d->with(['boardAbove' => $d->boardAbove->thick($t)])
            : $with->ofMiddle($d->with(['fieldBoard' => $board->thick($t)]));
        $size = $this->smallest(
            $above ? 'board_above.thickness_m' : 'field_board.thickness_m',
            $above ? $now->boardAbove->thickness : $now->fieldBoard->thickness,
            fn (float $t): bool => $does($this->then($thicker($now, $t))),
        );

        return $size === null ? null : Remedy::of(
            Said::of($above ? 'Make the board on the slab %s.' : 'Make the middle board %s.', Measure::size($size)),
            static fn (Design $d): Design => $thicker($d, $size),
        );
    }

    /**
     * The best R at the floor's edge that reaches so far, down from the slab's top, or down and then in under it.
     *
     * @return float m²K/W
     */
    public function edgeResistance(float $reach): float
    {
        [$d, $at] = [$this->subject->design, $this->subject->at];
        $under = $d->perimeterBoard->present() ? $d->perimeterBoard->layer->resistance() : $d->fieldBoard->resistance();
        $inward = $d->fieldBoard->present() ? INF : ($d->perimeterBoard->present() ? $d->perimeterBoard->width : 0.0);
        $down = $at->slab - $at->insideFoot;
        $ways = [
            [$d->edgeOutside->layer->resistance(), $d->edgeOutside->present() ? $at->slab - $at->boardFoot : 0.0],
            [$d->edgeInside->layer->resistance(), $d->edgeInside->present() ? $down : 0.0],
            // Down the inside of the edge and on under the slab.
            [min($d->edgeInside->layer->resistance(), $under), $d->edgeInside->present() ? $d->slab->layer->thickness + $inward : 0.0],
            [$d->form->inner()->resistance() + $d->form->outer()->resistance(), $d->form->present() ? $at->slab - $at->formFoot : 0.0],
        ];
        $best = 0.0;
        foreach ($ways as [$r, $far]) {
            $best = $far >= $reach - 0.01 ? max($best, $r) : $best;
        }

        return $best;
    }

    public function thickerEdge(float $wanted, float $reach): ?Remedy
    {
        $board = $this->subject->design->edgeOutside;
        $material = $board->present() ? $board->layer->material : Catalogue::get('xps-25psi');
        $size = $this->smallest(
            'edge_outside.thickness_m',
            0.0,
            static fn (float $t): bool => $t / $material->conductivity >= $wanted - self::ROUNDING,
        );
        $depth = max($board->present() ? $board->depthBelowGrade : 0.0, $reach - $this->subject->at->slab);

        return $size === null ? null : Remedy::of(
            Said::of('Put %s of board on the outer face, %s below the ground.', Measure::size($size), Measure::size($depth)),
            fn (Design $d): Design => (new Companions($this->subject->stock))->ofFoam($d->with(
                ['edgeOutside' => new OutsideBoard(Layer::of($material, max($size, $d->edgeOutside->layer->thickness)), $depth)],
            )),
        );
    }

    /** R of all that insulates the wall, m²K/W. */
    public function wallInsulation(): float
    {
        $d = $this->subject->design;
        $inside = array_sum(
            array_map(
                static fn (Layer $l): float => $l->insulates() ? $l->resistance() : 0.0,
                $this->subject->at->lining ? $d->lining->layers : [],
            ),
        );

        return $inside + $d->form->inner()->resistance() + $d->form->outer()->resistance() + $d->edgeOutside->layer->resistance();
    }

    public function thickerWall(float $wanted): ?Remedy
    {
        $d = $this->subject->design;
        $lacks = $wanted - $this->wallInsulation();
        $inner = array_key_last(array_filter($d->lining->layers, static fn (Layer $l): bool => $l->insulates()));
        $board = $inner !== null && ! $d->edgeOutside->present() ? $d->lining->layers[$inner] : (
            $d->edgeOutside->present()
            ? $d->edgeOutside->layer
            : Layer::none('xps-25psi')
        );
        $size = $this->smallest(
            'edge_outside.thickness_m',
            $board->thickness,
            static fn (float $t): bool => ($t - $board->thickness) / $board->material->conductivity >= $lacks - self::ROUNDING,
        );
        if ($size === null) {
            return null;
        }

        return $inner !== null && ! $d->edgeOutside->present()
            ? Remedy::of(
                Said::of('Make the board of the lining %s.', Measure::size($size)),
                static fn (Design $d): Design => $d->with(
                    [
                        'lining' => $d->lining->but(
                            layers: array_map(
                                static fn (int $i, Layer $l): Layer => $i === $inner ? $l->thick($size) : $l,
                                array_keys($d->lining->layers),
                                $d->lining->layers,
                            ),
                        ),
                    ],
                ),
            )
            : Remedy::of(
                Said::of('Make the outside board %s.', Measure::size($size)),
                fn (Design $d): Design => (new Companions($this->subject->stock))->ofFoam($d->with([
                    'edgeOutside' => new OutsideBoard(
                        $board->thick($size),
                        $d->edgeOutside->present() ? $d->edgeOutside->depthBelowGrade : max(0.3, -$d->footing->top()),
                    ),
                ])),
            );
    }

    /** The beam or footing as wide as the ground under the edge asks; a footing as high as it must be to spread so far. */
    public function widerBearing(): ?Remedy
    {
        $stem = $this->subject->design->stem->present();
        $wide = static fn (Design $d, float $w): Design => $d->with($stem
            ? [
                'footing' => $d->footing->but(
                    width: $w,
                    height: max($d->footing->height, ($w - $d->stem->layer->thickness) / 2),
                    depthBelowGrade: $d->footing->depthBelowGrade + max(0.0, ($w - $d->stem->layer->thickness) / 2 - $d->footing->height),
                ),
            ]
            : ['edgeBeam' => $d->edgeBeam->but(width: $w)]);
        $now = $this->subject->design;
        $size = $this->smallest(
            $stem ? 'footing.width_m' : 'edge_beam.width_m',
            $stem ? $now->footing->width : $now->edgeBeam->width,
            fn (float $w): bool => $this->carries('edge', $wide($now, $w)),
        );

        return $size === null ? null : Remedy::of(
            Said::of(
                $stem ? 'Make the footing %s wide, and high enough to spread the load so far.' : 'Make the beam %s wide.',
                Measure::size($size),
            ),
            static fn (Design $d): Design => $wide($d, $size),
        );
    }

    /** A pad as wide as the ground asks, and as thick as it must be to spread the load so far. */
    public function widerPad(): ?Remedy
    {
        $now = $this->subject->design;
        $spread = $now->loads->plate + 2 * $now->slab->layer->thickness;
        $wide = function (Design $d, float $w) use ($spread): Design {
            $height = max($d->pads->height, $this->subject->stock->up(($w - $spread) / 2));

            return $d->with(
                [
                    'pads' => $d->pads->but(
                        width: $w,
                        height: $height,
                        depthBelowGrade: $d->pads->depthBelowGrade + $height - $d->pads->height,
                    ),
                ],
            );
        };
        $size = $now->pads->present() ? $this->smallest(
            'pads.width_m',
            0.0,
            fn (float $w): bool => $w >= $now->pads->width - 1e-6 && $this->carries('post', $wide($now, $w)),
        ) : null;

        return $size === null ? null : Remedy::of(
            Said::of('Make the pad %s square, and %s thick.', Measure::size($size), Measure::size($wide($now, $size)->pads->height)),
            static fn (Design $d): Design => $wide($d, $size),
        );
    }

    private function carries(string $where, Design $then): bool
    {
        return (LoadVerdict::of($this->subject->site, $then)->soilAt($where)?->share() ?? 0.0) <= 1.0;
    }

    private function then(Design $design): Subject
    {
        return new Subject($this->subject->site, $design, $this->subject->units);
    }

    /** @param  Closure(float): bool  $does */
    private function smallest(string $field, float $above, Closure $does): ?float
    {
        foreach ($this->subject->proposes ? SizePath::sold($field, $this->subject->units) : [] as $size) {
            try {
                if ($size > $above + 1e-6 && $does($size)) {
                    return $size;
                }
            } catch (FaultyInput) {
                return null;
            }
        }

        return null;
    }
}
