<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * An outline as it was walked: from each corner so far in that direction, back to the first. What does not close is shown,
 * not shared out, which would bend right angles; the legs along which the error lies are named.
 */
final readonly class Traverse
{
    /** Up to this it closes, m. */
    private const CLOSED = 0.001;

    /** A leg may be the wrong one where no more than this share of the error lies across it. */
    private const ACROSS = 0.25;

    /** Signs of the directions, and where they lead. */
    private const WAYS = ['E' => [1.0, 0.0], 'N' => [0.0, 1.0], 'W' => [-1.0, 0.0], 'S' => [0.0, -1.0]];

    /**
     * @param  non-empty-list<array{float, float}>  $points  where each leg begins, m from the first corner
     * @param  list<float>  $lengths  of the legs, m
     * @param  array{float, float}  $error  from the first corner to where the last leg ends, m
     */
    private function __construct(
        public array $points,
        public array $lengths,
        public array $error,
    ) {}

    /**
     * @param  list<array{float, float}>  $legs  length in m, and direction in degrees against the clock from along the sheet
     *
     * @throws FaultyInput where a leg has no length, or there are too few
     */
    public static function of(array $legs): self
    {
        if (count($legs) < 3) {
            throw FaultyInput::one(Fault::of('', count($legs).' legs', 'three at least'));
        }
        [$x, $y] = [0.0, 0.0];
        $points = $lengths = [];
        foreach ($legs as $i => [$length, $way]) {
            if (! ($length > 0.0 && $length <= 500.0)) {
                throw FaultyInput::one(Fault::range("/{$i}", $length, 0.001, 500.0));
            }
            $points[] = [$x, $y];
            $lengths[] = $length;
            // Right angles are kept exact.
            [$c, $s] = fmod($way, 90.0) === 0.0 ? self::WAYS['ENWS'[(((int) ($way / 90.0)) % 4 + 4) % 4]] : [
                cos(deg2rad($way)), sin(deg2rad($way)),
            ];
            [$x, $y] = [$x + $length * $c, $y + $length * $s];
        }

        return new self($points, $lengths, [$x, $y]);
    }

    /** By which it does not close, m. */
    public function misclosure(): float
    {
        return hypot(...$this->error);
    }

    /** One in so many; INF where it closes. */
    public function precision(): float
    {
        return $this->misclosure() > 0.0 ? array_sum($this->lengths) / $this->misclosure() : INF;
    }

    public function closes(): bool
    {
        return $this->misclosure() <= self::CLOSED;
    }

    /**
     * Legs that alone would close it, were they longer or shorter.
     *
     * @return array<int, float> what each should measure then, m, by its number from 0
     */
    public function suspects(): array
    {
        [$ex, $ey] = $this->error;
        $found = [];
        foreach ($this->points as $i => [$x, $y]) {
            [$nx, $ny] = $this->points[$i + 1] ?? [$x + 0.0, $y + 0.0];
            [$ux, $uy] = $i + 1 < count($this->points) ? [$nx - $x, $ny - $y] : [$ex - $x, $ey - $y];
            $length = hypot($ux, $uy);
            [$along, $across] = [($ex * $ux + $ey * $uy) / $length, abs($ex * $uy - $ey * $ux) / $length];
            if (! $this->closes() && $across <= self::ACROSS * $this->misclosure() && $this->lengths[$i] - $along > 0.0) {
                $found[$i] = $this->lengths[$i] - $along;
            }
        }

        return $found;
    }

    /**
     * Its outline, by letters.
     *
     * @return non-empty-array<string, array{float, float}> x, y, m
     *
     * @throws FaultyInput where it does not close
     */
    public function outline(): array
    {
        if (! $this->closes()) {
            throw FaultyInput::one(Fault::of(
                '', sprintf(
                    '%.3f m from the last leg’s end to the first corner', $this->misclosure(),
                ), 'legs that lead back to where they began',
            ));
        }
        $outline = [];
        foreach ($this->points as $i => [$x, $y]) {
            $outline[$i < 26 ? chr(ord('A') + $i) : 'N'.($i - 25)] = [round($x, 9), round($y, 9)];
        }

        return $outline;
    }
}
