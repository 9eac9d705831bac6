<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** A section at the end of one day. Arrays are numbered as in Mesh. */
final readonly class FreezingState
{
    /** Where there is no water to freeze, so many kelvin above or below 0 °C count as wholly thawed or frozen. */
    private const CLEAR = 0.5;

    /**
     * @param  array<int, float>  $cells  °C
     * @param  array<int, float>  $liquid  share of each cell's water that is not ice; without water 1 above 0 °C, 0 below
     */
    public function __construct(
        public Mesh $mesh,
        public array $cells,
        public array $liquid,
    ) {}

    /**
     * How far down frost reaches in the column of cells at x: the lowest ice, or the lowest place below 0 °C where there is no
     * water. A cell that is half ice counts half, from above.
     *
     * @param  float  $from  the column counts from this height down, m
     * @param  float  $to  to this height, m
     * @return float|null its height, m; null where nothing in that stretch is frozen
     */
    public function lowestFrost(float $x, float $from = INF, float $to = -INF): ?float
    {
        $i = self::interval($this->mesh->x, $x);

        return $i === null ? null : $this->lowestFrostIn($i, $from, $to);
    }

    /** @param  int  $i  column of cells, 1 to nx */
    public function lowestFrostIn(int $i, float $from, float $to): ?float
    {
        $y = $this->mesh->y;
        for ($j = 1, $q = $this->mesh->stride + $i; $j <= $this->mesh->ny; $j++, $q += $this->mesh->stride) {
            if ($this->mesh->conductivity[$q] <= 0.0 || $y[$j] <= $to || $this->liquid[$q] >= 1.0) {
                continue;
            }
            if ($y[$j - 1] >= $from) {
                return null;
            }

            return max($to, $y[$j] - (1.0 - $this->liquid[$q]) * ($y[$j] - $y[$j - 1]));
        }

        return null;
    }

    /** Between the centres of the cells around a point, °C; null where none of them is painted. */
    public function temperatureAt(float $x, float $y): ?float
    {
        [$i, $u] = self::between($this->mesh->x, $x);
        [$j, $v] = self::between($this->mesh->y, $y);
        $sum = $weight = 0.0;
        foreach ([
            [$i, $j, (1 - $u) * (1 - $v)], [$i + 1, $j, $u * (1 - $v)], [$i, $j + 1, (1 - $u) * $v], [$i + 1, $j + 1, $u * $v],
        ] as [$column, $row, $share]) {
            $q = $row * $this->mesh->stride + $column;
            if ($share > 0.0 && ($this->mesh->conductivity[$q] ?? 0.0) > 0.0) {
                $sum += $share * $this->cells[$q];
                $weight += $share;
            }
        }

        return $weight > 0.0 ? $sum / $weight : null;
    }

    /**
     * The two neighbouring cells whose centres a coordinate lies between.
     *
     * @param  non-empty-list<float>  $lines
     * @return array{int, float} the first, counted from 1, and how far towards the next
     */
    private static function between(array $lines, float $value): array
    {
        $n = count($lines) - 1;
        for ($i = 1; $i < $n; $i++) {
            $here = ($lines[$i - 1] + $lines[$i]) / 2;
            $next = ($lines[$i] + $lines[$i + 1]) / 2;
            if ($value < $next) {
                return [$i, max(0.0, ($value - $here) / ($next - $here))];
            }
        }

        return [$n, 0.0];
    }

    /** The topmost painted height at x, m; null where nothing is. */
    public function surface(float $x): ?float
    {
        $i = self::interval($this->mesh->x, $x);
        for ($j = $this->mesh->ny; $i !== null && $j >= 1; $j--) {
            if ($this->mesh->conductivity[$j * $this->mesh->stride + $i] > 0.0) {
                return $this->mesh->y[$j];
            }
        }

        return null;
    }

    /** Area of ice within a rectangle, m². */
    public function frozenArea(float $x0, float $y0, float $x1, float $y1): float
    {
        [$x, $y, $sum] = [$this->mesh->x, $this->mesh->y, 0.0];
        for ($j = 1; $j <= $this->mesh->ny; $j++) {
            $height = min($y[$j], $y1) - max($y[$j - 1], $y0);
            for ($i = 1, $q = $j * $this->mesh->stride + 1; $height > 0.0 && $i <= $this->mesh->nx; $i++, $q++) {
                $width = min($x[$i], $x1) - max($x[$i - 1], $x0);
                if ($width > 0.0 && $this->mesh->conductivity[$q] > 0.0) {
                    $sum += (1.0 - $this->liquid[$q]) * $width * $height;
                }
            }
        }

        return $sum;
    }

    /**
     * A field at the nodes, numbered as in NodeValues, that is 0 where the front stands: −1 in ice, +1 in thawed ground.
     *
     * @return array<int, float|null> null where nothing is painted
     */
    public function front(): array
    {
        $signed = [];
        foreach ($this->cells as $q => $t) {
            $signed[$q] = $this->liquid[$q] > 0.0 && $this->liquid[$q] < 1.0 ? 2 * $this->liquid[$q] - 1 : max(
                -1.0,
                min(1.0, $t / self::CLEAR),
            );
        }
        $values = [];
        [$s, $lambda] = [$this->mesh->stride, $this->mesh->conductivity];
        for ($j = 0; $j <= $this->mesh->ny; $j++) {
            for ($i = 0, $a = $j * $s; $i <= $this->mesh->nx; $i++, $a++) {
                $sum = $count = 0;
                foreach ([$a, $a + 1, $a + $s, $a + $s + 1] as $q) {
                    if ($lambda[$q] > 0.0) {
                        $sum += $signed[$q];
                        $count++;
                    }
                }
                $values[] = $count > 0 ? $sum / $count : null;
            }
        }

        return $values;
    }

    /** @param  non-empty-list<float>  $lines */
    private static function interval(array $lines, float $value): ?int
    {
        for ($i = 1; $i < count($lines); $i++) {
            if ($value <= $lines[$i]) {
                return $value >= $lines[0] ? $i : null;
            }
        }

        return null;
    }
}
