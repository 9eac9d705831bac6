<?php

declare(strict_types=1);

namespace Ondergrond\Handover;

/** One chapter of a pack; all stand in Pack::CHAPTERS. */
interface Chapter
{
    public function title(): string;

    /** @return list<Block> empty where there is nothing to say */
    public function blocks(Dossier $of): array;
}
