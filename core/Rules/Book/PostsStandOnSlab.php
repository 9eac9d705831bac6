<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class PostsStandOnSlab extends Rule
{
    public function asks(): string
    {
        return 'Posts and bearing walls stand on the slab itself, not on boards, mat or panels.';
    }

    public function why(): string
    {
        return 'What lies on a slab gives under a point: dimples are crushed, boards and panels sink.';
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
        return [Part::Supports, Part::BoardAbove, Part::Mat];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        return ! $s->design->supports->present() || $s->design->onSlab() < 0.001 ? null : $this->note(
            'What lies on the slab is cut round posts and bearing walls: they stand on the slab itself, %1$s below the floor.',
            Measure::size($s->design->onSlab()),
        );
    }
}
