<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FloorDryForFinish extends Rule
{
    public function asks(): string
    {
        return 'The slab is dry enough for what is laid on it.';
    }

    public function why(): string
    {
        return 'Glue lets go, wood swells and coatings blister where the slab still gives off water.';
    }

    public function source(): string
    {
        return 'humidity in the slab after ASTM F2170 (from memory); limits and the month for an inch are common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Finish, Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $finish = $s->design->finish;
        $limit = $finish->strictest()->limit();
        $drying = $s->damp()->drying;
        if ($limit === null || $drying === null) {
            return null;
        }
        if ($finish->wait <= 0.0) {
            return $this->notChecked('How long after curing the floor’s finish is laid is not said.', unsaid: 'finish.wait_days');
        }
        $then = $drying->humidity($finish->wait);
        if ($then <= $limit) {
            return null;
        }
        $days = $drying->daysTo($limit);

        return $this->fix('When the finish is laid the slab still holds %1$s; it may hold '
            .'%2$s.', Measure::of($then, Quantity::Share), Measure::of($limit, Quantity::Share), $days === null ? null : Remedy::of(
                Said::of(
                    'Wait %s from the end of curing, and measure.',
                    Measure::of(7 * ceil($days / 7), Quantity::Days),
                ), static fn (Design $d): Design => $d->with(['finish' => $d->finish->but(wait: 7 * ceil($days / 7))]),
            ));
    }
}
