<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Blocks\Writing;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Rules\Judged;
use Ondergrond\Rules\Ruling;
use Ondergrond\Units\Quantity;

/** What heat, frost, damp, mass and load say of it, and by what. */
final class Verdicts implements Chapter
{
    public function title(): string
    {
        return 'Verdicts, as built';
    }

    public function blocks(Dossier $of): array
    {
        $a = $of->assessment();
        $findings = array_values(array_filter($a->judgement->findings, static fn (Judged $j): bool => $j->isOpen()));

        return [
            new Table('', ['Verdict', 'Says', 'By'], array_map(
                static fn (Ruling $r): array => [ucfirst($r->concern->value), $r->stamped(), $r->method],
                array_values($a->judgement->rulings->all()),
            )),
            new Writing(sprintf(
                'The floor loses %s a year to the ground and its edge as its sections are drawn, %s on average.',
                $of->format->format($a->field->allYear, Quantity::Energy), $of->format->format($a->field->mean, Quantity::Power),
            )),
            ...($findings === [] ? [] : [new Table('Found', ['Weight', 'What', 'Source'], array_map(
                static fn (Judged $j): array => [
                    $j->finding->severity->value, $j->finding->said->in($of->format), $j->finding->rule->source(),
                ],
                $findings,
            ))]),
        ];
    }
}
