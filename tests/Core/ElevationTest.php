<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Drawing\ElevationDrawing;
use Ondergrond\Drawing\Text;
use Ondergrond\Examples\Examples;
use Ondergrond\Examples\Plans;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Elevation;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\OpeningKind;
use Ondergrond\Plan\Passes;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Wall;
use Ondergrond\Plan\WallKind;
use Ondergrond\Section\Layout;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Walls from outside: what lies where, by hand; hours are common practice without a source. */
final class ElevationTest extends TestCase
{
    private const ID = '01HZX3V8Q0000000000000000A';

    public function test_a_wall_is_seen_from_outside_whichever_way_the_outline_is_walked(): void
    {
        $design = (Examples::of('heated-basement') ?? Examples::boathouse())->options[0]->design;
        $sleeve = static fn (float $x, float $y): Items => new Items([self::ID => new Sleeve(
            Sleeve::usual()->put('Water', $x, $y, -1.0), 0.06, Passes::Edge,
        )]);
        $against = Plan::along(['A' => [0.0, 0.0], 'B' => [12.0, 0.0], 'C' => [12.0, 8.0], 'D' => [0.0, 8.0]])->with([
            'openings' => [self::ID => new Opening('A', 2.0, 1.0, OpeningKind::Window, -1.4)],
        ]);
        $with = Plan::along(['A' => [0.0, 0.0], 'D' => [0.0, 8.0], 'C' => [12.0, 8.0], 'B' => [12.0, 0.0]])->with([
            'openings' => [self::ID => new Opening('B', 9.0, 1.0, OpeningKind::Window, -1.4)],
        ]);
        foreach ([[$against, 'A'], [$with, 'B']] as [$plan, $wall]) {
            $seen = Elevation::all($plan, $design, $sleeve(5.0, 0.1))[$wall];
            self::assertSame(['A', 'B'], [$seen->left, $seen->right], 'from the south, west lies to the left');
            self::assertEqualsWithDelta([2.0, 3.0], [$seen->openings[0]['from'], $seen->openings[0]['to']], 1e-9);
            self::assertEqualsWithDelta([5.0, -1.0], [$seen->passages[0]->along, $seen->passages[0]->level], 1e-9);
            self::assertCount(0, Elevation::all($plan, $design, $sleeve(5.0, 0.1))['C']->passages);
        }
        // From the north, a sleeve 5 m from the west end is 7 m from the left.
        self::assertEqualsWithDelta(7.0, Elevation::all($against, $design, $sleeve(5.0, 7.9))['C']->passages[0]->along, 1e-9);
    }

    public function test_ground_steps_courses_and_hours_are_as_the_design_has_them(): void
    {
        $design = (Examples::of('heated-basement') ?? Examples::boathouse())->options[0]->design;
        $at = Layout::of($design);
        $plan = Plan::along(['A' => [0.0, 0.0], 'B' => [12.0, 0.0], 'C' => [12.0, 8.0], 'D' => [0.0, 8.0]], ['B' => WallKind::WalkOut]);
        $plan = $plan->with(['corners' => [...$plan->corners, 'C' => new Corner(12.0, 8.0, 'D', new Wall(
            WallKind::Outside, -0.2, -0.6, 0.4,
        ))]]);
        $layout = new Items([self::ID => new Sleeve(Sleeve::usual()->put('Water', 5.0, 0.1, -1.0), 0.06, Passes::Edge)]);
        $walls = Elevation::all($plan, $design, $layout);
        self::assertEqualsWithDelta(
            [-0.2, -0.6, $at->foot - 0.4], [$walls['C']->grade, $walls['C']->gradeTo, $walls['C']->foot], 1e-9, 'stepped',
        );
        self::assertEqualsWithDelta(-$design->walkout->drop, $walls['B']->grade, 1e-9, 'a walk-out stands on lower ground');
        self::assertEqualsWithDelta(
            [$at->stemFoot, $at->top, $at->floor], [$walls['A']->footing, $walls['A']->top, $walls['A']->floor], 1e-9,
        );
        if ($design->form->present()) {
            foreach ($walls['A']->courses as $i => $y) {
                self::assertEqualsWithDelta($at->formFoot + $i * $design->form->course, $y, 1e-9);
            }
        }
        // Now half an hour; later an hour of setting up, 1.5 h a metre of concrete, 0.75 of sealing, 0.5 of the coat.
        $passage = $walls['A']->passages[0];
        $thick = -$at->inner;
        self::assertEqualsWithDelta([0.5, 1.0 + 1.5 * $thick + 0.75 + 0.5], [$passage->now, $passage->later], 0.006);
        self::assertEqualsWithDelta(0.02 * $thick, $passage->drop, 1e-12);
        self::assertSame('to the coat, with a collar', $passage->outside);
    }

    public function test_every_wall_of_every_example_is_drawn_in_words_that_read(): void
    {
        foreach (Examples::all() as $project) {
            $drawn = Plans::drawn($project);
            $plan = $drawn->plan ?? self::fail('each is drawn');
            foreach (Elevation::all($plan, $drawn->options[0]->written(), $drawn->options[0]->layout) as $wall) {
                self::assertGreaterThan($wall->foot, $wall->top);
                foreach (UnitSystem::cases() as $system) {
                    $drawing = ElevationDrawing::of($wall, new QuantityFormatter($system));
                    [$x0, $y0, $x1, $y1] = $drawing->box;
                    foreach ($drawing->items as $item) {
                        if ($item instanceof Text) {
                            self::assertTrue(
                                $item->at[0] >= $x0 && $item->at[0] <= $x1 && $item->at[1] >= $y0 && $item->at[1] <= $y1, $item->text,
                            );
                            self::assertDoesNotMatchRegularExpression('~NAN|INF~', $item->text);
                        }
                    }
                }
            }
        }
    }
}
