<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Fault\Fault;

/** What parts cannot be built together. Ranges of single sizes stand in the schema. */
final class DesignFaults
{
    /** The beam reaches at least this far below the slab's underside, or it is no beam, m. */
    private const LEAST_BEAM = 0.05;

    /** Concrete left under a recess or a threshold, m. */
    private const LEAST_CONCRETE = 0.05;

    /** Of a slab that carries the floor, m. */
    private const LEAST_SLAB = 0.05;

    /** Of an outside board that hangs free below its beam, m. */
    private const DEEPEST_FREE = 3.0;

    /** Room under a deck, m. */
    private const LEAST_ROOM = 0.3;

    /** Between the leaves of a stem, m. */
    private const LEAST_CAVITY = 0.025;

    /** A limit that was rounded for reading may be typed back, m. */
    /** m. */
    private const LEAST_SCREED = 0.03;

    private const LEAST_PANEL = 0.012;

    private const ROUNDING = 0.0005;

    /** @var list<Fault> */
    private array $faults = [];

    private function __construct(private readonly Design $d) {}

    /** @return list<Fault> pointers begin at the design */
    public static function of(Design $design): array
    {
        $check = new self($design);
        $check->faults = array_map(static fn (Fault $f): Fault => $f->at('/footprint'), $design->footprint->faults());
        $check->floor();
        $check->beam();
        $check->stem();
        $check->outside();
        $check->deck();
        $check->openings();
        $check->sides();

        return $check->faults;
    }

    private function floor(): void
    {
        $d = $this->d;
        if (! $d->deck->present()) {
            $this->atLeast('/slab/thickness_m', $d->slab->layer->thickness, self::LEAST_SLAB, 'the floor is the slab');
        }
        $half = $d->footprint->characteristicDimension() / 2;
        $this->atMost('/perimeter_board/width_m', $d->perimeterBoard->width, $half, 'half the floor’s mean width');
        $this->atMost('/service/height_m', $d->service->height, $d->stone->thickness, 'pipes lie within the stone bed');
        // In an old floor it is cut in along the wall.
        if (! $d->standing->has(Part::Slab)) {
            $this->atMost('/drains/inner_m', $d->drains->inner, $d->stone->thickness, 'the inner drain lies within the stone bed');
        }
        if ($d->screed->present() || $d->boardAbove->present()) {
            $this->atLeast(
                '/screed/thickness_m', $d->screed->thickness, $d->hasPanels() ? self::LEAST_PANEL : self::LEAST_SCREED,
                'the board on the slab carries a screed or panels',
            );
        }
        if ($d->hasPanels() && $d->heating->in === HeatedIn::Screed) {
            $this->faults[] = Fault::of('/heating/in', 'pipes in floor panels', 'none, slab, or a screed in their place');
        }
        if ($d->heating->in === HeatedIn::Screed) {
            $this->atLeast('/screed/thickness_m', $d->screed->thickness, $d->heating->depth + 0.01, 'the pipes lie in the screed');
        } elseif ($d->heating->in === HeatedIn::Slab) {
            $this->atMost('/heating/depth_m', $d->heating->depth, $d->finishedFloor() - $d->slab->underside(), 'the pipes lie in the slab');
        }
        if ($d->heating->present()) {
            $this->heating();
        }
        $this->supports($half);
        if ($d->steel->present()) {
            $this->atMost('/steel/cover_m', $d->steel->cover + $d->steel->bar, $d->slab->layer->thickness, 'cover and bar lie in the slab');
        }
        if ($d->pads->present()) {
            $this->atMost(
                '/pads/from_edge_m',
                $d->pads->fromEdge,
                $half + $d->wall->insideThickness(),
                'the pad lies under the half of the floor that is drawn',
            );
            $bed = $d->slab->underside() - $d->stoneOver->thickness - max(
                $d->fieldBoard->thickness,
                $d->perimeterBoard->thickness(),
            ) - $d->blinding->thickness - $d->stone->thickness;
            $this->atLeast(
                '/pads/depth_below_grade_m',
                $d->pads->depthBelowGrade,
                $d->pads->height - $bed,
                'stone and boards go over the pad',
            );
        }
    }

    private function supports(float $half): void
    {
        foreach (['posts' => $this->d->supports->posts, 'strips' => $this->d->supports->strips] as $list => $kinds) {
            foreach ($kinds as $i => $of) {
                $at = "/supports/{$list}/{$i}";
                $this->atMost("{$at}/from_edge_m", $of->fromEdge(), $half + $this->d->wall->insideThickness(),
                    'it stands in the half of the floor that is drawn');
                if (! $this->d->slab->present() && $of->foot() !== SupportFoot::OwnPad) {
                    $this->faults[] = Fault::of("{$at}/foot", 'on a slab that is not there', SupportFoot::OwnPad->value);
                }
            }
        }
    }

    private function heating(): void
    {
        $h = $this->d->heating;
        $this->atLeast('/heating/depth_m', $h->depth, $h->pipe / 2, 'the pipe lies in the floor');
        $this->atLeast('/heating/spacing_m', $h->spacing, 1.5 * $h->pipe, 'pipes need room between them');
        if ($h->hasBoth()) {
            $this->atMost(
                '/heating/cable_depth_m', $h->cableDepth, $this->d->finishedFloor() - $this->d->slab->underside(),
                'the cable lies in the floor',
            );
        }
        if ($h->by === HeatBy::Pipes) {
            $this->atMost('/heating/pipe_wall_m', $h->pipeWall, 0.3 * $h->pipe, 'a bore is left');
            $this->atMost('/heating/water_drop_k', $h->waterDrop, $h->supply - 10.0, 'the water comes back above 10 °C');
        }
    }

    private function beam(): void
    {
        $d = $this->d;
        if (! $d->edgeBeam->present()) {
            if (! $d->stem->present()) {
                $this->faults[] = Fault::of(
                    '/edge_beam/width_m',
                    'neither beam nor stem wall',
                    'an edge beam at least 0.1 m wide, or a stem wall',
                );
            }

            return;
        }
        if ($d->stem->present()) {
            $this->faults[] = Fault::of('/stem/thickness_m', 'both edge beam and stem wall', 'either of them, the other at 0');
        }
        $this->atLeast('/edge_beam/width_m', $d->edgeBeam->width, 0.1, 'a narrower one bears nothing');
        $this->atLeast(
            '/edge_beam/depth_m',
            $d->edgeBeam->depth,
            $d->slab->layer->thickness + self::LEAST_BEAM,
            'counted from the slab’s top, the beam is deeper than the slab',
        );
        $this->atMost('/slab/top_above_grade_m', $d->slab->topAboveGrade, $d->edgeBeam->depth, 'the beam reaches into the ground');
        $this->atLeast('/slab/top_above_grade_m', $d->slab->topAboveGrade, 0.0, 'a slab below the ground needs a wall at its edge');
    }

    private function stem(): void
    {
        $d = $this->d;
        if (! $d->stem->present()) {
            $this->needsStem('/form/inside_m', $d->form->present());
            $this->needsStem('/lining/layers', $d->lining->present());
            $this->needsStem('/membrane/thickness_m', $d->membrane->present());
            $this->needsStem('/deck/layers', $d->deck->present());
            $this->needsStem('/walkout/drop_m', $d->walkout->present());
            $this->needsStem('/footing/width_m', $d->footing->present());
            $this->needsStem('/cavity/to_below_floor_m', $d->cavity->present());

            return;
        }
        $this->atLeast('/footing/width_m', $d->footing->width, $d->stem->layer->thickness, 'the footing carries the stem wall');
        $this->leaves();
        $this->atLeast(
            '/footing/depth_below_grade_m',
            $d->footing->depthBelowGrade,
            $d->footing->height,
            'the footing stands in the ground',
        );
        $this->atLeast(
            '/footing/depth_below_grade_m',
            $d->footing->depthBelowGrade,
            $d->footing->height - $d->slab->topAboveGrade,
            'the footing’s top is not above the slab’s',
        );
        $this->atLeast('/stem/top_above_grade_m', $d->stem->topAboveGrade, $d->slab->topAboveGrade, 'the slab lies within the stem wall');
        $this->atLeast('/stem/top_above_grade_m', $d->stem->topAboveGrade, $d->footing->top() + 0.1, 'the stem wall stands on the footing');
        $height = $d->stem->topAboveGrade - $d->finishedFloor();
        if ($d->lining->present()) {
            $this->atMost('/lining/gap_above_floor_m', $d->lining->gapAboveFloor, max(0.0, $height - 0.1), 'the lining has a height');
        }
        if ($d->membrane->present()) {
            $this->atMost(
                '/membrane/top_above_grade_m',
                $d->membrane->topAboveGrade,
                $d->stem->topAboveGrade,
                'the membrane ends on the stem wall',
            );
            $this->atLeast(
                '/membrane/top_above_grade_m',
                $d->membrane->topAboveGrade,
                $d->footing->top(),
                'the membrane begins at the footing',
            );
        }
        $inner = $d->footprint->characteristicDimension() / 2 + $d->wall->insideThickness();
        $this->atMost(
            '/edge_inside/thickness_m',
            $d->edgeInside->layer->thickness,
            $inner / 2,
            'the board stands between stem wall and floor',
        );
        if (! $d->hasRoomBelowGrade()) {
            // Between the wall's inner face and the stem there is only so much room for what stands on edge there.
            $gap = $d->footing->present() ? $inner : 0.0;
            $this->atMost('/form/inside_m', $d->form->inside, $gap / 2, 'the form’s face stands between stem wall and floor');
        }
    }

    private function leaves(): void
    {
        $d = $this->d;
        $count = count($d->stem->leaves);
        if ($count === 1) {
            $this->faults[] = Fault::of('/stem/leaves', 'one leaf', 'none, or two with the cavity between them');
        }
        if ($count === 2) {
            $leaves = $d->stem->leaves[0]->thickness + $d->stem->leaves[1]->thickness;
            $this->atLeast(
                '/stem/thickness_m', $d->stem->layer->thickness, $leaves + self::LEAST_CAVITY, 'its leaves and the cavity between them',
            );
            $this->atMost('/form/inside_m', $d->form->inside, 0.0, 'a permanent form has a solid core');
            $this->atMost('/form/outside_m', $d->form->outside, 0.0, 'a permanent form has a solid core');
        }
        if ($count === 0 && $d->cavity->present()) {
            $this->faults[] = Fault::of('/cavity/to_below_floor_m', 'a cavity in a solid stem', '0, or a stem of two leaves');
        }
    }

    private function outside(): void
    {
        $d = $this->d;
        if ($d->stem->present() && $d->edgeOutside->present()) {
            $reaches = $d->footing->width > $d->stem->layer->thickness + 2 * $d->form->outside;
            $this->atMost(
                '/edge_outside/depth_below_grade_m',
                $d->edgeOutside->depthBelowGrade,
                $reaches ? -$d->footing->top() : $d->footing->depthBelowGrade,
                $reaches ? 'the board stands on the footing' : 'no deeper than the footing',
            );
        }
        if (! $d->stem->present() && $d->edgeOutside->present()) {
            $this->atMost(
                '/edge_outside/depth_below_grade_m',
                $d->edgeOutside->depthBelowGrade,
                self::DEEPEST_FREE,
                'below a beam nothing holds it',
            );
        }
        if ($d->wing->present()) {
            $face = $d->form->outside + $d->edgeOutside->layer->thickness;
            if ($d->footprint->lotLine > 0.0) {
                $this->atMost(
                    '/wing/width_m',
                    $d->wing->width,
                    max(0.0, $d->footprint->lotLine - $face),
                    'the wing ends at the lot or set-back line',
                );
            }
            $this->atMost('/wing/fall_m', $d->wing->fall, 0.5 * $d->wing->width, 'a fall of one in two at most');
            $bottom = $d->stem->present()
                ? $d->footing->depthBelowGrade
                : $d->edgeBeam->depth - $d->slab->topAboveGrade + $d->edgeUnder->thickness;
            $this->atMost('/wing/depth_m', $d->wing->depth, max(0.0, $bottom), 'the wing meets the edge above its foot');
        }
        if ($d->cover->present() && ! $d->edgeOutside->present() && ! $d->form->present()) {
            $this->faults[] = Fault::of('/cover/thickness_m', 'a cover with nothing to cover', '0, or a board outside');
        }
    }

    private function deck(): void
    {
        $d = $this->d;
        if (! $d->deck->present()) {
            if ($d->space->kind !== Below::Heated) {
                $this->faults[] = Fault::of(
                    '/space/kind',
                    $d->space->kind->label().' without a deck over it',
                    Below::Heated->value.', or a deck',
                );
            }

            return;
        }
        $this->atLeast(
            '/deck/top_above_grade_m',
            $d->deck->topAboveGrade,
            $d->finishedFloor() + self::LEAST_ROOM + $d->deck->thickness(),
            'there is room between floor and deck',
        );
        $this->atLeast('/deck/top_above_grade_m', $d->deck->topAboveGrade, $d->stem->topAboveGrade, 'the deck bears on the stem wall');
        $this->atMost(
            '/deck/top_above_grade_m',
            $d->deck->topAboveGrade,
            $d->stem->topAboveGrade + $d->deck->thickness(),
            'the deck bears on the stem wall',
        );
        if ($d->space->kind === Below::Vented) {
            $this->atMost(
                '/lining/gap_above_floor_m',
                $d->lining->gapAboveFloor,
                $d->stem->topAboveGrade - $d->finishedFloor(),
                'the lining has a height',
            );
        }
    }

    private function openings(): void
    {
        $d = $this->d;
        $edge = $d->stem->present() ? $d->stem->layer->thickness : $d->edgeBeam->width;
        $deep = $d->stem->present() ? $d->stem->topAboveGrade - $d->footing->top() : $d->edgeBeam->depth;
        if ($d->threshold->present()) {
            $this->atMost(
                '/threshold/thickness_m',
                $d->threshold->layer->thickness,
                $deep - self::LEAST_CONCRETE,
                'concrete stays under it',
            );
            $this->atMost('/threshold/width_m', $d->threshold->width, $edge, 'it lies in the edge');
        }
        if ($d->recess->present()) {
            $this->atMost(
                '/recess/depth_m',
                $d->recess->depth,
                max(0.0, $d->slab->layer->thickness - self::LEAST_CONCRETE),
                'concrete stays under it',
            );
        }
        $cavity = 0.0;
        foreach ([...$d->wall->inside, ...$d->wall->outside] as $layer) {
            $cavity = $layer->material->slug === 'cavity-wool' ? max($cavity, $layer->thickness) : $cavity;
        }
        $this->atMost(
            '/closer/thickness_m',
            $d->closer->thickness,
            $cavity,
            $cavity > 0.0 ? 'it closes the wall’s cavity' : 'the wall has no cavity to close',
        );
    }

    private function sides(): void
    {
        $d = $this->d;
        $floor = $d->finishedFloor();
        if ($d->walkout->present()) {
            $this->atLeast('/walkout/drop_m', $d->walkout->drop, -$floor, 'the ground there lies below the floor');
            $this->atMost('/walkout/drop_m', $d->walkout->drop, max(0.0, 0.5 - $floor), 'one steps out, no more than half a metre down');
            $this->atLeast('/walkout/footing_depth_m', $d->walkout->footingDepth, $d->footing->height, 'the footing stands in the ground');
            $this->atLeast('/footprint/walk_out_m', $d->footprint->walkOut, 0.5, 'the walk-out side has a length');
        } else {
            $this->atMost('/footprint/walk_out_m', $d->footprint->walkOut, 0.0, 'there is no walk-out side, or its drop is missing');
        }
        if ($d->neighbour->present()) {
            $this->atLeast('/neighbour/width_m', $d->neighbour->width, 0.5, 'a narrower one is no slab');
            $this->atMost('/neighbour/top_above_grade_m', $d->neighbour->topAboveGrade, max(0.0, $floor), 'water would run in');
            $this->atLeast(
                '/footprint/'.($d->footprint->porch > 0.0 ? 'porch_m' : 'garage_m'),
                $d->footprint->alongNeighbour(),
                0.5,
                'the neighbour has a length along the floor',
            );
        } else {
            foreach (['garage_m' => $d->footprint->garage, 'porch_m' => $d->footprint->porch] as $key => $length) {
                $this->atMost('/footprint/'.$key, $length, 0.0, 'there is no neighbour’s slab, or its width is missing');
            }
        }
    }

    private function needsStem(string $pointer, bool $given): void
    {
        if ($given) {
            $this->faults[] = Fault::of($pointer, 'a part that stands on a stem wall', 'nothing, or a stem wall');
        }
    }

    private function atLeast(string $pointer, float $found, float $least, string $reason): void
    {
        if ($found < $least - self::ROUNDING) {
            $this->faults[] = Fault::range($pointer, $found, $least, null, $reason);
        }
    }

    private function atMost(string $pointer, float $found, float $most, string $reason): void
    {
        if ($found > $most + self::ROUNDING) {
            $this->faults[] = Fault::range($pointer, $found, null, $most, $reason);
        }
    }
}
