<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Design\Remade;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Spot;
use Ondergrond\Units\Said;

/** As most kinds of item answer: one spot, of the building, set, inside the outline, nothing bought, nothing worked out. */
trait Placed
{
    use Remade;

    public static function belongs(): Belongs
    {
        return Belongs::Building;
    }

    public static function isSet(): bool
    {
        return true;
    }

    public static function mayLeave(): bool
    {
        return false;
    }

    public static function isRun(): bool
    {
        return false;
    }

    public static function from(Design $design): array
    {
        return ['level_m' => round($design->slab->topAboveGrade, 4)];
    }

    public function at(): Placing
    {
        return $this->at;
    }

    public function put(Placing $at): static
    {
        return new static(...[...get_object_vars($this), 'at' => $at]);
    }

    public function spots(): array
    {
        return [new Spot('', $this->at->x, $this->at->y, $this->at->level)];
    }

    public function tolerance(): float
    {
        return $this->at->tolerance;
    }

    public function wants(): array
    {
        return [];
    }

    public function about(): ?Said
    {
        return null;
    }
}
