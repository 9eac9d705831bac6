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
    /** Of one tape, m; common practice, no source. */
    public const SIGMA = 0.002;

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
     */
    private function __construct(
        public Held $held,
        public array $tapes,
        public Adjustment $adjustment,
        public ?string $suspect,
        public ?Adjustment $without,
        public float $tolerance,
        public array $triangles,
    ) {}

    /**
     * @param  list<Tape>  $tapes
     *
     * @throws FaultyInput where a tape is none of the outline's, likely a slip, or contradicts others, or they are too few
     */
    public static function of(Outline $outline, array $tapes, Held $held, float $sigma = self::SIGMA): self
    {
        $drawn = $outline->points;
        self::check($drawn, $tapes, $held);
        $adjustment = Adjustment::of($drawn, $tapes, $held, $sigma);
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
                $without = Adjustment::of($drawn, array_values(array_diff_key($tapes, [$worst => true])), $held, $sigma);
            }
        }
        $longest = max([0.0, ...array_map(static fn (Tape $t): float => self::length($drawn, $t), $tapes)]);

        return new self(
            $held, $tapes, $adjustment, $suspect, $without, self::tolerance($longest),
            $adjustment->redundancy === 1 ? self::triangles($drawn, $tapes) : [],
        );
    }

    /** What a diagonal may be out, m; common practice, no source; 6 mm in 30 m only where a frame maker asks. */
    public static function tolerance(float $diagonal): float
    {
        return match (true) {
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
     * The corners whose removal leaves a triangle as it was drawn; one alone is the one that is out.
     *
     * @return list<string>
     */
    public function cornersOut(): array
    {
        $out = [];
        foreach ($this->triangles as $corner => $tapes) {
            if (count($tapes) === 3 && max(array_map(static fn (array $t): float => abs($t['m']), $tapes)) <= 2 * self::SIGMA) {
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
        if ($this->suspect !== null) {
            return "Tape {$this->suspect} does not agree with the others: read it again. Without it: ".lcfirst($within);
        }
        if ($this->adjustment->redundancy > 1) {
            return $this->adjustment->agrees() ? $within : 'The tapes do not agree with each other: read them again.';
        }
        if ($this->adjustment->redundancy === 0) {
            return $within.' No tape checks the others: an error would not be seen.';
        }
        $alone = $this->cornersOut();

        return match (true) {
            ! $this->adjustment->agrees(), $out !== [] && count($alone) > 1 => 'The tapes do not agree, and one tape over cannot show '
                .'which is wrong: measure again, or measure more.',
            $out !== [] && count($alone) === 1 => "The triangle without {$alone[0]} is as drawn: {$alone[0]} is out. "
                .'One tape checks the others.',
            default => $within.' One tape checks the others.',
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
     * @param  list<Tape>  $tapes
     *
     * @throws FaultyInput
     */
    private static function check(array $drawn, array $tapes, Held $held): void
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
        $by = [];
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
