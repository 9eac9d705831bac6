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

final class SoilCarriesPost extends Rule
{
    public function asks(): string
    {
        return 'The ground under a post or its pad carries it.';
    }

    public function why(): string
    {
        return 'A post that settles takes the beam above with it.';
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
        return [Part::Pads, Part::Loads];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $check = $s->load->soilAt('post');
        if ($check === null || $check->share() <= 1.0) {
            return null;
        }
        $measures = [Measure::stress($check->stress), Measure::stress($check->allowable())];

        return $check->word() === Verdict::Fails ? $this->stop(
            'The ground under the post is pressed with %1$s; its class is presumed to carry %2$s.',
            ...[...$measures, $s->sizes->widerPad()],
        ) : $this->note(
            'The ground under the post is pressed with %1$s, close to the %2$s that its class is presumed to carry.',
            ...[...$measures, $s->sizes->widerPad()],
        );
    }
}
