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

    /** Of which weights are counted, m. */
    private const UNIT = 0.002;

    /** A tape with a smaller share in the redundancy is checked by none. */
    private const UNCHECKED = 1e-6;

    /** Residuals more alike than this are taken for each other (correlation; common practice of adjustment, no source). */
    private const TAKEN_FOR = 0.95;

    /**
     * @param  array<string, array{float, float}>  $found  where each corner stands, m
     * @param  array<string, array{float, float}>  $moves  from there to where it was drawn, m
     * @param  list<float>  $residuals  by tape: adjusted less read, m
     * @param  int  $redundancy  tapes over those that would just do
     * @param  float|null  $deviation  s₀, of one tape over what it was taken to be; null without redundancy
     * @param  list<float>  $shares  of each tape in the redundancy, 0 to 1
     * @param  list<float|null>  $normalised  each residual over its own deviation; null where nothing checks the tape
     * @param  list<float>  $alike  how alike the residual of each tape is to that of the one it is most easily taken for, 0 to 1; 1 where
     * nothing checks it
     */
    private function __construct(
        public array $found,
        public array $moves,
        public array $residuals,
        public int $redundancy,
        public ?float $deviation,
        public array $shares,
        public array $normalised,
        public array $alike,
    ) {}

    /** Whether an error of one tape would show in that one: no other one's residual is like it. */
    public function places(): bool
    {
        return $this->alike === [] || max($this->alike) < self::TAKEN_FOR;
    }

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
     *
     * @throws FaultyInput where the tapes leave a corner loose
     */
    public static function of(array $drawn, array $tapes, Held $held): self
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
        $sigmas = array_map(static fn (Tape $tape): float => $tape->deviation(), $tapes);
        $at = $drawn;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$rows, $misses] = self::equations($at, $tapes, $freedoms);
            $inverse = self::inverse(self::normal($rows, $sigmas, count($freedoms)), $freedoms);
            $right = array_fill(0, count($freedoms), 0.0);
            foreach ($rows as $i => $row) {
                foreach ($row as $k => $value) {
                    $right[$k] -= $value * $misses[$i] * (self::UNIT / $sigmas[$i]) ** 2;
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
        $inverse = self::inverse(self::normal($rows, $sigmas, count($freedoms)), $freedoms);
        $shares = array_map(
            static fn (array $row, float $s): float => 1.0 - self::quadratic($row, $row, $inverse) * (self::UNIT / $s) ** 2, $rows, $sigmas,
        );
        $moves = [];
        foreach ($drawn as $id => [$x, $y]) {
            $moves[$id] = [$x - $at[$id][0], $y - $at[$id][1]];
        }

        return new self(
            $at, $moves, $misses, $redundancy,
            $redundancy === 0 ? null : sqrt(
                array_sum(array_map(static fn (float $v, float $s): float => ($v / $s) ** 2, $misses, $sigmas)) / $redundancy,
            ),
            $shares,
            array_map(
                static fn (float $v, float $r, float $s): ?float => $r > self::UNCHECKED ? $v / ($s * sqrt($r)) : null, $misses, $shares,
                $sigmas,
            ),
            self::alike($rows, $sigmas, $shares, $inverse),
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
     * @param  list<float>  $sigmas
     * @return list<list<float>>
     */
    private static function normal(array $rows, array $sigmas, int $n): array
    {
        $normal = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($rows as $t => $row) {
            $weight = (self::UNIT / $sigmas[$t]) ** 2;
            // A tape touches two corners: four freedoms of them all.
            $touched = array_filter($row, static fn (float $v): bool => $v !== 0.0);
            foreach ($touched as $i => $a) {
                foreach ($touched as $j => $b) {
                    $normal[$i][$j] += $weight * $a * $b;
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
     * Correlations of the residuals.
     *
     * @param  list<list<float>>  $rows
     * @param  list<float>  $sigmas
     * @param  list<float>  $shares
     * @param  list<list<float>>  $inverse
     * @return list<float> of each with that it is most like
     */
    private static function alike(array $rows, array $sigmas, array $shares, array $inverse): array
    {
        $most = array_map(static fn (float $share): float => $share > self::UNCHECKED ? 0.0 : 1.0, $shares);
        foreach ($rows as $i => $row) {
            for ($j = 0; $j < $i; $j++) {
                if ($shares[$i] > self::UNCHECKED && $shares[$j] > self::UNCHECKED) {
                    $like = abs(self::quadratic($row, $rows[$j], $inverse)) * self::UNIT ** 2
                        / ($sigmas[$i] * $sigmas[$j] * sqrt($shares[$i] * $shares[$j]));
                    $most[$i] = max($most[$i], $like);
                    $most[$j] = max($most[$j], $like);
                }
            }
        }

        return array_values($most);
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @param  list<list<float>>  $inverse
     */
    private static function quadratic(array $one, array $other, array $inverse): float
    {
        $sum = 0.0;
        $touched = array_filter($other, static fn (float $v): bool => $v !== 0.0);
        foreach ($one as $i => $a) {
            if ($a !== 0.0) {
                foreach ($touched as $j => $b) {
                    $sum += $a * $b * $inverse[$i][$j];
                }
            }
        }

        return $sum;
    }
}
