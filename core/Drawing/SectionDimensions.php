<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Part;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The dimensions of an edge section: outside in two upright chains, the build-up at the left, widths above and below. */
final readonly class SectionDimensions
{
    public function __construct(
        private EdgeSection $section,
        private float $paper,
        private QuantityFormatter $format,
    ) {}

    /**
     * @param  float  $left  x of the left end of what is surely shown, m
     * @return list<Item>
     */
    public function items(float $left): array
    {
        $design = $this->section->design;
        $level = $this->section->levels;
        $mm = $this->paper;
        $outside = max($design->edgeOutside->board->thickness, $design->wall->outsideThickness()) + 0.1;
        $tray = -$design->beam->width - $design->edgeInside->thickness;
        $depth = $design->edgeOutside->board->present() ? -$design->edgeOutside->depth : 0.0;
        $buildUp = $left + 20 * $mm;
        $near = $outside + 8 * $mm;
        $far = $outside + 23 * $mm;

        return [
            ...$this->across(Part::Perimeter, 'perimeter_board.width_m', $tray - $design->perimeter->width, $tray, $level['slab_top'] + 6 * $mm),
            ...$this->across(Part::Beam, 'edge_beam.width_m', -$design->beam->width, 0.0, min($level['trench'], $depth) - 5 * $mm),
            ...$this->upright(Part::Beam, 'edge_beam.depth_m', $near, $level['beam_underside'], $level['slab_top'], 0.0, 'start'),
            ...$this->upright(Part::Slab, 'slab.top_above_grade_m', $far, 0.0, $level['slab_top'], $near, 'start'),
            ...$this->upright(Part::EdgeOutside, 'edge_outside.depth_below_grade_m', $far, $depth, 0.0, $near, 'start'),
            ...$this->upright(Part::Slab, 'slab.thickness_m', $buildUp, $level['slab_underside'], $level['slab_top'], $buildUp, 'end'),
            ...$this->upright(Part::Field, 'field_board.thickness_m', $buildUp, $level['slab_underside'] - $design->field->thickness, $level['slab_underside'], $buildUp, 'end'),
            // Not the bed's own size, which is that at its thinnest.
            ...$this->upright(Part::Stone, null, $buildUp, $level['dig'], $level['slab_underside'] - $design->field->thickness, $buildUp, 'end'),
        ];
    }

    /** @return list<Item> */
    private function across(Part $part, string $field, float $x0, float $x1, float $y): array
    {
        if ($x1 - $x0 < 1e-6) {
            return [];
        }
        $mm = $this->paper;

        return [
            new Strokes(Role::Dimension, $part->value, [
                [[$x0 - 1.5 * $mm, $y], [$x1 + 1.5 * $mm, $y]],
                $this->tick($x0, $y),
                $this->tick($x1, $y),
            ]),
            new Text(Role::Dimension, $part->value, [($x0 + $x1) / 2, $y + 1.2 * $mm], $this->size($x1 - $x0), field: $field),
        ];
    }

    /**
     * @param  string|null  $field  the size it states, where a person may type it over
     * @param  float  $from  where its extension lines begin, m
     * @param  'start'|'end'  $side  on which side of the line the figure stands
     * @return list<Item>
     */
    private function upright(Part $part, ?string $field, float $x, float $y0, float $y1, float $from, string $side): array
    {
        if ($y1 - $y0 < 1e-6) {
            return [];
        }
        $mm = $this->paper;
        $lines = [[[$x, $y0], [$x, $y1]], $this->tick($x, $y0), $this->tick($x, $y1)];
        if ($from < $x) {
            array_push($lines, [[max($from, $x - 6 * $mm), $y0], [$x, $y0]], [[max($from, $x - 6 * $mm), $y1], [$x, $y1]]);
        }

        return [
            new Strokes(Role::Dimension, $part->value, $lines),
            new Text(Role::Dimension, $part->value, [$x + ($side === 'start' ? 1.5 : -1.5) * $mm, ($y0 + $y1) / 2 - 1.1 * $mm], $this->size($y1 - $y0), $side, field: $field),
        ];
    }

    /** @return list<array{float, float}> */
    private function tick(float $x, float $y): array
    {
        $arm = 0.9 * $this->paper;

        return [[$x - $arm, $y - $arm], [$x + $arm, $y + $arm]];
    }

    private function size(float $metres): string
    {
        return $this->format->format($metres, Quantity::Thickness);
    }
}
