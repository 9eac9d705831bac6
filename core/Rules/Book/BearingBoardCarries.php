<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Load\BearingCheck;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

final class BearingBoardCarries extends Rule
{
    public function asks(): string
    {
        return 'The board under a beam or footing carries the wall, for a day and for fifty years.';
    }

    public function why(): string
    {
        return 'Foam creeps under a load that stays: a third of its strength keeps it within 2 % in 50 years.';
    }

    public function source(): string
    {
        return 'common practice, no source: strength ÷ 3 for what stays, ÷ 2 for all; 45° spread';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeUnder, Part::Loads];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $check = $s->load->at('edge');
        // One without a stated strength is no board for a bearing: another rule says so.
        if ($check === null || $check->isUnknown()) {
            return null;
        }
        if ($check->word() !== Verdict::Fails) {
            return $check->given ? null : $this->notChecked(
                'The load of the wall on the edge is not given, so whether the board under it carries it is not known.',
                unsaid: 'loads.line_kn_m',
            );
        }
        $lasting = $check->permanent * BearingCheck::LONG >= $check->total * BearingCheck::SHORT;
        $harder = $s->sizes->harder($check);

        return $this->stop(
            $lasting
                ? 'What stays on the bearing presses the board with %1$s; it creeps above %2$s.'
                : 'The bearing presses the board with %1$s; it may carry %2$s.',
            Measure::stress($lasting ? $check->permanent : $check->total), Measure::stress(
                (float) ($lasting ? $check->allowableLong() : $check->allowableShort()),
            ),
            $harder === null ? null : Remedy::of(
                "Lay {$harder->name} there.",
                static fn (Design $d): Design => $d->with(['edgeUnder' => $d->edgeUnder->made($harder)]),
            ),
        );
    }
}
