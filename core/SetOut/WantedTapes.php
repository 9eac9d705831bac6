<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Outline;

/** Tapes that are still missing before an error in any one of them would show in that one. */
final class WantedTapes
{
    /** Asked for at once. */
    private const MOST = 8;

    /** Of more corners, tapes are asked for without trying which tell most. */
    private const TRIED = 8;

    /**
     * Those that tell most, one after the other; none where four corners leave nothing more to tape.
     *
     * @param  list<Tape>  $tapes  that were read
     * @return list<array{string, string}>
     */
    public static function of(Outline $outline, array $tapes, Held $held): array
    {
        $drawn = $outline->points;
        $ids = array_keys($drawn);
        $have = [];
        foreach ($tapes as $tape) {
            $have[self::name($tape->from, $tape->to)] = self::tape($drawn, $tape->from, $tape->to);
        }
        $left = [];
        foreach (Diagonals::steps(count($ids)) as $step) {
            foreach ($ids as $i => $from) {
                $to = $ids[($i + $step) % count($ids)];
                $left[self::name($from, $to)] ??= self::tape($drawn, $from, $to);
            }
        }
        $left = array_diff_key($left, $have);
        $wanted = [];
        while (count($wanted) < self::MOST && $left !== []) {
            $now = self::tried($drawn, array_values($have), $held);
            if ($now?->places() === true) {
                break;
            }
            $some = self::atPoorest($ids, $have, $left, $held);
            $best = array_key_first($some);
            if ($now !== null && count($ids) <= self::TRIED) {
                $least = INF;
                foreach ($some as $name => $tape) {
                    $then = self::tried($drawn, [...array_values($have), $tape], $held);
                    $score = $then === null ? INF : array_sum(array_map(static fn (float $a): float => $a ** 8, $then->alike));
                    if ($score < $least - 1e-9) {
                        [$best, $least] = [$name, $score];
                    }
                }
            }
            $have[$best] = $left[$best];
            $wanted[] = [$left[$best]->from, $left[$best]->to];
            unset($left[$best]);
        }

        return $wanted;
    }

    /**
     * A corner needs two tapes to stand and two more before a wrong one shows: one at a time changes nothing.
     *
     * @param  list<string>  $ids
     * @param  array<string, Tape>  $have
     * @param  non-empty-array<string, Tape>  $left
     * @return non-empty-array<string, Tape> those to the corner that lacks most, or all
     */
    private static function atPoorest(array $ids, array $have, array $left, Held $held): array
    {
        $least = 0;
        $found = $left;
        foreach ($ids as $id) {
            $needs = match (true) {
                $id === $held->corner, $id === $held->towards && $held->both => 0,
                $id === $held->towards => 3,
                default => 4,
            };
            $spare = count(array_filter($have, static fn (Tape $t): bool => $t->touches($id))) - $needs;
            $touching = array_filter($left, static fn (Tape $t): bool => $t->touches($id));
            if ($spare < $least && $touching !== []) {
                [$least, $found] = [$spare, $touching];
            }
        }

        return $found;
    }

    /**
     * Null where they leave a corner loose.
     *
     * @param  array<string, array{float, float}>  $drawn
     * @param  list<Tape>  $tapes
     */
    private static function tried(array $drawn, array $tapes, Held $held): ?Adjustment
    {
        try {
            return Adjustment::of($drawn, $tapes, $held);
        } catch (FaultyInput) {
            return null;
        }
    }

    private static function name(string $a, string $b): string
    {
        return strcmp($a, $b) < 0 ? "{$a} {$b}" : "{$b} {$a}";
    }

    /** @param  array<string, array{float, float}>  $drawn */
    private static function tape(array $drawn, string $from, string $to): Tape
    {
        return new Tape($from, $to, hypot($drawn[$to][0] - $drawn[$from][0], $drawn[$to][1] - $drawn[$from][1]));
    }
}
