<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class CavityTrayed extends Rule
{
    /** Less than this, m, is level as masons lay it. */
    private const FALL = 0.025;

    public function asks(): string
    {
        return 'A tray across the cavity leads its water out.';
    }

    public function why(): string
    {
        return 'Water in a cavity runs down to what stops it, and without a tray that is the inner leaf.';
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
        return [Part::Dpc, Part::Wall];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! ($d->dpc->present() && $s->hasCavity())) {
            return null;
        }

        return match ($d->dpc->tray) {
            Done::NotSaid => $this->notChecked('Whether a tray crosses the cavity is not said.', unsaid: 'dpc.tray'),
            Done::No => $this->fix('No tray crosses the cavity.', remedy: Remedy::of(
                'Step the course down outward across the cavity, with weep holes.',
                static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(tray: Done::Yes)]),
            )),
            Done::Yes => ! $d->stem->hasLeaves() || $d->dpc->innerStep >= self::FALL ? null : $this->fix(
                'The tray across the cavity falls %1$s outward; %2$s are wanted.', Measure::size($d->dpc->innerStep),
                Measure::size($s->stock->size(3, 75)),
                Remedy::of(
                    Said::of('Lay the inner leaf’s course %s higher than the outer’s.', Measure::size($s->stock->size(3, 75))),
                    static fn (Design $d): Design => $d->with(['dpc' => $d->dpc->but(innerStep: $s->stock->size(3, 75))]),
                ),
            ),
        };
    }
}
