<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** One wall's line of an outline. */
final readonly class WallLine
{
    /**
     * @param  string  $from  id of the corner it begins at
     * @param  string  $to  id of the corner it ends at
     * @param  array{float, float}  $start  m
     * @param  array{float, float}  $end  m
     * @param  float  $turn  1 where the inside lies to the left of the way along it, −1 where it lies to the right
     */
    public function __construct(
        public string $from,
        public string $to,
        public array $start,
        public array $end,
        private float $turn,
    ) {}

    /** m. */
    public function length(): float
    {
        return hypot($this->end[0] - $this->start[0], $this->end[1] - $this->start[1]);
    }

    /** @return array{float, float} of length 1 */
    public function direction(): array
    {
        $length = $this->length();

        return [($this->end[0] - $this->start[0]) / $length, ($this->end[1] - $this->start[1]) / $length];
    }

    /** @return array{float, float} of length 1, into the building */
    public function inward(): array
    {
        [$x, $y] = $this->direction();

        return [-$this->turn * $y, $this->turn * $x];
    }

    /** @return array{float, float} so far along it and so far into the building, m */
    public function at(float $along, float $in = 0.0): array
    {
        [[$x, $y], [$u, $v]] = [$this->direction(), $this->inward()];

        return [$this->start[0] + $along * $x + $in * $u, $this->start[1] + $along * $y + $in * $v];
    }

    /** How far in from its line a point lies, m; negative outside. */
    public function depthOf(float $x, float $y): float
    {
        [$u, $v] = $this->inward();

        return ($x - $this->start[0]) * $u + ($y - $this->start[1]) * $v;
    }

    /** How far along it from its start a point lies, m. */
    public function alongOf(float $x, float $y): float
    {
        [$u, $v] = $this->direction();

        return ($x - $this->start[0]) * $u + ($y - $this->start[1]) * $v;
    }

    /** Sine of the bend from it to the one that follows; positive where the corner between stands out. */
    public function bendTo(self $next): float
    {
        [[$a, $b], [$c, $d]] = [$this->direction(), $next->direction()];

        return $this->turn * ($a * $d - $b * $c);
    }

    /** Cosine between its way and another's. */
    public function along(self $other): float
    {
        [[$a, $b], [$c, $d]] = [$this->direction(), $other->direction()];

        return $a * $c + $b * $d;
    }
}
