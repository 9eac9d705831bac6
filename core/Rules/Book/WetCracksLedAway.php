<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Crack;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class WetCracksLedAway extends Rule
{
    public function asks(): string
    {
        return 'A crack that was seen wet is led to the drain behind the boards.';
    }

    public function why(): string
    {
        return 'Fillings let go in a few winters; what then comes needs a way that is not the floor.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Repairs, Part::Mat];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $cracks = $d->lining->present() ? $d->repairs->cracks : [];
        $wet = array_filter($cracks, static fn (Crack $c): bool => $c->wet === Done::Yes && $c->drained !== Done::Yes);

        return match (true) {
            $wet !== [] => $this->fix(
                count($wet) === 1 ? 'One wet crack is not led to the drain.' : count($wet).' wet cracks are not led to the drain.',
                remedy: Remedy::of('Lead every wet crack down to the drain under the mat.', static fn (Design $d): Design => $d->with([
                    'repairs' => $d->repairs->but(cracks: array_map(
                        static fn (Crack $c): Crack => $c->wet === Done::Yes ? $c->but(drained: Done::Yes) : $c, $d->repairs->cracks,
                    )),
                    'mat' => $d->mat->present() || $d->drains->inner > 0.0 ? $d->mat : $s->stock->mat(),
                ])),
            ),
            array_filter($cracks, static fn (Crack $c): bool => $c->wet === Done::NotSaid) !== [] => $this->notChecked(
                'Whether water was seen in every crack is not said.',
            ),
            default => null,
        };
    }
}
