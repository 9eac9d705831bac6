<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\PlanCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\PostKind;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Examples\Examples;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\LoopPattern;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Proposals;
use Ondergrond\Plan\Proposed;
use Ondergrond\Plan\Shape;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Lot;

/** What rules put on a plan, against sums done by hand and the rules that judge a plan. */
final class ProposalsTest extends TestCase
{
    private const ID = '01HZX3V8Q0000000000000000A';

    public function test_bolts_stand_as_worked_out_by_hand(): void
    {
        // Plates 0–3.0 and 3.9–7.2 m, ends 150 mm, 1.829 m at most: worked independently.
        $plan = Plan::along(['A' => [0.0, 0.0], 'B' => [7.2, 0.0], 'C' => [7.2, 5.0], 'D' => [0.0, 5.0]])->with([
            'openings' => [self::ID => new Opening('A', 3.0, 0.9)],
        ]);
        $design = self::design('thickened-edge-slab');
        $design = $design->with(['anchors' => $design->anchors->but(apart: 1.829, fromEnd: 0.15, bolt: 0.012)]);
        $layout = self::put('sill-bolts', $plan, $design);
        $along = [];
        foreach ($layout->of(Bolts::class) as $bolts) {
            if ($bolts->at->y < 1.0 && $bolts->toY < 1.0) {
                $along[] = array_map(static fn (array $p): float => round($p[0], 6), $bolts->places());
            }
        }
        self::assertEqualsWithDelta([[0.15, 1.5, 2.85], [4.05, 5.55, 7.05]], $along, 1e-6);
        self::assertCount(5, $layout->all);
        $rules = self::rules($plan, $design, $layout);
        self::assertSame([], array_intersect(['bolt-in-doorway', 'bolts-too-far', 'bolts-too-few', 'bolt-off-plate-end'], $rules));
    }

    /** @return iterable<string, array{string}> */
    public static function shapes(): iterable
    {
        foreach (Shape::cases() as $shape) {
            yield $shape->value => [$shape->value];
        }
    }

    #[DataProvider('shapes')]
    public function test_joints_leave_panels_that_nothing_is_said_of(string $name): void
    {
        $lot = Lot::of(4242, 12)->for($name);
        $shape = Shape::from($name);
        for ($i = 0; $i < $lot->many; $i++) {
            $sizes = ['length_m' => $lot->random->getInt(90, 200) / 10, 'width_m' => $lot->random->getInt(80, 140) / 10,
                'part_length_m' => 3.0 + $lot->random->getInt(0, 20) / 10, 'part_width_m' => 3.0 + $lot->random->getInt(0, 10) / 10,
                'from_m' => 2.5];
            $plan = Plan::along($shape->corners(array_intersect_key($sizes, $shape->sizes())));
            $design = self::design($lot->one(['thickened-edge-slab', 'frost-protected-raft']));
            $post = new Post(Post::usual()->put('P', 3.3, 2.2, 0.1));
            $layout = self::put('joints', $plan->with(['items' => new Items([self::ID => $post])]), $design);
            self::assertNotSame([], $layout->all);
            self::assertSame([], array_intersect(
                ['panel-too-long', 'corner-without-joint', 'cut-too-shallow'], self::rules($plan, $design, $layout),
            ), "seed {$lot->seed}, {$name} {$i}: ".json_encode($sizes));
            foreach ($layout->all as $joint) {
                self::assertInstanceOf(ControlJoint::class, $joint);
                self::assertSame('joints', Proposed::rule($joint));
                self::assertFalse(Proposed::isMoved($joint));
            }
        }
    }

    public function test_what_was_moved_by_hand_is_known_and_stays(): void
    {
        $plan = Plan::along(['A' => [0.0, 0.0], 'B' => [10.0, 0.0], 'C' => [10.0, 8.0], 'D' => [0.0, 8.0]]);
        $design = self::design('thickened-edge-slab');
        $layout = self::put('joints', $plan, $design);
        // 3.6 m at most: three pieces along, three across.
        self::assertCount(4, $layout->all);
        $again = Proposals::on('joints', $plan, $design, $layout);
        self::assertCount(8, $again->items ?? [], 'the same four in place of those');
        self::assertEquals(
            array_map(static fn ($i) => [$i->at()->x, $i->at()->y], array_values($layout->all)),
            array_map(static fn ($i) => [$i->at()->x, $i->at()->y], array_values(($again ?? self::fail('again'))->on($layout)->all)),
        );
        // One dragged aside; the others are found anew round it, it stays.
        $id = (string) array_key_first($layout->all);
        $joint = $layout->all[$id];
        self::assertInstanceOf(ControlJoint::class, $joint);
        $moved = $joint->but(at: $joint->at->but(x: $joint->at->x + 0.2), toX: $joint->toX + 0.2);
        self::assertTrue(Proposed::isMoved($moved));
        self::assertFalse(Proposed::isMoved($joint->but(at: $joint->at->but(name: 'Called otherwise', note: 'x'))), 'a name moves nothing');
        self::assertTrue(Proposed::isMoved($joint->but(depth: 0.05)));
        $then = self::put('joints', $plan, $design, new Items([...$layout->all, $id => $moved]));
        self::assertEquals($moved, $then->all[$id]);
        self::assertSame([], array_intersect(['panel-too-long'], self::rules($plan, $design, $then)));
        // By hand, nothing is proposed in its place; in a file it says by what rule.
        $data = PlanCodec::items($then);
        self::assertStringStartsWith('joints:', $data[$id]['proposed']);
        self::assertEquals($then, PlanCodec::itemsFromArray($data));
    }

    public function test_loops_are_as_long_as_area_over_spacing(): void
    {
        $lot = Lot::of(77, 60);
        for ($i = 0; $i < $lot->many; $i++) {
            [$long, $wide] = [$lot->random->getInt(25, 90) / 10, $lot->random->getInt(25, 70) / 10];
            $spacing = $lot->one([0.1, 0.15, 0.2, 0.25]);
            foreach (LoopPattern::cases() as $pattern) {
                $path = $pattern->path($long, $wide, $spacing);
                $say = "seed {$lot->seed}, case {$i}: {$pattern->value} {$long} × {$wide} at {$spacing}";
                self::assertEqualsWithDelta(
                    1.0, LoopPattern::length($path) / ($long * $wide / $spacing), $pattern === LoopPattern::Meander ? 0.12 : 0.2, $say,
                );
                foreach ($path as [$x, $y]) {
                    self::assertTrue($x > 0.0 && $x < $long && $y > 0.0 && $y < $wide, "inside, {$say}");
                }
                // No two runs nearer than four fifths of a spacing, and none crosses another.
                for ($a = 0; $a + 1 < count($path); $a++) {
                    for ($b = $a + 2; $b + 1 < count($path); $b++) {
                        $gap = Lines::gap($path[$a], $path[$a + 1], $path[$b], $path[$b + 1]);
                        self::assertTrue($gap >= 0.8 * $spacing || self::isBend($path, $a, $b, $spacing), "{$gap}, {$say}");
                    }
                }
            }
        }
        // By hand: 8 × 5 m at 150 mm are 266.7 m; with 2 × 3 m of feed four loops of 90 m, each 66.7 m and its feed.
        $zone = new HeatedZone(HeatedZone::usual()->put('Z', 0.0, 0.0, 0.0), 8.0, 5.0, spacing: 0.15, manifoldX: 7.0, manifoldY: 0.0);
        self::assertSame(4, $zone->loops());
        self::assertCount(4, $zone->paths());
        self::assertLessThanOrEqual(90.0, max([0.0, ...$zone->lengths()]));
        self::assertEqualsWithDelta(266.7 + 4 * 6.0, $zone->pipe(4), 0.05);
    }

    public function test_zones_pads_and_wings_follow_the_design(): void
    {
        $plan = Plan::along(['A' => [0.0, 0.0], 'B' => [10.0, 0.0], 'C' => [10.0, 8.0], 'D' => [0.0, 8.0]]);
        $heated = null;
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $heated = $option->design->slab->present() && (new Around($plan, $option->design, new Items))->pipeTops() !== null
                    ? $option->design : $heated;
            }
        }
        self::assertNotNull($heated);
        $layout = self::put('joints', $plan, $heated);
        $zones = self::put('loops', $plan, $heated, $layout)->of(HeatedZone::class);
        self::assertNotSame([], $zones);
        self::assertSame([], array_intersect(
            ['zones-overlap', 'in-the-room', 'loop-too-long'], self::rules($plan, $heated, self::put('loops', $plan, $heated, $layout)),
        ));
        self::assertNull(Proposals::on('loops', $plan, self::design('thickened-edge-slab'), new Items), 'nothing heats it');

        // 40 kN with a pad of its own on 71.8 kPa: 0.75 m wide weighs 40/0.5625 + 24 · 0.30 = 78.3, 0.80: 62.5 + 7.2 = 69.7 kPa.
        $design = self::design('thickened-edge-slab');
        $design = $design->with(['supports' => new Supports([new PostKind(permanent: 25.0, live: 15.0, foot: SupportFoot::OwnPad)])]);
        $posted = $plan->with(['items' => new Items([self::ID => new Post(Post::usual()->put('Post', 3.0, 3.0, 0.1), 0.2, 'post-1')])]);
        $pads = array_values(self::put('pads', $posted, $design)->of(Pad::class));
        self::assertCount(1, $pads);
        self::assertEqualsWithDelta([0.80, 0.30, 3.0, 3.0], [$pads[0]->width, $pads[0]->height, $pads[0]->at->x, $pads[0]->at->y], 1e-9);
        self::assertNull(Proposals::on('pads', $plan, $design, new Items), 'no post');

        // 15 mm a metre over 1.2 m: 18 mm; from its corners 1 in 94.
        $gully = $plan->with(['items' => new Items([self::ID => new Gully(Gully::usual()->put('Wash', 5.0, 4.0, 0.09))])]);
        $falls = array_values(self::put('falls', $gully, self::design('thickened-edge-slab'))->of(Fall::class));
        self::assertEqualsWithDelta([2.4, 0.018, 0.018 / 1.2], [$falls[0]->length, $falls[0]->drop, $falls[0]->slope()], 1e-9);
        self::assertEqualsWithDelta([5.0, 4.0], $falls[0]->low(), 1e-9);
        self::assertSame([], array_intersect(
            ['fall-too-flat', 'fall-without-outlet', 'slab-left'],
            self::rules($gully, self::design('thickened-edge-slab'), self::put('falls', $gully, self::design('thickened-edge-slab'))),
        ));
        // One plane: 40 mm over 3 m, turned a quarter: its low end lies 1.5 m up the sheet.
        $plane = new Fall(Fall::usual()->put('F', 5.0, 4.0, 0.1), 3.0, 2.0, 90.0, 0.04);
        self::assertEqualsWithDelta([5.0, 5.5], $plane->low(), 1e-9);
        self::assertEqualsWithDelta([[5.0, 2.5, 0.1], [5.0, 5.5, 0.06]], array_map(
            static fn ($s): array => [$s->x, $s->y, $s->level], $plane->spots(),
        ), 1e-9);

        $raft = self::design('frost-protected-raft');
        $l = Plan::along(Shape::L->corners(['length_m' => 12.0, 'width_m' => 9.0, 'part_length_m' => 5.0, 'part_width_m' => 4.0]));
        self::assertCount(5, self::put('wing-corners', $l, $raft)->of(WingCorner::class));
    }

    private static function put(string $rule, Plan $plan, Design $design, Items $layout = new Items): Items
    {
        $mend = Proposals::on($rule, $plan, $design, $layout) ?? self::fail("{$rule} proposes nothing");
        $items = [];
        foreach ($mend->on($layout)->all as $id => $item) {
            $items[str_starts_with($id, Mend::NEW) ? sprintf(
                '01HZX3V8Q%06d00000%06d', crc32($id) % 1_000_000, count($items),
            ) : $id] = $item;
        }

        return new Items($items);
    }

    /** @return list<string> */
    private static function rules(Plan $plan, Design $design, Items $layout): array
    {
        $rules = [];
        foreach (PlanReview::of($plan, $design, $layout) as $remarks) {
            foreach ($remarks as $remark) {
                $rules[] = $remark->id;
            }
        }

        return $rules;
    }

    /** @param  list<array{float, float}>  $path  Whether all between two runs is no longer than a bend. */
    private static function isBend(array $path, int $a, int $b, float $spacing): bool
    {
        return LoopPattern::length(array_slice($path, $a + 1, $b - $a)) <= 2.1 * $spacing;
    }

    private static function design(string $family): Design
    {
        return Examples::of($family)?->options[0]->design ?? throw new \LogicException('gone');
    }
}
