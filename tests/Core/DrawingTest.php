<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Part;
use Ondergrond\Drawing\Area;
use Ondergrond\Drawing\Clip;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Drawing\Text;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Window;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

final class DrawingTest extends TestCase
{
    /** 4 in slab 8 in over ground, beam 16 × 24 in, boards 2, 4, 4, 4 and 6 in, worked out by hand from the slab's top. */
    public function test_parts_lie_where_a_tape_would_find_them(): void
    {
        $section = EdgeSection::of(Examples::boathouse()->options[0]->design, new Window(2.0, 1.0, 1.0, 1.5));
        $inches = [];
        foreach ($section->regions as $region) {
            if ($region->part !== null && $region->part !== Part::Wall && $region->part !== Part::Stone) {
                // The outside board is two regions, one of them wet.
                [$x0, $y0, $x1, $y1] = array_map(static fn (float $m): float => round($m / 0.0254, 6), $region->extent());
                $before = $inches[$region->part->value] ?? [$x0, $y0, $x1, $y1];
                $inches[$region->part->value] = [min($before[0], $x0), min($before[1], $y0), max($before[2], $x1), max($before[3], $y1)];
            }
        }
        $left = round(-2.0 / 0.0254, 6);
        self::assertEquals([
            'edge_under' => [-20.0, -20.0, 0.0, -16.0],
            'edge_inside' => [-20.0, -16.0, -16.0, 4.0],
            'field_board' => [$left, 2.0, -44.0, 4.0],
            'perimeter_board' => [-44.0, 0.0, -20.0, 4.0],
            'slab' => [$left, -16.0, 0.0, 8.0],
            'edge_outside' => [0.0, -16.0, 6.0, 8.0],
        ], $inches);
        $at = $section->layout;
        self::assertEqualsWithDelta(
            [8, 4, -16, -6, -26],
            array_map(static fn (float $m): float => $m / 0.0254, [$at->slab, $at->under, $at->foot, $at->dig, $at->trench]),
            1e-9,
        );
    }

    public function test_the_line_between_two_board_products_is_drawn_with_both_strengths(): void
    {
        $design = Examples::boathouse()->options[0]->design;
        $boundary = static fn (string $bearing): array => array_values(array_filter(
            SectionDrawing::of(
                DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray($design), ['edge_under' => ['material' => $bearing]])),
                new QuantityFormatter(UnitSystem::InchPound),
            )->items,
            static fn ($i): bool => $i->role === Role::Boundary && $i->part === 'edge_under',
        ));
        [$line, $inner, $outer] = $boundary('xps-40psi');
        self::assertInstanceOf(Strokes::class, $line);
        // The tray ends 20 in from the edge: 16 in of beam and 4 in of board.
        self::assertEqualsWithDelta([-20.0, -20.0], array_map(static fn (array $p): float => $p[0] / 0.0254, $line->lines[0]), 1e-6);
        self::assertInstanceOf(Text::class, $inner);
        self::assertInstanceOf(Text::class, $outer);
        self::assertSame(["25\u{a0}psi", "40\u{a0}psi"], [$inner->text, $outer->text]);
        self::assertLessThan($outer->at[0], $inner->at[0], 'each on its own side');
        [, , $soft] = $boundary('stone-wool-board');
        self::assertSame('soft', $soft instanceof Text ? $soft->text : '');
        self::assertSame([], $boundary('xps-25psi'), 'one product, no line');
    }

    public function test_a_sheet_that_is_cut_off_does_not_turn_up(): void
    {
        $top = static function (string $edge): float {
            $design = DesignCodec::fromArray(
                array_replace_recursive(DesignCodec::toArray(Examples::boathouse()->options[0]->design), ['sheet' => ['edge' => $edge]]),
            );
            foreach (EdgeSection::of($design, new Window(2.0, 1.0, 1.0, 1.5))->courses as $course) {
                if ($course->part === Part::Sheet) {
                    return $course->path[count($course->path) - 1][1] / 0.0254;
                }
            }
            self::fail('no sheet');
        };
        self::assertEqualsWithDelta(8.0, $top('turned-up'), 1e-9, 'to the slab’s top');
        self::assertEqualsWithDelta(-16.0, $top('cut-off'), 1e-9, 'ends under the beam');
    }

    public function test_a_bevel_is_never_larger_than_its_board(): void
    {
        foreach ([[0.1, 0.05, 0.05], [0.03, 0.05, 0.03], [0.0, 0.05, 0.0]] as [$thick, $bevel, $cut]) {
            $design = DesignCodec::fromArray(
                array_replace_recursive(
                    DesignCodec::toArray(Examples::boathouse()->options[0]->design),
                    ['edge_inside' => ['thickness_m' => $thick, 'bevel_m' => $bevel]],
                ),
            );
            self::assertEqualsWithDelta($cut, $design->edgeInside->cut(1.0), 1e-12);
            self::assertEqualsWithDelta(min(0.02, $cut), $design->edgeInside->cut(0.02), 1e-12, 'nor than it is high');
        }
    }

    public function test_the_sheet_follows_its_school(): void
    {
        $design = Examples::boathouse()->options[0]->design;
        $window = new Window(2.0, 1.0, 1.0, 1.5);
        $below = DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray($design), ['sheet' => ['position' => 'below']]));
        $foot = static function (EdgeSection $s): float {
            foreach ($s->courses as $course) {
                if ($course->part === Part::Sheet) {
                    return round(min(array_column($course->path, 1)) / 0.0254, 6);
                }
            }

            return INF;
        };
        self::assertSame(-16.0, $foot(EdgeSection::of($design, $window)), 'above the boards it hugs the concrete');
        self::assertSame(-20.0, $foot(EdgeSection::of($below, $window)), 'below them it runs under the beam’s board');
        self::assertSame([Part::Stone, Part::Sheet], array_slice(Part::layingOrder($below), 0, 2));
    }

    public function test_a_segment_is_cut_at_its_polygons(): void
    {
        $ell = [[0.0, 0.0], [4.0, 0.0], [4.0, 1.0], [1.0, 1.0], [1.0, 3.0], [0.0, 3.0]];
        $pit = [[2.0, -1.0], [3.0, -1.0], [3.0, 0.75], [2.0, 0.75]];
        self::assertEquals([[[0.0, 2.0], [1.0, 2.0]]], (new Clip($ell, []))->pieces([-1.0, 2.0], [5.0, 2.0]));
        self::assertEquals([[[0.0, 0.5], [2.0, 0.5]], [[3.0, 0.5], [4.0, 0.5]]], (new Clip($ell, [$pit]))->pieces([-1.0, 0.5], [9.0, 0.5]));
        self::assertSame([], (new Clip($ell, []))->pieces([2.0, 2.0], [3.0, 2.0]));
    }

    public function test_hatches_stay_inside_their_own_part(): void
    {
        foreach (self::drawings() as $drawing) {
            $areas = array_values(array_filter($drawing->items, static fn ($i): bool => $i instanceof Area));
            $hatches = array_filter($drawing->items, static fn ($i): bool => $i instanceof Strokes && $i->role === Role::Hatch);
            self::assertGreaterThan(5, count($hatches));
            foreach ($hatches as $hatch) {
                foreach (array_slice($hatch->lines, 0, 60) as $line) {
                    $middle = [($line[0][0] + $line[1][0]) / 2, ($line[0][1] + $line[1][1]) / 2];
                    $top = array_values(array_filter($areas, static fn (Area $a): bool => Clip::contains($a->polygon, $middle)));
                    self::assertSame($hatch->part, end($top) === false ? 'nothing' : end($top)->part);
                }
            }
        }
    }

    public function test_dimensions_speak_the_units_and_flags_the_order(): void
    {
        $design = Examples::boathouse()->options[0]->design;
        $words = static fn (UnitSystem $s, Role $role): array => array_map(
            static fn (Text $t): string => str_replace("\u{a0}", ' ', $t->text),
            array_values(
                array_filter(
                    SectionDrawing::of($design, new QuantityFormatter($s))->items,
                    static fn ($i): bool => $i instanceof Text && $i->role === $role,
                ),
            ),
        );
        self::assertSame(
            ['24 in', '16 in', '24 in', '8 in', '16 in', '4 in', '2 in', '8 in'],
            $words(UnitSystem::InchPound, Role::Dimension),
        );
        self::assertSame(
            ['609.6 mm', '406.4 mm', '609.6 mm', '203.2 mm', '406.4 mm', '101.6 mm', '50.8 mm', '203.2 mm'],
            $words(UnitSystem::Metric, Role::Dimension),
        );
        self::assertSame(array_map(strval(...), range(1, 10)), $words(UnitSystem::Metric, Role::Flag));
    }

    public function test_svg_is_true_to_scale(): void
    {
        $project = Examples::boathouse();
        $drawing = SectionDrawing::of($project->options[0]->design, new QuantityFormatter(UnitSystem::InchPound));
        $document = new DOMDocument;
        self::assertTrue($document->loadXML(SvgWriter::file($drawing, $project->name, 'sha256:0')));
        $root = $document->documentElement;
        self::assertNotNull($root);
        [, , $width] = explode(' ', $root->getAttribute('viewBox'));
        $unitsPerMillimetre = (float) $width / (float) $root->getAttribute('width');

        $paths = new DOMXPath($document);
        $paths->registerNamespace('s', 'http://www.w3.org/2000/svg');
        $beam = $paths->query('//s:path[@class="area" and @data-part="edge_under"]');
        self::assertInstanceOf(DOMElement::class, $path = $beam === false ? null : $beam->item(0));
        preg_match_all('~[ML]([\d.]+) ([\d.]+)~', $path->getAttribute('d'), $at);
        $x = array_map(floatval(...), $at[1]);
        self::assertCount(4, $x);
        sort($x);
        $across = ($x[3] - $x[0]) / $unitsPerMillimetre;
        // The board under the beam is 20 in wide: 508 mm, at the drawing's scale.
        self::assertEqualsWithDelta(508 / $drawing->scale, $across, 0.05);
        self::assertStringContainsString('licensed engineer', $document->textContent);
    }

    public function test_every_size_finds_a_scale(): void
    {
        $small = self::drawing(
            [
                'edge_beam' => ['depth_m' => 0.2],
                'perimeter_board' => ['width_m' => 0.0],
                'edge_outside' => ['depth_below_grade_m' => 0.0],
                'slab' => ['top_above_grade_m' => 0.05],
            ],
        );
        $large = self::drawing(
            [
                'edge_beam' => ['depth_m' => 3.0, 'width_m' => 2.0],
                'perimeter_board' => ['width_m' => 3.0],
                'edge_outside' => ['depth_below_grade_m' => 3.0],
                'stone' => ['thickness_m' => 1.5],
            ],
        );
        self::assertLessThan($large->scale, $small->scale);
        foreach ([$small, $large] as $drawing) {
            self::assertEqualsWithDelta(
                SectionDrawing::ABOVE_DATUM * $drawing->scale / 1000,
                $drawing->box[3],
                1e-9,
                'the ground line stays at its height',
            );
        }
    }

    /** @return list<Drawing> */
    private static function drawings(): array
    {
        return array_map(
            static fn ($p): Drawing => SectionDrawing::of($p->options[0]->design, new QuantityFormatter($p->units)),
            Examples::all(),
        );
    }

    /** @param  array<string, array<string, float>>  $parts */
    private static function drawing(array $parts): Drawing
    {
        $data = array_replace_recursive(DesignCodec::toArray(Examples::boathouse()->options[0]->design), $parts);

        return SectionDrawing::of(DesignCodec::fromArray($data), new QuantityFormatter(UnitSystem::Metric));
    }
}
