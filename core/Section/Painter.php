<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\DrainMade;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Design\WalkoutWall;
use Ondergrond\Material\Catalogue;

/** Paints one side of a design within a window: the ground first, then the parts as they are built on each other. */
final readonly class Painter
{
    /** The bed stands out past the edge by this much, common practice, m. */
    private const BED_STANDS_OUT = 0.1;

    /** Thickness of the plate that a deck bears on, common practice, m. */
    private const PLATE = 0.04;

    /** Thinner than this is a sheet, m. */
    private const SHEET = 0.001;

    /** Thickness of a door's leaf and sill, common practice, m. */
    private const LEAF = 0.06;

    public function __construct(
        private Design $d,
        private Side $side,
        private Layout $at,
        private Window $window,
    ) {}

    /** What stands for the wall at a door. */
    public static function leaf(): Layer
    {
        return Layer::of(Catalogue::get('softwood'), self::LEAF);
    }

    /** @return list<Region> */
    public function regions(): array
    {
        return [...$this->ground(), ...$this->parts()];
    }

    /** @return list<Region> */
    public function ground(): array
    {
        $left = -$this->window->inward;

        return self::some([
            Region::box(null, null, $left, -$this->window->down, 0.0, $this->at->under),
            Region::box(null, null, 0.0, -$this->window->down, $this->window->outward, $this->at->grade),
        ]);
    }

    /** @return list<Region> */
    public function parts(): array
    {
        $beside = new OutsidePainter($this->d, $this->side, $this->at);

        return self::some([
            ...$this->bed(),
            ...($this->d->stem->present() ? [...$this->stem(), ...$this->floor()] : [...$this->floor(), ...$this->beam()]),
            ...$this->onSlab(),
            ...$beside->edge(),
            ...$this->wall(),
            ...$this->deck(),
            ...$beside->ground(),
            ...$this->openings(),
            ...Fittings::of($this->d, $this->side, $this->at, $this->window)->regions(),
        ]);
    }

    /** @return list<Region|null> */
    private function bed(): array
    {
        [$d, $at, $left] = [$this->d, $this->at, -$this->window->inward];
        $end = $d->stem->present() ? $at->inner : $at->tray;
        $regions = [
            // Where the floor's boards are thinner, the stone comes up to them.
            Region::layer(Part::Stone, $d->stone, $left, $at->dig, $end, $at->boarded),
            Region::layer(Part::Blinding, $d->blinding, $left, $at->bed, $end, $at->boards),
        ];
        if ($d->pads->present()) {
            $x = -$d->pads->fromEdge;
            $y = -$d->pads->depthBelowGrade;
            $regions[] = Region::box(
                Part::Pads, $d->slab->layer->material, max($left, $x - $d->pads->width / 2), $y, $x + $d->pads->width / 2,
                $y + $d->pads->height,
            )?->drawnOnly();
        }
        if ($d->service->present()) {
            // A pipe as large as the room that is kept for it.
            $regions[] = Region::ring(
                Part::Service, Catalogue::get('screed'), $end - 0.6, $at->bed - $d->service->height / 2, $d->service->height,
            );
        }
        if ($d->gas->present()) {
            $regions[] = Region::ring(Part::Gas, Catalogue::get('dimple-membrane'), $end - 1.0, ($at->bed + $at->dig) / 2, $d->gas->pipe);
        }
        if ($d->drains->inner > 0.0 && $d->drains->made === DrainMade::Pipe) {
            $regions[] = Region::ring(
                Part::Drains, Catalogue::get('dimple-membrane'), $end - 1.2 * $d->drains->inner - $this->at->toe,
                $at->dig + $d->drains->inner / 2 + 0.02, $d->drains->inner,
            );
        }

        return $regions;
    }

    /** @return list<Region|null> */
    private function stem(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $middle = $at->inner / 2;
        $half = $d->footing->width / 2;
        $form = $d->form;
        $faces = $form->faces();
        $grade = min($at->grade, $at->top);

        return [
            Region::layer(Part::EdgeUnder, $d->edgeUnder, $middle - $half, $at->trench, $middle + $half, $at->foot),
            Region::box(Part::Footing, $d->slab->layer->material, $middle - $half, $at->foot, $middle + $half, $at->stemFoot),
            ...StemWall::of($d, $at)->regions(),
            Region::box(Part::Form, $faces, $at->inner - $form->inside, $at->formFoot, $at->inner, $at->top),
            Region::box(Part::Form, $faces->wet(), 0.0, $at->formFoot, $form->outside, $grade),
            Region::box(Part::Form, $faces, 0.0, max($grade, $at->formFoot), $form->outside, $at->top),
        ];
    }

    /** @return list<Region|null> */
    private function beam(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $out = $d->edgeOutside->layer->thickness + self::BED_STANDS_OUT;
        $inside = $d->edgeInside;
        $foot = $at->insideFoot;
        $board = Region::box(Part::EdgeInside, $inside->layer->material, $at->tray, $foot, $at->inner, $at->under);
        $cut = $inside->cut($at->under - $foot);
        if ($board !== null && $cut > 0.0) {
            $board = new Region(
                Part::EdgeInside,
                $inside->layer->material,
                [
                    [$at->tray, $foot], [$at->inner - $cut, $foot], [$at->inner, $foot + $cut], [$at->inner, $at->under],
                    [$at->tray, $at->under],
                ],
                true,
                $board->polygon,
            );
        }

        return [
            Region::layer(Part::Stone, $d->stone, $at->tray, $at->trench, $out, $at->foot - $d->edgeUnder->thickness),
            Region::layer(Part::EdgeUnder, $d->edgeUnder, $at->tray, $at->foot - $d->edgeUnder->thickness, 0.0, $at->foot),
            $cut > 0.0 ? Region::box(
                Part::Slab, $d->slab->layer->material, $at->inner - $cut, $foot, $at->inner, $foot + $cut,
            )?->drawnOnly() : null,
            // Under a board that stops short the beam's inner face meets the ground.
            $foot > $at->foot ? Region::box(null, null, $at->tray, $at->foot, $at->inner, $foot) : null,
            $board,
            $this->concrete(),
        ];
    }

    private function concrete(): Region
    {
        $at = $this->at;
        $left = -$this->window->inward;

        return new Region(
            Part::Slab,
            $this->d->slab->layer->material,
            [
                [$left, $at->under], [$at->inner, $at->under], [$at->inner, $at->foot], [0.0, $at->foot], [0.0, $at->slab],
                [$left, $at->slab],
            ],
        );
    }

    /** @return list<Region|null> */
    private function floor(): array
    {
        [$d, $at, $left] = [$this->d, $this->at, -$this->window->inward];
        $zone = max($left, $at->zone);
        $regions = [
            Region::layer(Part::StoneOver, $d->stoneOver, $left, $at->boarded, $at->tray, $at->under),
            Region::layer(Part::Field, $d->fieldBoard, $left, $at->boarded - $d->fieldBoard->thickness, $zone, $at->boarded),
            Region::layer(
                Part::Perimeter, $d->perimeterBoard->layer, $zone, $at->boarded - $d->perimeterBoard->layer->thickness, $at->tray,
                $at->boarded,
            ),
        ];
        if ($d->stem->present()) {
            $inside = $d->edgeInside;
            $regions[] = Region::layer(
                Part::EdgeInside, $inside->layer, $at->tray, $at->insideFoot,
                $at->inner - ($at->formFoot < $at->slab ? $d->form->inside : 0.0), $at->slab,
            );
            $regions[] = Region::layer(Part::Slab, $d->slab->layer, $left, $at->under, $at->tray, $at->slab);
        }

        return $regions;
    }

    /** @return list<Region|null> */
    private function onSlab(): array
    {
        [$d, $at, $left] = [$this->d, $this->at, -$this->window->inward];
        [$mat, $board] = [$at->matTop($d), $at->boardTop($d)];
        // On a stem the floor's build-up ends at the wall or the lining, on a beam at the wall.
        $end = $at->buildUpEnd;
        $upstand = $d->screed->present() ? $d->upstand->thickness : 0.0;
        $regions = [
            Region::layer(Part::Mat, $d->mat->layer, $left, $at->slab, $at->matEnd($d), $mat),
            Region::layer(Part::BoardAbove, $d->boardAbove, $left, $mat, $end, $board),
            Region::layer(Part::Screed, $d->screed, $left, $board, $end - $upstand, $at->floor),
            $upstand > 0.0 ? Region::layer(Part::Upstand, $d->upstand, $end - $upstand, $board, $end, $at->floor) : null,
        ];
        if ($d->heating->present()) {
            // In the field they are a plane.
            for ($x = $end - $d->heating->spacing; $x > max($left, $end - 3.0); $x -= $d->heating->spacing) {
                $regions[] = Region::ring(
                    Part::Heating, Catalogue::get('dimple-membrane'), $x, $at->floor - $d->heating->depth,
                    max(0.010, $d->heating->pipe),
                );
                $regions[] = $d->heating->hasBoth() ? Region::ring(
                    Part::Heating, Catalogue::get('steel-bar'), $x + $d->heating->spacing / 2,
                    $at->floor - $d->heating->cableDepth, 0.008,
                ) : null;
            }
        }
        if ($at->lining) {
            $x = $at->inner - $d->form->inside;
            $foot = $at->liningFoot($d);
            array_push(
                $regions,
                ...self::stacked(
                    array_reverse($d->lining->layers),
                    static fn (Layer $l, float $from, float $to): ?Region => Region::box(
                        Part::Lining, $l->material, $x - $to, $foot, $x - $from, $at->top,
                    ),
                ),
            );
        }

        return $regions;
    }

    /** @return list<Region|null> */
    private function wall(): array
    {
        [$d, $at, $head] = [$this->d, $this->at, $this->window->up];
        $regions = [];
        $closed = $d->closer->present() && $this->side !== Side::Door;
        if ($this->side === Side::Door) {
            $head = $at->sill($d);
            $regions[] = Region::layer(Part::Wall, self::leaf(), -self::LEAF, $head, 0.0, $this->window->up);
        }
        $x = 0.0;
        foreach (array_reverse($d->wall->inside) as $layer) {
            $regions[] = Region::layer(Part::Wall, $layer, $x - $layer->thickness, $at->top, $x, $head);
            if ($closed && $layer->material->slug === 'cavity-wool') {
                $regions[] = $this->closer($x - $layer->thickness, $x);
            }
            $x -= $layer->thickness;
        }
        $x = 0.0;
        foreach ($d->wall->outside as $layer) {
            $regions[] = Region::layer(Part::Wall, $layer, $x, $at->top, $x + $layer->thickness, $head);
            if ($closed && $layer->material->slug === 'cavity-wool') {
                $regions[] = $this->closer($x, $x + $layer->thickness);
            }
            $x += $layer->thickness;
        }

        return $regions;
    }

    /** Stands at openings only. */
    private function closer(float $x0, float $x1): ?Region
    {
        return Region::box(
            Part::Closer, $this->d->closer->material, $x0, $this->at->top, $x1, $this->at->top + $this->d->closer->thickness,
        )?->drawnOnly();
    }

    /** @return list<Region|null> */
    private function deck(): array
    {
        [$top, $left, $right] = [$this->d->deck->topAboveGrade, -$this->window->inward, -$this->d->wall->insideThickness()];
        $regions = self::stacked(
            $this->d->deck->layers,
            static fn (Layer $l, float $from, float $to): ?Region => Region::box(
                Part::Deck, $l->material, $left, $top - $to, $right, $top - $from,
            ),
        );
        // It bears on a plate on the stem's top.
        $plate = $this->d->deck->present() ? Region::box(
            Part::Deck, Catalogue::get('softwood'), $this->at->lined, $this->at->top, -$this->d->wall->insideThickness(),
            min($this->at->top + self::PLATE, $this->d->deck->topAboveGrade),
        ) : null;

        return [...$regions, $this->side === Side::Walkout && $this->d->walkout->wall === WalkoutWall::Timber ? null : $plate];
    }

    /** @return list<Region|null> */
    private function openings(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $regions = [];
        if ($d->recess->present()) {
            // Left open in the slab: drawn as the sheet's white, filled later.
            $x = -$d->recess->fromEdge;
            $regions[] = Region::box(
                Part::Recess, Catalogue::get('screed'), $x - $d->recess->width, $at->slab - $d->recess->depth, $x, $at->slab,
            )?->drawnOnly();
        }
        if ($d->threshold->present() && ! $d->deck->present()) {
            $fill = Region::box(
                Part::Threshold, $d->threshold->layer->material, -$d->threshold->width, $at->top - $d->threshold->layer->thickness,
                0.0, $at->top,
            );
            $regions[] = $this->side === Side::Door ? $fill : null;
        }

        return $regions;
    }

    /**
     * The regions of layers that are painted one after the other. Sheets are only drawn, since they make the mesh finer; the
     * layer after them takes their place in the field.
     *
     * @param  list<Layer>  $layers
     * @param  callable(Layer, float, float): (Region|null)  $box  told a layer and how deep in the stack it begins and ends, m
     * @return list<Region|null>
     */
    private static function stacked(array $layers, callable $box): array
    {
        $regions = [];
        $depth = $from = 0.0;
        foreach ($layers as $layer) {
            $end = $depth + $layer->thickness;
            $region = $box($layer, $depth, $end);
            if ($layer->thickness < self::SHEET) {
                $regions[] = $region?->drawnOnly();
            } else {
                $regions[] = $region === null || $from === $depth ? $region : new Region(
                    $region->part, $region->material, $region->polygon, true, $box($layer, $from, $end)->polygon ?? null,
                );
                $from = $end;
            }
            $depth = $end;
        }

        return $regions;
    }

    /**
     * @param  list<Region|null>  $regions
     * @return list<Region>
     */
    private static function some(array $regions): array
    {
        return array_values(array_filter($regions));
    }
}
