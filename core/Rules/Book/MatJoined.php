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
use Ondergrond\Verdict\Severity;

final class MatJoined extends Rule
{
    public function asks(): string
    {
        return 'Lengths of a mat lap on a bead and are taped.';
    }

    public function why(): string
    {
        return 'Damp air and the smell of the ground come up through an open seam.';
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
        return [Part::Mat];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $mat = $s->design->mat;

        return match (true) {
            ! $mat->present() || $mat->joints === SheetJoints::Taped => null,
            $mat->joints === SheetJoints::NotSaid => $this->notChecked(
                'How the lengths of the mat are joined is not said.', unsaid: 'mat.joints',
            ),
            default => $this->fix('The mat is lapped and not taped.', remedy: Remedy::of(
                'Lay its laps on a bead and tape them.',
                static fn (Design $d): Design => $d->with(['mat' => $d->mat->but(joints: SheetJoints::Taped)]),
            )),
        };
    }
}
