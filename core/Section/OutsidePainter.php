<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\DrainMade;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Material\Catalogue;

/** What a section has outside its edge: board, drainage, cover and drain at its face; wing and unheated neighbour beside it. */
final readonly class OutsidePainter
{
    public function __construct(
        private Design $d,
        private Side $side,
        private Layout $at,
    ) {}

    /** @return list<Region|null> */
    public function ground(): array
    {
        return [...($this->side === Side::Neighbour ? $this->neighbour() : []), ...$this->wing()];
    }

    /** @return list<Region|null> */
    public function edge(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $board = $d->edgeOutside->layer;
        $grade = min($at->grade, $at->top);
        $drainage = $d->drainage;
        $regions = [
            Region::layer(Part::EdgeOutside, $board->made($board->material->wet()), $at->formFace, $at->boardFoot, $at->boardFace, $grade),
            $this->wedge(),
            Region::layer(Part::EdgeOutside, $board, $at->formFace, max($grade, $at->boardFoot), $at->boardFace, $at->top),
            // Layers so thin only make the mesh finer.
            Region::layer(
                Part::Drainage, $drainage->layer, $at->boardFace, $at->stemFoot, $at->boardFace + $drainage->layer->thickness,
                $at->grade - $drainage->topBelowGrade,
            )?->drawnOnly(),
            Region::layer(
                Part::Cover, $d->cover->layer, $at->boardFace, $at->grade - $d->cover->depthBelowGrade,
                $at->boardFace + $d->cover->layer->thickness, $at->top,
            )?->drawnOnly(),
        ];
        if ($d->drains->outer > 0.0 && $d->drains->made === DrainMade::Pipe) {
            $x = max($at->outermost, $this->at->toe);
            $regions[] = Region::ring(
                Part::Drains, Catalogue::get('dimple-membrane'), $x + $d->drains->outer, $at->foot + $d->drains->outer / 2,
                $d->drains->outer,
            );
        }

        return $regions;
    }

    /** What a wedge-shaped block is thicker by toward its foot: drawn, and not counted on in any field. */
    private function wedge(): ?Region
    {
        $board = $this->d->edgeOutside;
        [$x, $foot, $top] = [$this->at->boardFace, $this->at->boardFoot, $this->at->grade];

        return ! $board->present() || $board->wedge <= 0.0 || $top <= $foot ? null : (new Region(
            Part::EdgeOutside, $board->layer->material, [[$x, $foot], [$x + $board->wedge, $foot], [$x, $top]],
        ))->drawnOnly();
    }

    /** @return list<Region|null> */
    private function neighbour(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $n = $d->neighbour;
        $near = $at->boardFace;
        $break = $near + $n->layer->thickness;
        $far = $break + $n->width;
        $under = $n->topAboveGrade - $n->slab;

        return [
            // Fill under a slab that lies above the ground.
            Region::box(null, null, $near, 0.0, $far, $under),
            Region::layer(Part::Stone, $d->stone, $break, $under - $d->stone->thickness, $far, $under),
            Region::layer(Part::Neighbour, $n->layer, $near, max($at->foot, $under - 0.2), $break, $n->topAboveGrade),
            Region::box(Part::Neighbour, $d->slab->layer->material, $break, $under, $far, $n->topAboveGrade),
            Region::box(Part::Neighbour, $d->slab->layer->material, $far - 0.3, $under - 0.3, $far, $under),
            Region::box(Part::Neighbour, $n->layer->material->wet(), $far, $under - 0.3, $far + $n->edgeBoard, $n->topAboveGrade),
        ];
    }

    /** @return list<Region|null> */
    private function wing(): array
    {
        [$wing, $at] = [$this->d->wing, $this->at];
        // No wing lies under the neighbour's own slab.
        if (! $wing->present() || $this->side === Side::Neighbour) {
            return [];
        }
        [$x0, $x1] = [$at->boardFace, $at->boardFace + $wing->width];
        $y = $at->grade - $wing->depth;
        $t = $wing->layer->thickness;

        // A fall of a few in a hundred changes no temperature: the field takes it level, at its mean depth.
        $level = Region::rectangle(null, null, $x0, $y - $t - $wing->fall / 2, $x1, $y - $wing->fall / 2)->polygon;

        return [
            new Region(
                Part::Wing, $wing->layer->material->wet(),
                [[$x0, $y - $t], [$x1, $y - $t - $wing->fall], [$x1, $y - $wing->fall], [$x0, $y]], true, $level,
            ),
        ];
    }
}
