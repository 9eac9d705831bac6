<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class CementReplacedModestly extends Rule
{
    private const MOST = 0.3;

    public function asks(): string
    {
        return 'Ash or slag replaces no more of the cement than the slab’s early strength bears.';
    }

    public function why(): string
    {
        return 'About 30 % saves water and shrinkage; with more the concrete stays green for weeks in cool weather.';
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
        return [Part::Mix];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $share = $s->design->mix->replaced;

        return $share <= self::MOST + 1e-9 || ! $s->design->isNew(Part::Slab) ? null : $this->note(
            '%1$s of the cement is replaced; about %2$s is usual.', Measure::of($share, Quantity::Share),
            Measure::of(self::MOST, Quantity::Share), Remedy::of(
                'Replace 30 %% of it.', static fn (Design $d): Design => $d->with(['mix' => $d->mix->but(replaced: self::MOST)]),
            ),
        );
    }
}
