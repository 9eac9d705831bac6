<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class FoamCoveredInCrawlspace extends Rule
{
    public function asks(): string
    {
        return 'Foam in a crawlspace has an ignition barrier.';
    }

    public function why(): string
    {
        return 'A spark from a repair is enough, and nobody is there to see it.';
    }

    public function source(): string
    {
        return 'IRC R316.5.4 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Lining];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $layers = $s->at->lining ? array_values(array_filter($d->lining->layers, static fn (Layer $l): bool => $l->present())) : [];
        $first = $layers[0] ?? ($d->form->inside > 0.0 ? $d->form->inner() : null);

        return ! $d->deck->present() || ! $s->isCrawlspace() || $first === null || ! $first->material->kind->isFoam()
            ? null
            : $this->notChecked(
                'Foam is bare in the crawlspace. Whether it may stay so depends on product, code and what the space is used for: ask.',
            );
    }
}
