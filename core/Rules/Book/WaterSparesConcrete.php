<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatBy;
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

final class WaterSparesConcrete extends Rule
{
    /** °C. */
    private const HOTTEST = 55.0;

    private const USUAL = 40.0;

    public function asks(): string
    {
        return 'Water in a heated floor is no hotter than 55 °C.';
    }

    public function why(): string
    {
        return 'Hotter water dries and cracks screed and concrete about the pipes, and the floor is too warm to stand on.';
    }

    public function source(): string
    {
        return 'EN 1264-4:2009, from memory: 55 °C in cement screeds';
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
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $heating = $s->design->heating;

        return ! $heating->present() || $heating->by !== HeatBy::Pipes || $heating->supply <= self::HOTTEST ? null : $this->fix(
            'The water goes in at %1$s; %2$s is the most.', Measure::of(
                $heating->supply,
                Quantity::Temperature,
            ), Measure::of(self::HOTTEST, Quantity::Temperature),
            Remedy::of(
                Said::of('Send it in at %s.', Measure::of(self::USUAL, Quantity::Temperature)),
                static fn (Design $d): Design => $d->with(['heating' => $d->heating->but(supply: self::USUAL)]),
            ),
        );
    }
}
