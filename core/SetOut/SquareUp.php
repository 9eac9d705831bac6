<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Outline;
use Ondergrond\Units\Slip;

/**
 * Measured sides and diagonals against the outline that was drawn: what is held stays, the rest is adjusted by least squares,
 * and each corner is told which way to move. One redundant tape shows an error but cannot place it. Moves and residuals in
 * m; statistics as a textbook of adjustment has them (Gauss–Markov, Baarda's normalised residual).
 */
final readonly class SquareUp
{
    /** A normalised residual beyond this is no chance: one in a thousand (Baarda). */
    private const CRITICAL = 3.29;

    /** Three sides that miss each other by more are no triangle, m. */
    private const CONTRADICTION = 0.05;

    /**
     * @param  list<Tape>  $tapes
     * @param  Adjustment  $adjustment  of all tapes
     * @param  string|null  $suspect  the tape that is likely misread, `B–E`
     * @param  Adjustment|null  $without  of the others, where one is suspect
     * @param  float  $tolerance  that a corner may be out, m
     * @param  array<string, list<array{tape: string, m: float}>>  $triangles  with one redundancy: without each corner, how far
     * the tapes between the others are from the drawing, m
     * @param  list<array{string, string}>  $wanted  corners to tape as well, so that an error could be placed
     * @param  bool  $doubtful  a diagonal that no tape of its class tells to that tolerance
     */
    private function __construct(
        private Outline $outline,
        public Held $held,
        public array $tapes,
        public Adjustment $adjustment,
        public ?string $suspect,
        public ?Adjustment $without,
        public float $tolerance,
        public array $triangles,
        public array $wanted,
        public bool $doubtful,
    ) {}

    /**
     * @param  list<Tape>  $tapes
     * @param  bool  $framed  whether a frame maker asks for 6 mm in 30 m
     *
     * @throws FaultyInput where a tape is none of the outline's, likely a slip, or contradicts others, or they are too few
     */
    public static function of(Outline $outline, array $tapes, Held $held, bool $framed = false): self
    {
        $drawn = $outline->points;
        self::held($drawn, $held);
        self::agree($outline, $tapes);
        try {
            $adjustment = Adjustment::of($drawn, $tapes, $held);
        } catch (FaultyInput $e) {
            $more = WantedTapes::of($outline, $tapes, $held);
            throw $more === [] ? $e : FaultyInput::because([...$e->faults, Fault::of(
                '/tapes', 'these alone', 'also '.implode(', ', array_map(static fn (array $t): string => "{$t[0]}–{$t[1]}", $more)),
            )]);
        }
        $suspect = $without = null;
        if ($adjustment->redundancy > 1) {
            $worst = null;
            foreach ($adjustment->normalised as $i => $value) {
                if ($value !== null && abs($value) > self::CRITICAL && ($worst === null || abs($value) > abs(
                    $adjustment->normalised[$worst] ?? 0.0,
                ))) {
                    $worst = $i;
                }
            }
            if ($worst !== null) {
                $suspect = $tapes[$worst]->name();
                $without = Adjustment::of($drawn, array_values(array_diff_key($tapes, [$worst => true])), $held);
            }
        }
        $longest = max([0.0, ...array_map(static fn (Tape $t): float => self::length($drawn, $t), $tapes)]);

        $tolerance = self::tolerance($longest, $framed);

        return new self(
            $outline, $held, $tapes, $adjustment, $suspect, $without, $tolerance,
            $adjustment->redundancy === 1 ? self::triangles($drawn, $tapes) : [], WantedTapes::of($outline, $tapes, $held),
            $tapes !== [] && max(array_map(static fn (Tape $t): float => $t->class?->error($t->m) ?? 0.0, $tapes)) > $tolerance,
        );
    }

    /** What a diagonal may be out, m; common practice, no source; 6 mm in 30 m only where a frame maker asks. */
    public static function tolerance(float $diagonal, bool $framed = false): float
    {
        return match (true) {
            $framed => 0.006 * max(1.0, $diagonal / 30.0),
            $diagonal <= 6.0 => 0.006,
            $diagonal <= 12.0 => 0.010,
            default => 0.012,
        };
    }

    /** The adjustment to go by. */
    public function best(): Adjustment
    {
        return $this->without ?? $this->adjustment;
    }

    public function isWithin(string $corner): bool
    {
        [$dx, $dy] = $this->best()->moves[$corner];

        return hypot($dx, $dy) <= $this->tolerance;
    }

    /**
     * How a corner is moved, by the two walls that meet at it.
     *
     * @return list<array{m: float, towards: string}> so far towards another corner; negative: away from it
     */
    public function ways(string $corner): array
    {
        [$dx, $dy] = $this->best()->moves[$corner];
        $sides = $this->outline->sides();
        $next = $sides[$corner];
        $before = null;
        foreach ($sides as $side) {
            $before = $side->to === $corner ? $side : $before;
        }
        if ($before === null) {
            return [];
        }
        [[$ax, $ay], [$bx, $by]] = [$next->direction(), array_map(static fn (float $v): float => -$v, $before->direction())];
        $det = $ax * $by - $ay * $bx;
        if (abs($det) < 0.1) {
            // Where a wall was parted, or nearly so: along it and square off it, into the building.
            [[$bx, $by], $det] = [$next->inward(), 1.0];
            [$along, $in] = [$dx * $ax + $dy * $ay, $dx * $bx + $dy * $by];

            return [['m' => $along, 'towards' => $next->to], ['m' => $in, 'towards' => 'the inside']];
        }

        return [
            ['m' => ($dx * $by - $dy * $bx) / $det, 'towards' => $next->to],
            ['m' => ($ax * $dy - $ay * $dx) / $det, 'towards' => $before->from],
        ];
    }

    /**
     * What the tapes to a corner should read once it is moved.
     *
     * @return list<array{to: string, m: float}> at the temperature that tapes are marked at
     */
    public function nextReadings(string $corner): array
    {
        $at = $this->outline->points[$corner];
        $next = [];
        foreach ($this->tapes as $tape) {
            if ($tape->touches($corner)) {
                $other = $tape->from === $corner ? $tape->to : $tape->from;
                // A corner that is out as well is moved too; the others stay where they were found.
                [$x, $y] = $this->isWithin($other) ? $this->best()->found[$other] : $this->outline->points[$other];
                $next[] = ['to' => $other, 'm' => hypot($x - $at[0], $y - $at[1])];
            }
        }

        return $next;
    }

    /**
     * The corners whose removal leaves a triangle as it was drawn; one alone is the one that is out.
     *
     * @return list<string>
     */
    public function cornersOut(): array
    {
        $out = [];
        foreach ($this->triangles as $corner => $tapes) {
            if (count($tapes) === 3 && max(array_map(static fn (array $t): float => abs($t['m']), $tapes)) <= 2 * Tape::SIGMA) {
                $out[] = $corner;
            }
        }

        return $out;
    }

    /** What to make of it, in words. */
    public function words(): string
    {
        $out = array_keys(array_filter(
            $this->best()->moves,
            fn (string $corner): bool => ! $this->isWithin($corner),
            ARRAY_FILTER_USE_KEY,
        ));
        $within = $out === [] ? 'Every corner is within tolerance.' : 'Out of tolerance: '.implode(', ', $out).'.';
        $more = $this->wanted === [] ? '' : ' Tape '.implode(', ', array_map(
            static fn (array $t): string => "{$t[0]}–{$t[1]}", $this->wanted,
        )).' as well: then a wrong one shows.';
        if ($this->suspect !== null && $this->without?->agrees() !== true) {
            return "More than one tape does not agree with the others, {$this->suspect} most: read them again.{$more}";
        }
        if ($this->suspect !== null) {
            return "Tape {$this->suspect} does not agree with the others: read it again. Without it: ".lcfirst($within);
        }
        if ($this->adjustment->redundancy > 1) {
            return $this->adjustment->agrees() ? $within.($out === [] ? '' : $more)
                : "The tapes do not agree with each other: read them again.{$more}";
        }
        if ($this->adjustment->redundancy === 0) {
            return "{$within} No tape checks the others: an error would not be seen.{$more}";
        }
        $alone = $this->cornersOut();

        return match (true) {
            ! $this->adjustment->agrees(), $out !== [] && count($alone) > 1 => 'The tapes do not agree, and one tape over cannot show '
                .'which is wrong: measure again.'.$more,
            $out !== [] && count($alone) === 1 => "The triangle without {$alone[0]} is as drawn: {$alone[0]} is out. "
                .'One tape checks the others.',
            default => $within.' One tape checks the others.'.($out === [] ? '' : $more),
        };
    }

    /** Whether it is known which corners are out, or that none is. */
    public function isPlaced(): bool
    {
        $some = array_filter(array_keys($this->best()->moves), fn (string $corner): bool => ! $this->isWithin($corner)) !== [];

        return $this->best()->agrees() && ! ($some && $this->adjustment->redundancy === 1 && count($this->cornersOut()) > 1);
    }

    /**
     * @param  array<string, array{float, float}>  $drawn
     *
     * @throws FaultyInput
     */
    private static function held(array $drawn, Held $held): void
    {
        $faults = [];
        $known = implode(', ', array_keys($drawn));
        foreach (['corner' => $held->corner, 'towards' => $held->towards] as $key => $id) {
            if (! isset($drawn[$id])) {
                $faults[] = Fault::of("/held/{$key}", "“{$id}”", $known);
            }
        }
        if ($held->corner === $held->towards) {
            $faults[] = Fault::of('/held/towards', 'the held corner itself', 'another corner');
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
    }

    /**
     * Whether tapes can be of one outline, whatever is held.
     *
     * @param  list<Tape>  $tapes
     *
     * @throws FaultyInput where a tape is none of the outline's, likely a slip, or contradicts others
     */
    public static function agree(Outline $outline, array $tapes): void
    {
        $drawn = $outline->points;
        $known = implode(', ', array_keys($drawn));
        $faults = $by = [];
        foreach ($tapes as $i => $tape) {
            if (! isset($drawn[$tape->from], $drawn[$tape->to]) || $tape->from === $tape->to) {
                $faults[] = Fault::of("/tapes/{$i}", "“{$tape->name()}”", "two of {$known}");

                continue;
            }
            $expected = self::length($drawn, $tape);
            if (! ($tape->m > 0.0 && $tape->m < 2 * $expected + 1 && $tape->m > $expected / 2 - 1)) {
                $faults[] = Fault::of(
                    "/tapes/{$i}", sprintf('%s %s m', $tape->name(), round($tape->m, 3)),
                    sprintf('about %s m; %s', round($expected, 3), Slip::of($tape->m, $expected) ?? 'read it again'),
                );

                continue;
            }
            $pair = [$tape->from, $tape->to];
            sort($pair);
            $name = implode('–', $pair);
            if (isset($by[$name]) && abs($by[$name] - $tape->m) > self::CONTRADICTION) {
                $faults[] = Fault::of(
                    "/tapes/{$i}", sprintf(
                        '%s m for %s', $tape->m, $tape->name(),
                    ), sprintf('about %s m, as it was read before', $by[$name]),
                );
            }
            $by[$name] = $tape->m;
        }
        if ($faults === []) {
            $faults = self::contradictions(array_keys($drawn), $by);
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, float>  $by  pair of corners, in order
     * @return list<Fault>
     */
    private static function contradictions(array $ids, array $by): array
    {
        sort($ids);
        $faults = [];
        foreach ($ids as $i => $a) {
            foreach (array_slice($ids, $i + 1) as $j => $b) {
                foreach (array_slice($ids, $i + $j + 2) as $c) {
                    $sides = [];
                    foreach (["{$a}–{$b}", "{$b}–{$c}", "{$a}–{$c}"] as $name) {
                        if (isset($by[$name])) {
                            $sides[$name] = $by[$name];
                        }
                    }
                    if (count($sides) === 3 && 2 * max($sides) > array_sum($sides) + self::CONTRADICTION) {
                        $faults[] = Fault::of(
                            '/tapes', sprintf('%s of %s m', array_search(max($sides), $sides, true), max($sides)),
                            sprintf('at most %s m: the way round by the third corner', round(array_sum($sides) - max($sides), 3)),
                        );
                    }
                }
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, array{float, float}>  $drawn
     * @param  list<Tape>  $tapes
     * @return array<string, list<array{tape: string, m: float}>>
     */
    private static function triangles(array $drawn, array $tapes): array
    {
        $without = [];
        foreach (array_keys($drawn) as $corner) {
            $without[$corner] = [];
            foreach ($tapes as $tape) {
                if ($tape->from !== $corner && $tape->to !== $corner) {
                    $without[$corner][] = ['tape' => $tape->name(), 'm' => $tape->m - self::length($drawn, $tape)];
                }
            }
        }

        return $without;
    }

    /** @param  array<string, array{float, float}>  $drawn */
    private static function length(array $drawn, Tape $tape): float
    {
        return hypot($drawn[$tape->to][0] - $drawn[$tape->from][0], $drawn[$tape->to][1] - $drawn[$tape->from][1]);
    }
}
