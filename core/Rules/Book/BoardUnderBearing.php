<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class BoardUnderBearing extends Rule
{
    /** kPa. */
    private const LEAST = 270.0;

    public function asks(): string
    {
        return 'The board under a beam or footing is 40 psi (276 kPa) or more.';
    }

    public function why(): string
    {
        return 'Stone wool and soft boards crush under line loads even where they are fine under the middle of a floor; the wall follows.';
    }

    public function source(): string
    {
        return 'common practice, no source; strengths ASTM C578 (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeUnder];
    }

    public function weights(): array
    {
        return [Severity::Stop];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $board = $d->edgeUnder;
        $strength = $board->material->strength;
        if (! $board->present() || ($strength ?? 0.0) >= self::LEAST) {
            return null;
        }
        $enough = $s->sizes->underBearing();
        $remedy = Remedy::of(
            sprintf('Lay %s under the bearing.', $enough->name),
            static fn (Design $d): Design => $d->with(['edgeUnder' => $d->edgeUnder->made($enough)]),
        );

        return $strength === null
            ? $this->stop(
                'The board under the bearing has no stated strength: soft ones crush there, and of others a data sheet must tell.',
                remedy: $remedy,
            )
            : $this->stop(
                'The board under the bearing stands %1$s, %2$s is wanted there.',
                Measure::pressure($strength),
                Measure::pressure(self::LEAST),
                $remedy,
            );
    }
}
