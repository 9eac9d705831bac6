<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Source;

/** What was read on site; a correction stands in place of what it corrects. */
final class Readings implements Chapter
{
    public function title(): string
    {
        return 'Readings';
    }

    public function blocks(Dossier $of): array
    {
        $read = array_values(array_filter(
            $of->log->standing(),
            static fn (Entry $e): bool => ! in_array($e->kind, [EntryKind::Pass, EntryKind::Photograph], true),
        ));
        $labels = [];
        foreach ($of->holds as $hold) {
            foreach ($hold->items as $id => $item) {
                $labels[$id] = $item->label;
            }
        }

        return $read === [] ? [] : [new Table('', ['When', 'By', 'What', 'Read', ''], array_map(
            static fn (Entry $e): array => [
                $of->moment($e->at), $e->who, implode(', ', array_filter([
                    $labels[$e->about->hold] ?? $e->kind->label(), $e->about->place, strtr(
                        $e->about->stretch, ['wall:' => 'wall at corner '],
                    ),
                ], static fn (string $word): bool => $word !== '')),
                $e->said()->words->in($of->format).($e->source === Source::Typed ? '' : " ({$e->source->value})"), $e->said()->state->value,
            ],
            $read,
        ))];
    }
}
