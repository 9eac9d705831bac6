<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * A closed run of straight walls that do not cross, by the id of the corner that each begins at. It may be walked either way
 * round. Sizes in m.
 */
final readonly class Outline
{
    /** Corners nearer to each other than this are one, and walls nearer than this touch, m. */
    private const NEAR = 0.001;

    /** Sine of a bend that is none: a wall that was parted in two. */
    private const STRAIGHT = 1e-6;

    /** @var non-empty-array<string, WallLine> by the id of the corner they begin at */
    private array $sides;

    /**
     * @param  non-empty-array<string, array{float, float}>  $points  x, y by id, in order round
     * @param  float  $turn  1 where they are walked against the clock, −1 with it
     */
    private function __construct(public array $points, float $turn)
    {
        $ids = array_keys($points);
        $sides = [];
        foreach ($ids as $i => $id) {
            $to = $ids[($i + 1) % count($ids)];
            $sides[$id] = new WallLine($id, $to, $points[$id], $points[$to], $turn);
        }
        $this->sides = $sides;
    }

    /**
     * @param  array<string, array{float, float}>  $points  x, y by id, in order round
     *
     * @throws FaultyInput where it has no inside, or walls cross or touch; pointers begin at the corners
     */
    public static function of(array $points): self
    {
        if (count($points) < 3) {
            throw FaultyInput::one(Fault::of('', count($points).' corners', 'at least three'));
        }
        $ids = array_keys($points);
        $ring = array_values($points);
        $n = count($ring);
        for ($i = 0; $i < $n; $i++) {
            if (Lines::distance($ring[$i], $ring[($i + 1) % $n]) < self::NEAR) {
                throw FaultyInput::one(Fault::of("/{$ids[$i]}", 'a wall without a length', 'corners apart from each other'));
            }
            $doubled = self::bend($ring[($i + $n - 1) % $n], $ring[$i], $ring[($i + 1) % $n]);
            if ($doubled) {
                throw FaultyInput::one(Fault::of("/{$ids[$i]}", 'a wall that leads straight back', 'walls that enclose a floor'));
            }
        }
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 2; $j < $n; $j++) {
                if ($i === 0 && $j === $n - 1) {
                    continue;
                }
                [$a, $b, $c, $d] = [$ring[$i], $ring[$i + 1], $ring[$j], $ring[($j + 1) % $n]];
                if (! Lines::areApart($a, $b, $c, $d, self::NEAR) && Lines::gap($a, $b, $c, $d) < self::NEAR) {
                    throw FaultyInput::one(Fault::of(
                        "/{$ids[$i]}",
                        sprintf(
                            'wall %s–%s crosses or touches %s–%s', $ids[$i], $ids[$i + 1], $ids[$j], $ids[($j + 1) % $n],
                        ),
                        'an outline that does not cross itself',
                    ));
                }
            }
        }

        return new self($points, self::signed($ring) > 0.0 ? 1.0 : -1.0);
    }

    /** m². */
    public function area(): float
    {
        return abs(self::signed(array_values($this->points)));
    }

    public function perimeter(): float
    {
        return array_sum(array_map(static fn (WallLine $side): float => $side->length(), $this->sides()));
    }

    /** @return non-empty-array<string, WallLine> the walls, by the id of the corner they begin at */
    public function sides(): array
    {
        return $this->sides;
    }

    /**
     * The outline so far inside it (outside for less than 0), corner by corner.
     *
     * @throws FaultyInput where nothing is left there
     */
    public function inset(float $by): self
    {
        $sides = array_values($this->sides());
        $moved = [];
        foreach ($sides as $i => $side) {
            $before = $sides[($i + count($sides) - 1) % count($sides)];
            [[$ax, $ay], [$bx, $by2]] = [$before->inward(), $side->inward()];
            // Both walls move along their normals; their corner moves along the half of the angle between.
            $along = $by / (1.0 + $ax * $bx + $ay * $by2);
            $moved[$side->from] = [$side->start[0] + $along * ($ax + $bx), $side->start[1] + $along * ($ay + $by2)];
        }
        $narrow = FaultyInput::one(Fault::of(
            '', 'an outline that its own walls fill', sprintf('room for walls of %s mm', round(1000 * $by)),
        ));
        try {
            $inner = self::of($moved);
        } catch (FaultyInput) {
            throw $narrow;
        }
        foreach ($this->sides() as $id => $side) {
            if ($side->along($inner->sides()[$id]) <= 0.0) {
                throw $narrow;
            }
        }

        return $inner;
    }

    /** How far a point lies outside, m; 0 on the line, negative inside. */
    public function outside(float $x, float $y): float
    {
        $nearest = INF;
        foreach ($this->sides as $side) {
            $nearest = min($nearest, Lines::away([$x, $y], $side->start, $side->end));
        }

        return $this->holds($x, $y) ? -$nearest : $nearest;
    }

    /** The wall whose line from corner to corner a point is nearest to. */
    public function nearest(float $x, float $y): WallLine
    {
        $best = $this->sides[array_key_first($this->sides)];
        $least = INF;
        foreach ($this->sides as $side) {
            $away = Lines::away([$x, $y], $side->start, $side->end);
            if ($away < $least - 1e-12) {
                [$best, $least] = [$side, $away];
            }
        }

        return $best;
    }

    /**
     * How far the next wall lies that way, m; null where none does.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $way  of length 1
     */
    public function ahead(array $from, array $way): ?float
    {
        [$x0, $y0, $x1, $y1] = $this->box();
        $far = 2 * hypot($x1 - $x0, $y1 - $y0) + 1.0;
        $nearest = null;
        foreach ($this->sides as $side) {
            $share = Lines::crossing($from, [$from[0] + $far * $way[0], $from[1] + $far * $way[1]], $side->start, $side->end);
            if ($share !== null && $share * $far > self::NEAR && ($nearest === null || $share * $far < $nearest)) {
                $nearest = $share * $far;
            }
        }

        return $nearest;
    }

    /** Whether a point lies inside; on the line it may be either. */
    public function holds(float $x, float $y): bool
    {
        $within = false;
        foreach ($this->sides as $side) {
            [[$ax, $ay], [$bx, $by]] = [$side->start, $side->end];
            if (($ay > $y) !== ($by > $y) && $x < ($bx - $ax) * ($y - $ay) / ($by - $ay) + $ax) {
                $within = ! $within;
            }
        }

        return $within;
    }

    /** @return array{outward: int, reentrant: int} how many corners stand out, and lead in; a bend of nothing is neither */
    public function corners(): array
    {
        return ['outward' => count($this->outward()), 'reentrant' => count($this->reentrant())];
    }

    /** @return list<string> ids of the corners that stand out */
    public function outward(): array
    {
        return array_keys(array_filter($this->bends(), static fn (float $bend): bool => $bend > self::STRAIGHT));
    }

    /** @return list<string> ids of the corners that lead in */
    public function reentrant(): array
    {
        return array_keys(array_filter($this->bends(), static fn (float $bend): bool => $bend < -self::STRAIGHT));
    }

    /** @return array<string, float> sine of the bend at each corner, positive where it stands out */
    private function bends(): array
    {
        $sides = array_values($this->sides());
        $bends = [];
        foreach ($sides as $i => $side) {
            $bends[$side->from] = $sides[($i + count($sides) - 1) % count($sides)]->bendTo($side);
        }

        return $bends;
    }

    /** @return array{float, float, float, float} x0, y0, x1, y1 */
    public function box(): array
    {
        [$x, $y] = [array_column($this->points, 0), array_column($this->points, 1)];

        return [min($x), min($y), max($x), max($y)];
    }

    /** @param  list<array{float, float}>  $ring */
    private static function signed(array $ring): float
    {
        $twice = 0.0;
        $n = count($ring);
        foreach ($ring as $i => [$x, $y]) {
            [$u, $v] = $ring[($i + 1) % $n];
            $twice += $x * $v - $u * $y;
        }

        return $twice / 2;
    }

    /**
     * Whether the way from a by b to c turns back on itself.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     */
    private static function bend(array $a, array $b, array $c): bool
    {
        [$ux, $uy, $vx, $vy] = [$b[0] - $a[0], $b[1] - $a[1], $c[0] - $b[0], $c[1] - $b[1]];
        $lengths = hypot($ux, $uy) * hypot($vx, $vy);

        return $lengths > 0.0 && ($ux * $vx + $uy * $vy) / $lengths < -0.999999;
    }
}
