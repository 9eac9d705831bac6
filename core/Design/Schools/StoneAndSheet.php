<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;

final class StoneAndSheet implements School
{
    private const BELOW = 'below';

    private const OVER = 'over';

    /** Of stone over a sheet, m; common practice, no source. */
    private const DEPTH = 0.1;

    public function slug(): string
    {
        return 'stone-and-sheet';
    }

    public function question(): string
    {
        return 'Stone under the boards, or over the sheet as well';
    }

    public function answers(): array
    {
        return [self::BELOW => 'Under the boards', self::OVER => 'Over the sheet too'];
    }

    public function decides(): string
    {
        return 'Stone over the sheet holds sheet and boards down, levels the pour and takes pipes, and the floor dries into it; the sheet '
            .'has to stand it, and what is spilled on it before the pour stays there.';
    }

    /** In a raft, whose boards and sheet lie over pads and everything. */
    public function answer(Design $design): ?string
    {
        $arises = ! $design->stem->present() && $design->isNew(Part::Slab) && $design->sheet->present() && $design->fieldBoard->present()
            && $design->sheet->position === SheetPosition::AboveBoards;

        return match (true) {
            ! $arises => null,
            $design->stoneOver->present() => self::OVER,
            default => self::BELOW,
        };
    }

    public function follow(Design $design, string $answer): Design
    {
        return $answer === $this->answer($design) ? $design : $design->with([
            'stoneOver' => $design->stoneOver->thick($answer === self::OVER ? self::DEPTH : 0.0),
        ]);
    }
}
