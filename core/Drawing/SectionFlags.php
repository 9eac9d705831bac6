<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Section\EdgeSection;

/** Numbered flags on the parts, in the order they are laid; the log beside the drawing carries the same numbers. */
final readonly class SectionFlags
{
    /** mm of paper. */
    public const RADIUS = 2.5;

    public function __construct(
        private EdgeSection $section,
        private float $paper,
    ) {}

    /** @return list<Item> */
    public function items(): array
    {
        $items = [];
        foreach (Part::layingOrder($this->section->design) as $i => $part) {
            [$at, $target] = $this->place($part);
            if ($target !== null) {
                $items[] = new Strokes(Role::Flag, $part->value, [[$at, $target]]);
            }
            $items[] = new Text(Role::Flag, $part->value, $at, (string) ($i + 1));
        }

        return $items;
    }

    /** @return array{array{float, float}, array{float, float}|null} where the flag stands, and what it points at from there */
    private function place(Part $part): array
    {
        $d = $this->section->design;
        $level = $this->section->levels;
        $mm = $this->paper;
        $inner = -$d->beam->width;
        $tray = $inner - $d->edgeInside->thickness;
        $zone = $tray - $d->perimeter->width;
        $under = $level['slab_underside'];
        $beam = $level['beam_underside'];
        $slab = ($level['slab_top'] + $under) / 2;
        $below = min($level['dig'], $under) - 6 * $mm;
        // Without a strip between them, the field's flag steps aside for that of the board inside the beam.
        $aside = $d->perimeter->present() ? 0.0 : 11 * $mm;

        return match ($part) {
            Part::Slab => [[$zone - 8 * $mm, $slab], null],
            Part::Beam => [[$inner / 2, ($beam + $level['slab_top']) / 2], null],
            Part::Sheet => $d->sheet->position === SheetPosition::AboveBoards
                ? [[$inner + 4 * $mm, $level['slab_top'] + 6 * $mm], [$inner, $under]]
                : [[$tray - 7 * $mm, $beam - $d->edgeUnder->thickness - 7 * $mm], [$tray, $beam - $d->edgeUnder->thickness]],
            Part::Field => [[$zone - 5 * $mm - $aside, $below], [$zone - 3 * $mm - $aside, $under - $d->field->thickness / 2]],
            Part::Perimeter => [[$tray - $d->perimeter->width / 2, $below], [$tray - $d->perimeter->width / 2, $under - $d->perimeter->board->thickness / 2]],
            Part::Stone => [[$zone - 12 * $mm, ($level['dig'] + $level['floor_boards']) / 2], null],
            Part::EdgeInside => [[$tray - 7 * $mm, $beam + 0.3 * ($under - $beam)], [$tray + $d->edgeInside->thickness / 2, $beam + 0.3 * ($under - $beam)]],
            Part::EdgeUnder => [[$tray - 7 * $mm, $beam - $d->edgeUnder->thickness / 2], [$inner, $beam - $d->edgeUnder->thickness / 2]],
            Part::EdgeOutside => [[$d->edgeOutside->board->thickness / 2, max(-$d->edgeOutside->depth / 2, $beam / 2)], null],
            Part::Wall => [[-$d->wall->insideThickness() / 2, $level['slab_top'] + 14 * $mm], null],
        };
    }
}
