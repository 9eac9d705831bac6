<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** What parts stand together as, wherever they are listed. */
enum Group: string
{
    case Floor = 'floor';
    case Edge = 'edge';
    case Ground = 'ground';
    case Building = 'building';
    case Sides = 'sides';
    /** The wall over the edge stands by itself. */
    case Wall = 'wall';

    public function label(): string
    {
        return match ($this) {
            self::Floor => 'Floor',
            self::Edge => 'Edge',
            self::Ground => 'In the ground',
            self::Building => 'Building',
            self::Sides => 'Other sides',
            self::Wall => 'Wall',
        };
    }

    /** In which order its parts are listed. */
    public function order(): string
    {
        return match ($this) {
            self::Floor => 'downward from the finished floor',
            self::Edge => 'inward to outward',
            self::Ground => 'outside, and under posts',
            self::Building => 'on the edge and over it',
            self::Sides => 'each a section of its own',
            self::Wall => 'from the room outward',
        };
    }

    /** @return list<Part> in that order */
    public function parts(): array
    {
        $parts = array_values(array_filter(Part::cases(), fn (Part $p): bool => $p->described()->group === $this));
        usort($parts, static fn (Part $a, Part $b): int => $a->described()->row <=> $b->described()->row);

        return $parts;
    }
}
