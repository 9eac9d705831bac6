<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Design\Departure;
use Ondergrond\Design\Departures;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Ground\GroundField;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Takeoff\Item;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** An edge is a list of stretches: what differs along one is seen by heat, frost, damp, drawing and take-off alike. */
#[Group('slow')]
final class StretchTest extends TestCase
{
    public function test_stretches_of_every_example_add_up_to_the_exposed_edge(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $all = Stretch::all($option->design);
                self::assertSame(Side::Edge, $all[0]->kind);
                self::assertEqualsWithDelta($option->design->footprint->exposed, array_sum(array_column($all, 'length')), 1e-9);
                self::assertSame(array_unique(array_column($all, 'id')), array_column($all, 'id'));
            }
        }
    }

    public function test_a_board_left_out_along_some_of_the_edge_costs_its_share_of_heat(): void
    {
        [$site, $design] = self::boathouse();
        $gap = ['edgeOutside' => $design->edgeOutside->but(layer: $design->edgeOutside->layer->thick(0.0))];
        $bare = $design->with($gap);
        $with = $design->with(['departures' => new Departures(new Departure('gap-1', 'Board missing', Side::Edge, 1.2, $gap))]);
        [$whole, $none, $some] = array_map(
            static fn (Design $d): float => Assessor::assess($site, $d)->field->steadyCoefficient,
            [$design, $bare, $with],
        );
        $share = 1.2 / Stretch::edge($design)->length;
        self::assertEqualsWithDelta((1 - $share) * $whole + $share * $none, $some, 1e-6 * $some);
        $assessment = Assessor::assess($site, $with);
        self::assertSame(['edge', 'gap-1'], array_keys($assessment->field->sides));
        self::assertSame('Board missing', $assessment->junctions->find('gap-1')?->label);
        self::assertContains('gap-1', array_column($assessment->damp->surfaces ?? [], 'side'));
        $outside = static fn (Design $d): float => array_sum(
            array_map(static fn (Item $i): float => $i->part->value === 'edge_outside' ? $i->volume() : 0.0, Takeoff::of($d)),
        );
        self::assertEqualsWithDelta((1 - $share) * $outside($design), $outside($with), 1e-9);
    }

    public function test_equal_stretches_are_solved_once(): void
    {
        [$site, $design] = self::boathouse();
        $thin = ['fieldBoard' => $design->fieldBoard->thick(0.02)];
        $fields = GroundField::each($site, Stretch::all($design->with(['departures' => new Departures(
            new Departure(
                'thin-1', 'Thin', Side::Edge, 2.0, $thin,
            ), new Departure('thin-2', 'Thin', Side::Edge, 3.0, $thin), new Departure('same', 'The same', Side::Edge, 1.0, []),
        )])));
        self::assertSame($fields['thin-1']->solution, $fields['thin-2']->solution);
        self::assertNotSame($fields['edge']->solution, $fields['thin-1']->solution);
        self::assertSame(
            [2.0, 3.0, 1.0],
            [$fields['thin-1']->stretch->length, $fields['thin-2']->stretch->length, $fields['same']->stretch->length],
        );
    }

    public function test_garage_and_porch_each_have_their_own_sizes(): void
    {
        $design = Families::all()['unheated-neighbour']->preset(
            Footprint::rectangle(12, 9)->along(garage: 6.0, porch: 3.0),
            UnitSystem::Metric,
        );
        $narrow = ['neighbour' => $design->neighbour->but(width: 1.5)];
        $with = $design->with(['departures' => new Departures(new Departure('porch', 'Porch', Side::Neighbour, 3.0, $narrow))]);
        $all = array_column(Stretch::all($with), null, 'id');
        self::assertSame([6.0, 3.0], [$all['neighbour']->length, $all['porch']->length]);
        self::assertSame(
            [$design->neighbour->width, 1.5],
            [$all['neighbour']->design->neighbour->width, $all['porch']->design->neighbour->width],
        );
        $site = new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0);
        $loss = static fn (Design $d): float => Assessor::loss($site, $d)->coefficient;
        [$wide, $all] = [$loss($design), $loss($design->with($narrow))];
        self::assertEqualsWithDelta($wide + 3.0 / 9.0 * ($all - $wide), $loss($with), 1e-4 * $wide);
    }

    /** @return array{Site, Design} */
    private static function boathouse(): array
    {
        $project = Examples::boathouse();

        return [$project->site, $project->options[0]->design];
    }
}
