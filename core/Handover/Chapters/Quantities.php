<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Takeoff\Line;

/** What it is made of, without prices. */
final class Quantities implements Chapter
{
    public function title(): string
    {
        return 'Quantities, as drawn';
    }

    public function blocks(Dossier $of): array
    {
        return [new Table('', ['For', 'What', 'Net', ''], array_map(static fn (Line $l): array => [
            $l->about(), $l->product,
            $l->unit->said($l->net, $of->format), $l->note,
        ], $of->order->lines), [2])];
    }
}
