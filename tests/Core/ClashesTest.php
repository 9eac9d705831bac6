<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\PlanCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\PostKind;
use Ondergrond\Design\Steel;
use Ondergrond\Design\StripKind;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Examples\Examples;
use Ondergrond\Examples\Plans;
use Ondergrond\Plan\Carries;
use Ondergrond\Plan\Clashes;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Fall;
use Ondergrond\Plan\Kinds\Gully;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\LotLine;
use Ondergrond\Plan\Kinds\NeighbourFooting;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Pit;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Recess;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Kinds\Sump;
use Ondergrond\Plan\Kinds\Toilet;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\Panels;
use Ondergrond\Plan\Passes;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Shape;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Project\Ulid;
use Ondergrond\Section\Layout;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Lot;

/** What things on a plan do to each other: each rule meets a case of its own, is silent where it is put right, and its remedy mends it. */
final class ClashesTest extends TestCase
{
    private const ID = '01HZX3V8Q0000000000000000A';

    private const TWO = '01HZX3V8Q0000000000000000B';

    /** @return iterable<string, array{string, Items, Items, Design, Plan, string}> rule, wrong, right, on what, where */
    public static function met(): iterable
    {
        $at = static fn (string $kind, float $x = 3.0, float $y = 3.0, float $level = 0.0, string $name = 'It') => $kind::usual()->put(
            $name, $x, $y, $level,
        );
        $one = static fn (Item $a, ?Item $b = null): Items => new Items([self::ID => $a, ...($b === null ? [] : [self::TWO => $b])]);
        $slab = self::design('thickened-edge-slab');
        $cellar = self::design('heated-basement');
        $heated = self::heated();
        $on = Layout::of($slab);
        $deep = $on->slab - $on->foot;
        $middle = ($on->slab + $on->foot) / 2;
        $sleeve = static fn (float $x, float $y, float $d = 0.11, Fitted $boot = Fitted::Yes): Sleeve => new Sleeve(
            $at(Sleeve::class, $x, $y), $d, boot: $boot,
        );
        $through = static fn (float $x, float $level, float $d): Sleeve => new Sleeve(
            $at(Sleeve::class, $x, 0.05, $level), $d, Passes::Edge,
        );
        $joint = static fn (float $x, float $depth = 0.04, Fitted $sleeved = Fitted::Yes): ControlJoint => new ControlJoint(
            $at(ControlJoint::class, $x, 0.0), $x, 8.0, $depth, $sleeved,
        );
        $zone = new HeatedZone($at(HeatedZone::class, 3.0, 3.0), 4.0, 3.0, manifoldX: 1.0, manifoldY: 1.0);
        $bolts = static fn (mixed ...$with): Bolts => (new Bolts($at(Bolts::class, 1.0, 0.1), 9.0, 0.1))->but(...$with);
        $drain = static fn (float $to, Carries $carries = Carries::Soil): DrainRun => new DrainRun(
            $at(DrainRun::class, 2.0, -3.0, -0.6), 8.0, -3.0, $to, 0.11, $carries,
        );
        $case = static fn (string $rule, Items $wrong, Items $right, ?Design $d = null, ?Plan $p = null,
            string $place = 'item:'.self::ID): array => [
                $rule, $wrong, $right, $d ?? $slab, $p ?? self::plan(), $place,
            ];

        yield 'down through the beam' => $case('sleeve-down-edge', $one($sleeve(0.1, 3.0)), $one($sleeve(3.0, 3.0)));
        yield 'an entry in the floor' => $case(
            'sleeve-off-edge', $one(new Sleeve($at(Sleeve::class), 0.11, Passes::Edge)), $one($through(3.0, $middle, 0.05)),
        );
        // A third of the beam's depth, and not more.
        yield 'too wide a hole' => $case(
            'sleeve-too-wide', $one($through(3.0, $middle, $deep / 3 + 0.005)), $one($through(3.0, $middle, $deep / 3)),
        );
        yield 'a hole at the bars' => $case(
            'sleeve-out-of-middle', $one($through(3.0, $on->foot + 0.05, 0.05)), $one($through(3.0, $middle, 0.05)),
        );
        yield 'two holes side by side' => $case(
            'sleeves-too-near', new Items(
                [self::ID => $through(3.14, $middle, 0.05), '01HZX3V8Q00000000000000009' => $through(3.0, $middle, 0.05)],
            ),
            new Items([self::ID => $through(3.15, $middle, 0.05), '01HZX3V8Q00000000000000009' => $through(3.0, $middle, 0.05)]),
        );
        yield 'a hole by a post' => $case(
            'sleeve-under-post', $one($sleeve(3.2, 3.0), new Post($at(Post::class))), $one($sleeve(3.5, 3.0), new Post($at(Post::class))),
        );
        yield 'no boot' => $case('sleeve-without-boot', $one($sleeve(3.0, 3.0, boot: Fitted::No)), $one($sleeve(3.0, 3.0)));
        yield 'a boot nobody speaks of' => $case(
            'sleeve-without-boot', $one($sleeve(3.0, 3.0, boot: Fitted::NotSaid)), $one($sleeve(3.0, 3.0)),
        );
        yield 'a hole through a pad' => $case(
            'pad-under-sleeve', $one($sleeve(3.0, 3.0), new Pad($at(Pad::class))), $one($sleeve(4.0, 3.0), new Pad($at(Pad::class))),
        );
        yield 'pipes over a joint' => $case(
            'pipes-over-joint', $one($joint(3.0, 0.025, Fitted::No), $zone), $one($joint(7.0, 0.025, Fitted::No), $zone), $heated,
        );
        yield 'a saw in the pipes' => $case(
            'cut-into-pipes', $one($joint(3.0, 0.06), $zone), $one($joint(7.0, 0.06), $zone), $heated,
        );
        // 101.6 mm less 40 of cover and two bars of 12: 37.6 mm over them; cut 26 mm deep it wants 51.
        $barred = static fn (float $cover): Design => $slab->with(['steel' => new Steel(0.012, 0.4, $cover)]);
        yield 'a saw in the bars' => $case('cut-into-bars', $one($joint(5.0, 0.026)), $one($sleeve(3.0, 3.0)), $barred(0.04));
        // Bolts of 1 to 9 m: the second stands at 1.25 + 7.5/7 = 2.3214 m.
        yield 'a joint at a bolt' => $case('cut-into-bolt', $one($bolts(), $joint(2.36)), $one($bolts(), $joint(2.38)));
        yield 'a shallow cut' => $case('cut-too-shallow', $one($joint(5.0, 0.012)), $one($joint(5.0)));
        yield 'a cut through a plate' => $case(
            'cut-into-post', $one($joint(3.05), new Post($at(Post::class))), $one($joint(3.2), new Post($at(Post::class))),
        );
        yield 'a cut over a sleeve' => $case('cut-into-sleeve', $one($joint(3.1), $sleeve(3.0, 3.0)), $one($joint(3.2), $sleeve(3.0, 3.0)));
        // By hand: bolts of 1 to 9 m at 1.25, 2.32, 3.39, 4.46 …; a door from 3.2 to 4.1 m has one in it.
        yield 'a bolt in a doorway' => $case(
            'bolt-in-doorway', $one($bolts()), $one($bolts(toX: 3.2)), p: self::plan([self::TWO => new Opening('A', 3.2, 0.9)]),
        );
        yield 'bolts too far apart' => $case('bolts-too-far', $one($bolts(apart: 2.0)), $one($bolts(apart: 1.829)));
        yield 'a bolt at the very end' => $case('bolt-off-plate-end', $one($bolts(fromEnd: 0.05)), $one($bolts(fromEnd: 0.084)));
        yield 'a bolt far from the end' => $case('bolt-off-plate-end', $one($bolts(fromEnd: 0.4)), $one($bolts(fromEnd: 0.305)));
        yield 'one bolt on a plate' => $case('bolts-too-few', $one($bolts(toX: 1.3)), $one($bolts(toX: 1.6)));
        yield 'a bolt at a sleeve' => $case('bolt-into-sleeve', $one($bolts(), $sleeve(1.3, 0.1)), $one($bolts(), $sleeve(1.6, 0.1)));
        $posted = $slab->with(['supports' => new Supports([new PostKind(permanent: 10.0, foot: SupportFoot::OwnPad)])]);
        $pad = static fn (float $x): Pad => new Pad($at(Pad::class, $x));
        yield 'a post off its pad' => $case(
            'post-off-pad', $one(
                new Post($at(Post::class), of: 'post-1'), $pad(3.15),
            ), $one(new Post($at(Post::class), of: 'post-1'), $pad(3.1)), $posted,
        );
        $soft = static fn (string $board): Design => $slab->with(['supports' => new Supports(
            [new PostKind(permanent: 10.0, foot: SupportFoot::HardBoard, board: $board)], [
                new StripKind(permanent: 10.0, foot: SupportFoot::HardBoard, board: $board),
            ],
        )]);
        yield 'a wall on soft board' => $case(
            'soft-board-under-post', $one(
                new BearingStrip($at(BearingStrip::class), 6.0, 3.0, of: 'strip-1'),
            ), $one($sleeve(3.0, 3.0)), $soft('eps-15psi'),
        );
        yield 'a flat soil pipe' => $case('drain-falls-too-little', $one($drain(-0.63)), $one($drain(-0.66)));
        yield 'a small soil pipe' => $case(
            'drain-falls-too-little', $one($drain(-0.66)->but(diameter: 0.06)), $one($drain(-0.72)->but(diameter: 0.06)),
        );
        yield 'a form that falls' => $case(
            'drain-falls-too-little', $one($drain(-0.606, Carries::FootingForm)), $one($drain(-0.604, Carries::FootingForm)),
        );
        yield 'a level footing drain' => $case(
            'drain-falls-too-little', $one($drain(-0.6, Carries::Footing)), $one($drain(-0.63, Carries::Footing)),
        );
        yield 'uphill' => $case('outlet-above-inlet', $one($drain(-0.5)), $one($drain(-0.66)));
        yield 'into a higher one' => $case(
            'drain-meets-too-high', $one($drain(-0.66), new DrainRun($at(DrainRun::class, 8.0, -3.0, -0.62), 14.0, -3.0, -0.8)),
            $one($drain(-0.66), new DrainRun($at(DrainRun::class, 8.0, -3.0, -0.66), 14.0, -3.0, -0.8)),
        );
        $out = static fn (float $level): DrainRun => new DrainRun($at(DrainRun::class, 3.0, 3.0, $level), 3.0, -4.0, $level - 0.1);
        yield 'a pipe cast in' => $case('drain-without-sleeve', $one($out($middle + 0.04)), $one($out($on->foot - 0.3)));
        yield 'a trench at the footing' => $case(
            'drain-undermines-footing', $one(new DrainRun($at(DrainRun::class, 2.0, -0.3, $on->foot - 0.6), 8.0, -0.3, $on->foot - 0.7)),
            $one(new DrainRun($at(DrainRun::class, 2.0, -3.0, $on->foot - 0.6), 8.0, -3.0, $on->foot - 0.7)),
        );
        yield 'a shaft at the footing' => $case(
            'sump-undermines-footing', $one(
                new Sump($at(Sump::class, 5.0, 0.9), depth: 3.0),
            ), $one(new Sump($at(Sump::class, 5.0, 4.0), depth: 3.0)),
        );
        yield 'a corner without a joint' => $case(
            'corner-without-joint', new Items, $one(new ControlJoint($at(ControlJoint::class, 7.0, 0.0), 7.0, 5.0)), $slab, self::l(), 'corner:D',
        );
        yield 'a panel too long' => $case('panel-too-long', new Items, new Items([
            'a' => $joint(2.5), 'b' => $joint(5.0), 'c' => $joint(7.5), 'd' => self::across(2.7), 'e' => self::across(5.4),
        ]), place: 'plan');
        yield 'a panel too narrow' => $case('panel-too-narrow', $one($joint(2.0)), new Items, place: 'plan');
        yield 'a heated panel too large' => $case('heated-field-too-large', $one($zone), $one($zone, $joint(5.0)), $heated, place: 'plan');
        $lot = static fn (float $x): Items => new Items([self::ID => new LotLine($at(LotLine::class, $x, -5.0), $x, 20.0)]);
        yield 'pegs next door' => $case('pegs-over-lot', $lot(-2.0), $lot(-9.0), p: self::plan()->with([
            'pegs' => new Pegs(-3.0, -3.0, 12.0, -3.0),
        ]));
        $wing = self::design('frost-protected-raft');
        yield 'a wing over the line' => $case('wing-over-lot', $lot(-0.5), $lot(-4.0), $wing);
        yield 'an edge over the line' => $case('edge-over-lot', $lot(-0.01), $lot(-4.0));
        yield 'a slope over the line' => $case('dig-over-lot', $lot(-3.0), $lot(-9.0), $cellar);
        yield 'a drain over the line' => $case(
            'drain-over-lot', new Items(
                [self::ID => $drain(-0.66), 'l' => new LotLine($at(LotLine::class, 5.0, -9.0), 5.0, -1.0)],
            ), $one($drain(-0.66)),
        );
        $next = static fn (float $x, float $level): Items => new Items([
            self::ID => new NeighbourFooting($at(NeighbourFooting::class, $x, 0.0, $level), $x, 8.0),
        ]);
        yield 'below a neighbour' => $case('dig-below-neighbour', $next(-2.0, -0.6), $next(-6.0, -0.6), $cellar);
        yield 'deep' => [
            'trench', new Items, new Items, $cellar, self::plan(), 'plan',
        ];
        yield 'a manifold far off' => $case(
            'loop-too-long', $one($zone->but(manifoldX: 3.0, manifoldY: 30.0)), $one($zone), $heated, Plan::along([
                'A' => [0.0, 0.0], 'B' => [10.0, 0.0], 'C' => [10.0, 31.0], 'D' => [0.0, 31.0],
            ]),
        );
        yield 'two zones in one place' => $case(
            'zones-overlap', new Items([self::ID => $zone, '01HZX3V8Q00000000000000009' => $zone->but(at: $zone->at->but(x: 6.9))]),
            new Items([self::ID => $zone, '01HZX3V8Q00000000000000009' => $zone->but(at: $zone->at->but(x: 7.0))]), $heated,
        );
        yield 'a recess down to the pipes' => $case(
            'recess-into-pipes', $one(new Recess($at(Recess::class), depth: 0.025), $zone), $one(
                new Recess($at(Recess::class, 8.0), depth: 0.025), $zone,
            ), $heated,
        );
        yield 'a toilet off its wall' => $case(
            'toilet-off-wall', $one(new Toilet($at(Toilet::class, 2.0, 0.5), wall: 0.5)), $one(new Toilet($at(Toilet::class))),
        );
        $fall = static fn (float $drop): Fall => new Fall($at(Fall::class), 3.0, 2.0, drop: $drop);
        yield 'a flat fall' => $case('fall-too-flat', $one($fall(0.012)), $one($fall(0.03)));
        yield 'a fall to nowhere' => $case('fall-without-outlet', $one($fall(0.03)), $one($fall(0.03), new Gully($at(Gully::class, 4.5))));
        yield 'gravity alone' => $case(
            'no-emergency-sump', $one(new Gully($at(Gully::class, level: -2.0))), $one(
                new Gully($at(Gully::class, level: -2.0)), new Sump($at(Sump::class, 5.0, 4.0)),
            ), $cellar,
        );
        yield 'rock' => $case(
            'rock-in-dig', $one(new Pit($at(Pit::class), 2.0, rock: 0.1)), $one(new Pit($at(Pit::class), 2.0, rock: 1.9)),
        );
        yield 'water' => $case(
            'water-in-dig', $one(new Pit($at(Pit::class), 2.0, water: 0.1)), $one(new Pit($at(Pit::class), 2.0, water: 1.9)),
        );
    }

    #[DataProvider('met')]
    public function test_it_is_met_and_its_remedy_mends_it(
        string $rule, Items $wrong, Items $right, Design $design, Plan $plan, string $place,
    ): void {
        $found = self::review($plan, $design, $wrong)[$place] ?? [];
        self::assertContains($rule, array_keys($found), implode(', ', array_keys($found)));
        if ($rule !== 'trench') {
            self::assertArrayNotHasKey($rule, self::review($plan, $design, $right)[$place] ?? [], 'and is silent');
        }
        $remark = $found[$rule];
        self::assertNotSame('', $remark->reason);
        self::assertNotSame('', $remark->why);
        if ($remark->mend !== null) {
            $then = self::review($plan, $design, $remark->mend->on($wrong))[$place] ?? [];
            self::assertLessThan(self::many($plan, $design, $wrong, $rule), self::many(
                $plan, $design, $remark->mend->on($wrong), $rule,
            ), implode(' ', array_keys($then)));
        }
    }

    public function test_every_rule_has_a_case_and_there_are_many(): void
    {
        self::assertGreaterThanOrEqual(25, count(Clashes::all()));
        self::assertSame([], array_diff(
            array_keys(Clashes::all()), array_map(static fn (array $c): string => $c[0], array_values(iterator_to_array(self::met()))),
        ));
        $mended = 0;
        foreach (self::met() as [$rule, $wrong, , $design, $plan, $place]) {
            $mended += isset(self::review($plan, $design, $wrong)[$place][$rule]->mend) ? 1 : 0;
        }
        self::assertGreaterThan(20, $mended);
        // Below a neighbour's footing nobody is told how.
        foreach (Clashes::all() as $id => $class) {
            self::assertMatchesRegularExpression('~^[A-ZÄÖÜ].{20,}\.$~u', $class::finds(), $id);
            self::assertMatchesRegularExpression('~^[A-Z].{20,}\.$~u', $class::reason(), $id);
            self::assertDoesNotMatchRegularExpression('~not needed|needs no protection~i', $class::reason().$class::source(), $id);
        }
    }

    public function test_the_neighbours_footing_is_a_stop_without_remedy_and_a_trench_never_needs_nothing(): void
    {
        $cellar = self::design('heated-basement');
        $footing = new NeighbourFooting(NeighbourFooting::usual()->put('Next door', -2.0, 0.0, -0.6), -2.0, 8.0);
        $found = self::review(self::plan(), $cellar, new Items([self::ID => $footing]))['item:'.self::ID]['dig-below-neighbour'];
        self::assertSame([Severity::Stop, null], [$found->severity, $found->mend]);
        self::assertStringContainsString('an engineer', $found->said->in(new QuantityFormatter(UnitSystem::Metric)));
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $plan = TypedFloor::plan($option->design, Shape::Rectangle);
                $trench = self::review($plan, $option->design, new Items)['plan']['trench'] ?? null;
                if ($trench !== null) {
                    self::assertMatchesRegularExpression(
                        '~protection needed|a competent person decides~', $trench->said->in(new QuantityFormatter(UnitSystem::Metric)),
                    );
                }
            }
        }
    }

    public function test_panels_are_what_joints_leave(): void
    {
        $joint = static fn (float $x, float $y, float $u, float $v): ControlJoint => new ControlJoint(
            ControlJoint::usual()->put('J', $x, $y, 0.0), $u, $v,
        );
        $sizes = static fn (?Panels $p): array => array_map(
            static fn ($panel): string => sprintf('%.2f×%.2f', $panel->long, $panel->short), $p->all ?? [],
        );
        $plan = self::plan();
        self::assertSame(['10.00×8.00'], $sizes(Panels::of($plan->outline, [])));
        self::assertSame(
            ['8.00×4.00', '8.00×6.00'], $sizes(Panels::of($plan->outline, [$joint(4.0, 0.2, 4.0, 7.8)])), 'to the inner faces',
        );
        self::assertSame(['10.00×8.00'], $sizes(Panels::of($plan->outline, [$joint(4.0, 0.2, 4.0, 4.0)])), 'half way parts nothing');
        self::assertCount(4, Panels::of($plan->outline, [$joint(4.0, 0.0, 4.0, 8.0), $joint(0.0, 3.0, 10.0, 3.0)])->all ?? []);
        self::assertNull(Panels::of($plan->outline, [$joint(4.0, 0.0, 6.0, 8.0)]), 'askew is not judged');
        $l = Panels::of(self::l()->outline, [$joint(7.0, 0.0, 7.0, 5.0)]);
        self::assertSame(['9.00×7.00', '5.00×5.00'], $sizes($l));
        self::assertFalse(Panels::of(self::l()->outline, [])?->all[0]->isWhole(), 'an L is no rectangle');
        $askew = new Items([self::ID => $joint(4.0, 0.0, 6.0, 8.0)]);
        $said = self::review($plan, self::design('thickened-edge-slab'), $askew)['plan']['panel-too-long'] ?? null;
        self::assertSame(Severity::NotChecked, $said?->severity, 'and that is said');
        $beside = Panels::of($plan->outline, ['a' => $joint(4.0, 0.0, 4.0, 8.0)])?->beside('a') ?? [];
        self::assertEqualsWithDelta([2.0, 8 / 6], array_map(static fn ($panel): float => $panel->ratio(), $beside), 1e-9);
        self::assertSame([], Panels::of($plan->outline, [])?->beside('a'));
        self::assertEqualsWithDelta([3.6, 4.5], [Panels::longest(0.1), Panels::longest(0.15)], 1e-12, '36 t, 4.5 m');
    }

    public function test_remedies_by_lot_mend_what_they_stand_at(): void
    {
        $lot = Lot::of(2828, 12);
        $pressed = 0;
        foreach (Examples::all() as $project) {
            $drawn = Plans::drawn($project);
            $design = $drawn->options[0]->design;
            $plan = $drawn->plan ?? self::fail('each is drawn');
            [, , $long, $wide] = $plan->outline->box();
            for ($i = 0; $i < $lot->many; $i++) {
                $items = [];
                foreach (Kinds::all() as $slug => $kind) {
                    $share = static fn (float $of): float => round($of * $lot->random->getInt(2, 98) / 100, 3);
                    $ends = $kind::isRun() ? ['to_x_m' => $share($long), 'to_y_m' => $share($wide)] : [];
                    $items += PlanCodec::itemsFromArray([Ulid::from('lot', "{$i} {$slug}") => [
                        ...PlanCodec::fresh($kind, $kind::label(), $design), 'x_m' => $share($long), 'y_m' => $share($wide), ...$ends,
                    ]])->all;
                }
                $layout = new Items($items);
                foreach (self::review($plan, $design, $layout) as $place => $remarks) {
                    foreach ($remarks as $rule => $remark) {
                        if ($remark->mend === null) {
                            continue;
                        }
                        $pressed++;
                        $whole = new Items([...$plan->items->all, ...$layout->all]);
                        $then = PlanReview::of($plan->with(['items' => new Items]), $design, $remark->mend->on($whole));
                        $before = PlanReview::of($plan->with(['items' => new Items]), $design, $whole);
                        $many = static fn (array $review): int => count(array_filter(
                            array_merge(...array_values($review)), static fn (Remark $r): bool => $r->id === $rule,
                        ));
                        self::assertLessThan($many($before), $many($then), "seed {$lot->seed}: {$project->name} {$i}, {$place} {$rule}");
                    }
                }
            }
        }
        self::assertGreaterThan(20 * $lot->many, $pressed);
    }

    /** @return array<string, array<string, Remark>> by place and rule, the first of each */
    private static function review(Plan $plan, Design $design, Items $items): array
    {
        $by = [];
        foreach (PlanReview::of($plan, $design, $items) as $place => $remarks) {
            foreach ($remarks as $remark) {
                $by[$place][$remark->id] ??= $remark;
            }
        }

        return $by;
    }

    private static function many(Plan $plan, Design $design, Items $items, string $rule): int
    {
        return count(array_filter(
            array_merge(...array_values(PlanReview::of($plan, $design, $items)), ...[[]]), static fn (Remark $r): bool => $r->id === $rule,
        ));
    }

    private static function across(float $y): ControlJoint
    {
        return new ControlJoint(ControlJoint::usual()->put('Across', 0.0, $y, 0.0), 10.0, $y, 0.04, Fitted::Yes);
    }

    private static function design(string $family): Design
    {
        return Examples::of($family)?->options[0]->design ?? throw new \LogicException('gone');
    }

    private static function heated(): Design
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                if ($option->design->heating->present() && $option->design->slab->present()) {
                    $at = Layout::of($option->design);

                    // The tops of the pipes 45 mm under the slab's own surface.
                    return $option->design->with(['heating' => $option->design->heating->but(
                        depth: $at->floor - $at->slab + 0.045 + $option->design->heating->pipe / 2,
                    )]);
                }
            }
        }

        throw new \LogicException('gone');
    }

    /** @param  array<string, Opening>  $openings */
    private static function plan(array $openings = []): Plan
    {
        return Plan::along(['A' => [0.0, 0.0], 'B' => [10.0, 0.0], 'C' => [10.0, 8.0], 'D' => [0.0, 8.0]])->with(['openings' => $openings]);
    }

    private static function l(): Plan
    {
        return Plan::along([
            'A' => [0.0, 0.0], 'B' => [12.0, 0.0], 'C' => [12.0, 5.0], 'D' => [7.0, 5.0], 'E' => [7.0, 9.0], 'F' => [0.0, 9.0],
        ]);
    }
}
