<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\GroundCover;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

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
        $wing = $d->wing;
        // Concrete or asphalt on the ground over it protects it as well as a board does.
        if (! $wing->present() || $wing->protected === Done::Yes || $s->site->frost->surface === GroundCover::Paved) {
            return null;
        }
        $shallow = $wing->depth < self::COVER - 0.005;
        $reach = max($wing->width, $wing->outAtCorner());
        $remedy = Remedy::of(
            'Lay a cement board over it as protection.',
            static fn (Design $d): Design => $d->with(['wing' => $d->wing->but(protected: Done::Yes)]),
        );

        return match (true) {
            $shallow => $this->note(
                'The wing lies %1$s deep; under less than %2$s of cover it wants a protection board or paving.',
                Measure::size($wing->depth), Measure::size($s->stock->size(12, 300)), $remedy,
            ),
            $reach > self::NARROW + 0.005 => $this->note(
                'The wing reaches %1$s out; wider than %2$s it wants a protection board or paving.',
                Measure::size($reach), Measure::size($s->stock->size(24, 610)), $remedy,
            ),
            default => null,
        };
    }
}
