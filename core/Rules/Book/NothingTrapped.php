<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Damp\Trap;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\LiningOfBoard;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class NothingTrapped extends Rule
{
    public function asks(): string
    {
        return 'No water is built in between two layers that hardly let it out.';
    }

    public function why(): string
    {
        return 'Rain in a tray of boards and the water of concrete stay for decades behind two tight layers.';
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
        return [Part::Sheet, Part::Finish, Part::Lining];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        foreach ($s->damp()->traps as $trap) {
            if (! $trap->holds()) {
                $years = Measure::of(Trap::YEARS, Quantity::Years);

                return is_finite($trap->years())
                    ? $this->fix(
                        ucfirst($trap->what).', needs %1$s to dry; more than %2$s is too long.',
                        Measure::of($trap->years(), Quantity::Years),
                        $years,
                        $this->remedy($trap, $s->design),
                    )
                    : $this->fix(ucfirst($trap->what).', never dries.', remedy: $this->remedy($trap, $s->design));
            }
        }

        return null;
    }

    private function remedy(Trap $trap, Design $design): ?Remedy
    {
        return $trap->part === Part::Lining ? LiningOfBoard::remedy($design) : Remedy::of(
            'Lay the sheet above the boards, which then drain to the stone.', static fn (Design $d): Design => $d->with(
                ['sheet' => $d->sheet->but(position: SheetPosition::AboveBoards)],
            ),
        );
    }
}
