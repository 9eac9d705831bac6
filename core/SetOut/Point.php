<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Units\QuantityFormatter;

/** A corner or an item as it is set out. Lengths in m, angles in degrees. */
final readonly class Point
{
    /**
     * @param  string  $id  of the corner or the item
     * @param  string  $name  as people read it
     * @param  float  $along  the base line, from P
     * @param  float  $across  to the left of it
     * @param  float  $fromP  tape from the first peg
     * @param  float  $fromQ  tape from the second
     * @param  float|null  $cut  angle of the two tapes; null at a peg
     * @param  bool  $fixed  whether the two tapes alone fix it
     * @param  list<array{wall: string, m: float}>  $faces  square off two walls, from the face that it is measured from
     * @param  string  $face  which face that is, in words; empty for a corner
     * @param  float|null  $level  in the survey's heights; null for a corner
     * @param  float  $tolerance  to either side; 0 for a corner, which is squared up
     * @param  string  $trade  who sets it; empty for a corner
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $x,
        public float $y,
        public float $along,
        public float $across,
        public float $fromP,
        public float $fromQ,
        public ?float $cut,
        public bool $fixed,
        public array $faces = [],
        public string $face = '',
        public ?float $level = null,
        public float $tolerance = 0.0,
        public string $trade = '',
    ) {}

    /** @return list<string> how far off each wall's face, and on which side of it */
    public function off(QuantityFormatter $format): array
    {
        return array_map(
            static fn (array $face): string => $format->taped(abs($face['m']))
                .($face['m'] < 0.0 ? ' outside ' : ' inside ').$face['wall'],
            $this->faces,
        );
    }
}
