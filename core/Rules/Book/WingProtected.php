<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Severity;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

final class WingProtected extends Rule
{
    /** 12 in, m. */
    private const COVER = 0.3;

    /** 24 in, m. */
    private const NARROW = 0.61;

    public function asks(): string
    {
        return 'A wing that is wide or shallow is protected from spades and wheels.';
    }

    public function why(): string
    {
        return 'What lies a spade deep is cut by the next trench or fence post.';
    }

    public function source(): string
    {
        return 'IRC R403.3.2: wider than 24 in or under less than 12 in of cover (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Frost;
    }

    public function parts(): array
    {
        return [Part::Wing];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $shallow = $d->wing->depth < self::COVER - 0.005;

        $wide = $d->wing->width > self::NARROW + 0.005;

        return match (true) {
            ! $d->wing->present() => null,
            $shallow => $this->note(
                'The wing lies %1$s deep; under less than %2$s of cover it wants a protection board or paving.',
                Measure::size($d->wing->depth), Measure::size($s->stock->size(12, 300)),
                $wide ? null : Remedy::of(
                    Said::of('Lay the wing %s deep.', Measure::size($s->stock->size(12, 300))),
                    static fn (Design $d): Design => $d->with(['wing' => $d->wing->but(depth: $s->stock->size(12, 300))]),
                ),
            ),
            $wide => $this->note(
                'The wing reaches %1$s out; wider than %2$s it wants a protection board or paving.',
                Measure::size($d->wing->width),
                Measure::size($s->stock->size(24, 610)),
            ),
            default => null,
        };
    }
}
