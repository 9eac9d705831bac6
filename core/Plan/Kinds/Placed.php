<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\MeasuredFrom;
use Ondergrond\Plan\Trade;

/** What every kind of item answers alike: by the properties that it names in its own constructor, and as most kinds do. */
trait Placed
{
    public function name(): string
    {
        return $this->name;
    }

    public function measuredFrom(): MeasuredFrom
    {
        return $this->from;
    }

    public function tolerance(): float
    {
        return $this->tolerance;
    }

    public function trade(): Trade
    {
        return $this->trade;
    }

    public function isOfDesign(): bool
    {
        return false;
    }

    public function mayLeave(): bool
    {
        return false;
    }
}
