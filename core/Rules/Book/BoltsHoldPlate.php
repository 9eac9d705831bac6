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
use Ondergrond\Verdict\Severity;

final class BoltsHoldPlate extends Rule
{
    public function asks(): string
    {
        return 'Anchor bolts stand close enough and deep enough to hold the plate.';
    }

    public function why(): string
    {
        return 'Wind lifts a wall that hangs on too few bolts, or pulls shallow ones out.';
    }

    public function source(): string
    {
        return 'International Residential Code 2021, R403.1.6: 1/2 in, 6 ft apart, 7 in deep, 3 1/2 to 12 in from an end (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Anchors];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $a = $d->anchors;
        if (! $d->isNew(Part::Anchors)) {
            return null;
        }
        $right = $a->but(
            bolt: max($a->bolt, $s->stock->size(0.5, 12)), apart: min($a->apart, $s->stock->size(72, 1800)),
            deep: max($a->deep, $s->stock->size(7, 180)), fromEnd: max($s->stock->size(4, 100), min($a->fromEnd, $s->stock->size(12, 300))),
        );
        $remedy = Remedy::of('Set them so.', static fn (Design $d): Design => $d->with(['anchors' => $right]));

        foreach ([
            [$a->bolt < 0.0119, 'The bolts are %1$s thick; %2$s is asked.', $a->bolt, $right->bolt],
            [$a->apart > 1.84, 'The bolts stand %1$s apart; %2$s at most.', $a->apart, $right->apart],
            [$a->deep < 0.177, 'The bolts go %1$s into the concrete; %2$s is asked.', $a->deep, $right->deep],
            [
                $a->fromEnd > 0.306 || $a->fromEnd < 0.088, 'The last bolt stands %1$s from a plate’s end; %2$s is right.', $a->fromEnd,
                $right->fromEnd,
            ],
        ] as [$isWrong, $said, $now, $asked]) {
            if ($isWrong) {
                return $this->fix($said, Measure::size($now), Measure::size($asked), $remedy);
            }
        }

        return null;
    }
}
