<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class DoorsStayThawed extends Rule
{
    public function asks(): string
    {
        return 'At a door frost comes no nearer than elsewhere.';
    }

    public function why(): string
    {
        return 'A sill that conducts is a way for the cold right over the bearing.';
    }

    public function source(): string
    {
        return 'the design winter on the section as drawn; common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Threshold];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $door = $edge = null;
        foreach ($s->frost()->proofs as $proof) {
            if ($proof->use === $s->site->frost->use) {
                $door = $proof->side === Side::Door ? $proof : $door;
                $edge = $proof->side === Side::Edge ? $proof : $edge;
            }
        }

        return $door === null || $edge === null || $door->margin >= $door->close() || $door->margin >= $edge->margin - 0.005
            ? null
            : $this->note(
                'At the door frost comes to %1$s from the ground under the bearing, elsewhere to %2$s.', Measure::depth($door->margin),
                Measure::depth($edge->margin),
            );
    }
}
