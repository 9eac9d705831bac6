<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;

/** The questions there are. */
final class Schools
{
    /** @return array<string, School> by slug */
    public static function all(): array
    {
        return array_column(array_map(
            static fn (School $s): array => [$s->slug(), $s],
            [
                new SheetAndBoards, new BoardsAndSlab, new FrostDefence, new WallSide, new WallKind, new FormFoot, new OutsideMaterial,
                new MatAndWallBoards, new Bars, new FootingAndWall, new AnchorBolts, new BedAndBoards, new DrainsAndForms,
                new StoneAndSheet,
            ],
        ), 1, 0);
    }

    /** @return list<School> those that arise in the design */
    public static function in(Design $design): array
    {
        return array_values(array_filter(self::all(), static fn (School $s): bool => $s->answer($design) !== null));
    }
}
