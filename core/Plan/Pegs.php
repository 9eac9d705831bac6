<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** The two pegs of the base line that everything is taped from. */
final readonly class Pegs
{
    private const NEAREST = 1.0;

    /**
     * @param  float  $px  of the first, m
     * @param  float  $py  m
     * @param  float  $qx  of the second, m
     * @param  float  $qy  m
     *
     * @throws FaultyInput where they are no line
     */
    public function __construct(
        public float $px,
        public float $py,
        public float $qx,
        public float $qy,
    ) {
        if ($this->length() < self::NEAREST) {
            throw FaultyInput::one(Fault::range('/pegs/qx_m', $this->length(), self::NEAREST, null, 'the pegs are that far apart'));
        }
    }

    public function length(): float
    {
        return hypot($this->qx - $this->px, $this->qy - $this->py);
    }
}
