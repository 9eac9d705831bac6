<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Part;
use Ondergrond\Material\Hatch;
use Ondergrond\Material\Material;

/** A painted area of the section. */
final readonly class Region
{
    /**
     * @param  Part|null  $part  null for the ground
     * @param  Material|null  $material  null for the ground
     * @param  non-empty-list<array{float, float}>  $polygon  corners in m: x outward from the beam's outer face, y up from the ground
     */
    public function __construct(
        public ?Part $part,
        public ?Material $material,
        public array $polygon,
    ) {}

    public static function rectangle(?Part $part, ?Material $material, float $x0, float $y0, float $x1, float $y1): self
    {
        return new self($part, $material, [[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]]);
    }

    public function hatch(): Hatch
    {
        return $this->material === null ? Hatch::Soil : $this->material->hatch;
    }

    /** @return array{float, float, float, float} x0, y0, x1, y1 */
    public function box(): array
    {
        $x = array_column($this->polygon, 0);
        $y = array_column($this->polygon, 1);

        return [min($x), min($y), max($x), max($y)];
    }
}
