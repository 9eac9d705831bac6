<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\Schema;
use Ondergrond\Codec\SizePath;
use Ondergrond\Drawing\Handle;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What helps the hand: sizes to step through, handles to drag, the decimal mark of one's own. */
final class EditingAidsTest extends TestCase
{
    private const SIZES = [
        'slab.thickness_m', 'slab.top_above_grade_m', 'edge_beam.width_m', 'edge_beam.depth_m', 'field_board.thickness_m',
        'perimeter_board.thickness_m',
        'perimeter_board.width_m', 'edge_inside.thickness_m', 'edge_under.thickness_m', 'edge_outside.thickness_m',
        'edge_outside.depth_below_grade_m',
        'sheet.thickness_m', 'stone.thickness_m',
    ];

    public function test_sizes_grow_and_are_ones_that_a_project_may_have(): void
    {
        $schema = json_decode(Schema::Project->text(), true, flags: JSON_THROW_ON_ERROR);
        foreach (UnitSystem::cases() as $system) {
            foreach (self::SIZES as $field) {
                $sizes = SizePath::sold($field, $system);
                self::assertGreaterThan(3, count($sizes), $field);
                $sorted = $sizes;
                sort($sorted);
                self::assertSame(array_unique($sorted), $sizes, $field);
                [$part, $key] = explode('.', $field);
                $rule = $schema['$defs']['design']['properties'][$part];
                $rule = $schema['$defs'][basename($rule['$ref'] ?? '')] ?? $rule;
                $rule = $rule['properties'][$key];
                $rule = $schema['$defs'][basename($rule['$ref'] ?? '')] ?? $rule;
                foreach ($sizes as $size) {
                    self::assertTrue($size >= $rule['minimum'] && $size <= $rule['maximum'], "{$field} {$size}");
                }
            }
            self::assertSame([], SizePath::sold('footprint.area_m2', $system));
        }
    }

    public function test_boards_come_in_the_sizes_that_are_sold(): void
    {
        // Common practice, no source: ½, 1, 1½, 2, 3 and 4 in boards; 50 and 100 mm boards.
        foreach ([0.5, 1, 1.5, 2, 3, 4] as $inches) {
            self::assertContains(round($inches * 0.0254, 9), SizePath::sold('field_board.thickness_m', UnitSystem::InchPound));
        }
        self::assertContains(0.05, SizePath::sold('edge_outside.thickness_m', UnitSystem::Metric));
        self::assertContains(0.1, SizePath::sold('edge_outside.thickness_m', UnitSystem::Metric));
    }

    public function test_a_handle_stands_at_its_size_and_every_stop_reads_back_as_where_it_stands(): void
    {
        $seen = 0;
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                foreach (UnitSystem::cases() as $system) {
                    $format = new QuantityFormatter($system);
                    $drawing = SectionDrawing::of($option->design, $format);
                    foreach ($drawing->items as $item) {
                        if (! $item instanceof Handle) {
                            continue;
                        }
                        $seen++;
                        [$part, $key] = explode('.', $item->field);
                        $size = DesignCodec::toArray($option->design)[$part][$key];
                        // Where a size of nought would stand, by the handle's own place; all grow away from there, most inward or down.
                        $axis = $item->axis === 'x' ? 0 : 1;
                        $way = in_array(
                            $item->field,
                            ['wing.width_m', 'neighbour.width_m', 'stem.top_above_grade_m', 'lining.gap_above_floor_m'],
                            true,
                        ) ? -1 : 1;
                        $nought = $item->at[$axis] + $way * $size;
                        foreach ($item->stops as $stop) {
                            self::assertEqualsWithDelta(
                                $way * ($nought - $stop->at),
                                QuantityParser::parse($stop->size, Quantity::Thickness, $system),
                                0.0002,
                                "{$item->field} {$stop->size}",
                            );
                            self::assertTrue(
                                $stop->at >= $drawing->box[$axis] && $stop->at <= $drawing->box[$axis + 2],
                                'it is on the sheet',
                            );
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(10, $seen);
    }

    public function test_handles_and_field_names_are_for_pages_not_for_files(): void
    {
        $drawing = SectionDrawing::of(Examples::boathouse()->options[0]->design, new QuantityFormatter(UnitSystem::InchPound));
        self::assertStringContainsString('data-stops', SvgWriter::inline($drawing));
        self::assertStringContainsString('data-field="edge_beam.width_m"', SvgWriter::inline($drawing));
        $file = SvgWriter::file($drawing, 'Boathouse', 'sha256:0');
        self::assertStringNotContainsString('data-stops', $file);
        self::assertStringNotContainsString('data-field', $file);
    }

    /** @return iterable<string, array{string, DecimalMark, float|null}> typed, the person's mark, metres or unreadable */
    public static function marked(): iterable
    {
        yield 'a comma is a comma' => ['1,234 m', DecimalMark::Comma, 1.234];
        yield 'a point where it can be nothing else' => ['0.35 m', DecimalMark::Comma, 0.35];
        yield 'thousands with points' => ['1.234,5 mm', DecimalMark::Comma, 1.2345];
        yield 'a point that may stand for thousands' => ['1.234 mm', DecimalMark::Comma, null];
        yield 'a comma that may stand for thousands' => ['1,234 mm', DecimalMark::Point, null];
        yield 'a point is a point' => ['1.234 m', DecimalMark::Point, 1.234];
        yield 'thousands with commas' => ['1,234.5 mm', DecimalMark::Point, 1.2345];
        yield 'a fraction has neither' => ['4 1/2 in', DecimalMark::Comma, 0.1143];
    }

    #[DataProvider('marked')]
    public function test_the_persons_own_mark_settles_what_can_be_read_two_ways(string $typed, DecimalMark $mark, ?float $metres): void
    {
        if ($metres === null) {
            $this->expectException(UnreadableQuantity::class);
        }
        self::assertEqualsWithDelta($metres, QuantityParser::parse($typed, Quantity::Thickness, UnitSystem::Metric, $mark), 1e-12);
    }

    public function test_what_is_written_with_a_comma_is_read_back(): void
    {
        mt_srand(5);
        foreach ([Quantity::Thickness, Quantity::Length, Quantity::Area, Quantity::Temperature, Quantity::Transmittance] as $quantity) {
            foreach (UnitSystem::cases() as $system) {
                $format = new QuantityFormatter($system, DecimalMark::Comma);
                for ($i = 0; $i < 200; $i++) {
                    $si = mt_rand(0, 900_000) / 1e6;
                    $text = $format->format($si, $quantity);
                    self::assertStringNotContainsString('.', $text);
                    $pointed = QuantityParser::parse((new QuantityFormatter($system))->format($si, $quantity), $quantity, $system);
                    self::assertSame($pointed, QuantityParser::parse($text, $quantity, $system, DecimalMark::Comma), $text);
                }
            }
        }
    }
}
