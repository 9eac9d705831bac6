<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Forms\TypedTraverse;
use Ondergrond\Design\Design;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Cuts;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\OutlineFace;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Redraw;
use Ondergrond\Plan\Traverse;
use Ondergrond\Plan\Wall;
use Ondergrond\Plan\WallKind;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Outlines drawn and changed: steps, corners, lengths, traverses; faces they are read to; ground that falls along a wall. */
final class RedrawTest extends TestCase
{
    public function test_a_step_keeps_the_walls_name_and_what_stands_in_it(): void
    {
        $plan = self::plan()->with(['openings' => ['near' => new Opening('A', 1.0, 1.0), 'far' => new Opening('A', 7.0, 1.2)]]);
        $stepped = Redraw::stepped($plan, 'A', 4.0, 1.5);
        self::assertEqualsWithDelta(80.0 + 6.0 * 1.5, $stepped->outline->area(), 1e-9);
        self::assertEqualsWithDelta(36.0 + 3.0, $stepped->outline->perimeter(), 1e-9);
        self::assertSame(['outward' => 5, 'reentrant' => 1], $stepped->outline->corners());
        self::assertSame([0.0, 0.0], [$stepped->corners['A']->x, $stepped->corners['A']->y], 'the old id stays at its start');
        self::assertSame(['A', 1.0], [$stepped->openings['near']->wall, $stepped->openings['near']->from]);
        $far = $stepped->openings['far'];
        self::assertEqualsWithDelta([7.0, -1.5], $stepped->outline->sides()[$far->wall]->at($far->from), 1e-9);
        self::assertEqualsWithDelta(80.0 - 6.0 * 1.5, Redraw::stepped($plan, 'A', 4.0, -1.5)->outline->area(), 1e-9);
        foreach ([[-1.0, 1.0], [10.0, 1.0], [4.0, 0.0], [7.5, 1.0], [4.0, -9.0]] as [$along, $out]) {
            try {
                Redraw::stepped($plan, 'A', $along, $out);
                self::fail("{$along}, {$out}");
            } catch (FaultyInput $e) {
                self::assertNotSame('', $e->faults[0]->allowed);
            }
        }
    }

    public function test_any_row_of_changes_leaves_an_outline_that_is_one(): void
    {
        $seed = random_int(1, 1 << 30);
        mt_srand($seed);
        $taken = 0;
        for ($i = 0; $i < 200; $i++) {
            $plan = self::plan();
            for ($k = 0; $k < 8; $k++) {
                $wall = array_rand($plan->corners);
                $length = $plan->outline->sides()[$wall]->length();
                try {
                    $next = match (mt_rand(0, 3)) {
                        0 => Redraw::parted($plan, $wall, $length * mt_rand(5, 95) / 100),
                        1 => Redraw::stepped($plan, $wall, $length * mt_rand(5, 95) / 100, mt_rand(-200, 200) / 100),
                        2 => Redraw::lengthened($plan, $wall, $length + mt_rand(-100, 300) / 100),
                        default => Redraw::without($plan, $wall),
                    };
                } catch (FaultyInput) {
                    continue;
                }
                $taken++;
                $plan = $next;
                $turns = $plan->outline->corners();
                $square = array_filter(
                    $plan->outline->sides(), static fn ($s): bool => min(array_map(abs(...), $s->direction())) > 1e-6,
                ) === [];
                if ($square) {
                    self::assertSame(
                        4, $turns['outward'] - $turns['reentrant'], "seed {$seed}, {$i}: a ring of right angles turns once round",
                    );
                }
                self::assertGreaterThan(0.0, $plan->outline->area());
            }
        }
        self::assertGreaterThan(400, $taken, "seed {$seed}");
    }

    /**
     * The closed polygon of Elementary Surveying (Ghilani, Wolf; chapter on traverse computations), from memory: lengths in feet and
     * balanced azimuths; departures add up to 0.026, latitudes to 0.077, the misclosure is 0.08 ft, 1 in 30,000 of 2466 ft.
     */
    public function test_a_published_traverse_closes_as_published(): void
    {
        $legs = [
            [647.25, 126, 55, 17], [203.03, 178, 18, 58], [720.35, 15, 31, 54], [610.24, 284, 35, 20], [285.13, 206, 9, 41],
        ];
        $traverse = Traverse::of(array_map(
            static fn (array $l): array => [$l[0] * 0.3048, 90.0 - ($l[1] + $l[2] / 60 + $l[3] / 3600)], $legs,
        ));
        self::assertEqualsWithDelta(0.026, $traverse->error[0] / 0.3048, 0.002);
        self::assertEqualsWithDelta(0.077, $traverse->error[1] / 0.3048, 0.002);
        self::assertEqualsWithDelta(0.08, $traverse->misclosure() / 0.3048, 0.005);
        self::assertEqualsWithDelta(30000, $traverse->precision(), 1000);
    }

    public function test_a_traverse_asks_which_size_is_wrong_and_shares_nothing_out(): void
    {
        $format = new QuantityFormatter(UnitSystem::Metric);
        $closed = TypedTraverse::read(['12 m right', '8,4 up', '12 left', '8.4 d'], $format);
        self::assertTrue($closed->closes());
        self::assertSame(['A' => [0.0, 0.0], 'B' => [12.0, 0.0], 'C' => [12.0, 8.4], 'D' => [0.0, 8.4]], $closed->outline());
        $open = TypedTraverse::read(['12 right', '8.4 up', '11.7 left', '8.4 down'], $format);
        self::assertFalse($open->closes());
        self::assertEqualsWithDelta([0 => 11.7, 2 => 12.0], $open->suspects(), 1e-9);
        self::assertStringContainsString('leg 3 would close it at 12', TypedTraverse::misclosure($open, $format));
        self::assertStringContainsString('Leg 1 would close it at 11.7', TypedTraverse::misclosure($open, $format));
        foreach ([
            ['12 right', '3 up'], ['12 sideways', '3 up', '4 left'], ['x right', '3 up', '4 left'], ['0 right', '3 up', '4 left'],
        ] as $legs) {
            try {
                TypedTraverse::read($legs, $format);
                self::fail(implode(', ', $legs));
            } catch (FaultyInput $e) {
                self::assertNotSame('', $e->faults[0]->allowed);
            }
        }
    }

    public function test_the_face_that_is_read_decides_how_large_the_floor_is(): void
    {
        $design = self::design();
        $at = Layout::of($design);
        $area = static fn (OutlineFace $face): float => PlannedDesign::footprint(self::plan()->with(['face' => $face]), $design)->area;
        self::assertEqualsWithDelta(80.0, $area(OutlineFace::Inner), 1e-9);
        self::assertEqualsWithDelta((10 + 2 * $at->room) * (8 + 2 * $at->room), $area(OutlineFace::Concrete), 1e-9);
        $in = $at->room - $at->outermost;
        self::assertEqualsWithDelta((10 + 2 * $in) * (8 + 2 * $in), $area(OutlineFace::Outer), 1e-9);
        $concrete = self::plan()->with(
            ['face' => OutlineFace::Inner, 'openings' => ['o' => new Opening('A', 2.0, 1.0)]],
        )->atConcrete($design);
        self::assertEqualsWithDelta([2.0, $at->room], $concrete->outline->sides()['A']->at($concrete->openings['o']->from), 1e-9);
    }

    public function test_a_wall_with_lower_ground_gets_a_section_of_its_own(): void
    {
        $design = Examples::of('full-basement')->options[0]->design ?? self::design();
        $plan = self::plan();
        $corners = $plan->corners;
        $corners['B'] = new Corner(10.0, 0.0, 'C', new Wall(WallKind::Outside, 0.0, -0.4));
        $corners['D'] = new Corner(0.0, 8.0, 'A', new Wall(WallKind::Outside, -0.4, -0.1));
        $uneven = $plan->with(['corners' => $corners]);
        $planned = PlannedDesign::of($uneven, $design);
        $inner = PlannedDesign::inner($plan, $design)->sides();
        self::assertCount(1, $planned->departures->all, 'alike walls share one');
        $own = $planned->departures->all[0];
        self::assertEqualsWithDelta($inner['B']->length() + $inner['D']->length(), $own->length, 1e-9);
        $all = Stretch::all($planned);
        self::assertEqualsWithDelta(
            $planned->footprint->exposed, array_sum(array_map(static fn (Stretch $s): float => $s->length, $all)), 1e-9,
        );
        self::assertSame(['A' => 'edge', 'B' => 'wall-B', 'C' => 'edge', 'D' => 'wall-B'], Cuts::of($uneven, $planned));
        $there = Stretch::find($planned, 'wall-B')->design ?? $design;
        self::assertEqualsWithDelta(
            $design->slab->topAboveGrade + 0.4, $there->slab->topAboveGrade, 1e-9, 'the ground goes down, not the slab',
        );
        self::assertEqualsWithDelta(Layout::of($design)->foot + 0.4, Layout::of($there)->foot, 1e-9);
        $corners['B'] = new Corner(10.0, 0.0, 'C', new Wall(WallKind::Outside, -4.9, -4.9));
        self::assertNotSame([], PlannedDesign::unmet($plan->with(['corners' => $corners]), $design), 'what cannot be built so is said');
    }

    private static function design(): Design
    {
        return Examples::of('thickened-edge-slab')?->options[0]->design ?? throw new \LogicException('gone');
    }

    private static function plan(): Plan
    {
        return Plan::along(['A' => [0.0, 0.0], 'B' => [10.0, 0.0], 'C' => [10.0, 8.0], 'D' => [0.0, 8.0]]);
    }
}
