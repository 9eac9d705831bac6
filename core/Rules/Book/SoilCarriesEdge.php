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
use Ondergrond\Verdict\Verdict;

final class SoilCarriesEdge extends Rule
{
    public function asks(): string
    {
        return 'The ground under the edge carries the wall.';
    }

    public function why(): string
    {
        return 'A wall on too narrow a bearing settles, unevenly where the ground changes.';
    }

    public function source(): string
    {
        return 'International Residential Code 2021, table R401.4.1 (from memory); a soil report overrules it';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Footing, Part::Beam, Part::Loads];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $check = $s->load->soilAt('edge');
        if ($check === null) {
            return $this->notChecked(
                'The load of the wall on the edge is not given, so what the ground carries is not known.',
                unsaid: 'loads.line_kn_m',
            );
        }

        $measures = [Measure::stress($check->stress), Measure::stress($check->allowable())];

        return match (true) {
            $check->share() <= 1.0 => null,
            $check->word() === Verdict::Fails => $this->stop(
                'The ground under the edge is pressed with %1$s; its class is presumed to carry %2$s.',
                ...[...$measures, $s->sizes->widerBearing()],
            ),
            default => $this->note(
                'The ground under the edge is pressed with %1$s, close to the %2$s that its class is presumed to carry.',
                ...[...$measures, $s->sizes->widerBearing()],
            ),
        };
    }
}
