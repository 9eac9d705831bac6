<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * Whether a level's line of sight is level: the difference of two pegs is read from the middle, where its error falls out, and from
 * beside one of them, where it shows. Lengths in m.
 */
final readonly class PegCheck
{
    /** Of the line of sight over 30 m; common practice, no source. */
    public const LIMIT = 0.003;

    public const NEAREST = 10.0;

    public const FURTHEST = 100.0;

    /**
     * @param  float  $true  how much higher the second peg stands
     * @param  float  $found  the same from beside the first
     * @param  float  $error  of the line of sight over 30 m, upward
     */
    private function __construct(
        public float $true,
        public float $found,
        public float $error,
    ) {}

    /**
     * @param  float  $apart  of the two pegs
     * @param  array{float, float}  $middle  rods on the first and the second peg from the middle
     * @param  array{float, float}  $near  the same from beside the first
     *
     * @throws FaultyInput where the pegs stand too close to show anything
     */
    public static function of(float $apart, array $middle, array $near): self
    {
        if ($apart < self::NEAREST || $apart > self::FURTHEST) {
            throw FaultyInput::one(Fault::range('/apart', $apart, self::NEAREST, self::FURTHEST, 'm between the two pegs'));
        }
        [$true, $found] = [$middle[0] - $middle[1], $near[0] - $near[1]];

        return new self($true, $found, ($true - $found) * 30.0 / $apart);
    }

    public function isWithin(): bool
    {
        return abs($this->error) <= self::LIMIT + 1e-9;
    }
}
