<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\StemWall;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The ends of parts that can be dragged: feet and tops along y, ends of strips and wings along x. */
final readonly class SectionHandles
{
    /** Two stops nearer than this can't be told apart under a hand, mm of paper. */
    private const APART = 0.7;

    /** @param  array{float, float, float, float}  $box  what the drawing shows, m */
    public function __construct(
        private EdgeSection $section,
        private array $box,
        private float $paper,
        private QuantityFormatter $format,
    ) {}

    /** @return list<Handle> */
    public function items(): array
    {
        $d = $this->section->design;
        $at = $this->section->layout;
        $plain = $this->section->side !== Side::Walkout;
        $half = $d->footprint->characteristicDimension() / 2;
        $up = static fn (float $size): float => $at->grade + $size;
        $down = static fn (float $size): float => $at->grade - $size;
        $handles = [];
        if ($plain && $d->edgeOutside->present()) {
            $handles[] = $this->handle(
                Part::EdgeOutside, 'edge_outside.depth_below_grade_m', 'y', [($at->formFace + $at->boardFace) / 2, $at->boardFoot],
                $down, $this->levels(), $d->stem->present() ? -($at->toe > $at->formFace ? $at->stemFoot : $at->foot) : INF,
            );
        }
        if ($d->perimeterBoard->layer->present() && $d->perimeterBoard->present()) {
            $handles[] = $this->handle(
                Part::Perimeter,
                'perimeter_board.width_m',
                'x',
                [$at->zone, $at->boarded - $d->perimeterBoard->layer->thickness / 2],
                static fn (float $size): float => $at->tray - $size,
                [],
                $half,
            );
        }
        if ($d->stem->present() && $plain) {
            $handles[] = $this->handle(
                Part::Footing, 'footing.depth_below_grade_m', 'y', [$at->inner / 2, $at->foot], $down,
                ['level with the dug floor' => -$at->dig], INF,
            );
            if ($d->cavity->present()) {
                $handles[] = $this->handle(
                    Part::Cavity,
                    'cavity.to_below_floor_m',
                    'y',
                    [$at->inner + $d->stem->solids()[0]->thickness + $d->stem->cavity() / 2, StemWall::of($d, $at)->insulatedFrom],
                    static fn (float $size): float => $at->floor - $size,
                    ['level with the slab’s underside' => $at->floor - $at->under, 'down to the footing' => $at->floor - $at->stemFoot],
                    $at->floor - $at->stemFoot,
                );
            }
            if (! $d->deck->present()) {
                $handles[] = $this->handle(
                    Part::Stem, 'stem.top_above_grade_m', 'y', [$at->inner / 2, $at->top], $up,
                    ['level with the floor' => $at->floor], INF,
                );
            }
        }
        if ($at->lining && $plain) {
            $x = ($at->lined + $at->inner - $d->form->inside) / 2;
            $handles[] = $this->handle(
                Part::Lining,
                'lining.gap_above_floor_m',
                'y',
                [$x, $at->floor + $d->lining->gapAboveFloor],
                static fn (float $size): float => $at->floor + $size,
                ['down to the floor' => 0.0],
                $at->top - $at->floor - 0.1,
            );
        }
        if ($d->wing->present() && $this->section->side !== Side::Neighbour) {
            $y = $at->grade - $d->wing->depth - $d->wing->fall - $d->wing->layer->thickness / 2;
            $handles[] = $this->handle(
                Part::Wing,
                'wing.width_m',
                'x',
                [$at->boardFace + $d->wing->width, $y],
                static fn (float $size): float => $at->boardFace + $size,
                $d->footprint->lotLine > 0.0 ? ['at the lot line' => $d->footprint->lotLine - $at->boardFace] : [],
                $d->footprint->lotLine > 0.0 ? $d->footprint->lotLine - $at->boardFace : INF,
            );
            $handles[] = $this->handle(
                Part::Wing,
                'wing.depth_m',
                'y',
                [$at->boardFace + $d->wing->width / 2, $at->grade - $d->wing->depth - $d->wing->fall / 2],
                static fn (float $size): float => $at->grade - $size - $d->wing->fall / 2,
                ['level with the outside board’s foot' => $d->edgeOutside->depthBelowGrade],
                INF,
            );
        }
        if ($this->section->side === Side::Neighbour) {
            $near = $at->boardFace + $d->neighbour->layer->thickness;
            $handles[] = $this->handle(
                Part::Neighbour,
                'neighbour.width_m',
                'x',
                [$near + $d->neighbour->width, $d->neighbour->topAboveGrade],
                static fn (float $size): float => $near + $size,
                [],
                INF,
            );
        }
        if ($this->section->side === Side::Walkout) {
            $handles[] = $this->handle(Part::Walkout, 'walkout.footing_depth_m', 'y', [$at->inner / 2, $at->foot], $down, [], INF);
        }

        return array_values(array_filter($handles));
    }

    /** @return array<string, float> depths below the ground that the outside board may end level with, m */
    private function levels(): array
    {
        $at = $this->section->layout;

        return $this->section->design->stem->present() ? [
            'level with the footing’s top' => -$at->stemFoot,
            'level with the floor' => -$at->floor,
            'level with the footing’s underside' => -$at->foot,
        ] : [
            'level with the beam’s underside' => -$at->foot,
            'level with the board under the beam' => -$at->foot + $this->section->design->edgeUnder->thickness,
            'level with the trench’s bottom' => -$at->trench,
        ];
    }

    /**
     * @param  'x'|'y'  $axis
     * @param  array{float, float}  $at
     * @param  callable(float): float  $place  a size to where its end stands, m
     * @param  array<string, float>  $levels  sizes that meet something
     * @param  float  $most  the largest size that fits, m
     */
    private function handle(Part $part, string $field, string $axis, array $at, callable $place, array $levels, float $most): ?Handle
    {
        $stops = [];
        $on = $axis === 'x' ? 0 : 1;
        if (
            $at[$on] < $this->box[$on]
            || $at[$on] > $this->box[$on + 2]
            || $at[1 - $on] < $this->box[1 - $on]
            || $at[1 - $on] > $this->box[3 - $on]
        ) {
            return null;
        }
        foreach ($levels as $why => $size) {
            $this->add($stops, $on, $place($size), $size, $why, $most);
        }
        foreach (SizePath::sold($field, $this->format->system) as $size) {
            $this->add($stops, $on, $place($size), $size, '', $most);
        }

        return $stops === [] ? null : new Handle($part, $field, $axis, $at, $stops);
    }

    /**
     * @param  list<Stop>  $stops  added to, unless one stands there already or it is off the sheet
     * @param  0|1  $axis
     */
    private function add(array &$stops, int $axis, float $at, float $size, string $why, float $most): void
    {
        if ($size < 0.0 || $size > $most || $at < $this->box[$axis] || $at > $this->box[$axis + 2]) {
            return;
        }
        foreach ($stops as $stop) {
            if (abs($stop->at - $at) < self::APART * $this->paper) {
                return;
            }
        }
        $stops[] = new Stop($at, $this->format->format($size, Quantity::Thickness), $why);
    }
}
