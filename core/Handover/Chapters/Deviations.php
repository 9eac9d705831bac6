<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\AsBuilt\Deviation;
use Ondergrond\Handover\Blocks\Lines;
use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Blocks\Writing;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Rules\Judged;
use Ondergrond\Units\Quantity;

/** What was built otherwise than drawn, and what that costs. */
final class Deviations implements Chapter
{
    public function title(): string
    {
        return 'Built otherwise than drawn';
    }

    public function blocks(Dossier $of): array
    {
        if (! $of->built->deviates() && $of->built->undrawn === []) {
            return [new Writing('Nothing is on record that was built otherwise than drawn.')];
        }
        [$d, $format] = [$of->difference, $of->format];
        $more = static fn (float $v, Quantity $q): string => ($v < 0 ? '' : '+').$format->format($v, $q);
        $margin = $d->margin();

        return [
            new Table('', ['Part', 'Where', 'Found'], array_map(static fn (Deviation $v): array => [
                $v->part()->label(), $v->stretch() === '' ? 'everywhere' : strtr(
                    $v->stretch(), ['wall:' => 'wall at corner '],
                ), $v->said()->in($format),
            ], $of->built->deviations)),
            ...($of->built->undrawn === [] ? [] : [new Lines($of->built->undrawn)]),
            new Table('What that costs', ['', 'Difference'], [
                ['Heat over the year', $more($d->annual(), Quantity::Energy)],
                ['Heat on the design day, at most', $more($d->designDay(), Quantity::Power)],
                ['Frost margin in the design winter', $margin === null ? 'not checked' : $more($margin, Quantity::Depth)],
                ...array_map(
                    static fn (array $v): array => [ucfirst($v['concern']->value), "{$v['before']} as drawn, {$v['after']} as built"],
                    $d->verdicts(),
                ),
                ...array_map(static fn (Judged $j): array => ['Found as built', $j->finding->said->in($format)], $d->brought()),
            ]),
        ];
    }
}
