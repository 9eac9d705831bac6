<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Design\Support;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Material\Material;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/**
 * Where one board under the concrete ends and another begins: a line across the joint with the strength of each on its own
 * side, so that a soft board does not find its way under a bearing.
 */
final readonly class ProductBoundaries
{
    /** Of the line past the bed, past the sizes under the trench, and of the words from it, mm of paper. */
    private const PAST = 3.0;

    private const UNDER_SIZES = 9.0;

    private const OFF = 1.2;

    public function __construct(
        private EdgeSection $section,
        private float $paper,
        private QuantityFormatter $format,
    ) {}

    /** @return list<Item> */
    public function items(): array
    {
        $d = $this->section->design;
        $at = $this->section->layout;
        if ($this->section->side === Side::Neighbour || $this->section->side->isWhole()) {
            return [];
        }
        $strip = $d->perimeterBoard->present() ? $d->perimeterBoard->layer : $d->fieldBoard;
        $items = [];
        if ($d->perimeterBoard->present()) {
            $items = [
                ...$items,
                ...$this->between(
                    Part::Perimeter, $d->fieldBoard, $d->perimeterBoard->layer, $at->zone, $at->boards,
                    $at->dig - self::PAST * $this->paper,
                ),
            ];
        }
        if (! $d->stem->present() && $d->edgeUnder->present()) {
            $beside = $d->edgeInside->present() ? $d->edgeInside->layer : $strip;
            $items = [
                ...$items,
                ...$this->between(
                    Part::EdgeUnder, $beside, $d->edgeUnder, $at->tray, $at->foot - $d->edgeUnder->thickness,
                    min($at->trench, $at->boardFoot) - self::UNDER_SIZES * $this->paper,
                ),
            ];
        }

        foreach ($d->supports->kinds() as $of) {
            $items = [...$items, ...$this->under($of)];
        }

        return $items;
    }

    /** @return list<Item> the hard board under a post or bearing wall between the boards of the floor */
    private function under(Support $of): array
    {
        $at = $this->section->layout;
        [, $board] = $at->boardAt($this->section->design, $of->fromEdge());
        if ($of->foot() !== SupportFoot::HardBoard || ! $board->present() || $of->board() === $board->material) {
            return [];
        }
        $end = $at->dig - self::PAST * $this->paper;
        $words = $end - 2.2 * $this->paper;
        [$x0, $x1] = [-$of->fromEdge() - $of->width() / 2, -$of->fromEdge() + $of->width() / 2];
        $part = Part::Supports->value;

        return [
            new Strokes(Role::Boundary, $part, [[[$x0, $at->boarded], [$x0, $end]], [[$x1, $at->boarded], [$x1, $end]]]),
            new Text(Role::Boundary, $part, [$x0 - self::OFF * $this->paper, $words], $this->strength($board->material), 'end'),
            new Text(Role::Boundary, $part, [($x0 + $x1) / 2, $words], $this->strength($of->board()), 'middle'),
        ];
    }

    /** @return list<Item> */
    private function between(Part $part, Layer $inner, Layer $outer, float $x, float $y, float $end): array
    {
        if (! $inner->present() || ! $outer->present() || $inner->material === $outer->material) {
            return [];
        }
        $words = $end - 2.2 * $this->paper;

        return [
            new Strokes(Role::Boundary, $part->value, [[[$x, $y + $outer->thickness], [$x, $end]]]),
            new Text(Role::Boundary, $part->value, [$x - self::OFF * $this->paper, $words], $this->strength($inner->material), 'end'),
            new Text(Role::Boundary, $part->value, [$x + self::OFF * $this->paper, $words], $this->strength($outer->material), 'start'),
        ];
    }

    private function strength(Material $material): string
    {
        return $material->strength === null ? 'soft' : $this->format->format($material->strength, Quantity::Pressure);
    }
}
