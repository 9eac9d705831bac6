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

final class SheetThickEnough extends Rule
{
    /** 10 mil, m. */
    private const GOOD = 0.00025;

    /** 6 mil, m. */
    private const LEAST = 0.00015;

    public function asks(): string
    {
        return 'The sheet is 10 mil (0.25 mm) or more; never under 6 mil (0.15 mm).';
    }

    public function why(): string
    {
        return 'What is holed by the first boots and bars keeps nothing out.';
    }

    public function source(): string
    {
        return 'IRC R506.2.3: 10 mil since 2021, 6 mil in the editions before (from memory); ask which is in force';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $mil = $d->sheet->thickness;
        $remedy = Remedy::of(
            Said::of('Take a sheet of %s.', Measure::of($s->stock->size(0.015, 0.4), Quantity::SheetThickness)),
            static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(thickness: $s->stock->size(0.015, 0.4))]),
        );
        [$measured, $good, $least] = array_map(
            static fn (float $m): Measure => Measure::of($m, Quantity::SheetThickness),
            [$mil, self::GOOD, self::LEAST],
        );

        return match (true) {
            ! $d->sheet->present() || $mil >= self::GOOD - 1e-5 => null,
            $mil < self::LEAST - 3e-6 => $this->fix('The sheet is %1$s; the least is %2$s.', $measured, $least, $remedy),
            default => $this->note(
                'The sheet is %1$s; the newest code asks for %2$s, the editions before for 6 mil (0.15 mm).',
                $measured,
                $good,
                $remedy,
            ),
        };
    }
}
