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

final class CableLoadModest extends Rule
{
    public function asks(): string
    {
        return 'A heating cable gives no more along itself than it may in concrete.';
    }

    public function why(): string
    {
        return 'A cable that cannot shed its heat grows hotter than its sheath and the boards beside it stand.';
    }

    public function source(): string
    {
        return 'common practice, no source: 20 W/m; the maker’s limit decides';
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
        return [Severity::Stop];
    }

    public function judge(Subject $s): ?Finding
    {
        $load = $s->heatedFloor()?->cableLoad();
        $heating = $s->design->heating;
        $power = floor(HeatedFloor::CABLE / $heating->spacing);

        return $load === null || $load <= HeatedFloor::CABLE + 1e-9 ? null : $this->stop(
            'The cable gives %1$s for each metre of itself; %2$s is the most.', Measure::of($load, Quantity::LinearPower), Measure::of(
                HeatedFloor::CABLE,
                Quantity::LinearPower,
            ),
            $power < 5.0 ? null : Remedy::of(
                Said::of('Give the floor %s.', Measure::of($power, Quantity::HeatFlux)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(power: $power)]),
            ),
        );
    }
}
