<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** The outlines that are typed by a few sizes, their first corner at the origin, their first wall along x. */
enum Shape: string
{
    case Rectangle = 'rectangle';
    case L = 'l';
    case T = 't';
    case U = 'u';

    private const SHORTEST = 0.5;

    private const LONGEST = 500.0;

    /** What is left of a length may be typed as it was said, m. */
    private const ROUNDING = 1e-9;

    public function label(): string
    {
        return match ($this) {
            self::Rectangle => 'Rectangle',
            default => strtoupper($this->value),
        };
    }

    /** @return array<string, string> what each size is called, by key; all in m */
    public function sizes(): array
    {
        $whole = ['length_m' => 'Length, over all', 'width_m' => 'Width, over all'];

        return match ($this) {
            self::Rectangle => ['length_m' => 'Length', 'width_m' => 'Width'],
            self::L => [...$whole, 'part_length_m' => 'Corner left out, length', 'part_width_m' => 'Corner left out, width'],
            self::T => [
                ...$whole, 'part_length_m' => 'Stem, length', 'part_width_m' => 'Stem, how far it stands out', 'from_m' => 'Stem begins at',
            ],
            self::U => [...$whole, 'part_length_m' => 'Court, length', 'part_width_m' => 'Court, how deep', 'from_m' => 'Court begins at'],
        };
    }

    /**
     * @param  array<string, float>  $sizes  by the keys of `sizes`, m
     * @return non-empty-array<string, array{float, float}> x, y by id, in order round
     *
     * @throws FaultyInput with a pointer to each size that is out of range
     */
    public function corners(array $sizes): array
    {
        $faults = [];
        foreach ($this->sizes() as $key => $name) {
            $least = self::SHORTEST;
            $most = match ($key) {
                'part_length_m' => ($sizes['length_m'] ?? self::LONGEST) - ($this === self::L ? 1 : 2) * self::SHORTEST,
                'part_width_m' => ($sizes['width_m'] ?? self::LONGEST) - self::SHORTEST,
                'from_m' => ($sizes['length_m'] ?? self::LONGEST) - ($sizes['part_length_m'] ?? 0.0) - self::SHORTEST,
                default => self::LONGEST,
            };
            if (! isset($sizes[$key])) {
                $faults[] = Fault::of("/{$key}", 'nothing', 'a length');
            } elseif (! ($sizes[$key] >= $least - self::ROUNDING && $sizes[$key] <= $most + self::ROUNDING)) {
                $faults[] = Fault::range("/{$key}", $sizes[$key], $least, max($least, $most));
            }
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        [$l, $w] = [$sizes['length_m'], $sizes['width_m']];
        [$p, $q, $f] = [$sizes['part_length_m'] ?? 0.0, $sizes['part_width_m'] ?? 0.0, $sizes['from_m'] ?? 0.0];
        $ring = match ($this) {
            self::Rectangle => [[0.0, 0.0], [$l, 0.0], [$l, $w], [0.0, $w]],
            self::L => [[0.0, 0.0], [$l, 0.0], [$l, $w - $q], [$l - $p, $w - $q], [$l - $p, $w], [0.0, $w]],
            self::T => [
                [0.0, 0.0], [$l, 0.0], [$l, $w - $q], [$f + $p, $w - $q], [$f + $p, $w], [$f, $w], [$f, $w - $q], [0.0, $w - $q],
            ],
            self::U => [[0.0, 0.0], [$l, 0.0], [$l, $w], [$f + $p, $w], [$f + $p, $w - $q], [$f, $w - $q], [$f, $w], [0.0, $w]],
        };

        return array_combine(array_slice(range('A', 'H'), 0, count($ring)), $ring);
    }

    /** @return array<string, string> the sizes that an area and a perimeter leave open, by key */
    public function open(): array
    {
        return array_diff_key($this->sizes(), ['length_m' => true, 'width_m' => true]);
    }

    /**
     * The one of that area and perimeter: with right angles both say length and width, once the part is known.
     *
     * @param  float  $area  m²
     * @param  float  $perimeter  m
     * @param  array<string, float>  $open  the other sizes; where a part begins may be left out, and is then the middle
     * @return non-empty-array<string, array{float, float}> x, y by id, in order round
     *
     * @throws FaultyInput where there is none
     */
    public function holding(float $area, float $perimeter, array $open): array
    {
        [$p, $q] = [$open['part_length_m'] ?? 0.0, $open['part_width_m'] ?? 0.0];
        [$sum, $product] = match ($this) {
            self::Rectangle => [$perimeter / 2, $area],
            self::L => [$perimeter / 2, $area + $p * $q],
            self::T => [$perimeter / 2 - $q, $area - $p * $q],
            self::U => [$perimeter / 2 - $q, $area + $p * $q],
        };
        $root = $sum ** 2 - 4 * $product;
        // A square's root is 0 but for round-off.
        if ($root < -1e-9 * abs($product) || $product <= 0.0) {
            throw FaultyInput::one(Fault::of(
                '', "this area and this outline, which no {$this->named()} has", 'another shape, or the numbers as they are',
            ));
        }
        $long = ($sum + sqrt($root > 1e-9 * $product ? $root : 0.0)) / 2;
        $short = $sum - $long + ($this === self::T ? $q : 0.0);
        $begins = isset($this->sizes()['from_m']) ? ['from_m' => $open['from_m'] ?? ($long - $p) / 2] : [];

        return $this->corners(['length_m' => $long, 'width_m' => $short, ...$open, ...$begins]);
    }

    private function named(): string
    {
        return $this === self::Rectangle ? 'rectangle' : strtoupper($this->value);
    }
}
