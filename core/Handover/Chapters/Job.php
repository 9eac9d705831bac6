<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Design\Families\Families;
use Ondergrond\Handover\Blocks\Lines;
use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Blocks\Writing;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Units\Quantity;

/** What was built, where, by whose word. */
final class Job implements Chapter
{
    public function title(): string
    {
        return 'The job';
    }

    public function blocks(Dossier $of): array
    {
        [$site, $design, $format] = [$of->project->site, $of->built->design, $of->format];
        $said = static fn (float $v, Quantity $q): string => $format->format($v, $q);
        $release = $of->project->release;

        return [
            new Table('', ['', ''], array_values(array_filter([
                ['Project', $of->project->name],
                ['Option', $of->option->name],
                ['Kind', Families::find($design->family)?->label() ?? $design->family],
                ['Place', $site->place],
                ['Floor', $said(
                    $design->footprint->area, Quantity::Area,
                ).', outline '.$said($design->footprint->perimeter, Quantity::Length)],
                ['Ground', $site->soil->label()],
                ['Climate', $site->climate->source->label()],
                ['Design day', $said($site->climate->design(), Quantity::Temperature).' outside'
                    .($site->climate->designGiven === null ? ', worked out from the months' : '')],
                ['Kept inside at', $said($site->indoor, Quantity::Temperature)],
                $release === null ? [
                    'Released', 'nobody has released this option',
                ] : ['Released', "by {$release->by}, {$of->moment($release->at)}"],
            ], static fn (array $row): bool => $row[1] !== ''))),
            ...($release === null || $release->open === [] ? [] : [
                new Writing('Open when it was released:'), new Lines($release->open),
            ]),
            ...($release === null || $release->changes === [] ? [] : [new Table(
                'Changed since', ['When', 'By', 'Why', 'What'],
                array_map(static fn ($c): array => [$of->moment($c->at), $c->by, $c->why, $c->what], $release->changes),
            )]),
        ];
    }
}
