<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;

final class MeetsDeck extends Rule
{
    /** m²K/W. */
    private const ROUNDING = 0.03;

    public function asks(): string
    {
        return 'A deck over an unheated space meets the requirement set.';
    }

    public function why(): string
    {
        return 'The set in force is the least that may be built.';
    }

    public function source(): string
    {
        return 'the requirement set chosen for the site (sets that ship are from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Deck];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $wanted = $s->site->requirements->deck;
        $r = 0.0;
        foreach ($d->deck->layers as $layer) {
            $r += $layer->insulates() ? $layer->resistance() : 0.0;
        }

        return $wanted === null || ! $d->deck->present() || $s->isHeated() || $r >= $wanted - self::ROUNDING ? null : $this->fix(
            'The deck has R %1$s of insulation; the set asks for %2$s.', Measure::resistance($r), Measure::resistance($wanted),
        );
    }
}
