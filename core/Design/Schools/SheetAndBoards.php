<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\SheetPosition;

final class SheetAndBoards implements School
{
    public function slug(): string
    {
        return 'sheet';
    }

    public function question(): string
    {
        return 'Sheet and boards under the slab';
    }

    public function answers(): array
    {
        return [SheetPosition::AboveBoards->value => 'Sheet above', SheetPosition::BelowBoards->value => 'Sheet below'];
    }

    public function decides(): string
    {
        return 'A flat slab inside walls, or a finish that minds moisture: above. A thickened edge with cut boards: either; below '
            .'them rain can stand on the sheet.';
    }

    public function answer(Design $design): ?string
    {
        return $design->sheet->present() && ($design->fieldBoard->present() || $design->perimeterBoard->present())
            ? $design->sheet->position->value
            : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        return $design->with(['sheet' => $design->sheet->but(position: SheetPosition::from($answer))]);
    }
}
