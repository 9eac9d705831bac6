<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Project\SetAside;

/** What the program would have had otherwise, and who decided against it. */
final class SetAsideRules implements Chapter
{
    public function title(): string
    {
        return 'Rules set aside';
    }

    public function blocks(Dossier $of): array
    {
        return $of->option->setAside === [] ? [] : [new Table('', ['Rule', 'Why', 'By', 'On'], array_map(
            static fn (SetAside $s): array => [str_replace('-', ' ', $s->rule), $s->reason, $s->by, $s->on],
            $of->option->setAside,
        ))];
    }
}
