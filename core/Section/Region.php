<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Hatch;
use Ondergrond\Material\Material;

/** A painted area of the section. */
final readonly class Region
{
    /**
     * @param  Part|null  $part  null for the ground
     * @param  Material|null  $material  null for the ground
     * @param  list<array{float, float}>  $polygon  corners in m: x outward from the edge's outer face, y up from the ground
     * @param  bool  $solved  whether it is in the field; what stands here and there along the edge is only drawn
     * @param  list<array{float, float}>|null  $solvedAs  a plainer shape that the field takes for it
     */
    public function __construct(
        public ?Part $part,
        public ?Material $material,
        public array $polygon,
        public bool $solved = true,
        public ?array $solvedAs = null,
    ) {}

    public static function rectangle(?Part $part, ?Material $material, float $x0, float $y0, float $x1, float $y1): self
    {
        return new self($part, $material, [[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]]);
    }

    /** Null where it has no extent. */
    public static function box(?Part $part, ?Material $material, float $x0, float $y0, float $x1, float $y1): ?self
    {
        return $x1 - $x0 > 1e-9 && $y1 - $y0 > 1e-9 ? self::rectangle($part, $material, $x0, $y0, $x1, $y1) : null;
    }

    /** A layer in a box; null where it has no extent. */
    public static function layer(Part $part, Layer $layer, float $x0, float $y0, float $x1, float $y1): ?self
    {
        return $layer->present() ? self::box($part, $layer->material, $x0, $y0, $x1, $y1) : null;
    }

    /** A pipe, drawn only. */
    public static function ring(Part $part, Material $material, float $x, float $y, float $diameter): self
    {
        $corners = [];
        for ($i = 0; $i < 16; $i++) {
            $corners[] = [$x + $diameter / 2 * cos($i * M_PI / 8), $y + $diameter / 2 * sin($i * M_PI / 8)];
        }

        return new self($part, $material, $corners, false);
    }

    public function drawnOnly(): self
    {
        return new self($this->part, $this->material, $this->polygon, false);
    }

    /** Seen in a mirror that stands at x, m. */
    public function mirrored(float $x): self
    {
        $turn = static fn (array $c): array => [2 * $x - $c[0], $c[1]];

        return new self(
            $this->part, $this->material, array_map($turn, $this->polygon), $this->solved,
            $this->solvedAs === null ? null : array_map($turn, $this->solvedAs),
        );
    }

    public function hatch(): Hatch
    {
        return $this->material === null ? Hatch::Soil : $this->material->hatch;
    }

    /** @return array{float, float, float, float} x0, y0, x1, y1 */
    public function extent(): array
    {
        assert($this->polygon !== []);
        $x = array_column($this->polygon, 0);
        $y = array_column($this->polygon, 1);

        return [min($x), min($y), max($x), max($y)];
    }
}
