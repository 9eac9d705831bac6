<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Shape;
use Ondergrond\SetOut\Adjustment;
use Ondergrond\SetOut\Diagonals;
use Ondergrond\SetOut\Held;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Tape;
use Ondergrond\SetOut\TapeClass;
use Ondergrond\SetOut\WantedTapes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Lot;

/** Squaring up on made tapes, against Debian's python3-numpy and python3-scipy. */
final class SquareLotTest extends TestCase
{
    /** Tapes as weighted residuals; the held corner has no freedom, the second slides along its line. */
    private const SCIPY = <<<'PY'
        import json, sys
        import numpy as np
        from scipy.optimize import least_squares
        out = []
        for c in json.load(sys.stdin):
            drawn = {k: np.array(v, float) for k, v in c['drawn'].items()}
            a, b = c['held']
            u = (drawn[b] - drawn[a]) / np.linalg.norm(drawn[b] - drawn[a])
            free = [k for k in drawn if k not in (a, b)]
            def place(p):
                at = {a: drawn[a], b: drawn[b] + p[0] * u}
                for i, k in enumerate(free):
                    at[k] = drawn[k] + p[1 + 2 * i:3 + 2 * i]
                return at
            def misses(p):
                at = place(p)
                return [(np.linalg.norm(at[t] - at[f]) - m) / s for f, t, m, s in c['tapes']]
            r = least_squares(misses, np.zeros(1 + 2 * len(free)), xtol=1e-15, ftol=1e-15, gtol=1e-15)
            j = r.jac
            hat = j @ np.linalg.inv(j.T @ j) @ j.T
            dof = len(c['tapes']) - len(r.x)
            at = place(r.x)
            out.append({'found': {k: list(v) for k, v in at.items()}, 's0': float(np.sqrt(2 * r.cost / dof)),
                        'shares': list(1 - np.diag(hat))})
        print(json.dumps(out))
        PY;

    private const SHAPES = [
        'rectangle' => [[0, 0], [12, 0], [12, 8], [0, 8]],
        'l' => [[0, 0], [12, 0], [12, 5], [7, 5], [7, 9], [0, 9]],
        't' => [[4, 0], [8, 0], [8, 5], [12, 5], [12, 9], [0, 9], [0, 5], [4, 5]],
        'u' => [[0, 0], [13, 0], [13, 9], [9, 9], [9, 4], [4, 4], [4, 9], [0, 9]],
        'skew' => [[0, 0], [11, 1], [12.5, 8], [4, 10.5], [-1, 6]],
    ];

    public function test_as_another_solver_adjusts(): void
    {
        $lot = Lot::of(20261129, 60);
        $cases = $ours = [];
        for ($i = 0; $i < $lot->many; $i++) {
            $outline = self::outline($lot->one(array_keys(self::SHAPES)));
            $ids = array_keys($outline->points);
            $at = array_map(static fn (array $p): array => [
                $p[0] + $lot->random->getInt(-15, 15) / 1000, $p[1] + $lot->random->getInt(-15, 15) / 1000,
            ], $outline->points);
            $tapes = self::tapes($outline, $at, static fn (): float => $lot->random->getInt(-3000, 3000) / 1e6, $lot->one([
                null, TapeClass::Two, TapeClass::Three,
            ]));
            $cases[] = ['drawn' => $outline->points, 'held' => ['A', 'B'], 'tapes' => array_map(
                static fn (Tape $t): array => [$t->from, $t->to, $t->m, $t->deviation()], $tapes,
            )];
            $ours[] = Adjustment::of($outline->points, $tapes, new Held('A', 'B'));
            self::assertGreaterThan(2, count($ids));
        }
        $read = new Process(['/usr/bin/python3', '-c', self::SCIPY], input: json_encode($cases, JSON_THROW_ON_ERROR), timeout: 120);
        $read->mustRun();
        foreach (json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR) as $i => $theirs) {
            $say = "seed {$lot->seed}, case {$i}";
            foreach ($ours[$i]->found as $corner => $found) {
                self::assertEqualsWithDelta($theirs['found'][$corner], $found, 2e-7, $say);
            }
            self::assertEqualsWithDelta($theirs['s0'], $ours[$i]->deviation, 1e-4, $say);
            self::assertEqualsWithDelta($theirs['shares'], $ours[$i]->shares, 1e-5, $say);
        }
    }

    public function test_a_corner_that_was_moved_by_12_mm_is_named_with_its_way(): void
    {
        // Each tape up to 1.5 mm off, either way, leaves a corner's place uncertain by some 0.8 mm: chance, so the draw is fixed.
        $random = new Randomizer(new Mt19937(28));
        $noise = static fn (): float => $random->getInt(-1500, 1500) / 1e6;
        $near = $named = $cases = 0;
        foreach (['l', 't', 'u', 'skew'] as $shape) {
            $outline = self::outline($shape);
            $ids = array_slice(array_keys($outline->points), 2);
            for ($i = 0; $i < 25; $i++) {
                $corner = $ids[$random->getInt(0, count($ids) - 1)];
                $way = 2 * M_PI * $random->getInt(0, 359) / 360;
                $off = [0.012 * cos($way), 0.012 * sin($way)];
                $at = $outline->points;
                $at[$corner] = [$at[$corner][0] + $off[0], $at[$corner][1] + $off[1]];
                $square = SquareUp::of($outline, self::tapes($outline, $at, $noise), new Held('A', 'B'));
                [$dx, $dy] = $square->best()->moves[$corner];
                $cases++;
                $near += abs(hypot($dx, $dy) - 0.012) <= 0.002 && hypot($dx + $off[0], $dy + $off[1]) <= 0.003 ? 1 : 0;
                $furthest = array_map(static fn (array $m): float => hypot(...$m), $square->best()->moves);
                arsort($furthest);
                $named += array_key_first($furthest) === $corner ? 1 : 0;
            }
        }
        self::assertSame(100, $cases);
        self::assertSame(100, $named, 'always the corner that was moved');
        self::assertGreaterThanOrEqual(95, $near, '12 ± 2 mm and its way');
    }

    public function test_the_tapes_that_would_place_an_error_are_asked_for(): void
    {
        foreach (['l', 't', 'u'] as $shape) {
            $outline = self::outline($shape);
            $sides = array_map(static fn ($s): array => [$s->from, $s->to], array_values($outline->sides()));
            $ids = array_keys($outline->points);
            // Sides and a fan of diagonals from A: just what it takes, and one over.
            $fan = array_map(static fn (string $id): array => ['A', $id], array_slice($ids, 2, count($ids) - 3));
            $tapes = array_map(static fn (array $t): Tape => self::tape($outline->points, ...$t), [...$sides, ...$fan, ['B', $ids[3]]]);
            $held = new Held('A', 'B');
            self::assertFalse(Adjustment::of($outline->points, $tapes, $held)->places(), $shape);
            $wanted = WantedTapes::of($outline, $tapes, $held);
            self::assertNotSame([], $wanted, $shape);
            array_push($tapes, ...array_map(static fn (array $t): Tape => self::tape($outline->points, ...$t), $wanted));
            $with = Adjustment::of($outline->points, $tapes, $held);
            self::assertTrue($with->places(), $shape);
            // And it is so: each tape read 40 mm wrong, and no other, is the one that is named.
            foreach ($tapes as $tape) {
                $read = array_map(
                    static fn (Tape $t): Tape => $t === $tape ? new Tape($t->from, $t->to, $t->m + 0.04) : $t, $tapes,
                );
                self::assertSame($tape->name(), SquareUp::of($outline, $read, $held)->suspect, $shape);
            }
            self::assertSame([], SquareUp::of($outline, $tapes, $held)->wanted, $shape);
        }
        // Too few to stand at all: refused with those that are missing.
        $l = self::outline('l');
        try {
            SquareUp::of($l, [self::tape($l->points, 'A', 'B'), self::tape($l->points, 'B', 'C')], new Held('A', 'B'));
            self::fail('two tapes for six corners');
        } catch (FaultyInput $e) {
            self::assertMatchesRegularExpression('~also [A-F]–[A-F](, [A-F]–[A-F]){6,}~u', $e->faults[1]->line());
        }
        // Between four corners there are six tapes and no more.
        $four = self::outline('rectangle');
        self::assertSame([], WantedTapes::of($four, self::tapes($four, $four->points, static fn (): float => 0.0), new Held('A', 'B')));
    }

    public function test_moving_the_corner_as_it_is_said_makes_the_next_readings(): void
    {
        $outline = self::outline('l');
        $at = $outline->points;
        $at['D'] = [7.010, 4.985];
        $square = SquareUp::of($outline, self::tapes($outline, $at, static fn (): float => 0.0), new Held('A', 'B'));
        // D lies between C–D, which leads along −x to it, and D–E, which leads up: 10 mm back towards C is wrong, it goes on.
        self::assertEqualsWithDelta([['m' => 0.015, 'towards' => 'E'], ['m' => -0.010, 'towards' => 'C']], $square->ways('D'), 1e-6);
        $next = array_column($square->nextReadings('D'), 'm', 'to');
        foreach (['C' => 5.0, 'E' => 4.0, 'A' => hypot(7, 5), 'B' => hypot(5, 5), 'F' => hypot(7, 4)] as $to => $m) {
            self::assertEqualsWithDelta($m, $next[$to], 1e-6, $to);
        }
        self::assertSame([], array_filter(array_keys($at), static fn (string $id): bool => $id !== 'D' && ! $square->isWithin($id)));
    }

    public function test_a_tape_of_a_poor_class_tells_less(): void
    {
        // Directive 2014/32/EU, Annex X, from memory: class II is off by 0.3 + 0.2 L mm at most.
        self::assertEqualsWithDelta([0.0063, 0.0126, 0.0031], [
            TapeClass::Two->error(30.0), TapeClass::Three->error(30.0), TapeClass::One->error(30.0),
        ], 1e-12);
        self::assertEqualsWithDelta(0.0027, TapeClass::Two->error(11.2), 1e-12, 'by begun metre');
        $outline = Outline::of(Shape::Rectangle->corners(['length_m' => 25.0, 'width_m' => 18.0]));
        $tapes = static fn (?TapeClass $class): array => self::tapes($outline, $outline->points, static fn (): float => 0.0, $class);
        $held = new Held('A', 'B');
        self::assertTrue(SquareUp::of($outline, $tapes(TapeClass::Two), $held, true)->doubtful, '6 mm over 30 m by a tape of ±6.5');
        self::assertFalse(SquareUp::of($outline, $tapes(TapeClass::One), $held, true)->doubtful);
        self::assertFalse(SquareUp::of($outline, $tapes(null), $held, true)->doubtful);
        foreach ([[5.0, 0.006], [9.0, 0.010], [14.0, 0.012], [40.0, 0.012]] as [$long, $off]) {
            self::assertSame($off, SquareUp::tolerance($long));
        }
        self::assertEqualsWithDelta([0.006, 0.008], [SquareUp::tolerance(20.0, true), SquareUp::tolerance(40.0, true)], 1e-12);
    }

    public function test_many_corners_are_taped_two_and_three_on(): void
    {
        $points = [];
        for ($i = 0; $i < 24; $i++) {
            $points['C'.$i] = [12 * cos(2 * M_PI * $i / 24), 9 * sin(2 * M_PI * $i / 24)];
        }
        $outline = Outline::of($points);
        self::assertCount(48, Diagonals::of($outline));
        $square = SquareUp::of($outline, self::tapes($outline, $points, static fn (): float => 0.0), new Held('C0', 'C1'));
        self::assertSame(24 * 3 - (2 * 24 - 3), $square->adjustment->redundancy);
        self::assertStringStartsWith('Every corner is within tolerance.', $square->words());
        $this->expectException(FaultyInput::class);
        SquareUp::of($outline, self::tapes($outline, $points, static fn (): float => 0.0), new Held('C0', 'C0'));
    }

    private static function outline(string $shape): Outline
    {
        $points = [];
        foreach (self::SHAPES[$shape] as $i => [$x, $y]) {
            $points['ABCDEFGH'[$i]] = [(float) $x, (float) $y];
        }

        return Outline::of($points);
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @param  callable(): float  $noise
     * @return list<Tape>
     */
    private static function tapes(Outline $outline, array $at, callable $noise, ?TapeClass $class = null): array
    {
        $pairs = [
            ...array_map(static fn ($s): array => [$s->from, $s->to], array_values($outline->sides())),
            ...array_map(static fn (array $d): array => [$d['from'], $d['to']], Diagonals::of($outline)),
        ];

        return array_map(static fn (array $p): Tape => new Tape($p[0], $p[1], self::tape($at, ...$p)->m + $noise(), $class), $pairs);
    }

    /** @param  array<string, array{float, float}>  $at */
    private static function tape(array $at, string $from, string $to): Tape
    {
        return new Tape($from, $to, hypot($at[$to][0] - $at[$from][0], $at[$to][1] - $at[$from][1]));
    }
}
