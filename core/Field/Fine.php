<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** A rectangle in which the first mesh has no larger cells than asked for: where a front moves. */
final readonly class Fine
{
    /**
     * @param  float  $across  widest cell, m
     * @param  float  $up  highest cell, m
     */
    public function __construct(
        public float $x0,
        public float $y0,
        public float $x1,
        public float $y1,
        public float $across,
        public float $up,
    ) {}

    /**
     * The lines that it asks for: twice as far apart as the cells, since the mesh puts two cells between any lines.
     *
     * @param  0|1  $axis
     * @return list<float> m
     */
    public function lines(int $axis): array
    {
        [$from, $to, $size] = $axis === 0 ? [$this->x0, $this->x1, $this->across] : [$this->y0, $this->y1, $this->up];
        $count = (int) max(1, ceil(($to - $from) / (2 * $size)));

        return array_map(static fn (int $k): float => $from + ($to - $from) * $k / $count, range(0, $count));
    }
}
