<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Heat\FloorLimit;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\LimitMeant;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

final class FloorMeetsLimit extends Rule
{
    public function asks(): string
    {
        return 'The floor’s U keeps the limit that the site sets.';
    }

    public function why(): string
    {
        return 'What was promised or required is checked before the pour.';
    }

    public function source(): string
    {
        return 'the site’s own limit; U by ISO 13370:2007';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Field, Part::BoardAbove, Part::EdgeOutside];
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
        $limit = $s->site->floorLimit;
        if ($limit === null) {
            return null;
        }
        $held = FloorLimit::of($s->heat(), $s->faces);
        $allowed = Measure::of($limit, Quantity::Transmittance);
        $u = static fn (?float $share): Measure => Measure::of((float) $share * $limit, Quantity::Transmittance);
        $remedy = static fn (): ?Remedy => $s->sizes->thickerFloor(static fn (Subject $then): bool => ($then->heat()->share ?? 0.0) <= 1.0);

        return match ($held->word()) {
            Verdict::Fails => $this->stop('U is %1$s; the site allows %2$s.', $u($held->share()), $allowed, $remedy()),
            Verdict::Disputed => ($held->drawn ?? 0.0) > 1.0
                ? $this->note(
                    'U keeps the limit by the standard; as drawn, with the junction in it, it is %1$s, over the limit of %2$s. Say on the site '
                        .'page which of them the limit means.',
                    $u($held->drawn),
                    $allowed,
                )
                : $this->note(
                    'U holds as drawn; by the formula it is %1$s, over the limit of %2$s. Say on the site page which of them the '
                        .'limit means.',
                    $u($held->formula),
                    $allowed,
                    $remedy(),
                ),
            Verdict::NotChecked => $s->site->floorLimitMeant === LimitMeant::With ? $this->notChecked(
                'The limit counts what junctions lose, and the sections are not solved yet.',
            ) : null,
            default => null,
        };
    }
}
