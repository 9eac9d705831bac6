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

final class FieldBoardCarries extends Rule
{
    public function asks(): string
    {
        return 'The boards under the floor carry slab, screed and use.';
    }

    public function why(): string
    {
        return 'A floor that is stored on sinks where the board creeps, and the slab cracks over it.';
    }

    public function source(): string
    {
        return 'common practice, no source: strength ÷ 3 for what stays, ÷ 2 for all';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Field, Part::Perimeter, Part::BoardAbove, Part::Loads];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $unknown = $unsaid = false;
        foreach (['field', 'perimeter', 'on-slab'] as $where) {
            $check = $s->load->at($where);
            if ($check?->word() === Verdict::Fails) {
                $lasting = $check->permanent * BearingCheck::LONG >= $check->total * BearingCheck::SHORT;

                return $this->stop(
                    'The '.lcfirst($check->part->label()).' carries %1$s and may carry %2$s.',
                    Measure::stress($lasting ? $check->permanent : $check->total), Measure::stress(
                        (float) ($lasting ? $check->allowableLong() : $check->allowableShort()),
                    ),
                    $s->sizes->hardenedFloor(),
                );
            }
            $unknown = $unknown || ($check !== null && $check->material->strength === null);
            $unsaid = $unsaid || ($check !== null && ! $check->given);
        }

        return match (true) {
            $unknown => $this->notChecked('The catalogue has no strength for a board under the floor: its data sheet must tell.'),
            $unsaid => $this->notChecked(
                'The live load on the floor is not given; the boards carry the floor’s own weight.',
                unsaid: 'loads.floor_live_kpa',
            ),
            default => null,
        };
    }
}
