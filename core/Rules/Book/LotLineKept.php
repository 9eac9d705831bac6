<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class LotLineKept extends Rule
{
    public function asks(): string
    {
        return 'What is dug and laid stays inside the lot or set-back line.';
    }

    public function why(): string
    {
        return 'A wing and its trench add some 4 ft (1.2 m) all round; a neighbour’s fence does not move.';
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
        return [Part::Wing, Part::EdgeOutside];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $line = $d->footprint->lotLine;
        $out = $s->at->boardFace + ($d->wing->present() ? $d->wing->width : 0.0);

        return $line <= 0.0 || $out <= $line - 0.3 ? null : $this->note(
            'The edge and what lies outside it reach out %1$s; the line is at %2$s, and digging needs room.',
            Measure::of($out, Quantity::Length), Measure::of($line, Quantity::Length),
        );
    }
}
