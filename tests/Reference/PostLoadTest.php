<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Loads;
use Ondergrond\Design\LoadUse;
use Ondergrond\Design\PostKind;
use Ondergrond\Design\StripKind;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** Posts and bearing walls inside: 45° through the slab, worked out by hand (common practice, no source). */
final class PostLoadTest extends TestCase
{
    /** A slab of 100 mm of 2300 kg/m³ weighs 2.256 kPa. */
    private const SLAB = 2.2563;

    public function test_a_post_on_the_slab_by_hand(): void
    {
        // 20 kN that stay and 0.3 × 10 of the live, over (150 + 2 × 100 mm)² = 0.1225 m².
        $check = self::load([new PostKind(20.0, 10.0, fromEdge: 3.0)])->at('post-1') ?? self::fail('a board lies there');
        self::assertEqualsWithDelta(23.0 / 0.1225 + self::SLAB, $check->permanent, 1e-3);
        self::assertEqualsWithDelta(30.0 / 0.1225 + self::SLAB, $check->total, 1e-3);
        self::assertSame(Verdict::Fails, $check->word());
    }

    public function test_hard_board_carries_no_further_than_it_goes(): void
    {
        $load = self::load([
            new PostKind(20.0, 0.0, foot: SupportFoot::HardBoard, board: 'xps-100psi', width: 0.3, fromEdge: 3.0),
            new PostKind(20.0, 0.0, foot: SupportFoot::HardBoard, board: 'xps-100psi', width: 0.6, fromEdge: 3.0),
        ]);
        self::assertEqualsWithDelta(20.0 / 0.09 + self::SLAB, $load->at('post-1')?->permanent, 1e-3);
        self::assertEqualsWithDelta(20.0 / 0.1225 + self::SLAB, $load->at('post-2')?->permanent, 1e-3);
        self::assertSame('xps-100psi', $load->at('post-2')->material->slug ?? '');
    }

    public function test_a_wall_inside_and_a_pad_by_hand(): void
    {
        $load = self::load(
            [new PostKind(50.0, 0.0, foot: SupportFoot::OwnPad, width: 0.8, height: 0.3, fromEdge: 3.0)],
            [new StripKind(10.0, 0.0, plate: 0.1, fromEdge: 3.0)],
        );
        self::assertEqualsWithDelta(10.0 / 0.3 + self::SLAB, $load->at('strip-1')?->permanent, 1e-3);
        self::assertNull($load->at('post-1'), 'no board lies under a pad of its own');
        // 150 + 2 × (100 + 300) mm reach past the pad: it presses with all of 0.64 m², and 300 mm of itself.
        self::assertEqualsWithDelta(50.0 / 0.64 + 3 * self::SLAB, $load->soilAt('post-1')?->stress, 1e-3);
    }

    public function test_soft_board_under_a_post_is_a_stop_and_its_remedy_draws_the_boundary(): void
    {
        $soft = self::design([new PostKind(20.0, 0.0, fromEdge: 1.5)]);
        $format = new QuantityFormatter(UnitSystem::Metric);
        foreach (UnitSystem::cases() as $units) {
            $rule = Rulebook::find('support-carried') ?? self::fail('it is a rule');
            $finding = $rule->judge(new Subject(self::site(), $soft, $units)) ?? self::fail('it is found');
            self::assertSame(Severity::Stop, $finding->severity);
            $then = ($finding->remedy ?? self::fail('it has a remedy'))->applied($soft);
            self::assertSame(SupportFoot::HardBoard, $then->supports->posts[0]->foot);
            self::assertNull($rule->judge(new Subject(self::site(), $then, $units)));
            $drawing = SectionDrawing::of($then, $format);
            // Space and unit are written as each file writes them.
            $strength = $format->number((float) $then->supports->posts[0]->board->strength, Quantity::Pressure);
            self::assertStringContainsString($strength, SvgWriter::file($drawing, 'any', 'none'));
            self::assertStringContainsString($strength, DxfWriter::write($drawing, 'any', 'none'));
        }
    }

    public function test_the_worst_of_all_kinds_governs_and_a_load_that_is_not_given_is_not_guessed(): void
    {
        $load = self::load([new PostKind(1.0, fromEdge: 3.0), new PostKind(60.0, fromEdge: 3.0), new PostKind(fromEdge: 3.0)]);
        self::assertSame('post-2', $load->worst()?->where);
        self::assertSame(Verdict::Fails, $load->word());
        self::assertContains('the load of post kind 3', $load->missing);
    }

    public function test_a_pad_of_a_post_that_cuts_rock_is_found_and_counted(): void
    {
        $site = SiteCodec::fromArray(array_replace_recursive(SiteCodec::toArray(self::site()), ['frost' => ['ledge_m' => 1.0]]));
        $pad = self::design([new PostKind(foot: SupportFoot::OwnPad, width: 0.8, height: 1.4, fromEdge: 3.0, amount: 3.0)]);
        $rule = Rulebook::find('rock-in-the-dig') ?? self::fail('it is a rule');
        $rock = static fn (Design $d): string => $rule->judge(new Subject($site, $d, UnitSystem::Metric))?->said
            ->in(new QuantityFormatter(UnitSystem::Metric)) ?? '';
        // The slab's underside lies 50 mm over the ground: the pad goes 1.35 m down, 0.35 m of it into the rock.
        self::assertEqualsWithDelta(0.1, $pad->slab->underside(), 1e-9);
        $trench = self::design([]);
        [$with, $without] = array_map(
            static fn (string $said): float => preg_match('~([0-9.]+)\s*m³~u', $said, $found) === 1 ? (float) $found[1] : 0.0,
            [$rock($pad), $rock($trench)],
        );
        self::assertEqualsWithDelta(3 * 0.64 * 0.3, $with - $without, 0.011, $rock($pad));
    }

    public function test_as_much_is_taken_off_as_is_said(): void
    {
        $items = Takeoff::of(self::design([
            new PostKind(foot: SupportFoot::HardBoard, width: 0.5, fromEdge: 3.0, amount: 4.0),
            new PostKind(foot: SupportFoot::OwnPad, width: 0.8, height: 0.25, fromEdge: 3.0, amount: 2.0),
            new PostKind(foot: SupportFoot::OwnPad, fromEdge: 3.0),
        ], [new StripKind(foot: SupportFoot::HardBoard, width: 0.4, fromEdge: 3.0, amount: 5.0)]));
        $of = [];
        foreach ($items as $item) {
            if ($item->part->value === 'supports') {
                $of[] = $item->volume();
            }
        }
        $taken = array_values(array_filter($of, static fn (float $v): bool => $v > 0.0));
        self::assertEqualsWithDelta([4 * 0.25 * 0.1, 2 * 0.64 * 0.25, 5 * 0.4 * 0.1], $taken, 1e-9);
    }

    /**
     * @param  list<PostKind>  $posts
     * @param  list<StripKind>  $strips
     */
    private static function load(array $posts, array $strips = []): LoadVerdict
    {
        return LoadVerdict::of(self::site(), self::design($posts, $strips));
    }

    /**
     * @param  list<PostKind>  $posts
     * @param  list<StripKind>  $strips
     */
    private static function design(array $posts, array $strips = []): Design
    {
        $design = Families::all()['stem-wall-slab']->preset(Footprint::rectangle(12.0, 12.0), UnitSystem::Metric);

        return $design->with([
            'slab' => $design->slab->but(layer: new Layer('reinforced-concrete', 0.1)),
            'fieldBoard' => new Layer('xps-25psi', 0.1), 'perimeterBoard' => $design->perimeterBoard->but(width: 0.0),
            'loads' => new Loads(use: LoadUse::Dwelling), 'supports' => new Supports($posts, $strips),
        ]);
    }

    private static function site(): Site
    {
        return Examples::of('stem-wall-slab')->site ?? throw new RuntimeException;
    }
}
