<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Assessment;
use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Steel;
use Ondergrond\Design\Wall;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Order\Swap;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Shape;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Takeoff\Counts\Loose;
use Ondergrond\Takeoff\Counts\Rolls;
use Ondergrond\Takeoff\Counts\Steel as Bars;
use Ondergrond\Takeoff\Extent;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Truck;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** What is ordered, against sums done by hand. Wastes and factors: common practice, no source. */
final class OrderTest extends TestCase
{
    /** Another product costs what two designs differ by that are judged each for itself. */
    public function test_a_swap_is_the_difference_of_two_designs(): void
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        $eps = Catalogue::get('eps-25psi');
        $swap = Swap::judged($project->site, $design, Part::Field, $eps, $project->units);
        $other = $design->with(['fieldBoard' => $design->fieldBoard->made($eps)]);
        [$before, $after] = array_map(
            static fn (Design $d): Assessment => Assessor::assess($project->site, $d, $project->units, roughly: true), [$design, $other],
        );
        self::assertEquals($other, $swap->design);
        self::assertGreaterThan(0.0, $swap->annual, 'EPS insulates less than XPS of the same thickness');
        self::assertEqualsWithDelta($after->field->allYear - $before->field->allYear, $swap->annual, 1e-6);
        $same = Swap::judged($project->site, $design, Part::Field, $design->fieldBoard->material, $project->units);
        self::assertSame([0.0, [], [], []], [$same->annual, $same->brought, $same->taken, $same->verdicts], 'the same for the same');
        self::assertStringContainsString(
            'allowed', Swap::judged($project->site, $design, Part::Field, Catalogue::get('polyethylene'), $project->units)->refused,
        );
        self::assertStringContainsString(
            'several materials', Swap::judged($project->site, $design, Part::Lining, $eps, $project->units)->refused,
        );
    }

    /** 118 m² of slab, 112 mm, on an edge 400 × 500 mm below it of 44 m: 13.216 + 8.8 = 22.016 m³. */
    public function test_concrete_comes_in_loads_and_a_rest(): void
    {
        $truck = new Truck('slab', 22.016 * 1.05, 7.6);
        self::assertEqualsWithDelta(23.1168, $truck->volume, 1e-9);
        self::assertSame([3, 4], [$truck->full(), $truck->count()]);
        self::assertEqualsWithDelta(0.3168, $truck->rest(), 1e-9);
        self::assertStringContainsString('small', $truck->caution());
        self::assertEqualsWithDelta(23.55712, 22.016 * 1.07, 1e-9);
        // 80 yd³ = 61.1644 m³ in loads of 10 yd³.
        self::assertSame(8, (new Truck('slab', 61.1644, 10 * 0.764555))->count());
        self::assertSame('', (new Truck('slab', 15.2, 7.6))->caution());
    }

    public function test_the_slab_of_a_job_is_counted_to_its_outer_face(): void
    {
        // 12 × 8 m to the outer face, walls 329 mm thick, 100 mm slab, beam 400 mm wide and 600 deep.
        $design = new Design(
            '', Footprint::rectangle(12.0 - 0.6, 8.0 - 0.6), new Slab(new Layer('reinforced-concrete', 0.1), 0.2),
            new Wall([new Layer('brick', 0.3)], []), new Layer('eps-25psi', 0.1), edgeBeam: new EdgeBeam(0.4, 0.6),
        );
        $lines = $this->lines($design);
        self::assertEqualsWithDelta(0.3, PlannedDesign::wall($design), 1e-9);
        self::assertEqualsWithDelta(96.0 * 0.1, $lines['slab']->net, 1e-9);
        // Its middle line runs 200 mm in: 2 × (11.6 + 7.6) = 38.4 m.
        self::assertEqualsWithDelta(38.4 * 0.4 * 0.5, $lines['edge_beam']->net, 1e-9);
        self::assertEqualsWithDelta(0.05, $lines['slab']->waste, 1e-9, 'on boards');
        // Packs of five of 1.2 × 2.4 m: 14.4 m². The boards end at the beam: 11.2 × 7.2 = 80.64 m², with 5 % 84.672.
        self::assertEqualsWithDelta(80.64, $lines['field_board']->net, 1e-9);
        self::assertSame(6, $lines['field_board']->packs());
        self::assertEqualsWithDelta(86.4 - 84.672, $lines['field_board']->over(), 1e-9);
    }

    public function test_stone_is_ordered_loose(): void
    {
        $job = new Job(Examples::boathouse()->options[0]->design, UnitSystem::Metric);
        $line = Loose::of($job, Part::Stone, Catalogue::get('crushed-stone'), 15.0)[0];
        self::assertEqualsWithDelta(25.575, $line->net, 1e-9, '100 m² × 0.15: 16.5 m³ loose at 1.55 t');
        self::assertEqualsWithDelta(15.0, $line->net * $line->perUnit, 1e-9);
        // R-1.7 an inch is of the compacted bed: 16 in needs 20.8 loose.
        self::assertEqualsWithDelta(
            20.8 / 16, Loose::of($job, Part::Stone, Catalogue::get('foam-glass-aggregate'), 1.0)[0]->net / 0.165, 1e-9,
        );
    }

    public function test_sheet_is_laid_the_way_that_takes_less(): void
    {
        foreach ([4.0, 4.27] as $roll) {
            $rolls = Rolls::over(12.6, 8.6, $roll, 0.15);
            self::assertSame(4, $rolls->strips);
            self::assertEqualsWithDelta([34.4, 25.8], [$rolls->sheet, $rolls->seams], 1e-9);
        }
        // Three along would take 37.8 m with 25.2 m of seam.
        self::assertEqualsWithDelta(37.8, 3 * 12.6, 1e-9);
    }

    public function test_bars_by_mass(): void
    {
        self::assertEqualsWithDelta(4.8917, Bars::perArea(0.0127, 16 * 0.0254), 5e-4, 'No. 4 at 16 in both ways (ASTM A615)');
        self::assertEqualsWithDelta(2 * 0.617 / 0.15, Bars::perArea(0.010, 0.15), 1e-9, '10 mm at 150 (EN 10080)');
        $design = new Design(
            '', Footprint::rectangle(9.4, 7.4), new Slab(new Layer('reinforced-concrete', 0.1), 0.2),
            new Wall([new Layer('brick', 0.3)], []), edgeBeam: new EdgeBeam(0.4, 0.6), steel: new Steel(0.010, 0.15),
        );
        self::assertEqualsWithDelta(80.0 * 2 * 0.617 / 0.15, $this->lines($design)['steel']->net, 1e-6);
    }

    public function test_a_plan_of_right_angles_counts_as_area_and_outline_do(): void
    {
        foreach (Examples::all() as $project) {
            $design = $project->options[0]->design;
            try {
                $plan = TypedFloor::plan($design, Shape::Rectangle);
            } catch (FaultyInput) {
                continue;
            }
            [$with, $without] = [new Extent($design, $plan), new Extent($design)];
            foreach ([0.3, 0.0, -0.2, -0.6] as $x) {
                self::assertEqualsWithDelta($without->area($x), $with->area($x), 1e-6, $project->name);
                self::assertEqualsWithDelta($without->length($x), $with->length($x), 1e-6, $project->name);
            }
        }
    }

    public function test_items_bring_their_own(): void
    {
        $project = Examples::boathouse();
        $items = new Items([
            'a' => new Sleeve(
                Sleeve::usual()->put('Waste', 2.0, 2.0, 0.0), 0.11,
            ), 'b' => new Sleeve(Sleeve::usual()->put('Water', 3.0, 2.0, 0.0), 0.05),
            'c' => new Sleeve(Sleeve::usual()->put('Waste 2', 4.0, 2.0, 0.0), 0.11), 'd' => new DrainRun(
                DrainRun::usual()->put('Drain', 0.0, 0.0, -0.4), 3.0, 4.0, -0.5, 0.11,
            ),
        ]);
        $lines = $this->lines($project->options[0]->design, $items);
        self::assertEqualsWithDelta([2.0, 1.0, 5.0], [$lines['sleeve:110']->net, $lines['sleeve:50']->net, $lines['drain:110']->net], 1e-9);
        self::assertEqualsWithDelta(3.0, $lines['sheet:boots']->net, 1e-9);
    }

    public function test_every_part_of_every_example_has_a_line_or_says_why_not(): void
    {
        $ordered = [];
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $order = OrderList::of(new Job($option->design, $project->units), PriceList::none());
                self::assertSame(
                    count($order->lines), count(array_unique(array_column($order->lines, 'id'))), 'each line has an id of its own',
                );
                foreach ($order->lines as $line) {
                    self::assertGreaterThan(0.0, $line->net, $project->name.' '.$line->id);
                    self::assertGreaterThanOrEqual(-1e-6, $line->over());
                    $ordered[$line->part] = true;
                }
                foreach ($order->uncounted as $said) {
                    self::assertMatchesRegularExpression('~^[^:]+: .{6,}~', $said);
                }
                self::assertCount(count($order->lines), $order->unpriced());
                self::assertSame(0, $order->total());
            }
        }
        foreach (Part::cases() as $part) {
            // Posts are counted where they stand on a plan.
            if ($part !== Part::Pads) {
                self::assertSame(
                    $part->described()->unordered === '', isset($ordered[$part->value]),
                    "Part::{$part->name} has lines in Takeoff\\PartLines, or says in `unordered` why not",
                );
            }
        }
    }

    public function test_money_is_whole_cents_and_what_is_not_quoted_is_named(): void
    {
        $prices = PriceList::fromArray(['currency' => 'fl.', 'per_m3' => ['reinforced-concrete' => 165], 'per_unit' => ['sheet' => 1.25]]);
        $design = Examples::boathouse()->options[0]->design;
        $order = OrderList::of(new Job($design, UnitSystem::Metric), $prices);
        $slab = $order->find('slab');
        $sheet = $order->find('sheet');
        self::assertNotNull($slab);
        self::assertNotNull($sheet);
        self::assertSame([16500, (int) round(16500 * $slab->quantity())], [$order->price($slab), $order->cost($slab)]);
        self::assertSame((int) round(125 * $sheet->quantity()), $order->cost($sheet));
        self::assertNotContains('slab', array_column($order->unpriced(), 'id'));
        self::assertContains('field_board', array_column($order->unpriced(), 'id'));
    }

    /** @return array<string, Line> */
    private function lines(Design $design, Items $items = new Items): array
    {
        return array_column(OrderList::of(new Job($design, UnitSystem::Metric, null, $items), PriceList::none())->lines, null, 'id');
    }
}
