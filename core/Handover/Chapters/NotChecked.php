<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Lines;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Rules\Judged;
use Ondergrond\Rules\Ruling;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** What nobody knows. */
final class NotChecked implements Chapter
{
    public function title(): string
    {
        return 'Not checked';
    }

    public function blocks(Dossier $of): array
    {
        $judgement = $of->assessment()->judgement;
        $lines = [
            ...array_map(
                static fn (Ruling $r): string => ucfirst($r->concern->value).': not checked.',
                array_values(array_filter($judgement->rulings->all(), static fn (Ruling $r): bool => $r->word === Verdict::NotChecked)),
            ),
            ...array_map(
                static fn (Judged $j): string => $j->finding->said->in($of->format),
                array_values(
                    array_filter($judgement->findings, static fn (Judged $j): bool => $j->finding->severity === Severity::NotChecked),
                ),
            ),
            ...array_map(
                static fn (HoldState $h): string => "H{$h->hold->number()}, {$h->hold->label()}: ".($h->missing() === []
                    ? 'nobody passed it.'
                    : sprintf(
                        'not read: %s.', implode('; ', array_map(static fn (string $id): string => $h->items[$id]->label, $h->missing())),
                    )),
                array_values(array_filter($of->holds, static fn (HoldState $h): bool => ! $h->isPassed())),
            ),
            ...$of->order->uncounted,
        ];

        return $lines === [] ? [] : [new Lines($lines)];
    }
}
