<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Design\Supports;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\SupportRemedies;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

final class SoilCarriesSupport extends Rule
{
    public function asks(): string
    {
        return 'The ground under each post and bearing wall inside carries it.';
    }

    public function why(): string
    {
        return 'A post that settles takes the beam above with it, and cracks the slab round it.';
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
        return [Part::Supports];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        foreach ($s->design->supports->kinds() as $name => $of) {
            $check = $s->load->soilAt($name);
            if ($check === null || $check->share() <= 1.0) {
                continue;
            }
            $values = [Measure::stress($check->stress), Measure::stress($check->allowable()), (new SupportRemedies($s))->pad($name)];

            return $check->word() === Verdict::Fails ? $this->stop(
                'The ground under '.Supports::label($name).' is pressed with %1$s; its class is presumed to carry %2$s.', ...$values,
            ) : $this->note(
                'The ground under '.Supports::label($name).' is pressed with %1$s, close to the %2$s that its class is presumed to carry.',
                ...$values,
            );
        }

        return null;
    }
}
