<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** What is mended of an old wall and floor before anything covers them. */
final readonly class Repairs implements DesignPart
{
    use Remade;

    /**
     * @param  list<Crack>  $cracks
     * @param  Sealed  $tieHoles  holes of form ties, whose rust leaks
     * @param  Sealed  $floorJoint  between floor and wall
     * @param  Sealed  $entries  pipes and cables through the wall
     * @param  Sealed  $straps  iron let into the wall
     */
    public function __construct(
        #[Size('cracks', each: 'crack #', of: Crack::class)]
        public array $cracks = [],
        #[Size('tie holes')]
        public Sealed $tieHoles = Sealed::NotSaid,
        #[Size('joint of floor and wall')]
        public Sealed $floorJoint = Sealed::NotSaid,
        #[Size('pipes through the wall')]
        public Sealed $entries = Sealed::NotSaid,
        #[Size('straps and iron')]
        public Sealed $straps = Sealed::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->cracks !== [] || array_filter($this->spots(), static fn (Sealed $s): bool => $s !== Sealed::NotSaid) !== [];
    }

    /** @return array<string, Sealed> by property */
    public function spots(): array
    {
        return [
            'tieHoles' => $this->tieHoles, 'floorJoint' => $this->floorJoint, 'entries' => $this->entries, 'straps' => $this->straps,
        ];
    }
}
