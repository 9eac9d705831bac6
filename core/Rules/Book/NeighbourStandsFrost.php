<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class NeighbourStandsFrost extends Rule
{
    /** How much deeper its outer edge is drawn than its slab, m. */
    private const THICKENED = 0.3;

    public function asks(): string
    {
        return 'An unheated slab beside a warm floor has an edge of its own that frost does not lift.';
    }

    public function why(): string
    {
        return 'The better the house keeps its heat, the less of it reaches the garage, whose slab then heaves at the door.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Neighbour];
    }

    public function weights(): array
    {
        return [Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $frost = $s->frost();
        $n = $s->design->neighbour;
        $deep = $n->slab - $n->topAboveGrade + self::THICKENED;

        $ice = $frost->frozenElsewhere()['neighbour'] ?? 0.0;
        if (! $n->present() || $frost->reason !== null || ($ice <= 0.0 && $frost->depth() <= $deep)) {
            return null;
        }

        return $ice > 0.0
            ? $this->notChecked(
                '%1$s of the ground under the slab beside freezes in the design winter: whether it may lift, or has stone that does '
                    .'not, is to be settled.',
                Measure::depth($ice),
            )
            : $this->note(
                'The slab beside goes %1$s into ground that freezes to %2$s: it will move, and wants stone, a joint to the house and '
                    .'a sill that forgives it.',
                Measure::depth($deep), Measure::depth($frost->depth()),
            );
    }
}
