<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\FloorHeating\Loops;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class LoopsShort extends Rule
{
    /** Longer than usual by this nobody counts, m. */
    private const SOME = 3.0;

    /** m. */
    private const SHORTEST = 20.0;

    private const STEP = 2.5;

    public function asks(): string
    {
        return 'No loop of pipe is longer than about 300 ft (90 m).';
    }

    public function why(): string
    {
        return 'In a longer loop the water cools too far and the pump works against it; the far end of the room stays cool.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Heating];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $floor = $s->heatedFloor();
        $loops = $floor?->loops;
        if ($loops === null) {
            return null;
        }
        $usual = $s->stock->size(300 * 12, 90_000);
        // The longest in steps of a pace that is short enough and lets the pump do: loops share the pipe evenly.
        $fits = function () use ($s, $usual): ?Remedy {
            for ($metres = $usual; $metres >= self::SHORTEST; $metres -= self::STEP) {
                $then = $s->design->with(['heating' => $s->design->heating->but(loop: $metres)]);
                $loops = $s->proposes ? HeatedFloor::of($s->site, $then)?->loops : null;
                if ($loops !== null && $loops->length <= $usual + self::SOME && $loops->friction <= Loops::MOST) {
                    return Remedy::of(
                        Said::of('Divide it into loops of at most %s.', Measure::of($metres, Quantity::Length)),
                        static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(loop: $metres)]),
                    );
                }
            }

            return null;
        };

        return match (true) {
            $loops->length > $usual + self::SOME => $this->fix(
                'A loop is %1$s long; %2$s is usual at most.',
                Measure::of($loops->length, Quantity::Length),
                Measure::of($usual, Quantity::Length),
                $fits(),
            ),
            $loops->friction > Loops::MOST => $this->note(
                'A loop takes %1$s on the design day; common pumps give %2$s.',
                Measure::of($loops->friction, Quantity::PressureDrop),
                Measure::of(Loops::MOST, Quantity::PressureDrop),
                $fits(),
            ),
            default => null,
        };
    }
}
