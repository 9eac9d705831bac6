<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Measure;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Said;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Quantity;

final class FloorHeatsRoom extends Rule
{
    public function asks(): string
    {
        return 'On the design day the floor gives what the rooms take.';
    }

    public function why(): string
    {
        return 'What the floor lacks on the coldest night something else has to give, or nobody is warm.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function parts(): array
    {
        return [Part::Heating];
    }

    public function judge(Subject $s): ?Finding
    {
        $floor = $s->heatedFloor();
        if ($floor === null || $floor->covers() >= 1.0) {
            return null;
        }
        $remedy = null;
        // A fifth to spare, as far as the surface allows it.
        $more = 1.2 / max(0.05, $floor->covers());
        if ($more * $floor->surfaceShare() < 1.0) {
            $heating = $s->design->heating;
            $power = ceil($more * $heating->power);
            $supply = ceil($floor->room + $more * ($heating->supply - $floor->room));
            $remedy = $floor->cable !== null
                ? Remedy::of(Said::of('Give the cable %s.', Measure::of($power, Quantity::HeatFlux)), static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(power: $power)]))
                : ($supply > 50.0 ? null : Remedy::of(Said::of('Send the water in at %s.', Measure::of($supply, Quantity::Temperature)), static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(supply: $supply)])));
        }

        return $this->fix('The floor gives %1$s on the design day; the rooms take %2$s.', Measure::of($floor->output, Quantity::HeatFlux), Measure::of($floor->need, Quantity::HeatFlux), $remedy);
    }
}
