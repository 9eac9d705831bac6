<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\School;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Ground\SpaceAir;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Place;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Levels;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every family: a sound start, its sections, its levels, its schools, and what cannot be built. */
final class FamiliesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (array_keys(Families::all()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('families')]
    public function test_a_family_starts_sound_on_any_footprint_in_both_systems(string $slug): void
    {
        foreach ([
            Footprint::rectangle(12.0, 8.0), Footprint::rectangle(2.5, 2.0), new Footprint(400.0, 90.0, 20.0),
            Footprint::rectangle(9.0, 7.0)->along(walkOut: $slug === 'heated-basement' ? 4.0 : 0.0),
        ] as $plan) {
            foreach (UnitSystem::cases() as $system) {
                $design = Families::all()[$slug]->preset($plan, $system);
                self::assertSame($slug, $design->family);
                self::assertEquals($design, DesignCodec::fromArray(DesignCodec::toArray($design)), 'it survives a file');
                $length = array_sum(array_column(Stretch::all($design), 'length'));
                self::assertEqualsWithDelta($design->footprint->exposed, $length, 1e-9, 'each metre of edge belongs to one section');
            }
        }
        self::assertNotNull(Examples::of($slug), 'and has an example');
        self::assertNull(Examples::of('no-such-family'));
    }

    #[DataProvider('families')]
    public function test_every_school_can_be_followed_there_and_back(string $slug): void
    {
        $project = Examples::of($slug);
        self::assertNotNull($project);
        $design = $project->options[0]->design;
        foreach (Schools::in($design) as $school) {
            self::assertNotSame('', $school->question().$school->decides());
            foreach (array_keys($school->answers()) as $answer) {
                $followed = $school->follow($design, $answer);
                self::assertSame($answer, $school->answer($followed), $school->slug());
                self::assertEquals($followed, $school->follow($followed, $answer), 'to follow it again changes nothing');
            }
        }
    }

    public function test_boards_above_keep_the_finished_floor_where_it_was(): void
    {
        $design = self::design('stem-wall-slab');
        $above = self::school('boards')->follow($design, 'above');
        self::assertEqualsWithDelta($design->finishedFloor(), $above->finishedFloor(), 1e-9);
        self::assertFalse($above->fieldBoard->present());
        self::assertTrue($above->screed->present());
    }

    /** Worked out by hand: footing 2.45 m down and 0.3 high, slab 0.1 at −2.0, board 0.06, stone 0.15, deck on a stem 0.25 high. */
    public function test_levels_of_a_basement_by_hand(): void
    {
        $design = self::design('heated-basement');
        $heights = [];
        foreach (Levels::of($design) as $level) {
            $heights[$level->slug] = round($level->height, 4);
        }
        self::assertSame([
            'deck_top' => 0.5045, 'stem_top' => 0.25, 'deck_underside' => 0.25, 'dpc' => 0.25, 'membrane_top' => 0.05,
            'grade' => 0.0, 'finished_floor' => -2.0,
            'slab_underside' => -2.1, 'footing_top' => -2.15, 'stone_top' => -2.16, 'service' => -2.26, 'dig' => -2.31, 'foot' => -2.45,
        ], self::sortedAs(
            $heights,
            [
                'deck_top', 'stem_top', 'deck_underside', 'dpc', 'membrane_top', 'grade', 'finished_floor', 'slab_underside',
                'footing_top', 'stone_top', 'service', 'dig', 'foot',
            ],
        ));
        self::assertSame(array_values($heights), (static function (array $h): array {
            rsort($h);

            return $h;
        })($heights), 'from the top down');
        self::assertEqualsWithDelta(2.25, Levels::headroom($design), 1e-9);
        self::assertEqualsWithDelta(0.16, Levels::footingAboveDig($design), 1e-9, 'common practice wants 150 mm');
        self::assertNull(Levels::headroom(self::design('thickened-edge-slab')));
        $walkout = Layout::of(self::design('heated-basement', Footprint::rectangle(12.0, 8.0)->along(walkOut: 8.0)), Side::Walkout);
        self::assertEqualsWithDelta(-2.1, $walkout->grade, 1e-9);
        // Wood begins there 150 mm over the lower ground, and the course lies under it.
        self::assertEqualsWithDelta(
            -1.95,
            $walkout->course(self::design('heated-basement', Footprint::rectangle(12.0, 8.0)->along(walkOut: 8.0))),
            1e-9,
        );
        self::assertEqualsWithDelta(0.25, Layout::of($design)->course($design), 1e-9);
        self::assertEqualsWithDelta(-3.3, $walkout->foot, 1e-9, 'frost depth below the lower ground');
        self::assertEqualsWithDelta(
            -3.0,
            $walkout->boardFoot,
            1e-9,
            'there too the outside board stands on the footing, whose toe is 200 mm',
        );
    }

    /** What an unheated space gets through its boundaries goes out with its air: steady and through the year. */
    #[DataProvider('spaces')]
    public function test_an_unheated_space_is_as_warm_as_its_balance_says(string $slug): void
    {
        $site = self::site();
        $design = self::design($slug);
        $field = GroundField::of($site, $design);
        self::assertNotNull($field->space);
        $into = $through = 0.0;
        foreach (SectionProblem::SPACE as $name) {
            $into += $field->solution->steady->flows[$name];
            $through += abs($field->solution->steady->flows[$name]);
        }
        $air = SpaceAir::airChange($design) * $field->space->share;
        self::assertEqualsWithDelta(0.0, $into + $air, 0.02 * $through);
        foreach (range(1, 12) as $month) {
            self::assertBetween(
                min([INF, ...$site->climate->monthly]) - 0.5,
                $site->indoor,
                (float) $field->spaceTemperature((float) $month),
            );
        }
        self::assertLessThan(
            $site->indoor,
            $field->meanAt($field->design->wall->insideThickness() - 1.5, $design->deck->topAboveGrade - 0.24),
        );
    }

    /** @return iterable<string, array{string}> */
    public static function spaces(): iterable
    {
        yield 'vented' => ['vented-crawlspace'];
        yield 'unheated' => ['unheated-basement'];
    }

    public function test_an_even_neighbourhood_makes_both_halves_of_a_whole_section_alike(): void
    {
        // A walk-out side that lies as high as the others is a common edge: both ends lose the same.
        $site = self::site();
        $design = self::design(
            'conditioned-crawlspace',
            Footprint::rectangle(8.0, 6.0)->along(walkOut: 4.0),
            ['walkout' => ['drop_m' => 0.6, 'footing_depth_m' => 0.6], 'footprint' => ['walk_out_m' => 4.0]],
        );
        $half = GroundField::of($site, $design);
        $whole = GroundField::of($site, $design, Side::Walkout);
        self::assertGreaterThan($half->couplingCoefficient(), $whole->couplingCoefficient());
        // The far end of the whole section is the common edge: the temperature there is the half section's.
        foreach ([[-0.5, -0.8], [0.5, -0.5], [-1.5, -1.2]] as [$x, $y]) {
            $far = 2 * (Layout::of($design)->room - $design->footprint->characteristicDimension() / 2);
            self::assertEqualsWithDelta($half->meanAt($x, $y), $whole->meanAt($far - $x, $y), 1.0);
        }
    }

    /**
     * @param  array<string, array<string, mixed>>  $changes
     * @param  list<string>  $pointers
     */
    #[DataProvider('unbuildable')]
    public function test_what_cannot_be_built_is_caught_at_the_part(string $slug, array $changes, array $pointers): void
    {
        $data = array_replace_recursive(DesignCodec::toArray(self::design($slug)), $changes);
        try {
            DesignCodec::fromArray($data);
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertSame($pointers, array_values(array_unique(array_map(static fn (Fault $f): string => $f->pointer, $e->faults))));
            foreach ($e->faults as $fault) {
                self::assertNotSame('', $fault->allowed);
            }
        }
    }

    /** @return iterable<string, array{string, array<string, array<string, mixed>>, list<string>}> */
    public static function unbuildable(): iterable
    {
        yield 'a slab thicker than its beam' => ['thickened-edge-slab', ['slab' => ['thickness_m' => 0.6]], ['/edge_beam/depth_m']];
        yield 'a footing out of the ground' => [
            'stem-wall-slab',
            ['footing' => ['depth_below_grade_m' => 0.25]],
            ['/footing/depth_below_grade_m'],
        ];
        yield 'a footing above a basement’s slab' => [
            'heated-basement',
            ['footing' => ['depth_below_grade_m' => 2.2]],
            ['/footing/depth_below_grade_m', '/edge_outside/depth_below_grade_m'],
        ];
        yield 'a footing narrower than its wall' => ['heated-basement', ['footing' => ['width_m' => 0.15]], ['/footing/width_m']];
        yield 'an outside board through the footing' => [
            'heated-basement',
            ['edge_outside' => ['depth_below_grade_m' => 2.4]],
            ['/edge_outside/depth_below_grade_m'],
        ];
        yield 'an outside board far below its beam' => [
            'thickened-edge-slab',
            ['edge_outside' => ['depth_below_grade_m' => 4.5]],
            ['/edge_outside/depth_below_grade_m'],
        ];
        yield 'a wing beyond the lot' => ['frost-protected-raft', ['footprint' => ['lot_line_m' => 0.9]], ['/wing/width_m']];
        yield 'a wing below its edge' => ['frost-protected-raft', ['wing' => ['depth_m' => 0.8]], ['/wing/depth_m']];
        yield 'a wing that falls too steeply' => ['frost-protected-raft', ['wing' => ['fall_m' => 0.9]], ['/wing/fall_m']];
        yield 'a board thicker than its gap' => ['insulated-screed-floor', ['closer' => ['thickness_m' => 0.2]], ['/closer/thickness_m']];
        yield 'an edge board wider than the floor' => [
            'stem-wall-slab',
            [
                'footprint' => ['area_m2' => 4.0, 'perimeter_m' => 8.5, 'exposed_perimeter_m' => 8.5],
                'perimeter_board' => ['width_m' => 0.1],
                'edge_inside' => ['thickness_m' => 0.6],
            ],
            ['/edge_inside/thickness_m'],
        ];
        yield 'stone above grade' => ['thickened-edge-slab', ['slab' => ['top_above_grade_m' => 0.7]], ['/slab/top_above_grade_m']];
        yield 'a beam and a stem wall' => [
            'thickened-edge-slab',
            ['stem' => ['thickness_m' => 0.2], 'footing' => ['width_m' => 0.5]],
            ['/stem/thickness_m'],
        ];
        yield 'neither of them' => ['thickened-edge-slab', ['edge_beam' => ['width_m' => 0.0]], ['/edge_beam/width_m']];
        yield 'a deck with no room under it' => [
            'conditioned-crawlspace',
            ['slab' => ['top_above_grade_m' => 0.3]],
            ['/deck/top_above_grade_m'],
        ];
        yield 'a vented space with nothing over it' => ['thickened-edge-slab', ['space' => ['kind' => 'vented']], ['/space/kind']];
        yield 'a walk-out side without a length' => ['heated-basement', ['walkout' => ['drop_m' => 2.1]], ['/footprint/walk_out_m']];
        yield 'a length without a walk-out side' => ['stem-wall-slab', ['footprint' => ['walk_out_m' => 3.0]], ['/footprint/walk_out_m']];
        yield 'more sides than there is edge' => ['unheated-neighbour', ['footprint' => ['porch_m' => 39.0]], ['/footprint/porch_m']];
        yield 'a neighbour higher than the floor' => [
            'unheated-neighbour',
            ['neighbour' => ['top_above_grade_m' => 0.4]],
            ['/neighbour/top_above_grade_m'],
        ];
        yield 'pipes below the screed' => ['insulated-screed-floor', ['heating' => ['depth_m' => 0.2]], ['/screed/thickness_m']];
        yield 'pipes under the stone' => ['heated-basement', ['service' => ['height_m' => 0.4]], ['/service/height_m']];
        yield 'a pad in the stone' => ['frost-protected-raft', ['pads' => ['depth_below_grade_m' => 0.4]], ['/pads/depth_below_grade_m']];
        yield 'a recess through the slab' => [
            'thickened-edge-slab',
            ['recess' => ['width_m' => 0.1, 'depth_m' => 0.09]],
            ['/recess/depth_m'],
        ];
        yield 'a threshold wider than its edge' => ['stem-wall-slab', ['threshold' => ['width_m' => 0.3]], ['/threshold/width_m']];
        yield 'a membrane over the wall' => [
            'heated-basement',
            ['membrane' => ['top_above_grade_m' => 0.6]],
            ['/membrane/top_above_grade_m'],
        ];
        yield 'a soft board under a bearing by a slip of the pen' => [
            'thickened-edge-slab',
            ['edge_under' => ['material' => 'softwood']],
            ['/edge_under/material'],
        ];
    }

    public function test_a_place_says_why_a_material_may_not_go_there(): void
    {
        $metric = new QuantityFormatter(UnitSystem::Metric);
        $why = static fn (Place $place, string $slug): ?string => $place->whyNot(Catalogue::get($slug))?->in($metric);
        self::assertNull($why(Place::UnderBearing, 'xps-40psi'));
        self::assertStringContainsString('too soft', (string) $why(Place::UnderBearing, 'eps-15psi'));
        self::assertStringContainsString('crushes', (string) $why(Place::UnderBearing, 'stone-wool-board'));
        self::assertStringContainsString('takes up water', (string) $why(Place::EdgeOutside, 'pir-foil'));
        self::assertStringContainsString('not made for', (string) $why(Place::Bed, 'gypsum-board'));
        foreach (Place::cases() as $place) {
            self::assertNotSame([], Catalogue::for($place), $place->value);
            self::assertNotSame('', $place->label());
        }
    }

    public function test_every_part_has_a_name_and_the_order_of_laying_holds(): void
    {
        foreach (Part::cases() as $part) {
            self::assertNotSame('', $part->label());
        }
        $order = array_map(static fn (Part $p): string => $p->value, Part::layingOrder(self::design('frost-protected-raft')));
        $before = static fn (string $one, string $other): bool => array_search($one, $order, true) < array_search($other, $order, true);
        self::assertSame('pads', $order[0], 'pads come first and are backfilled');
        self::assertTrue($before('stone', 'field_board') && $before('field_board', 'sheet'), 'that family lays its sheet above the boards');
        self::assertTrue($before('slab', 'edge_outside') && $before('edge_outside', 'cover') && $before('cover', 'wing'));
        self::assertNotContains('stem', $order);
    }

    /** @param  array<string, array<string, mixed>>  $changes */
    private static function design(string $slug, ?Footprint $plan = null, array $changes = []): Design
    {
        $plan ??= Footprint::rectangle(12.0, 8.0);
        $bare = Families::all()[$slug]->preset($changes === [] ? $plan : $plan->along(walkOut: 0.0), UnitSystem::Metric);

        return $changes === [] ? $bare : DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray($bare), $changes));
    }

    private static function school(string $slug): School
    {
        return Schools::all()[$slug];
    }

    private static function site(): Site
    {
        return new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0);
    }

    /**
     * @param  array<string, float>  $values
     * @param  list<string>  $keys
     * @return array<string, float>
     */
    private static function sortedAs(array $values, array $keys): array
    {
        return array_merge(array_flip($keys), $values);
    }

    private static function assertBetween(float $low, float $high, float $found): void
    {
        self::assertGreaterThanOrEqual($low, $found);
        self::assertLessThanOrEqual($high, $found);
    }
}
