<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\Lumber;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\SidesParser;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return iterable<string, array{string, Quantity, UnitSystem, float}> typed, in what, expected SI by hand */
    public static function readable(): iterable
    {
        $inch = UnitSystem::InchPound;
        $metric = UnitSystem::Metric;
        foreach ([
            ['4 1/2', Quantity::Thickness, $inch, 4.5 * 0.0254],
            ['4-1/2"', Quantity::Thickness, $inch, 4.5 * 0.0254],
            ['4½', Quantity::Thickness, $inch, 4.5 * 0.0254],
            ['1/2 in', Quantity::Thickness, $metric, 0.0127],
            ['4.5in', Quantity::Thickness, $metric, 4.5 * 0.0254],
            ['2\'-6"', Quantity::Thickness, $metric, 30 * 0.0254],
            ['2′ 6″', Quantity::Length, $metric, 30 * 0.0254],
            ['2 ft 6 1/4 in', Quantity::Length, $metric, 30.25 * 0.0254],
            ["2'-6", Quantity::Length, $inch, 30 * 0.0254],
            ['38 mm', Quantity::Thickness, $inch, 0.038],
            ['0,35', Quantity::Length, $metric, 0.35],
            ['0,350', Quantity::Length, $metric, 0.35],
            ['5 cm', Quantity::Thickness, $metric, 0.05],
            ['.5', Quantity::Length, $metric, 0.5],
            ['-2', Quantity::Thickness, $inch, -0.0508],
            ['15 mil', Quantity::SheetThickness, $metric, 15 * 0.0000254],
            ['1,234,567 mm', Quantity::Thickness, $metric, 1234.567],
            ['1290 sq ft', Quantity::Area, $metric, 1290 * 0.3048 ** 2],
            ['−4 °F', Quantity::Temperature, $metric, -20.0],
            ['-20', Quantity::Temperature, $metric, -20.0],
            ['9 °F', Quantity::TemperatureDifference, $metric, 5.0],
            ['0.25 W/(m²K)', Quantity::Transmittance, $inch, 0.25],
            ['600 plf', Quantity::LineLoad, $metric, 600 * 4.4482216152605 / 0.3048 / 1000],
            ['600 lb/ft', Quantity::LineLoad, $metric, 600 * 4.4482216152605 / 0.3048 / 1000],
            ['12', Quantity::LineLoad, $metric, 12.0],
            ['3 kips', Quantity::Force, $metric, 3 * 4.4482216152605],
            ['2000 lbs', Quantity::Force, $metric, 2000 * 4.4482216152605 / 1000],
            ['40 psf', Quantity::AreaLoad, $metric, 40 * 0.0478802589803],
            ['2 kPa', Quantity::AreaLoad, $inch, 2.0],
            // Dressed sizes of the American Softwood Lumber Standard PS 20-20, table 3, dry (from memory).
            ['2x4', Quantity::Thickness, $inch, 3.5 * 0.0254],
            ['2×6', Quantity::Thickness, $metric, 5.5 * 0.0254],
            ['2 X 8', Quantity::Thickness, $inch, 7.25 * 0.0254],
            ['2 by 10', Quantity::Thickness, $inch, 9.25 * 0.0254],
            ['2×12', Quantity::Thickness, $inch, 11.25 * 0.0254],
            ['2x6 flat', Quantity::Thickness, $inch, 1.5 * 0.0254],
            ['1x4 flat', Quantity::Thickness, $inch, 0.75 * 0.0254],
        ] as $row) {
            yield "{$row[0]} as {$row[1]->name}" => $row;
        }
    }

    #[DataProvider('readable')]
    public function test_reads_what_people_write(string $typed, Quantity $quantity, UnitSystem $system, float $si): void
    {
        self::assertEqualsWithDelta($si, QuantityParser::parse($typed, $quantity, $system), 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['  ', 'Nothing is typed here'];
        yield 'words' => ['four', 'can\'t be read as a number'];
        yield 'two numbers' => ['2 6', 'can\'t be read as a number'];
        yield 'a range' => ['2-6', 'can\'t be read as a number'];
        yield 'thousand or decimal' => ['1,200', 'can be read two ways'];
        yield 'divided by nothing' => ['4 1/0', 'can\'t be read as a number'];
        yield 'another kind of unit' => ['4 kg', 'no unit for this'];
        yield 'no lumber' => ['2x7', 'is no size that lumber is sold in'];
        yield 'scientific' => ['1e3', 'can\'t be read as a number'];
        yield 'very long' => [str_repeat('9', 400), 'can\'t be read as a number'];
        yield 'not a number' => ['NaN', 'can\'t be read as a number'];
    }

    #[DataProvider('unreadable')]
    public function test_says_why_it_cannot_read(string $typed, string $why): void
    {
        $this->expectException(UnreadableQuantity::class);
        $this->expectExceptionMessage($why);
        QuantityParser::parse($typed, Quantity::Thickness, UnitSystem::InchPound);
    }

    /** @return iterable<string, array{float, Quantity, UnitSystem, string}> */
    public static function written(): iterable
    {
        foreach ([
            [0.1143, Quantity::Thickness, UnitSystem::InchPound, "4 1/2\u{a0}in"],
            [0.05, Quantity::Thickness, UnitSystem::InchPound, "1.97\u{a0}in"],
            [0.1016, Quantity::Thickness, UnitSystem::Metric, "101.6\u{a0}mm"],
            [0.0, Quantity::Thickness, UnitSystem::InchPound, "0\u{a0}in"],
            [12.6492, Quantity::Length, UnitSystem::InchPound, '41\'-6"'],
            [3.6575, Quantity::Length, UnitSystem::InchPound, '12\'-0"'],
            [-0.0001, Quantity::Temperature, UnitSystem::Metric, '0 °C'],
            [-20.0, Quantity::Temperature, UnitSystem::InchPound, '-4 °F'],
            [0.00038, Quantity::SheetThickness, UnitSystem::Metric, "0.38\u{a0}mm"],
            [0.0288, Quantity::Conductivity, UnitSystem::Metric, "0.0288\u{a0}W/(m·K)"],
            [1.5, Quantity::Conductivity, UnitSystem::Metric, "1.50\u{a0}W/(m·K)"],
            // 1.5 ÷ 1.730735 by hand.
            [1.5, Quantity::Conductivity, UnitSystem::InchPound, "0.867\u{a0}Btu/(h·ft·°F)"],
            [1000.0, Quantity::Power, UnitSystem::InchPound, "3412\u{a0}Btu/h"],
            [0.6, Quantity::Ratio, UnitSystem::Metric, '0.6'],
        ] as $row) {
            yield $row[3].' '.$row[1]->name => $row;
        }
    }

    #[DataProvider('written')]
    public function test_writes_for_people(float $si, Quantity $quantity, UnitSystem $system, string $text): void
    {
        self::assertSame($text, (new QuantityFormatter($system))->format($si, $quantity));
    }

    public function test_what_it_writes_it_reads_back(): void
    {
        mt_srand(7);
        foreach ([
            Quantity::Thickness, Quantity::Length, Quantity::SheetThickness, Quantity::Area, Quantity::Temperature,
            Quantity::TemperatureDifference, Quantity::Transmittance,
        ] as $quantity) {
            foreach (UnitSystem::cases() as $system) {
                $format = new QuantityFormatter($system);
                // Half of the last digit written, in SI; fractions of an inch are finer.
                $least = 0.51 * 10 ** -$quantity->decimals($system) * (
                    $quantity === Quantity::Length
                    && $system === UnitSystem::InchPound ? 0.0254 : $quantity->unit($system)->factor
                );
                for ($i = 0; $i < 300; $i++) {
                    $si = mt_rand(0, 3_000_000) / 1e6;
                    $text = $format->format($si, $quantity);
                    self::assertEqualsWithDelta($si, QuantityParser::parse($text, $quantity, $system), $least, "{$si} → {$text}");
                }
            }
        }
    }

    public function test_a_tape_is_read_to_its_marks(): void
    {
        $inch = new QuantityFormatter(UnitSystem::InchPound);
        // 3.88 ft of a rod is 3 ft and 10.56 in: by hand.
        self::assertSame('3\'-10 9/16"', $inch->taped(3.88 * 0.3048));
        self::assertSame('7\'-0"', $inch->taped(6 * 0.3048 + 11.98 * 0.0254));
        self::assertSame("12.346\u{a0}m", (new QuantityFormatter(UnitSystem::Metric))->taped(12.3456));
        for ($i = 0; $i < 2000; $i++) {
            $m = mt_rand(-20_000_000, 100_000_000) / 1e6;
            $text = $inch->taped($m);
            self::assertStringNotContainsString('.', $text);
            $read = QuantityParser::parse($text, Quantity::Length, UnitSystem::InchPound);
            self::assertEqualsWithDelta($m, $read, 0.0254 / 32 + 1e-9, $text);
        }
    }

    public function test_lumber_is_called_by_its_depth(): void
    {
        foreach ([4, 6, 8, 10, 12, 14] as $name) {
            $depth = QuantityParser::parse("2x{$name}", Quantity::Thickness, UnitSystem::InchPound);
            self::assertSame("2×{$name}", Lumber::called($depth));
        }
        self::assertNull(Lumber::called(0.22));
        $this->expectException(UnreadableQuantity::class);
        QuantityParser::parse('2x12', Quantity::Length, UnitSystem::InchPound);
    }

    public function test_counts_are_parted_from_five_figures_on(): void
    {
        foreach ([999 => '999', 1456 => '1456', 12345 => "12\u{a0}345", 1234567 => "1\u{a0}234\u{a0}567"] as $number => $text) {
            self::assertSame($text, DecimalMark::Comma->grouped((float) $number));
        }
        self::assertSame("12\u{a0}345,60", DecimalMark::Comma->grouped(12345.6, 2));
        self::assertSame('1234.50', DecimalMark::Point->grouped(1234.5, 2));
    }

    public function test_two_sides_are_read_as_they_are_said(): void
    {
        $feet = static fn (float $a, float $b): array => [$a * 0.3048, $b * 0.3048];
        foreach ([
            ['9 x 14 m', UnitSystem::InchPound, [9.0, 14.0]],
            ["30' x 46'", UnitSystem::Metric, $feet(30, 46)],
            ['9x14', UnitSystem::Metric, [9.0, 14.0]],
            ['9x14', UnitSystem::InchPound, $feet(9, 14)],
            ['9 × 14,5 m', UnitSystem::Metric, [9.0, 14.5]],
            ['30\'-6" x 46', UnitSystem::Metric, $feet(30.5, 46)],
            ['900 cm by 14 m', UnitSystem::Metric, [9.0, 14.0]],
            ['9000*14000 mm', UnitSystem::Metric, [9.0, 14.0]],
        ] as [$typed, $system, $sides]) {
            self::assertEqualsWithDelta($sides, SidesParser::parse($typed, $system), 1e-9, $typed);
        }
        foreach (['', '9', 'x 14', '9 x 14 x 3', '9 x long', str_repeat('9', 130).' x 1', "9 \x00 14"] as $typed) {
            try {
                SidesParser::parse($typed, UnitSystem::Metric);
                self::fail("read: {$typed}");
            } catch (UnreadableQuantity $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }
}
