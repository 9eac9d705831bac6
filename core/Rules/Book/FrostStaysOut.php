<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Answer;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class FrostStaysOut extends Rule
{
    /** Under a floor so far below the ground no wing helps, m. */
    private const DEEP = 0.3;

    public function asks(): string
    {
        return 'Frost stays out of the ground under the bearings in the design winter.';
    }

    public function why(): string
    {
        return 'Ground with fines heaves when it freezes and lifts what stands on it, unevenly.';
    }

    public function source(): string
    {
        return 'the design winter on the section as drawn; that less than 50 mm, or than the mesh leaves open, is close is common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Beam, Part::Footing, Part::Wing];
    }

    public function hangsOnField(): bool
    {
        return true;
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $proof = $s->frost()->closest();
        if ($s->frost()->reason !== null) {
            return $s->frost()->isSafe ? null : $this->notChecked($s->frost()->reason);
        }

        // Never a size that was not tried: the search runs the winter on each.
        $look = $s->design->deck->present() || $s->design->depth() > self::DEEP ? null : new Answer(
            Said::of('Look for the least wing that keeps frost out.'), Answer::LEAST_WING,
        );

        return match (true) {
            $proof === null => $this->notChecked('The design winter has not been run on the section yet.'),
            $proof->margin < 0.0 => $this->stop(
                'In the design winter frost goes %1$s into the ground under the bearing.',
                Measure::depth(-$proof->margin),
                answer: $look,
            ),
            $proof->margin < $proof->close() => $this->note(
                'In the design winter frost comes within %1$s of the ground under the bearing; less than %2$s is close.',
                Measure::depth($proof->margin),
                Measure::depth($proof->close()),
                answer: $look,
            ),
            ! $s->frost()->coversCorners() => $this->note(
                'In the section frost stays %1$s away, but no section shows a corner, and no table covers it here.',
                Measure::depth($proof->margin),
            ),
            default => null,
        };
    }
}
