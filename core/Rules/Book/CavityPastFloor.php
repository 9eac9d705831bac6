<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\StemOfLeaves;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class CavityPastFloor extends Rule
{
    public function asks(): string
    {
        return 'The stem’s cavity is insulated down past the floor’s insulation.';
    }

    public function why(): string
    {
        return 'Where it ends above the floor’s board, heat goes round it through the inner leaf.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Cavity, Part::Stem];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $least = StemOfLeaves::past($d);
        if (! $d->stem->hasLeaves() || $d->cavity->toBelowFloor >= $least - 0.005) {
            return null;
        }
        $wanted = $s->stock->up(StemOfLeaves::depth($d));
        $remedy = Remedy::of(
            Said::of('Insulate it to %s below the finished floor, lean concrete under that.', Measure::size($wanted)),
            static fn (Design $d): Design => $d->with(['cavity' => $d->cavity->but(toBelowFloor: $wanted, leanFill: Done::Yes)]),
        );

        return $d->cavity->present()
            ? $this->fix(
                'The insulation in the stem’s cavity ends %1$s below the finished floor, the floor’s own at %2$s.',
                Measure::size($d->cavity->toBelowFloor), Measure::size($least), $remedy,
            )
            : $this->fix('The stem’s cavity is not insulated.', remedy: $remedy);
    }
}
