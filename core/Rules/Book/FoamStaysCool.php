<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\HeatBy;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Severity;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;

final class FoamStaysCool extends Rule
{
    /** K. */
    private const MARGIN = 5.0;

    public function asks(): string
    {
        return 'Foam beside pipes, cables and hot rooms stays below what it stands.';
    }

    public function why(): string
    {
        return 'Polystyrene softens at 75 to 80 °C and never comes back; a drying room at 65 °C comes near.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Heating, Part::Field, Part::BoardAbove];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->heating->present()) {
            return null;
        }
        $board = $d->heating->in === HeatedIn::Screed ? $d->boardAbove : $d->fieldBoard;
        $hottest = $board->material->kind->hottest();
        if (! $board->present() || $hottest === null) {
            return null;
        }

        // Water tells how hot boards get at most; a cable under a rug does not.
        $reached = $d->heating->by === HeatBy::Pipes ? max($d->heating->hottest, $d->heating->supply) : $d->heating->hottest;

        return match (true) {
            $reached <= 0.0 => $this->notChecked('How hot the boards beside the pipes get is not said.', unsaid: 'heating.hottest_c'),
            $reached > $hottest - self::MARGIN => $this->stop(
                'The board gets %1$s; it stands %2$s, less a margin of 5 K.',
                Measure::of($reached, Quantity::Temperature),
                Measure::of($hottest, Quantity::Temperature),
            ),
            default => null,
        };
    }
}
