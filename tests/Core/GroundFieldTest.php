<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Drawing\Isotherm;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Drawing\Text;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Substance;
use Ondergrond\Ground\Edge;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Ground\Silhouette;
use Ondergrond\Site\Site;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** From a design on its site to the problem that the field engine solves, and back to months and watts. */
final class GroundFieldTest extends TestCase
{
    public function test_every_face_gets_its_space_and_its_surface_resistance(): void
    {
        [$site, $design] = self::given();
        $problem = SectionProblem::of($site, $design, 1.5);
        $length = $resistance = [];
        foreach ($problem->boundaries as $b) {
            $length[$b->name] = ($length[$b->name] ?? 0.0) + abs($b->x1 - $b->x0) + abs($b->y1 - $b->y0);
            $resistance[$b->name] = $b->resistance;
        }
        self::assertEqualsWithDelta(
            $design->footprint->area / $design->footprint->exposed,
            $length['floor'] + $length['floor along the wall'],
            1e-4,
            'half the floor’s width',
        );
        self::assertEqualsWithDelta(SectionProblem::WALL, $length['wall inside'], 1e-4);
        // The wall's height, the board's edge above ground, and the render that passes over it.
        self::assertEqualsWithDelta(
            SectionProblem::WALL + $design->slab
                ->topAboveGrade + $design
                ->wall
                ->outsideThickness() - $design
                ->edgeOutside
                ->layer
                ->thickness,
            $length['wall outside'],
            1e-3,
        );
        self::assertSame(
            ['floor' => 0.17, 'floor along the wall' => 0.17, 'ground outside' => 0.04, 'wall inside' => 0.13, 'wall outside' => 0.04],
            self::sorted($resistance),
        );
        self::assertEquals($problem, SectionFile::read(SectionFile::write($problem)), 'what is written reads back the same');
    }

    public function test_a_silhouette_knows_its_spaces(): void
    {
        $solid = new Substance('any', 1.0);
        // A box with a hollow and a step at its right: left of it there is nothing, above it the room, right of the step the outside.
        $edges = Silhouette::of([
            Patch::rectangle($solid, 0, 0, 3, 1), Patch::rectangle(null, 0.5, 0.25, 1, 0.75), Patch::rectangle($solid, 1.5, 1, 2, 2),
        ])->edges;
        $found = array_map(static fn (Edge $e): array => [$e->space, $e->faces, $e->x0, $e->y0, $e->x1, $e->y1], $edges);
        foreach ([
            [0, 'up', 0.0, 1.0, 1.5, 1.0], [0, 'left', 1.5, 1.0, 1.5, 2.0], [2, 'right', 2.0, 1.0, 2.0, 2.0], [2, 'up', 2.0, 1.0, 3.0, 1.0],
            [1, 'up', 0.5, 0.25, 1.0, 0.25], [1, 'down', 0.5, 0.75, 1.0, 0.75], [
                1, 'right', 0.5, 0.25, 0.5, 0.75,
            ], [1, 'left', 1.0, 0.25, 1.0, 0.75],
        ] as $edge) {
            self::assertContains($edge, $found);
        }
        self::assertCount(8, $found);
    }

    public function test_a_slab_above_the_ground_stands_on_filled_ground(): void
    {
        [$site, $design] = self::given(
            ['slab' => ['top_above_grade_m' => 0.6], 'edge_beam' => ['depth_m' => 0.8], 'stone' => ['thickness_m' => 0.1]],
        );
        $field = GroundField::of($site, $design);
        self::assertNotNull($field->temperatureAt(-1.5, 0.2, 1.0), 'no hollow under the floor');
        self::assertNull($field->temperatureAt(-1.5, 0.8, 1.0), 'the room is no ground');
        self::assertGreaterThan($field->site->climate->monthly[0], $field->temperatureAt(-1.5, 0.2, 1.0));
    }

    /** Rock outside is rock outside: the cellar that was blasted into it is still a room, and loses more through it. */
    public function test_rock_does_not_fill_a_cellar(): void
    {
        $project = Examples::of('heated-basement') ?? self::fail('no such family');
        $on = static fn (?float $ledge): GroundField => GroundField::of(
            SiteCodec::fromArray(array_replace_recursive(SiteCodec::toArray($project->site), ['frost' => ['ledge_m' => $ledge]])),
            $project->options[0]->design,
            yearly: false,
        );
        [$soil, $rock] = [$on(null)->shares(), $on(0.5)->shares()];
        self::assertSame(array_keys($soil), array_keys($rock), 'the same faces of the same rooms');
        self::assertGreaterThan($soil['floor'], $rock['floor']);
        self::assertGreaterThan(array_sum($soil), array_sum($rock));
        self::assertNull($on(0.5)->meanAt(-1.5, -1.0), 'air in the cellar');
        self::assertNotNull($on(0.5)->meanAt(1.5, -1.0), 'rock outside it');
    }

    public function test_the_year_swings_about_its_mean_and_the_ground_follows_late(): void
    {
        [$site, $design] = self::given();
        $field = GroundField::of($site, $design);
        $outdoor = $site->climate->wave();
        // Open ground far from the building: about the air at its surface, less swing and later with depth.
        $lowest = static function (float $y) use ($field): int {
            $months = array_map(static fn (int $m): float => $field->temperatureAt(15.0, $y, (float) $m) ?? INF, range(1, 12));

            return 1 + (int) array_search(min($months), $months, true);
        };
        self::assertEqualsWithDelta($outdoor->mean, $field->meanAt(15.0, 0.0), 0.4);
        self::assertGreaterThanOrEqual($lowest(0.0) + 1, $lowest(-2.0));
        $swing = static fn (float $y): float => $field->solution->amplitudeAt(15.0, $y)?->modulus() ?? 0.0;
        self::assertLessThan($outdoor->amplitude, $swing(0.0));
        self::assertEqualsWithDelta(
            $swing(0.0) * exp(-2 / sqrt(31_557_600 * 1.5 / (M_PI * 3e6))),
            $swing(-2.0),
            0.03 * $swing(0.0),
            'e^(−z/δ), as in open ground',
        );
        self::assertEqualsWithDelta(
            $field->temperatureAt(-0.3, -1.0, 2.5),
            $field->temperatureAt(-0.3, -1.0, 14.5),
            1e-9,
            'a year later it is the same',
        );
    }

    public function test_a_site_without_a_difference_or_a_swing_is_solved_too(): void
    {
        [$site, $design] = self::given();
        $level = new Site('', $site->climate, $site->soil, $site->climate->wave()->mean);
        self::assertEqualsWithDelta(0.0, array_sum(Assessor::assess($level, $design)->field->monthly) / 12, 1e-6);
        $swinging = new Site('', $site->climate, $site->soil, 19.0, 2.0);
        $calm = Assessor::assess($site, $design)->field;
        $field = Assessor::assess($swinging, $design)->field;
        self::assertLessThan($calm->swing->modulus(), $field->swing->modulus(), 'a room that is cooler in winter loses less then');
        self::assertContains('The swing of the room is in both.', $field->reasons());
        self::assertStringContainsString(',', implode(array_slice($field->reasons(DecimalMark::Comma), 2, 1)));
    }

    public function test_a_gap_at_the_foot_of_the_board_is_found_and_named(): void
    {
        [$site, $design] = self::given();
        $gap = Assessor::assess($site, $design)->field;
        [, $deeper] = self::given(
            [
                'edge_outside' => [
                    'depth_below_grade_m' => $design->edgeBeam->depth - $design->slab->topAboveGrade + $design->edgeUnder->thickness,
                ],
            ],
        );
        $closed = Assessor::assess($site, $deeper)->field;
        self::assertLessThan(0.97 * $gap->transmittance(), $closed->transmittance());
        self::assertStringContainsString('ends above the foot', implode($gap->reasons()));
        self::assertStringNotContainsString('ends above the foot', implode($closed->reasons()));
    }

    public function test_isotherms_are_drawn_in_the_persons_degrees_with_freezing_among_them(): void
    {
        [$site, $design] = self::given();
        $field = GroundField::of($site, $design);
        foreach (UnitSystem::cases() as $system) {
            $items = Isotherm::items($field, 1.0, [-1.5, -1.5, 1.5, 1.0], 0.016, new QuantityFormatter($system));
            $frost = array_filter($items, static fn ($i): bool => $i instanceof Strokes && $i->role === Role::Frost);
            self::assertCount(1, $frost);
            $words = array_map(static fn ($i): string => $i instanceof Text ? $i->text : '', $items);
            self::assertContains($system === UnitSystem::Metric ? '0°' : '32°', $words);
            foreach ($items as $item) {
                if ($item instanceof Strokes && $item->role === Role::Frost) {
                    foreach ([$item->lines[0][0], $item->lines[0][3]] as [$x, $y]) {
                        self::assertEqualsWithDelta(0.0, $field->temperatureAt($x, $y, 1.0), 1e-6);
                    }
                }
            }
        }
        self::assertNotSame(
            [],
            array_filter(SectionProblem::of($site, $design, 1.5)->boundaries, static fn (Boundary $b): bool => $b->amplitude->re < 0.0),
            'colder than the mean at the coldest moment',
        );
    }

    public function test_labels_stand_where_that_temperature_is_on_narrow_floors_too(): void
    {
        $format = new QuantityFormatter(UnitSystem::Metric);
        foreach (Examples::all() as $project) {
            $field = GroundField::of($project->site, $project->options[0]->design);
            $drawing = SectionDrawing::of($project->options[0]->design, $format);
            $labels = array_values(
                array_filter(
                    Isotherm::items($field, 1.0, $drawing->box, $drawing->paper(), $format),
                    static fn ($i): bool => $i instanceof Text && $i->role !== Role::Middle,
                ),
            );
            if ($project->options[0]->design->edgeBeam->present()) {
                self::assertSame([], array_diff(['start', 'middle', 'end'], array_column($labels, 'anchor')), $project->name);
            }
            foreach ($labels as $i => $label) {
                [$x, $y] = $label->at;
                self::assertEqualsWithDelta((float) $label->text, $field->temperatureAt($x, $y, 1.0), 0.02);
                self::assertTrue($x > $drawing->box[0] && $x < $drawing->box[2] && $y > $drawing->box[1] && $y < $drawing->box[3]);
                foreach (array_slice($labels, $i + 1) as $other) {
                    // Writing 3 mm high and, with its sign, 7 mm wide.
                    self::assertTrue(
                        abs($x - $other->at[0]) > 0.007 * $drawing->scale || abs($y - $other->at[1]) > 0.003 * $drawing->scale,
                        "{$label->text} on {$other->text}",
                    );
                }
            }
        }
    }

    /**
     * @param  array<string, array<string, float>>  $changes
     * @return array{Site, Design}
     */
    private static function given(array $changes = []): array
    {
        $project = Examples::boathouse();

        return [
            $project->site,
            DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray($project->options[0]->design), $changes)),
        ];
    }

    /**
     * @param  array<string, float>  $values
     * @return array<string, float>
     */
    private static function sorted(array $values): array
    {
        ksort($values);

        return $values;
    }
}
