<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Spot;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** What leads from one end to another, level where it has no level of its own there. */
trait Run
{
    use Placed;

    public static function isRun(): bool
    {
        return true;
    }

    public function spots(): array
    {
        return [
            new Spot('one end', $this->at->x, $this->at->y, $this->at->level),
            new Spot('other end', $this->toX, $this->toY, $this->at->level),
        ];
    }

    /** In plan, m. */
    public function length(): float
    {
        return hypot($this->toX - $this->at->x, $this->toY - $this->at->y);
    }

    public function about(): ?Said
    {
        return Said::of('%s long', Measure::of($this->length(), Quantity::Length));
    }
}
