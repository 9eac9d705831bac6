<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Part;
use Ondergrond\Design\UsualSizes;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The ends of edge boards that can be dragged: the outside board's foot, the perimeter strip's inner end. */
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
        $design = $this->section->design;
        $outside = $design->edgeOutside;
        $tray = -$design->beam->width - $design->edgeInside->thickness;
        $strip = $design->perimeter;
        $half = $design->footprint->characteristicDimension() / 2;

        return array_values(array_filter([
            $outside->board->present() ? $this->handle(
                Part::EdgeOutside, 'edge_outside.depth_below_grade_m', 'y', [$outside->board->thickness / 2, -$outside->depth],
                static fn (float $size): float => -$size, $this->levels(), -$this->box[1],
            ) : null,
            $strip->board->present() && $strip->width > 0.0 ? $this->handle(
                Part::Perimeter, 'perimeter_board.width_m', 'x', [$tray - $strip->width, $this->section->levels['slab_underside'] - $strip->board->thickness / 2],
                static fn (float $size): float => $tray - $size, [], min($half, $tray - $this->box[0]),
            ) : null,
        ]));
    }

    /** @return array<string, float> depths below the ground that the outside board may end level with, m */
    private function levels(): array
    {
        $level = $this->section->levels;

        return [
            'level with the beam’s underside' => -$level['beam_underside'],
            'level with the board under the beam' => -$level['beam_underside'] + $this->section->design->edgeUnder->thickness,
            'level with the trench’s bottom' => -$level['trench'],
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
        foreach ($levels as $why => $size) {
            $this->add($stops, $place($size), $size, $why, $most);
        }
        foreach (UsualSizes::of($field, $this->format->system) as $size) {
            $this->add($stops, $place($size), $size, '', $most);
        }

        return $stops === [] ? null : new Handle($part, $field, $axis, $at, $stops);
    }

    /** @param  list<Stop>  $stops  added to, unless one stands there already */
    private function add(array &$stops, float $at, float $size, string $why, float $most): void
    {
        if ($size < 0.0 || $size > $most) {
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
