<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Load\BearingCheck;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

final class PostCarried extends Rule
{
    public function asks(): string
    {
        return 'The board under a post carries it.';
    }

    public function why(): string
    {
        return 'A post is the hardest load there is: it goes through slab and board at 45° and no wider.';
    }

    public function source(): string
    {
        return '45° spread and strength ÷ 3 and ÷ 2, common practice, no source; beside it Westergaard 1926 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Loads, Part::Pads, Part::Field, Part::Perimeter];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $check = $s->load->at('post');
        if ($check === null) {
            return $d->pads->present() && ! $d->loads->hasPost() ? $this->notChecked(
                'There are pads for posts, but the posts’ load is not given.',
                unsaid: 'loads.post_kn',
            ) : null;
        }
        if ($check->isUnknown()) {
            return $this->stop(
                'The board under the post has no stated strength and is pressed with %1$s.',
                Measure::stress($check->total),
                remedy: $s->sizes->hardened($check),
            );
        }
        $lasting = $check->permanent * BearingCheck::LONG >= $check->total * BearingCheck::SHORT;

        return $check->word() !== Verdict::Fails ? null : $this->stop(
            'Under the post the board carries %1$s and may carry %2$s.',
            Measure::stress($lasting ? $check->permanent : $check->total), Measure::stress(
                (float) ($lasting ? $check->allowableLong() : $check->allowableShort()),
            ),
            $s->sizes->hardened($check),
        );
    }
}
