<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\SupportRemedies;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class HardBoardWideEnough extends Rule
{
    public function asks(): string
    {
        return 'Hard board under a post or bearing wall is as wide as its load spreads.';
    }

    public function why(): string
    {
        return 'Past its edge the load comes down on the soft board beside it.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Supports];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        foreach ($s->design->supports->kinds() as $name => $of) {
            $spread = $of->plate() + 2 * $s->design->slab->layer->thickness;
            [, $board] = $s->at->boardAt($s->design, $of->fromEdge());
            if ($of->foot() === SupportFoot::HardBoard && $board->present() && $of->width() < $spread - 0.001) {
                return $this->fix(
                    'The hard board under '.Supports::label($name).' is %1$s wide; its load has spread to %2$s there.',
                    Measure::size($of->width()), Measure::size($spread), (new SupportRemedies($s))->hard($name),
                );
            }
        }

        return null;
    }
}
