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
use Ondergrond\Verdict\Severity;

final class PadsBreakBoards extends Rule
{
    public function asks(): string
    {
        return 'No pad goes through the boards where hard board would carry the post.';
    }

    public function why(): string
    {
        return 'Concrete through the boards leads heat past them, and the floor is cold round the post.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Supports];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        foreach ($s->design->supports->kinds() as $name => $of) {
            [, $board] = $s->at->boardAt($s->design, $of->fromEdge());
            $ways = new SupportRemedies($s);
            if ($of->foot() === SupportFoot::OwnPad && $board->present() && $of->permanent() + $of->live() > 0.0
                && $ways->board($name) !== null) {
                return $this->note(
                    'The pad of '.Supports::label($name).' goes through the boards, where hard board would carry it.',
                    remedy: $ways->hard($name),
                );
            }
        }

        return null;
    }
}
