<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** What covers a rectangle about its place, turned against the clock. */
trait Covers
{
    use Placed;

    /** @return non-empty-list<array{float, float}> its corners in order round, m */
    public function corners(): array
    {
        [$c, $s] = [cos(deg2rad($this->turn)), sin(deg2rad($this->turn))];

        return array_map(fn (array $p): array => [
            $this->at->x + $p[0] * $c - $p[1] * $s, $this->at->y + $p[0] * $s + $p[1] * $c,
        ], [
            [-$this->length / 2, -$this->width / 2], [$this->length / 2, -$this->width / 2],
            [$this->length / 2, $this->width / 2], [-$this->length / 2, $this->width / 2],
        ]);
    }

    /** m². */
    public function area(): float
    {
        return $this->length * $this->width;
    }

    public function about(): ?Said
    {
        return Said::of('%s', Measure::of($this->area(), Quantity::Area));
    }
}
