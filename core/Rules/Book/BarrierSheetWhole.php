<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetJoints;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Presence;
use Ondergrond\Verdict\Severity;

final class BarrierSheetWhole extends Rule
{
    public function asks(): string
    {
        return 'A sheet that is to keep termites out is whole: taped, and tight at every pipe.';
    }

    public function why(): string
    {
        return 'They need a gap of a millimetre and a half.';
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
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        return $s->site->termites !== Presence::Yes || ! $d->isNew(Part::Sheet) || $d->sheet->barrier !== Done::Yes
            || $d->sheet->joints === SheetJoints::Taped ? null : $this->fix(
                'The sheet is to keep termites out, and its joints are not taped.', remedy: Remedy::of(
                    'Tape every joint and boot every pipe.',
                    static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(joints: SheetJoints::Taped)]),
                ),
            );
    }
}
