<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Section\Levels;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class Headroom extends Rule
{
    /** 7 ft, m. */
    private const LEAST = 2.134;

    public function asks(): string
    {
        return 'A room below has 7 ft (2.1 m) under the deck.';
    }

    public function why(): string
    {
        return 'Boards, slab and stone take headroom in a retrofit before anyone measures it.';
    }

    public function source(): string
    {
        return 'IRC R305.1 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Deck, Part::Slab, Part::BoardAbove, Part::Screed];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $room = Levels::headroom($d);

        return $room === null || $s->isCrawlspace() || ! $s->isHeated() || $room >= self::LEAST - 0.005 ? null : $this->note(
            'Under the deck %1$s stay; %2$s is the usual least of a room.', Measure::size($room), Measure::size(self::LEAST),
        );
    }
}
