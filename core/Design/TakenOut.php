<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** What stood there and goes before anything new comes: an old slab can go and a new one come in its place. */
final readonly class TakenOut implements DesignPart
{
    use Remade;

    /** @param  list<OldPiece>  $pieces */
    public function __construct(
        #[Size('pieces', each: 'piece #', of: OldPiece::class)]
        public array $pieces = [],
    ) {}

    public function present(): bool
    {
        return $this->pieces !== [];
    }

    /** m³, as it lies. */
    public function volume(): float
    {
        return array_sum(array_map(static fn (OldPiece $p): float => $p->volume(), $this->pieces));
    }

    /** kg. */
    public function mass(): float
    {
        return array_sum(array_map(static fn (OldPiece $p): float => $p->mass(), $this->pieces));
    }
}
