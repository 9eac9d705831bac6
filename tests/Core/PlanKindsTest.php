<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\PlanCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\PostKind;
use Ondergrond\Design\StripKind;
use Ondergrond\Design\Supports;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\GasPipe;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\HoldDown;
use Ondergrond\Plan\Kinds\Pit;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Recess;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\SoilReplaced;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\OpeningKind;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\PlannedSupports;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Redraw;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\Supply;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Project\Ulid;
use Ondergrond\Size\Parameter;
use Ondergrond\Takeoff\Good;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PartLines;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each kind of item: written, drawn, judged, counted. Limits are common practice without a source where none is named. */
final class PlanKindsTest extends TestCase
{
    private const ID = '01HZX3V8Q0000000000000000A';

    /** @return iterable<string, array{class-string<Item>}> */
    public static function kinds(): iterable
    {
        foreach (Kinds::all() as $slug => $kind) {
            yield $slug => [$kind];
        }
    }

    public function test_every_kind_that_is_asked_for_is_there(): void
    {
        self::assertSame([], array_diff([
            'post', 'strip', 'sleeve', 'drain', 'gully', 'sump', 'gas-pipe', 'conduit', 'toilet', 'bolts', 'hold-down', 'joint', 'recess',
            'zone', 'wing-corner', 'pit', 'soil', 'lot', 'area', 'line', 'pad', 'neighbour', 'fall',
        ], array_keys(Kinds::all())));
        self::assertSame([], array_diff(array_column(Supply::cases(), 'value'), array_column(Good::cases(), 'value')), 'each has its good');
    }

    /** @param  class-string<Item>  $kind */
    #[DataProvider('kinds')]
    public function test_it_reads_back_as_written_and_every_size_counts(string $kind): void
    {
        $fresh = [...PlanCodec::fresh($kind, 'One', self::design()), 'x_m' => 3.0, 'y_m' => 3.0];
        $read = PlanCodec::itemsFromArray([self::ID => $fresh]);
        self::assertEquals($read, PlanCodec::itemsFromArray(PlanCodec::items($read)));
        foreach (array_keys($fresh) as $key) {
            self::assertNotNull(PlanCodec::said($key) ?? ($key === 'kind' ? true : null), "{$key} says what it is");
        }
        foreach (Parameter::of($kind) as $p) {
            if ($p->size !== null && $p->type === 'float') {
                $other = [...$fresh, $p->key => ($fresh[$p->key] ?? 1.0) + 0.011];
                self::assertNotEquals($read, PlanCodec::itemsFromArray([self::ID => $other]), $p->key);
            }
        }
        $drawing = PlanDrawing::of(self::plan(), self::design(), $read, new QuantityFormatter(UnitSystem::Metric));
        $parts = array_map(static fn (object $i): ?string => $i->part ?? null, $drawing->items);
        self::assertContains('item:'.self::ID, $parts, 'it is drawn');
        self::assertInstanceOf(Belongs::class, $kind::belongs());
    }

    /** @return iterable<string, array{Item, list<string>, Item}> what is wrong, by rule, and the same put right */
    public static function judged(): iterable
    {
        $at = static fn (string $kind, float $x = 3.0, float $y = 3.0, float $level = 0.2) => $kind::usual()->put('It', $x, $y, $level);
        // (60 − 50)/2 − 3 − 2 = 0 mm; with a hollow of 80 it is 10.
        yield 'a stub in a leg' => [
            new Sleeve($at(Sleeve::class), 0.05, hollow: 0.06, boot: Fitted::Yes), ['tolerance'],
            new Sleeve($at(Sleeve::class), 0.05, hollow: 0.08, boot: Fitted::Yes),
        ];
        yield 'a conduit in a leg' => [
            new Conduit($at(Conduit::class), 0.032, hollow: 0.044, boot: Fitted::Yes), ['tolerance'],
            new Conduit($at(Conduit::class), 0.032, hollow: 0.05, boot: Fitted::Yes),
        ];
        yield 'a box that stands up' => [
            new Conduit($at(Conduit::class, level: 0.5), box: 0.2, boot: Fitted::Yes), ['flush'],
            new Conduit($at(Conduit::class, level: 0.1), box: 0.2, boot: Fitted::Yes),
        ];
        yield 'a gully over the floor' => [
            new Gully($at(Gully::class, level: 0.6)), ['below-floor', 'led-away'], new Toilet($at(Toilet::class)),
        ];
        yield 'a sump that nothing feeds' => [new Sump($at(Sump::class)), ['fed', 'power'], new Toilet($at(Toilet::class))];
        yield 'bolts at the very edge' => [
            new Bolts($at(Bolts::class, 1.0, 0.02), 9.0, 0.02, fromEnd: 0.25), ['cover'],
            new Bolts($at(Bolts::class, 1.0, 0.1), 9.0, 0.1, fromEnd: 0.25),
        ];
        yield 'a rod through a slab' => [
            new HoldDown($at(HoldDown::class)), ['deep-enough'], new HoldDown($at(HoldDown::class), deep: 0.02),
        ];
        yield 'a deep recess' => [new Recess($at(Recess::class), depth: 0.09), ['slab-left'], new Recess($at(Recess::class), depth: 0.02)];
        yield 'a shallow pit' => [new Pit($at(Pit::class, level: 0.0), 0.1), ['deep-enough'], new Pit($at(Pit::class, level: 0.0), 2.0)];
        yield 'a plate over the edge' => [new Post($at(Post::class, 0.05)), ['kind', 'plate-on-slab'], new Toilet($at(Toilet::class))];
        yield 'a gas pipe in thin stone' => [
            new GasPipe($at(GasPipe::class), 6.0, 3.0, 0.4), ['in-stone'], new GasPipe($at(GasPipe::class), 6.0, 3.0, 0.05),
        ];
        yield 'a zone through the wall' => [
            new HeatedZone($at(HeatedZone::class, 1.0), 4.0, 3.0), ['heated', 'in-the-room'], new Toilet($at(Toilet::class)),
        ];
        yield 'a corner of a wing that is not there' => [new WingCorner($at(WingCorner::class)), ['wing'], new Toilet($at(Toilet::class))];
        yield 'in line with something that went' => [
            new Toilet($at(Toilet::class)->but(inLine: '01HZX3V8Q0000000000000000B')), ['in-line'], new Toilet($at(Toilet::class)),
        ];
    }

    /** @param  list<string>  $rules */
    #[DataProvider('judged')]
    public function test_it_says_what_is_wrong_and_is_silent_where_nothing_is(Item $wrong, array $rules, Item $right): void
    {
        $found = PlanReview::of(self::plan(), self::design(), new Items([self::ID => $wrong]))['item:'.self::ID] ?? [];
        self::assertSame($rules, array_map(static fn (Remark $r): string => $r->id, $found));
        foreach ($found as $remark) {
            self::assertNotSame('', $remark->said->in(new QuantityFormatter(UnitSystem::InchPound)));
        }
        self::assertSame([], PlanReview::of(self::plan(), self::design(), new Items([self::ID => $right]))['item:'.self::ID] ?? []);
    }

    public function test_any_kind_anywhere_in_any_example_is_judged_and_drawn_in_words_that_read(): void
    {
        $seed = random_int(1, 1 << 30);
        mt_srand($seed);
        foreach (Examples::all() as $project) {
            $design = $project->options[0]->design;
            $plan = TypedFloor::plan($design, Shape::Rectangle);
            [, , $long, $wide] = $plan->outline->box();
            $items = [];
            foreach (Kinds::all() as $slug => $kind) {
                $ends = $kind::isRun() ? ['to_x_m' => $long * mt_rand(1, 99) / 100, 'to_y_m' => $wide * mt_rand(1, 99) / 100] : [];
                $items += PlanCodec::itemsFromArray([Ulid::from('lot', $slug) => [
                    ...PlanCodec::fresh($kind, $kind::label(), $design), 'x_m' => $long * mt_rand(1, 99) / 100,
                    'y_m' => $wide * mt_rand(1, 99) / 100, ...$ends,
                ]])->all;
            }
            foreach (UnitSystem::cases() as $system) {
                $format = new QuantityFormatter($system);
                self::assertNotSame([], PlanDrawing::of($plan, $design, new Items($items), $format)->items);
                foreach (PlanReview::of($plan, $design, new Items($items)) as $place => $remarks) {
                    foreach ($remarks as $remark) {
                        self::assertDoesNotMatchRegularExpression('~%|NAN|INF|  ~', $remark->said->in($format), "seed {$seed}, {$place}");
                    }
                }
                foreach ($items as $item) {
                    self::assertDoesNotMatchRegularExpression('~%|NAN|INF~', $item->about()?->in($format) ?? '', "seed {$seed}");
                }
            }
        }
    }

    public function test_a_stubs_tolerance_is_what_the_leg_leaves(): void
    {
        // (100 − 50)/2 − 5 − 4 mm
        $stub = new Sleeve(Sleeve::usual()->put('Stub', 3.0, 3.0, 0.2), 0.05, hollow: 0.1, lean: 0.005, own: 0.004);
        self::assertEqualsWithDelta(0.016, $stub->tolerance(), 1e-12);
        self::assertSame(0.01, (new Sleeve(Sleeve::usual()->put('Stub', 3.0, 3.0, 0.2), 0.05))->tolerance());
    }

    public function test_bolts_stand_in_equal_spaces_between_those_at_the_ends(): void
    {
        $bolts = new Bolts(Bolts::usual()->put('Sill', 0.0, 0.1, 0.2), 10.0, 0.1, apart: 1.2, fromEnd: 0.25);
        $places = $bolts->places();
        // 9.5 m between the two at the ends: eight spaces of 1.1875 m.
        self::assertCount(9, $places);
        self::assertEqualsWithDelta([[0.25, 0.1], [1.4375, 0.1], [9.75, 0.1]], [$places[0], $places[1], $places[8]], 1e-12);
        self::assertCount(1, (new Bolts(Bolts::usual()->put('Short', 0.0, 0.1, 0.2), 0.4, 0.1))->places());
    }

    public function test_what_is_placed_is_counted_and_its_worst_place_governs(): void
    {
        $design = self::design()->with(
            ['supports' => new Supports([new PostKind(permanent: 10.0, live: 5.0, amount: 9.0)], [new StripKind()])],
        );
        $posts = [
            'a' => new Post(Post::usual()->put('A', 3.0, 3.0, 0.2), 0.2, 'post-1', 20.0, 10.0),
            'b' => new Post(Post::usual()->put('B', 1.0, 4.0, 0.2), 0.15, 'post-1', 28.0, 0.0),
            'c' => new Post(Post::usual()->put('C', 5.0, 4.0, 0.2), 0.2, 'post-1'),
            'd' => new Post(Post::usual()->put('D', 6.0, 4.0, 0.2)),
            's' => new BearingStrip(BearingStrip::usual()->put('S', 2.0, 2.0, 0.2), 6.0, 2.0, 0.12, 'strip-1', 4.0, 3.0),
        ];
        self::assertSame(['post-1' => 3, 'strip-1' => 1], PlannedSupports::placed($design->supports, new Items($posts)));
        $planned = PlannedDesign::of(self::plan(), $design, new Items($posts));
        $post = $planned->supports->posts[0];
        self::assertSame([20.0, 10.0, 3.0, 0.15, 1.0], [$post->permanent, $post->live, $post->amount, $post->plate, $post->fromEdge]);
        $strip = $planned->supports->strips[0];
        self::assertSame([4.0, 3.0, 4.0, 2.0], [$strip->permanent, $strip->live, $strip->amount, $strip->fromEdge]);
        self::assertEquals($design->supports, PlannedDesign::of(self::plan(), $design)->supports, 'as typed where none stands on the plan');

        // Further in than a section draws, it stands where the drawn half ends.
        $wide = Plan::along(['A' => [0.0, 0.0], 'B' => [40.0, 0.0], 'C' => [40.0, 40.0], 'D' => [0.0, 40.0]]);
        $middle = new Items(['m' => new Post(Post::usual()->put('M', 20.0, 20.0, 0.2), 0.2, 'post-1')]);
        $there = PlannedDesign::of($wide, $design, $middle);
        self::assertEqualsWithDelta(
            $there->footprint->characteristicDimension() / 2 + $design->wall->insideThickness(), $there->supports->posts[0]->fromEdge, 1e-6,
        );

        $job = new Job($design, UnitSystem::Metric, self::plan(), new Items([
            'z' => new SoilReplaced(SoilReplaced::usual()->put('Peat', 3.0, 3.0, -0.5), 3.0, 2.0, depth: 0.5),
            'g' => new Gully(Gully::usual()->put('Shower', 3.0, 3.0, 0.1)), 'h' => new Gully(Gully::usual()->put('Wash', 4.0, 3.0, 0.1)),
        ]));
        $lines = array_column(OrderList::of($job, PriceList::none())->lines, null, 'id');
        self::assertEqualsWithDelta(3.0, ($lines['soil:0'] ?? self::line())->net, 1e-12);
        self::assertSame(2.0, ($lines['gully:150'] ?? self::line())->net);
    }

    public function test_a_wings_corners_are_counted_as_the_outline_has_them(): void
    {
        $design = Examples::of('frost-protected-raft')?->options[0]->design ?? self::design();
        $design = $design->with(['wing' => $design->wing->but(
            layer: new Layer('xps-25psi', 0.05), width: 0.6, cornerThickness: 0.08, cornerWidth: 0.9, cornerLength: 1.2,
        )]);
        $corners = static fn (?Plan $plan, Items $items = new Items): float => array_column(
            PartLines::of(Part::Wing, new Job($design, UnitSystem::Metric, $plan, $items)), 'net', 'id',
        )['wing:corners'];
        // Each: two strips of 1.2 by 0.9 m along the walls and the square of 0.9 m between.
        self::assertEqualsWithDelta(4 * 2.97, $corners(null), 1e-9);
        self::assertEqualsWithDelta(5 * 2.97, $corners(Redraw::stepped(self::plan(), 'A', 4.0, 1.5)), 1e-9);
        $one = new Items([self::ID => new WingCorner(WingCorner::usual()->put('A', 0.0, 0.0, -0.3), 1.2, 0.9)]);
        self::assertEqualsWithDelta(2.97, $corners(self::plan(), $one), 1e-9);
    }

    public function test_an_opening_in_the_ground_wants_a_well_and_a_well_a_drain(): void
    {
        $ids = static fn (Opening $o): array => array_map(
            static fn (Remark $r): string => $r->id,
            PlanReview::of(self::plan()->with(['openings' => [self::ID => $o]]), self::design(), new Items)['opening:'.self::ID] ?? [],
        );
        self::assertSame(['well'], $ids(new Opening('A', 2.0, 1.0, OpeningKind::Window, -0.4)));
        self::assertSame(['well-depth', 'well-drained'], $ids(new Opening('A', 2.0, 1.0, OpeningKind::Window, -0.4, 0.9, 0.5)));
        self::assertSame(['well-drained'], $ids(new Opening('A', 2.0, 1.0, OpeningKind::Window, -0.4, 0.9, 0.7)));
        self::assertSame([], $ids(new Opening('A', 2.0, 1.0, OpeningKind::Window, 0.9)));
        self::assertSame([], $ids(new Opening('A', 2.0, 1.0)));
    }

    private static function line(): Line
    {
        throw new \LogicException('not counted');
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
