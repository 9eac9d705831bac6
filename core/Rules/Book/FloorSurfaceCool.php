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
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FloorSurfaceCool extends Rule
{
    public function asks(): string
    {
        return 'A heated floor is nowhere warmer than feet and finish bear.';
    }

    public function why(): string
    {
        return 'Above 29 °C feet swell and sweat, and wood shrinks and gapes above 27 °C; the warmest place counts, over a pipe.';
    }

    public function source(): string
    {
        return 'EN 1264-2:2008, from memory: 9 K over a room of 20 °C; finishes: common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Mass;
    }

    public function parts(): array
    {
        return [Part::Heating, Part::Finish];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $floor = $s->heatedFloor();
        if ($floor === null || $floor->surfaceShare() <= 1.0) {
            return null;
        }
        $share = 0.97 * ($floor->limit() - $floor->room) / ($floor->warmest - $floor->room);
        $heating = $s->design->heating;
        if ($floor->cable !== null) {
            $power = floor($share * $heating->power);
            $remedy = Remedy::of(
                Said::of('Give the cable %s.', Measure::of($power, Quantity::HeatFlux)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(power: $power)]),
            );
        } else {
            $supply = floor($floor->room + $share * ($heating->supply - $floor->room));
            $remedy = Remedy::of(
                Said::of('Send the water in at %s.', Measure::of($supply, Quantity::Temperature)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(supply: $supply)]),
            );
        }

        return $this->fix(
            'Where it is warmest the floor gets %1$s on the design day; %2$s is the most.',
            Measure::of($floor->warmest, Quantity::Temperature),
            Measure::of($floor->limit(), Quantity::Temperature),
            $remedy,
        );
    }
}
