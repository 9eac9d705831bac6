<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FloorHeatsRoom extends Rule
{
    /** Water of a floor, °C; common practice, no source. */
    private const HOTTEST = 50.0;

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
        $remedy = $s->proposes ? ($floor->cable !== null ? $this->moreCable($s, $floor) : $this->warmerWater($s, $floor)) : null;
        if ($floor->cable === null && $back <= $floor->room) {
            return $this->fix('The water comes back at %1$s into a room of %2$s: it drops too far, and the standard knows no output '
                .'for that.', Measure::of($back, Quantity::Temperature), Measure::of(
                    $floor->room,
                    Quantity::Temperature,
                ), $remedy);
        }

        return $this->fix(
            'The floor gives %1$s on the design day; the rooms take %2$s.',
            Measure::of($floor->output, Quantity::HeatFlux),
            Measure::of($floor->need, Quantity::HeatFlux),
            $remedy,
        );
    }

    private function moreCable(Subject $s, HeatedFloor $floor): ?Remedy
    {
        // A fifth to spare, as far as the surface allows it.
        $power = ceil(1.2 / max(0.05, $floor->covers()) * $s->design->heating->power);

        $then = HeatedFloor::of($s->site, $s->design->with(['heating' => $s->design->heating->but(power: $power)]));

        return $then === null || $then->covers() < 1.0 || $then->surfaceShare() > 1.0 ? null : Remedy::of(
            Said::of('Give the cable %s.', Measure::of($power, Quantity::HeatFlux)),
            static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(power: $power)]),
        );
    }

    /** The coolest water that is enough, where none of it gets hotter than floors take. */
    private function warmerWater(Subject $s, HeatedFloor $floor): ?Remedy
    {
        $heating = $s->design->heating;
        $drop = $heating->supply - $heating->waterDrop <= $floor->room ? min(self::DROP, $heating->waterDrop) : $heating->waterDrop;
        for ($supply = ceil(max($heating->supply, $floor->room + $drop)); $supply <= self::HOTTEST; $supply++) {
            $then = HeatedFloor::of($s->site, $s->design->with(['heating' => $heating->but(supply: $supply, waterDrop: $drop)]));
            if ($then !== null && $then->covers() >= 1.0) {
                return $then->surfaceShare() > 1.0 ? null : Remedy::of(
                    $drop < $heating->waterDrop
                        ? Said::of(
                            'Send the water in at %s and let it drop by %s.', Measure::of($supply, Quantity::Temperature),
                            Measure::of($drop, Quantity::TemperatureDifference),
                        )
                        : Said::of('Send the water in at %s.', Measure::of($supply, Quantity::Temperature)),
                    static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(supply: $supply, waterDrop: $drop)]),
                );
            }
        }

        return null;
    }
}
