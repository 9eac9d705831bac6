<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Units\Said;

/** What joints part a slab of right angles into. */
final readonly class Panels
{
    /** Lines no further apart are one, m: joints end at the inner face of a wall, not at the outline. */
    private const ONE = 0.03;

    /** Sine of an angle that is still right. */
    private const SQUARE = 1e-3;

    /** A side of a cell is parted where a joint runs along so much of it. */
    private const PARTED = 0.8;

    /** Common practice, no source, m. */
    private const FURTHEST = 4.5;

    /** Times the thickness (ACI 302.1R and 360R, from memory: 24 to 36). */
    private const TIMES = 36.0;

    /** @param  list<Panel>  $all */
    private function __construct(public array $all) {}

    /**
     * Joints that part each panel that is bad, where that leaves fewer of them; else null: another joint half way through may spoil it.
     *
     * @param  \Closure(Panel): bool  $isBad
     * @param  \Closure(Panel): array{int, int}  $into  how many pieces along its longer side, and across
     */
    public function parted(Around $in, \Closure $isBad, \Closure $into): ?Mend
    {
        $items = [];
        $bad = array_filter($this->all, $isBad);
        foreach ($bad as $panel) {
            $items = [...$items, ...$panel->parted($in, ...$into($panel))];
        }
        if ($items === []) {
            return null;
        }
        $mend = new Mend(Said::of(count($items) === 1 ? 'Cut a joint across its middle' : sprintf('Cut %d joints', count($items))), $items);
        $then = self::of($in->slab(), $mend->on($in->items)->of(ControlJoint::class));

        return $then !== null && count(array_filter($then->all, $isBad)) < count($bad) ? $mend : null;
    }

    /** @return list<Panel> that a joint has beside it */
    public function beside(string $joint): array
    {
        return array_values(array_filter($this->all, static fn (Panel $p): bool => in_array($joint, $p->joints, true)));
    }

    /** How far apart joints of a slab may be, m. */
    public static function longest(float $thickness): float
    {
        return min(self::FURTHEST, self::TIMES * $thickness);
    }

    /**
     * @param  array<array-key, ControlJoint>  $joints
     * @return self|null  null where a wall or a joint stands otherwise than square
     */
    public static function of(Outline $outline, array $joints): ?self
    {
        $sides = array_values($outline->sides());
        $first = $sides[0];
        [$o, [$ux, $uy], [$vx, $vy]] = [$first->start, $first->direction(), $first->inward()];
        $to = static fn (float $x, float $y): array => [
            ($x - $o[0]) * $ux + ($y - $o[1]) * $uy, ($x - $o[0]) * $vx + ($y - $o[1]) * $vy,
        ];
        $at = array_map(static fn (array $p): array => $to($p[0], $p[1]), $outline->points);
        foreach ($sides as $side) {
            if (! self::isSquare($at[$side->from], $at[$side->to])) {
                return null;
            }
        }
        $cuts = [];
        $names = [];
        foreach ($joints as $id => $joint) {
            [$a, $b] = [$to($joint->at->x, $joint->at->y), $to($joint->toX, $joint->toY)];
            if (! self::isSquare($a, $b)) {
                return null;
            }
            $cuts[] = [$a, $b];
            $names[] = [(string) $id, $joint->at->name];
        }
        $us = self::lines([...array_column($at, 0), ...array_map(
            static fn (array $c): float => $c[0][0], array_filter($cuts, static fn (array $c): bool => self::isUpright(...$c)),
        )]);
        $vs = self::lines([...array_column($at, 1), ...array_map(
            static fn (array $c): float => $c[0][1], array_filter($cuts, static fn (array $c): bool => ! self::isUpright(...$c)),
        )]);

        return new self(self::grown($us, $vs, $cuts, $names, $at, [
            $o, [$ux, $uy], [$vx, $vy],
        ], static fn (float $u, float $v): bool => $outline->holds(
            $o[0] + $u * $ux + $v * $vx, $o[1] + $u * $uy + $v * $vy,
        )));
    }

    /**
     * @param  list<float>  $us
     * @param  list<float>  $vs
     * @param  list<array{array{float, float}, array{float, float}}>  $cuts
     * @param  list<array{string, string}>  $names  id and name of the joints, as the cuts stand
     * @param  array<string, array{float, float}>  $at  corners in the frame
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $frame
     * @param  \Closure(float, float): bool  $isIn
     * @return list<Panel>
     */
    private static function grown(array $us, array $vs, array $cuts, array $names, array $at, array $frame, \Closure $isIn): array
    {
        $left = [];
        for ($i = 0; $i + 1 < count($us); $i++) {
            for ($j = 0; $j + 1 < count($vs); $j++) {
                if ($isIn(($us[$i] + $us[$i + 1]) / 2, ($vs[$j] + $vs[$j + 1]) / 2)) {
                    $left["{$i} {$j}"] = [$i, $j];
                }
            }
        }
        $panels = [];
        while ($left !== []) {
            $open = [array_shift($left)];
            $cells = [];
            while ($open !== []) {
                [$i, $j] = array_pop($open);
                $cells[] = [$us[$i], $vs[$j], $us[$i + 1], $vs[$j + 1]];
                foreach ([
                    [
                        $i + 1, $j, [$us[$i + 1], $vs[$j]], [$us[$i + 1], $vs[$j + 1]],
                    ], [$i - 1, $j, [$us[$i], $vs[$j]], [$us[$i], $vs[$j + 1]]],
                    [
                        $i, $j + 1, [$us[$i], $vs[$j + 1]], [$us[$i + 1], $vs[$j + 1]],
                    ], [$i, $j - 1, [$us[$i], $vs[$j]], [$us[$i + 1], $vs[$j]]],
                ] as [$k, $l, $a, $b]) {
                    if (isset($left["{$k} {$l}"]) && ! self::isParted($a, $b, $cuts)) {
                        $open[] = $left["{$k} {$l}"];
                        unset($left["{$k} {$l}"]);
                    }
                }
            }
            $panels[] = self::panel($cells, $at, $frame, self::round($cells, $cuts, $names));
        }

        return $panels;
    }

    /**
     * @param  non-empty-list<array{float, float, float, float}>  $cells
     * @param  array<string, array{float, float}>  $at
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $frame
     * @param  array<string, string>  $beside  names of the joints round it, by id
     */
    private static function panel(array $cells, array $at, array $frame, array $beside): Panel
    {
        [$u0, $v0, $u1, $v1] = [
            min(array_column($cells, 0)), min(array_column($cells, 1)), max(array_column($cells, 2)), max(array_column($cells, 3)),
        ];
        $corners = array_keys(array_filter($at, static fn (array $p): bool => $p[0] > $u0 - self::ONE && $p[0] < $u1 + self::ONE
            && $p[1] > $v0 - self::ONE && $p[1] < $v1 + self::ONE));
        $name = match (count($corners)) {
            0 => implode(' and ', array_unique($beside)),
            1 => "corner {$corners[0]}",
            default => 'corners '.implode(', ', $corners),
        };

        return new Panel(
            $name, $cells, $frame, max($u1 - $u0, $v1 - $v0), min($u1 - $u0, $v1 - $v0),
            array_sum(array_map(static fn (array $c): float => ($c[2] - $c[0]) * ($c[3] - $c[1]), $cells)), array_keys($beside),
        );
    }

    /**
     * @param  non-empty-list<array{float, float, float, float}>  $cells
     * @param  list<array{array{float, float}, array{float, float}}>  $cuts
     * @param  list<array{string, string}>  $names
     * @return array<string, string> names of the joints along its sides, by id
     */
    private static function round(array $cells, array $cuts, array $names): array
    {
        $found = [];
        foreach ($cells as [$u0, $v0, $u1, $v1]) {
            foreach ([[[$u0, $v0], [$u0, $v1]], [[$u1, $v0], [$u1, $v1]], [[$u0, $v0], [$u1, $v0]], [[$u0, $v1], [$u1, $v1]]] as [$a, $b]) {
                foreach ($cuts as $i => $cut) {
                    if (self::isParted($a, $b, [$cut])) {
                        $found[$names[$i][0]] = $names[$i][1];
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  list<array{array{float, float}, array{float, float}}>  $cuts
     */
    private static function isParted(array $a, array $b, array $cuts): bool
    {
        $axis = self::isUpright($a, $b) ? 1 : 0;
        $covered = 0.0;
        foreach ($cuts as [$c, $d]) {
            if (abs($c[1 - $axis] - $a[1 - $axis]) <= self::ONE && abs($d[1 - $axis] - $a[1 - $axis]) <= self::ONE) {
                $covered += max(0.0, min(max($c[$axis], $d[$axis]), $b[$axis]) - max(min($c[$axis], $d[$axis]), $a[$axis]));
            }
        }

        return $covered >= self::PARTED * ($b[$axis] - $a[$axis]);
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function isUpright(array $a, array $b): bool
    {
        return abs($b[0] - $a[0]) < abs($b[1] - $a[1]);
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function isSquare(array $a, array $b): bool
    {
        return min(abs($b[0] - $a[0]), abs($b[1] - $a[1])) <= self::SQUARE * hypot($b[0] - $a[0], $b[1] - $a[1]);
    }

    /**
     * @param  array<array-key, float>  $values
     * @return list<float> each once, in order
     */
    private static function lines(array $values): array
    {
        sort($values);
        $lines = [];
        foreach ($values as $value) {
            if ($lines === [] || $value - $lines[count($lines) - 1] > self::ONE) {
                $lines[] = $value;
            }
        }

        return $lines;
    }
}
