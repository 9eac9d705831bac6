<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Caution;
use Ondergrond\Handover\Blocks\Lines;
use Ondergrond\Handover\Blocks\Writing;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Safety\Hazard;

/** What can hurt somebody there still. */
final class Cautions implements Chapter
{
    public function title(): string
    {
        return 'Cautions';
    }

    public function blocks(Dossier $of): array
    {
        return [
            new Writing(Caution::TEXT),
            new Lines(array_map(
                static fn (Hazard $h): string => $h->line(),
                Hazard::at($of->project->site, $of->built->design),
            )),
        ];
    }
}
