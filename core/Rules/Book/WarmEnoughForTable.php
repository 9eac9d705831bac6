<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Frost\FrostTable;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;

final class WarmEnoughForTable extends Rule
{
    public function asks(): string
    {
        return 'A building over a shallow foundation is kept warm enough for it.';
    }

    public function why(): string
    {
        return 'The ground lives off the heat of the floor: a cool house on a thick board gives it next to none.';
    }

    public function source(): string
    {
        return 'IRC R403.3: a monthly mean of 64 °F (18 °C); EN ISO 13793: 17 °C (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function hangsOnClimate(): bool
    {
        return true;
    }

    public function judge(Subject $s): ?Finding
    {
        $frost = $s->frost();
        $coldest = $s->site->indoor - $s->site->indoorSwing;

        return $frost->reason !== null || ($frost->footingMargin() ?? 0.0) >= 0.0 || ! $s->isHeated() || $s->design->depth() > 0.3 || (
            $s->site->frost->use === WinterUse::Heated
            && $coldest >= FrostTable::HEATED
        ) ? null : $this->note(
            'In winter the inside is kept at %1$s; shallow foundations are drawn up for %2$s. What is drawn decides.',
            Measure::of(
                $s->site->frost->use === WinterUse::Unheated ? $s->site->climate->wave()->mean : (
                    $s->site->frost->use === WinterUse::SetBack
                    ? $s->site->frost->setBack
                    : $coldest
                ),
                Quantity::Temperature,
            ), Measure::of(FrostTable::HEATED, Quantity::Temperature),
        );
    }
}
