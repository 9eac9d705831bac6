<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Damp\DampStack;
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
use Ondergrond\Verdict\Verdict;

final class StacksStayDry extends Rule
{
    public function asks(): string
    {
        return 'No more vapour condenses in floor, wall, rim and deck than dries out of them.';
    }

    public function why(): string
    {
        return 'What stays grows from year to year: it rots wood, feeds mould and wets what insulates.';
    }

    public function source(): string
    {
        return 'ISO 13788:2012, 6; limits DIN 4108-3 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Sheet, Part::Lining, Part::Deck];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::Note];
    }

    public function hangsOnClimate(): bool
    {
        return true;
    }

    public function judge(Subject $s): ?Finding
    {
        $stack = $s->damp()->wettest();
        if ($stack === null || in_array($stack->word(), [Verdict::Holds, Verdict::Shown], true)) {
            return null;
        }
        $where = lcfirst($stack->label).', '.$stack->where();
        $peak = Measure::of($stack->year->peak, Quantity::Water);
        $left = Measure::of($stack->year->left, Quantity::Water);
        if ($stack->word() === Verdict::Fails) {
            return $stack->isKept()
                ? $this->fix("In the {$where}, %1\$s of water stays each year.", $left, remedy: $this->remedy($s, $stack))
                : $this->fix("In the {$where}, %1\$s of water gathers before it dries.", $peak, remedy: $this->remedy($s, $stack));
        }

        return $stack->isKept()
            ? $this->note(
                "In the {$where}, %1\$s of water stays each year; nothing there suffers from it in ten years.",
                $left,
                remedy: $this->remedy($s, $stack),
            )
            : $this->note(
                "In the {$where}, %1\$s of water gathers before it dries: close to the limit.",
                $peak,
                remedy: $this->remedy($s, $stack),
            );
    }

    /** What the trade does there: the sheet over the boards, and against a wall boards that pass no vapour in place of wool. */
    private function remedy(Subject $s, DampStack $stack): ?Remedy
    {
        $d = $s->design;

        return match (true) {
            $stack->place->isFloor()
                && $d->sheet->present()
                && $d->fieldBoard->present()
                && $d->sheet->position === SheetPosition::BelowBoards => Remedy::of(
                    'Lay the sheet above the boards.', static fn (Design $d): Design => $d->with(
                        ['sheet' => $d->sheet->but(position: SheetPosition::AboveBoards)],
                    ),
                ),
            $stack->place->isStem() => LiningOfBoard::remedy($d),
            default => null,
        };
    }
}
