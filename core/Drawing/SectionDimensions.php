<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The dimensions of a section: outside in two upright chains, the build-up at the left, widths above and below. */
final readonly class SectionDimensions
{
    /** Height of a line of writing, mm of paper. */
    private const LINE = 3.6;

    /** @param  array{float, float, float, float}  $box  what is shown, m */
    public function __construct(
        private EdgeSection $section,
        private array $box,
        private float $paper,
        private QuantityFormatter $format,
    ) {}

    /** @return list<Item> of what is in sight */
    public function items(): array
    {
        $box = $this->box;
        $d = $this->section->design;
        $at = $this->section->layout;
        $mm = $this->paper;
        $outside = $at->outermost + 0.1;
        $buildUp = $box[0] + (SectionDrawing::MARGIN + 20) * $mm;
        $near = $outside + 8 * $mm;
        $far = $outside + 23 * $mm;
        $boardFoot = $d->edgeOutside->present() ? $at->boardFoot : $at->grade;
        $below = min($at->trench, $boardFoot) - 5 * $mm;
        $stem = $d->stem->present();
        $foot = $at->inner / 2;

        return [
            ...$this->across(Part::Perimeter, 'perimeter_board.width_m', $at->zone, $at->tray, $at->floor + 6 * $mm),
            ...($stem ? [
                ...$this->across(
                    Part::Stem, 'stem.thickness_m', $at->inner, 0.0,
                    // Under the end of a cavity's insulation, which has a handle and a size of its own.
                    $d->cavity->present()
                        ? (StemWall::of($d, $at)->insulatedFrom + 3 * $at->stemFoot) / 4 : (3 * $at->top + 2 * $at->stemFoot) / 5,
                ),
                ...($d->cavity->present() ? $this->upright(
                    Part::Cavity, 'cavity.to_below_floor_m', $at->inner + $d->stem->solids()[0]->thickness + $d->stem->cavity() / 2,
                    StemWall::of($d, $at)->insulatedFrom, $at->floor, INF, 'start',
                ) : []),
                ...$this->across(Part::Footing, 'footing.width_m', $foot - $d->footing->width / 2, $foot + $d->footing->width / 2, $below),
                ...$this->upright(
                    Part::Footing, $this->own('footing.depth_below_grade_m', 'walkout.footing_depth_m'), $near, $at->foot,
                    $at->grade, 0.0, 'start',
                ),
                ...$this->upright(Part::Stem, $this->own('stem.top_above_grade_m'), $near, $at->grade, $at->top, 0.0, 'start'),
            ] : [
                ...$this->across(Part::Beam, 'edge_beam.width_m', $at->inner, 0.0, $below),
                ...$this->upright(Part::Beam, 'edge_beam.depth_m', $near, $at->foot, $at->slab, 0.0, 'start'),
                ...$this->upright(Part::Slab, 'slab.top_above_grade_m', $far, $at->grade, $at->slab, $near, 'start'),
            ]),
            ...(
                $d->edgeOutside->present()
                ? $this->upright(
                    Part::EdgeOutside, $this->own('edge_outside.depth_below_grade_m'), $far, $boardFoot, $at->grade, $near, 'start',
                )
                : []
            ),
            ...(
                $this->section->side === Side::Walkout
                ? $this->upright(Part::Walkout, 'walkout.drop_m', $far, $at->grade, 0.0, $near, 'start')
                : []
            ),
            ...$this->wing($near, $far),
            ...$this->neighbour(),
            // Over the whole width the floor is too thin on paper to be dimensioned; the detail has it.
            ...(
                $this->section->side->isWhole()
                ? $this->room($this->section->middle)
                : [...$this->buildUp($buildUp), ...$this->room($buildUp + 14 * $mm)]
            ),
        ];
    }

    /** The field that states a size, where this side's is the one that is kept. */
    private function own(string $field, ?string $lower = null): ?string
    {
        return $this->section->side === Side::Walkout ? $lower : $field;
    }

    /** @return list<Item> */
    private function wing(float $near, float $far): array
    {
        [$wing, $at] = [$this->section->design->wing, $this->section->layout];
        if (! $wing->present() || $this->section->side === Side::Neighbour) {
            return [];
        }
        $end = $at->boardFace + $wing->width;
        $x = max($end, $far + 8 * $this->paper) + 4 * $this->paper;

        return [
            ...$this->across(
                Part::Wing, 'wing.width_m', $at->boardFace, $end,
                $at->grade - $wing->depth - $wing->layer->thickness - $wing->fall - 5 * $this->paper,
            ),
            ...$this->upright(Part::Wing, 'wing.depth_m', $x, $at->grade - $wing->depth, $at->grade, $end, 'start'),
        ];
    }

    /** @return list<Item> */
    private function neighbour(): array
    {
        [$n, $at] = [$this->section->design->neighbour, $this->section->layout];
        if ($this->section->side !== Side::Neighbour) {
            return [];
        }
        $near = $at->boardFace + $n->layer->thickness;

        return $this->across(Part::Neighbour, 'neighbour.width_m', $near, $near + $n->width, $n->topAboveGrade + 6 * $this->paper);
    }

    /**
     * What lies over each other in the floor, at the field.
     *
     * @return list<Item>
     */
    private function buildUp(float $x): array
    {
        [$d, $at] = [$this->section->design, $this->section->layout];
        [$mat, $board] = [$at->matTop($d), $at->boardTop($d)];
        $field = $at->boarded - $d->fieldBoard->thickness;

        $stack = [
            [Part::Screed, 'screed.thickness_m', $board, $at->floor],
            [Part::BoardAbove, 'board_above.thickness_m', $mat, $board],
            [Part::Slab, 'slab.thickness_m', $at->under, $at->slab],
            [Part::StoneOver, 'stone_over.thickness_m', $at->boarded, $at->under],
            [Part::Field, 'field_board.thickness_m', $field, $at->boarded],
            [Part::Blinding, $d->perimeterBoard->present() ? null : 'blinding.thickness_m', $at->bed, min($at->boards, $field)],
            // Not the bed's own size, which is that at its thinnest.
            ...($d->stone->present() ? [[Part::Stone, null, $at->dig, $d->blinding->present() ? $at->bed : $field]] : []),
        ];
        $items = [];
        $last = INF;
        $aside = false;
        foreach ($stack as [$part, $name, $low, $high]) {
            if ($high - $low < 1e-6) {
                continue;
            }
            // Figures of layers too thin to stand over each other stand by turns at either side of the line.
            $aside = ! $aside && $last - ($low + $high) / 2 < self::LINE * $this->paper;
            $last = ($low + $high) / 2;
            array_push($items, ...$this->upright($part, $name, $x, $low, $high, $x, $aside ? 'start' : 'end'));
        }

        return $items;
    }

    /**
     * Headroom under a deck.
     *
     * @return list<Item>
     */
    private function room(float $x): array
    {
        $under = Layout::deckUnderside($this->section->design);

        return $under === null ? [] : $this->upright(Part::Deck, null, $x, $this->section->layout->floor, $under, $x, 'end');
    }

    /** @return list<Item> */
    private function across(Part $part, string $field, float $x0, float $x1, float $y): array
    {
        if ($x1 - $x0 < 1e-6 || $y < $this->box[1] || $y > $this->box[3] || ! $this->isSeen($x0, $x1, 0)) {
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
        if ($y1 - $y0 < 1e-6 || ! $this->isSeen($y0, $y1, 1)) {
            return [];
        }
        $mm = $this->paper;
        $lines = [[[$x, $y0], [$x, $y1]], $this->tick($x, $y0), $this->tick($x, $y1)];
        if ($from < $x) {
            array_push($lines, [[max($from, $x - 6 * $mm), $y0], [$x, $y0]], [[max($from, $x - 6 * $mm), $y1], [$x, $y1]]);
        }

        return [
            new Strokes(Role::Dimension, $part->value, $lines),
            new Text(
                Role::Dimension,
                $part->value,
                [$x + ($side === 'start' ? 1.5 : -1.5) * $mm, $this->middle($y0, $y1) - 1.1 * $mm],
                $this->size($y1 - $y0),
                $side,
                field: $field,
            ),
        ];
    }

    /** Whether any of a stretch lies in what is shown, along it (0) or up it (1). */
    private function isSeen(float $from, float $to, int $axis): bool
    {
        $margin = $axis === 0 ? SectionDrawing::MARGIN * $this->paper : 0.0;

        return $to > $this->box[$axis] + $margin && $from < $this->box[$axis + 2] - $margin;
    }

    /** Of the part of an upright stretch that is shown. */
    private function middle(float $from, float $to): float
    {
        return (max($from, $this->box[1]) + min($to, $this->box[3])) / 2;
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
