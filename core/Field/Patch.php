<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** A painted area; later patches lie over earlier ones. */
final readonly class Patch
{
    /**
     * @param  Substance|null  $substance  null takes away what was painted there: air
     * @param  list<array{float, float}>  $polygon  corners in m, in either sense of rotation
     */
    private function __construct(
        public ?Substance $substance,
        public array $polygon,
    ) {}

    public static function rectangle(?Substance $substance, float $x0, float $y0, float $x1, float $y1): self
    {
        return new self($substance, [[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]]);
    }

    /** @param  list<array{float, float}>  $corners  x, y in m */
    public static function polygon(?Substance $substance, array $corners): self
    {
        return new self($substance, $corners);
    }

    /** Whether a point that is not on the outline lies within it. */
    public function covers(float $x, float $y): bool
    {
        $within = false;
        [$u, $v] = $this->polygon[count($this->polygon) - 1];
        foreach ($this->polygon as [$p, $q]) {
            if (($v > $y) !== ($q > $y) && $x < $u + ($p - $u) * ($y - $v) / ($q - $v)) {
                $within = ! $within;
            }
            [$u, $v] = [$p, $q];
        }

        return $within;
    }
}
