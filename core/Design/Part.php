<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The parts of a design, by the key each has in project files. */
enum Part: string
{
    case Stone = 'stone';
    case EdgeUnder = 'edge_under';
    case EdgeInside = 'edge_inside';
    case Field = 'field_board';
    case Perimeter = 'perimeter_board';
    case Sheet = 'sheet';
    case Slab = 'slab';
    case Beam = 'edge_beam';
    case EdgeOutside = 'edge_outside';
    case Wall = 'wall';

    public function label(): string
    {
        return match ($this) {
            self::Stone => 'Stone bed',
            self::EdgeUnder => 'Board under the beam',
            self::EdgeInside => 'Board inside the beam',
            self::Field => 'Field board',
            self::Perimeter => 'Perimeter board',
            self::Sheet => 'Vapour sheet',
            self::Slab => 'Slab',
            self::Beam => 'Edge beam',
            self::EdgeOutside => 'Outside board',
            self::Wall => 'Wall',
        };
    }

    /**
     * The order the crew lays them in, first to last; a part that is left out has no place in it.
     *
     * @return list<self>
     */
    public static function layingOrder(Design $design): array
    {
        $boards = [self::EdgeUnder, self::EdgeInside, self::Field, self::Perimeter];
        $order = $design->sheet->position === SheetPosition::AboveBoards
            ? [self::Stone, ...$boards, self::Sheet, self::Slab, self::Beam, self::EdgeOutside, self::Wall]
            : [self::Stone, self::Sheet, ...$boards, self::Slab, self::Beam, self::EdgeOutside, self::Wall];

        return array_values(array_filter($order, static fn (self $part): bool => $part->isIn($design)));
    }

    private function isIn(Design $design): bool
    {
        return match ($this) {
            self::Stone => $design->stone->present(),
            self::EdgeUnder => $design->edgeUnder->present(),
            self::EdgeInside => $design->edgeInside->present(),
            self::Field => $design->field->present(),
            self::Perimeter => $design->perimeter->present() && $design->perimeter->board->present(),
            self::EdgeOutside => $design->edgeOutside->board->present(),
            default => true,
        };
    }
}
