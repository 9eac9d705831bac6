<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Material;

/** What both kinds of support answer alike. */
trait Supporting
{
    public function permanent(): float
    {
        return $this->permanent;
    }

    public function live(): float
    {
        return $this->live;
    }

    public function plate(): float
    {
        return $this->plate;
    }

    public function foot(): SupportFoot
    {
        return $this->foot;
    }

    public function board(): Material
    {
        return $this->board;
    }

    public function width(): float
    {
        return $this->width;
    }

    public function height(): float
    {
        return $this->height;
    }

    public function fromEdge(): float
    {
        return $this->fromEdge;
    }

    public function amount(): float
    {
        return $this->amount;
    }

    public function idle(): array
    {
        return match ($this->foot) {
            SupportFoot::Slab => ['board', 'width', 'height'],
            SupportFoot::HardBoard => ['height'],
            SupportFoot::OwnPad => ['board'],
        };
    }

    public function on(SupportFoot $foot, float $width, ?Material $board = null): static
    {
        return $this->but(foot: $foot, width: $width, board: $board ?? $this->board);
    }
}
