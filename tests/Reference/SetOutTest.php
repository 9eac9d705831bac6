<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Shape;
use Ondergrond\SetOut\BaseLine;
use Ondergrond\SetOut\Held;
use Ondergrond\SetOut\PegCheck;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Tape;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/**
 * Squaring up and levelling against worked examples that were computed independently, with another program's least squares;
 * each is checkable by hand: plane geometry, the normal equations of an adjustment, rods by addition.
 */
final class SetOutTest extends TestCase
{
    public function test_two_diagonals_that_differ_show_a_shear(): void
    {
        $square = $this->rectangle('12 8 12.001 8.001 14.437 14.407');
        self::assertSame(1, $square->adjustment->redundancy);
        self::assertEqualsWithDelta(0.4453, $square->adjustment->deviation, 5e-5);
        foreach (['B' => [0.371, 0.0], 'C' => [-18.492, 0.269], 'D' => [-17.863, -0.733]] as $corner => $move) {
            self::assertMove($square, $corner, $move);
        }
        self::assertTrue($square->isPlaced());
        self::assertSame('Out of tolerance: C, D. One tape checks the others.', $square->words());
        // In the head: e = (d₁² − d₂²)/(4 L), both corners together.
        self::assertEqualsWithDelta(18.0275, 1000 * (14.437 ** 2 - 14.407 ** 2) / 48, 1e-4);
    }

    public function test_one_corner_that_is_out_is_found_by_the_triangle_without_it(): void
    {
        $square = $this->rectangle('12 8.010 12.015 8 14.440 14.422');
        self::assertEqualsWithDelta(0.1067, $square->adjustment->deviation, 5e-5);
        self::assertMove($square, 'C', [-14.897, -9.927]);
        self::assertLessThanOrEqual(0.0895, 1000 * hypot(...$square->adjustment->moves['D']));
        self::assertSame(['C'], $square->cornersOut());
        foreach ([
            'C' => [0.0, 0.0, -0.2], 'A' => [10.0, 15.0, -0.2], 'B' => [15.0, 0.0, 17.8], 'D' => [0.0, 10.0, 17.8],
        ] as $corner => $mm) {
            self::assertEqualsWithDelta($mm, array_map(static fn (array $t): float => 1000 * $t['m'], $square->triangles[$corner]), 0.06);
        }
        self::assertStringContainsString('C is out', $square->words());
    }

    public function test_a_misread_tape_among_six_cannot_be_placed(): void
    {
        $square = $this->rectangle('12 8.010 12 8 14.422 14.422');
        self::assertEqualsWithDelta(1.4892, $square->adjustment->deviation, 5e-5);
        self::assertMove($square, 'C', [4.577, -9.173]);
        self::assertMove($square, 'D', [3.334, 0.828]);
        self::assertEqualsWithDelta([.1730, .0769, .1730, .0771, .25, .25], $square->adjustment->shares, 5e-5);
        foreach ($square->adjustment->normalised as $value) {
            self::assertEqualsWithDelta(1.489, abs($value ?? 0.0), 5e-4);
        }
        self::assertNull($square->suspect);
        self::assertFalse($square->isPlaced());
        self::assertStringContainsString('measure again', $square->words());
    }

    public function test_enough_tapes_round_an_l_name_the_corner_and_the_tape(): void
    {
        $square = $this->l(10.296);
        self::assertSame(5, $square->adjustment->redundancy);
        self::assertEqualsWithDelta(0.0927, $square->adjustment->deviation, 5e-5);
        self::assertMove($square, 'D', [0.081, 13.967]);
        self::assertNull($square->suspect);
        self::assertSame('Out of tolerance: D.', $square->words());
        foreach (['A', 'B', 'C', 'E', 'F'] as $corner) {
            self::assertLessThanOrEqual(0.245, 1000 * hypot(...$square->adjustment->moves[$corner]));
        }

        $square = $this->l(10.326);
        self::assertEqualsWithDelta(3.9136, $square->adjustment->deviation, 5e-5);
        $by = array_combine(array_map(static fn (Tape $t): string => $t->name(), $square->tapes), $square->adjustment->normalised);
        foreach (['B–E' => -8.75, 'E–F' => -6.22, 'D–E' => 5.60, 'F–A' => -4.81, 'B–D' => 4.59] as $tape => $value) {
            self::assertEqualsWithDelta($value, $by[$tape], 0.005, $tape);
        }
        self::assertSame('B–E', $square->suspect);
        self::assertEqualsWithDelta(0.0711, $square->without?->deviation, 5e-5);
        self::assertMove($square, 'D', [0.045, 14.128]);
        self::assertMove($square, 'E', [-0.263, 0.038]);
        self::assertSame('Tape B–E does not agree with the others: read it again. Without it: out of tolerance: D.', $square->words());
    }

    public function test_tapes_from_two_pegs_and_the_angle_they_cut_at(): void
    {
        $line = new BaseLine(new Pegs(0, 0, 20, 0));
        foreach ([[4, 3, 5.0, 16.278821], [16, 11, 19.416488, 11.704700], [9.450, 5.275, 10.822575, 11.795259]] as [$x, $y, $p, $q]) {
            self::assertEqualsWithDelta($p, $line->fromP($x, $y), 5e-7);
            self::assertEqualsWithDelta($q, $line->fromQ($x, $y), 5e-7);
            self::assertEqualsWithDelta([$x, $y], [$line->along($x, $y), $line->across($x, $y)], 1e-9);
        }
        self::assertEqualsWithDelta(124.265, $line->cut(9.450, 5.275), 5e-4);
        self::assertTrue($line->fixes(9.450, 5.275));
        self::assertFalse($line->fixes(10.0, 1.0), 'cuts at more than 150°');
        self::assertFalse($line->fixes(10.0, 60.0), 'cuts below 30°');
        // A cold steel tape is short and reads long (11.6e-6/K).
        self::assertEqualsWithDelta(7.07136, 1000 * (Tape::reads(30.48, 0.0) - 30.48), 0.002);
        self::assertEqualsWithDelta(30.48, Tape::corrected(30.48 + 0.00707136, 0.0), 2e-6);
    }

    public function test_levels_by_rod(): void
    {
        $rods = Rods::from(10.000, 1.482);
        self::assertEqualsWithDelta(11.482, $rods->instrument(), 1e-9);
        foreach ([
            '10.300' => 1.182, '10.200' => 1.282, '10.100' => 1.382, '9.950' => 1.532, '9.720' => 1.762, '9.585' => 1.897,
        ] as $level => $rod) {
            self::assertEqualsWithDelta($rod, $rods->rod((float) $level), 1e-9);
        }
        foreach (['1.379' => 3, '1.386' => -4, '1.381' => 1, '1.393' => -11, '1.375' => 7] as $read => $mm) {
            self::assertEqualsWithDelta($mm, 1000 * $rods->deviation(10.100, (float) $read), 1e-6);
        }
        $second = $rods->moved(2.115, 0.937);
        self::assertEqualsWithDelta(10.304, $second->instrument(), 1e-9);
        $closed = $second->closed(10.000, 0.308);
        self::assertEqualsWithDelta(-0.004, $closed->misclosure, 1e-9);
        self::assertEqualsWithDelta(10.306, $closed->instrument(), 1e-9);
        self::assertTrue($closed->isWithin(), '±3 mm a set-up');
        self::assertFalse($second->closed(10.000, 0.311)->isWithin());
        self::assertEqualsWithDelta([9.369], $closed->turnings, 1e-9, 'the turning point, shared');
        self::assertEqualsWithDelta([9.367], $second->turnings, 1e-9);
        $test = PegCheck::of(36.0, [1.432, 1.108], [1.561, 1.245]);
        self::assertEqualsWithDelta([0.324, 0.316, 0.00667], [$test->true, $test->found, $test->error], 5e-6);
        self::assertFalse($test->isWithin());
        self::assertSame(
            "3.88\u{a0}ft (3'-10 9/16\")",
            (new QuantityFormatter(UnitSystem::InchPound))->rod(0.3048 * Rods::from(100.0, 4.86)->rod(100.98)),
        );
        self::assertEqualsWithDelta(3.88, Rods::from(100.0, 4.86)->rod(100.98), 1e-9);
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([
            '120 8 12 8 14.422 14.422' => '10 times what was drawn: the decimal point?',
            '304.8 8 12 8 14.422 14.422' => '25.4 times what was drawn',
            '12 8 12 8 20.6 14.422' => 'at most 20',
            '12 8 12 8' => 'at least 5',
        ] as $tapes => $said) {
            try {
                $this->rectangle($tapes);
                self::fail($said);
            } catch (FaultyInput $e) {
                self::assertStringContainsString($said, implode(' ', array_map(static fn ($f) => $f->line(), $e->faults)));
            }
        }
    }

    private function rectangle(string $read): SquareUp
    {
        $tapes = [];
        foreach (explode(' ', $read) as $i => $m) {
            $tapes[] = new Tape('ABCDAB'[$i], 'BCDACD'[$i], (float) $m);
        }

        return SquareUp::of(Outline::of(Shape::Rectangle->corners(['length_m' => 12.0, 'width_m' => 8.0])), $tapes, new Held('A', 'B'));
    }

    private function l(float $be): SquareUp
    {
        $tapes = [];
        foreach ([
            'AB' => 12.0, 'BC' => 5.0, 'CD' => 5.0, 'DE' => 4.014, 'EF' => 7.0, 'FA' => 9.0, 'AC' => 13.0, 'AD' => 8.594, 'AE' => 11.402,
            'BD' => 7.061, 'BE' => $be, 'BF' => 15.0, 'CF' => 12.649, 'DF' => 8.069,
        ] as $pair => $m) {
            $tapes[] = new Tape($pair[0], $pair[1], $m);
        }
        $l = Shape::L->corners(['length_m' => 12.0, 'width_m' => 9.0, 'part_length_m' => 5.0, 'part_width_m' => 4.0]);

        return SquareUp::of(Outline::of($l), $tapes, new Held('A', 'B'));
    }

    /** @param  array{float, float}  $mm */
    private static function assertMove(SquareUp $square, string $corner, array $mm): void
    {
        $move = $square->best()->moves[$corner];
        self::assertEqualsWithDelta($mm, [1000 * $move[0], 1000 * $move[1]], 6e-4, $corner);
    }
}
