<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Severity;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

final class FloorHeatsRoom extends Rule
{
    /** Of the water on the design day, K; common practice, no source. */
    private const DROP = 5.0;

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
        return 'EN 1264-2:2008, 6.2, for what water gives (from memory); common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Mass;
    }

    public function parts(): array
    {
        return [Part::Heating];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $floor = $s->heatedFloor();
        if ($floor === null || $floor->covers() >= 1.0) {
            return null;
        }
        $heating = $s->design->heating;
        $back = $heating->supply - $heating->waterDrop;
        if ($floor->cable === null && $back <= $floor->room) {
            return $this->fix('The water comes back at %1$s into a room of %2$s: it drops too far, and the standard knows no output '
                .'for that.', Measure::of($back, Quantity::Temperature), Measure::of(
                    $floor->room,
                    Quantity::Temperature,
                ), $heating->supply - self::DROP <= $floor->room ? null : Remedy::of(
                    Said::of(
                        'Let the water drop by %s.',
                        Measure::of(self::DROP, Quantity::TemperatureDifference),
                    ), static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(waterDrop: self::DROP)]),
                ));
        }
        $remedy = null;
        // A fifth to spare, as far as the surface allows it.
        $more = 1.2 / max(0.05, $floor->covers());
        if ($more * $floor->surfaceShare() < 1.0) {
            $power = ceil($more * $heating->power);
            $supply = ceil($floor->room + $more * ($heating->supply - $floor->room));
            $remedy = $floor->cable !== null
                ? Remedy::of(
                    Said::of('Give the cable %s.', Measure::of($power, Quantity::HeatFlux)),
                    static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(power: $power)]),
                )
                : (
                    $supply > 50.0
                    ? null
                    : Remedy::of(
                        Said::of('Send the water in at %s.', Measure::of($supply, Quantity::Temperature)),
                        static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(supply: $supply)]),
                    )
                );
        }

        return $this->fix(
            'The floor gives %1$s on the design day; the rooms take %2$s.',
            Measure::of($floor->output, Quantity::HeatFlux),
            Measure::of($floor->need, Quantity::HeatFlux),
            $remedy,
        );
    }
}
