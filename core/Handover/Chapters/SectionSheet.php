<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Handover\Blocks\Picture;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Section\Stretch;

/** A section of each stretch of the edge, as it was built. */
final class SectionSheet implements Chapter
{
    public function title(): string
    {
        return 'Sections, as built';
    }

    public function blocks(Dossier $of): array
    {
        return array_map(static function (Stretch $stretch) use ($of): Picture {
            $drawing = SectionDrawing::of($stretch->design, $of->format, $stretch->kind)->without(Role::Level);

            return new Picture("{$stretch->label}, scale 1 : ".(int) $drawing->scale, $drawing);
        }, array_values(array_filter(
            Stretch::all($of->built->design),
            static fn (Stretch $s): bool => $s->length > 0.0,
        )));
    }
}
