<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Frost\FrostDemand;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\TableWing;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class FrostTableMet extends Rule
{
    public function asks(): string
    {
        return 'A shallow foundation of a heated building has what the table for it asks.';
    }

    public function why(): string
    {
        return 'The table is what an inspector reads, it knows corners, and it counts boards as wet as they get.';
    }

    public function source(): string
    {
        return 'IRC R403.3(1) (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::EdgeOutside, Part::Wing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $frost = $s->frost();
        if (! $frost->tableFails()) {
            return null;
        }
        $lacks = array_values(array_filter($frost->table->demands, static fn (FrostDemand $d): bool => ! $d->holds()));
        $first = $lacks[0];
        $measure = $first->isLength ? Measure::depth(...) : Measure::resistance(...);

        return $this->fix(
            $first->label.': %1$s, the table asks %2$s'.(count($lacks) > 1 ? sprintf(', and %d more.', count($lacks) - 1) : '.'),
            $measure($first->found), $measure($first->needed),
            Remedy::of(
                'Fit the board and the wing that the table asks, corners with them, and cover what foam shows.',
                static fn (Design $d): Design => (new Companions($s->stock))->ofFoam(TableWing::fitted($d, $frost->table->index,
                    $s->stock)),
            ),
        );
    }
}
