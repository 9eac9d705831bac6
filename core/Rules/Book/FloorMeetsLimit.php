<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Measure;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Quantity;

final class FloorMeetsLimit extends Rule
{
    public function asks(): string
    {
        return 'The floor’s U keeps the limit that the site sets.';
    }

    public function why(): string
    {
        return 'What was promised or required is checked before the pour.';
    }

    public function source(): string
    {
        return 'the site’s own limit; U by ISO 13370:2007';
    }

    public function parts(): array
    {
        return [Part::Field, Part::BoardAbove, Part::EdgeOutside];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $limit = $s->site->floorLimit;
        $u = $s->heat()->floor->transmittance();
        if ($limit === null) {
            return null;
        }
        [$measured, $allowed] = [Measure::of($u, Quantity::Transmittance), Measure::of($limit, Quantity::Transmittance)];
        if ($u <= $limit + 1e-9) {
            $field = $s->field?->transmittance();

            return $field === null || $field <= $limit ? null : $this->note('U holds by the formula; by the field, with the junction in it, it is %1$s, over the limit of %2$s. Ask which of them the limit means.', Measure::of($field, Quantity::Transmittance), $allowed);
        }

        return $this->stop('The floor’s U is %1$s; the site allows %2$s.', $measured, $allowed, $s->sizes->thickerFloor(static fn (Subject $then): bool => $then->heat()->floor->transmittance() <= $limit));
    }
}
