<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\Sealed;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class EntriesSealed extends Rule
{
    /** As files call them, by property. */
    private const KEYS = ['tieHoles' => 'tie_holes', 'floorJoint' => 'floor_joint', 'entries' => 'entries', 'straps' => 'straps'];

    public function asks(): string
    {
        return 'Tie holes, the joint of floor and wall, pipes and straps are sealed before an old wall is covered.';
    }

    public function why(): string
    {
        return 'Each lets water or the rooms’ humid air through, where nobody sees it any more.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Repairs];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->standing->has(Part::Stem) || ! $s->at->lining || $d->standing->has(Part::Lining)) {
            return null;
        }
        $spots = $d->repairs->spots();
        $open = array_keys($spots, Sealed::Open, true);
        $unsaid = array_keys($spots, Sealed::NotSaid, true);

        return match (true) {
            $open !== [] => $this->fix(
                'Left open behind the boards: '.implode(', ', array_map(self::named(...), $open)).'.', remedy: Remedy::of(
                    'Seal them first.',
                    static fn (Design $d): Design => $d->with(['repairs' => $d->repairs->but(...array_fill_keys($open, Sealed::Sealed))]),
                ),
            ),
            $unsaid !== [] => $this->notChecked(
                'Not said whether sealed before they are covered: '.implode(', ', array_map(self::named(...), $unsaid)).'.',
                unsaid: 'repairs.'.self::KEYS[$unsaid[0]],
            ),
            default => null,
        };
    }

    private static function named(string $property): string
    {
        return SizePath::said('repairs.'.self::KEYS[$property])->label ?? $property;
    }
}
