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
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class LapsLongEnough extends Rule
{
    public function asks(): string
    {
        return 'One bar laps the next far enough to hand over what it carries.';
    }

    public function why(): string
    {
        return 'A short lap is a crack that waits.';
    }

    public function source(): string
    {
        return '40 diameters of steel, 60 of fibre polymer, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeSteel, Part::Steel];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $bars = $d->edgeSteel;
        $least = $d->steel->made->lap() * $bars->thickest();
        $size = $s->stock->up($least);

        return match (true) {
            ! $bars->present() => null,
            $bars->lap <= 0.0 => $this->notChecked('How far the bars of edge and wall lap is not said.', unsaid: 'edge_steel.lap_m'),
            $bars->lap >= $least - 0.005 => null,
            default => $this->fix(
                'The bars lap %1$s; %2$s is wanted.', Measure::size($bars->lap), Measure::size($size), Remedy::of(
                    Said::of('Lap them %s.', Measure::size($size)),
                    static fn (Design $d): Design => $d->with(['edgeSteel' => $d->edgeSteel->but(lap: $size)]),
                ),
            ),
        };
    }
}
