<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetJoints;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Presence;
use Ondergrond\Verdict\Severity;

final class SheetTaped extends Rule
{
    public function asks(): string
    {
        return 'The sheet’s joints are taped where it holds back soil gas.';
    }

    public function why(): string
    {
        return 'A lap is no seal: radon and damp air find every one.';
    }

    public function source(): string
    {
        return 'common practice, no source; IRC appendix on radon (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Sheet];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $remedy = Remedy::of(
            'Tape the joints, with tape tested with that sheet.',
            static fn (Design $d): Design => $d->with(['sheet' => $d->sheet->but(joints: SheetJoints::Taped)]),
        );

        return match (true) {
            ! $d->sheet->present() || $d->sheet->joints === SheetJoints::Taped => null,
            $d->sheet->joints === SheetJoints::NotSaid => $this->notChecked(
                'Whether the sheet’s joints are taped is not said.',
                unsaid: 'sheet.joints',
            ),
            $s->site->radon === Presence::Yes => $this->stop('The site has radon and the sheet’s joints are not taped.', remedy: $remedy),
            default => $this->note('The sheet’s joints are lapped only.', remedy: $remedy),
        };
    }
}
