<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Verdict\Severity;

final class ClimateKnown extends Rule
{
    public function asks(): string
    {
        return 'The site’s climate is known.';
    }

    public function why(): string
    {
        return 'How deep frost goes, where water condenses and what is lost all follow from the air of the months.';
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
        return [Part::Slab];
    }

    public function weights(): array
    {
        return [Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        return $s->site->climate->source !== ClimateSource::NotKnown ? null : $this->notChecked(
            'The climate is not known yet: what is shown of heat, frost and damp is that of an invented one.',
            unsaid: 'site.climate.monthly_mean_c',
        );
    }
}
