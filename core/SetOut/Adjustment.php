<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * Corners that agree best with tapes between them, by least squares: observation equations linearised about the drawing,
 * normal equations, again until nothing moves (Gauss–Newton).
 */
final readonly class Adjustment
{
    private const ROUNDS = 30;

    /** A corner no further moved than this is settled, m. */
    private const SETTLED = 1e-11;

    /** A pivot smaller than this has no tape on it. */
    private const LOOSE = 1e-9;

    /**
     * @param  array<string, array{float, float}>  $found  where each corner stands, m
     * @param  array<string, array{float, float}>  $moves  from there to where it was drawn, m
     * @param  list<float>  $residuals  by tape: adjusted less read, m
     * @param  int  $redundancy  tapes over those that would just do
     * @param  float|null  $deviation  s₀, of one tape over what it was taken to be; null without redundancy
     * @param  list<float>  $shares  of each tape in the redundancy, 0 to 1
     * @param  list<float|null>  $normalised  each residual over its own deviation; null where nothing checks the tape
     */
    private function __construct(
        public array $found,
        public array $moves,
        public array $residuals,
        public int $redundancy,
        public ?float $deviation,
        public array $shares,
        public array $normalised,
    ) {}

    /**
     * Whether what is left over is no more than tapes of that kind leave. One tape over shows so little that it is read again
     * where chance alone would do it one time in five (normal distribution); more of them, one time in a hundred.
     */
    public function agrees(): bool
    {
        return $this->deviation === null || $this->deviation <= ($this->redundancy === 1 ? 1.28 : 2.0);
    }

    /**
     * @param  array<string, array{float, float}>  $drawn  m, by corner
     * @param  list<Tape>  $tapes
     * @param  float  $sigma  of one tape, m
     *
     * @throws FaultyInput where the tapes leave a corner loose
     */
    public static function of(array $drawn, array $tapes, Held $held, float $sigma): self
    {
        [$hx, $hy] = $drawn[$held->corner];
        [$tx, $ty] = $drawn[$held->towards];
        $span = hypot($tx - $hx, $ty - $hy);
        [$ux, $uy] = [($tx - $hx) / $span, ($ty - $hy) / $span];
        // Each corner's freedoms: directions it may move in.
        $freedoms = [];
        foreach (array_keys($drawn) as $id) {
            foreach (match (true) {
                $id === $held->corner, $id === $held->towards && $held->both => [],
                $id === $held->towards => [[$ux, $uy]],
                default => [[1.0, 0.0], [0.0, 1.0]],
            } as $way) {
                $freedoms[] = [$id, $way];
            }
        }
        $redundancy = count($tapes) - count($freedoms);
        if ($redundancy < 0) {
            throw FaultyInput::one(Fault::of(
                '/tapes', count($tapes).' tapes', sprintf('at least %d: as many as there are ways to move', count($freedoms)),
            ));
        }
        $at = $drawn;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$rows, $misses] = self::equations($at, $tapes, $freedoms);
            $inverse = self::inverse(self::normal($rows, count($freedoms)), $freedoms);
            $right = array_fill(0, count($freedoms), 0.0);
            foreach ($rows as $i => $row) {
                foreach ($row as $k => $value) {
                    $right[$k] -= $value * $misses[$i];
                }
            }
            $most = 0.0;
            foreach ($freedoms as $k => [$id, [$wx, $wy]]) {
                $step = 0.0;
                foreach ($inverse[$k] as $m => $value) {
                    $step += $value * $right[$m];
                }
                $at[$id] = [$at[$id][0] + $step * $wx, $at[$id][1] + $step * $wy];
                $most = max($most, abs($step));
            }
            if ($most < self::SETTLED) {
                break;
            }
        }
        [$rows, $misses] = self::equations($at, $tapes, $freedoms);
        $inverse = self::inverse(self::normal($rows, count($freedoms)), $freedoms);
        $shares = array_map(static fn (array $row): float => 1.0 - self::quadratic($row, $inverse), $rows);
        $moves = [];
        foreach ($drawn as $id => [$x, $y]) {
            $moves[$id] = [$x - $at[$id][0], $y - $at[$id][1]];
        }

        return new self(
            $at, $moves, $misses, $redundancy,
            $redundancy === 0 ? null : sqrt(array_sum(array_map(static fn (float $v): float => ($v / $sigma) ** 2, $misses)) / $redundancy),
            $shares,
            array_map(static fn (float $v, float $r): ?float => $r > 1e-6 ? $v / ($sigma * sqrt($r)) : null, $misses, $shares),
        );
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @param  list<Tape>  $tapes
     * @param  list<array{string, array{float, float}}>  $freedoms
     * @return array{list<list<float>>, list<float>} by how much each freedom lengthens each tape, and by how much each is missed
     */
    private static function equations(array $at, array $tapes, array $freedoms): array
    {
        $rows = $misses = [];
        foreach ($tapes as $tape) {
            [[$ax, $ay], [$bx, $by]] = [$at[$tape->from], $at[$tape->to]];
            $length = max(1e-9, hypot($bx - $ax, $by - $ay));
            [$dx, $dy] = [($bx - $ax) / $length, ($by - $ay) / $length];
            $rows[] = array_map(
                static fn (array $f): float => ($f[0] === $tape->to ? 1.0 : ($f[0] === $tape->from ? -1.0 : 0.0))
                    * ($dx * $f[1][0] + $dy * $f[1][1]),
                $freedoms,
            );
            $misses[] = $length - $tape->m;
        }

        return [$rows, $misses];
    }

    /**
     * @param  list<list<float>>  $rows
     * @return list<list<float>>
     */
    private static function normal(array $rows, int $n): array
    {
        $normal = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($rows as $row) {
            foreach ($row as $i => $a) {
                foreach ($row as $j => $b) {
                    $normal[$i][$j] += $a * $b;
                }
            }
        }

        return array_map(array_values(...), $normal);
    }

    /**
     * By Gauss and Jordan, with the largest pivot of each column.
     *
     * @param  list<list<float>>  $m
     * @param  list<array{string, array{float, float}}>  $freedoms
     * @return list<list<float>>
     *
     * @throws FaultyInput where a corner hangs on no tape
     */
    private static function inverse(array $m, array $freedoms): array
    {
        $n = count($m);
        foreach ($m as $i => $row) {
            $m[$i] = [...$row, ...array_map(static fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $n - 1))];
        }
        for ($k = 0; $k < $n; $k++) {
            $best = $k;
            for ($i = $k + 1; $i < $n; $i++) {
                $best = abs($m[$i][$k]) > abs($m[$best][$k]) ? $i : $best;
            }
            if (abs($m[$best][$k]) < self::LOOSE) {
                throw FaultyInput::one(
                    Fault::of('/tapes', "tapes that leave corner {$freedoms[$k][0]} loose", 'a diagonal more, to that corner'),
                );
            }
            [$m[$k], $m[$best]] = [$m[$best], $m[$k]];
            $m[$k] = array_map(static fn (float $v): float => $v / $m[$k][$k], $m[$k]);
            foreach ($m as $i => $row) {
                if ($i !== $k && $row[$k] !== 0.0) {
                    $m[$i] = array_map(static fn (float $v, float $p): float => $v - $row[$k] * $p, $row, $m[$k]);
                }
            }
        }

        return array_map(static fn (array $row): array => array_slice($row, $n), $m);
    }

    /**
     * @param  list<float>  $row
     * @param  list<list<float>>  $inverse
     */
    private static function quadratic(array $row, array $inverse): float
    {
        $sum = 0.0;
        foreach ($row as $i => $a) {
            foreach ($row as $j => $b) {
                $sum += $a * $b * $inverse[$i][$j];
            }
        }

        return $sum;
    }
}
