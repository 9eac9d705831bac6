<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\GasOutlet;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Presence;
use Ondergrond\Verdict\Severity;

final class GasLedOut extends Rule
{
    public function asks(): string
    {
        return 'The soil-gas pipe ends above the roof, or is capped ready for a fan.';
    }

    public function why(): string
    {
        return 'A pipe that ends nowhere is a way in for gas.';
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
        return [Part::Gas];
    }

    public function weights(): array
    {
        return [Severity::Note, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $gas = $s->design->gas;

        return match (true) {
            ! $gas->present() => null,
            $gas->outlet === GasOutlet::NotSaid => $this->notChecked('Where the soil-gas pipe ends is not said.', unsaid: 'gas.outlet'),
            $gas->outlet === GasOutlet::Capped && $s->site->radon === Presence::Yes => $this->note(
                'The site has radon and the soil-gas pipe is only capped: measure, and take it above the roof.',
                remedy: Remedy::of(
                    'Take it above the roof.',
                    static fn (Design $d): Design => $d->with(['gas' => $d->gas->but(outlet: GasOutlet::Roof)]),
                )),
            default => null,
        };
    }
}
