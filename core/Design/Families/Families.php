<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

/** The families there are. */
final class Families
{
    /** @return array<string, Family> by slug */
    public static function all(): array
    {
        return array_column(array_map(
            static fn (Family $f): array => [$f->slug(), $f],
            [
                new ThickenedEdgeSlab, new FrostProtectedRaft, new StemWallSlab, new InsulatedScreedFloor, new HeatedBasement,
                new ExistingBasement,
                new ConditionedCrawlspace, new VentedCrawlspace, new UnheatedBasement, new HeatStoringSlab, new UnheatedNeighbour,
            ],
        ), 1, 0);
    }

    public static function find(string $slug): ?Family
    {
        return self::all()[$slug] ?? null;
    }
}
