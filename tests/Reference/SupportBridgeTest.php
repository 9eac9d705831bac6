<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\PostKind;
use Ondergrond\Design\StripKind;
use Ondergrond\Design\Support;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Examples\Examples;
use Ondergrond\Field\Solution;
use Ondergrond\Heat\SupportBridge;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * χ of a post's pad against another method: finite differences on a grid in r and z (exact ln r between rings), relaxed one
 * node after the other; and against the two bounds of any such body: heat that may not turn aside, and heat that may freely.
 */
final class SupportBridgeTest extends TestCase
{
    private const U = 0.22;

    /** @return iterable<string, array{Support}> */
    public static function supports(): iterable
    {
        yield 'a pad of 600 mm' => [new PostKind(foot: SupportFoot::OwnPad, width: 0.6, height: 0.5, fromEdge: 3.0)];
        yield 'a pad of 300 mm' => [new PostKind(foot: SupportFoot::OwnPad, width: 0.3, height: 0.4, fromEdge: 3.0)];
        yield 'a strip of 400 mm' => [new StripKind(foot: SupportFoot::OwnPad, width: 0.4, height: 0.4, fromEdge: 3.0)];
    }

    #[DataProvider('supports')]
    public function test_a_pad_through_the_boards_against_relaxed_differences(Support $of): void
    {
        $design = Families::all()['frost-protected-raft']->preset(Footprint::rectangle(12.0, 9.0), UnitSystem::Metric);
        $site = self::site();
        $lambda = $site->soil->conductivity();
        [$slab, $board] = [$design->slab->layer, $design->fieldBoard];
        $depth = max($of->height() + 0.5, $lambda * (1 / self::U - 0.17 - $slab->resistance() - $board->resistance()));
        $half = $of->isStrip() ? $of->width() / 2 : $of->width() / sqrt(M_PI);
        $flow = static fn (bool $with): float => self::relaxed(
            $of->isStrip(), $half, $slab->thickness, $board->thickness, $depth, $with ? $of->height() : 0.0,
            $slab->material->conductivity, $board->material->conductivity, $lambda,
        );
        $each = ($flow(true) - $flow(false)) * ($of->isStrip() ? 2 : 1);
        self::assertEqualsWithDelta($each, SupportBridge::of($site, $design, self::U, $of), 0.04 * $each);
    }

    #[DataProvider('supports')]
    public function test_a_body_lies_between_heat_that_may_not_turn_aside_and_heat_that_may_freely(Support $of): void
    {
        $design = Families::all()['frost-protected-raft']->preset(Footprint::rectangle(12.0, 9.0), UnitSystem::Metric);
        $site = self::site();
        $problem = SupportBridge::problem($site, $design, self::U, $of, $of);
        $lambda = $site->soil->conductivity();
        [$slab, $board] = [$design->slab->layer, $design->fieldBoard];
        $far = max(0.0, ...array_map(static fn ($b): float => $b->x1, $problem->boundaries));
        $half = $of->isStrip() ? $of->width() / 2 : $of->width() / sqrt(M_PI);
        $over = static fn (float $r): float => $of->isStrip() ? $r : M_PI * $r ** 2;
        [$in, $out] = [$over($half), $over($far) - $over($half)];
        $depth = $lambda * (1 / self::U - 0.17 - $slab->resistance() - $board->resistance());
        $concrete = $slab->material->conductivity;
        $below = $of->height() - $board->thickness;
        $never = $in / (0.17 + $slab->resistance() + $of->height() / $concrete + ($depth - $below) / $lambda)
            + $out / (0.17 + $slab->resistance() + $board->resistance() + $depth / $lambda);
        $freely = 1 / (
            (0.17 + $slab->resistance()) / ($in + $out)
            + $board->thickness / ($in * $concrete + $out * $board->material->conductivity)
            + $below / ($in * $concrete + $out * $lambda) + ($depth - $below) / (($in + $out) * $lambda)
        );
        $found = Solution::of($problem)->steady->flows['room'];
        self::assertGreaterThan($never, $found);
        self::assertLessThan($freely, $found);
    }

    public function test_a_post_over_unbroken_boards_adds_nothing_and_hard_board_next_to_nothing(): void
    {
        $design = Families::all()['frost-protected-raft']->preset(Footprint::rectangle(12.0, 9.0), UnitSystem::Metric);
        self::assertSame(0.0, SupportBridge::of(self::site(), $design, self::U, new PostKind));
        $hard = new PostKind(foot: SupportFoot::HardBoard, width: 0.5);
        self::assertEqualsWithDelta(0.0, SupportBridge::of(self::site(), $design, self::U, $hard), 0.01);
    }

    private static function site(): Site
    {
        return Examples::of('frost-protected-raft')->site ?? self::fail('it ships');
    }

    /** W for one kelvin between room and the ground's foot, by over-relaxation; cells of 25 mm near the pad, wider outside. */
    private static function relaxed(
        bool $strip, float $half, float $slab, float $board, float $depth, float $pad, float $concrete, float $foam, float $ground,
    ): float {
        $r = array_map(static fn (int $i): float => $half * $i / 8, range(0, 8));
        for ($step = $half / 8; end($r) < $half + 2.6;) {
            $r[] = end($r) + ($step *= 1.15);
        }
        $edges = [$slab, 0.0, -$board, ...($pad > $board ? [-$pad] : []), -$board - $depth];
        $z = [$slab];
        foreach (array_slice($edges, 1) as $to) {
            $from = end($z);
            $parts = max(4, (int) ceil(($from - $to) / 0.06));
            for ($k = 1; $k <= $parts; $k++) {
                $z[] = $from + ($to - $from) * $k / $parts;
            }
        }
        [$nr, $nz] = [count($r) - 1, count($z) - 1];
        $of = static fn (float $x, float $y): float => match (true) {
            $y > 0 => $concrete,
            $x < $half && $pad > 0 && $y > -$pad => $concrete,
            $y > -$board => $foam,
            default => $ground,
        };
        $middle = static fn (int $i): float => ($r[$i] + $r[$i + 1]) / 2;
        $area = static fn (int $i): float => $strip ? $r[$i + 1] - $r[$i] : M_PI * ($r[$i + 1] ** 2 - $r[$i] ** 2);
        // From the middle of a cell to its face: ln r round a post, straight along a strip.
        $across = static fn (float $from, float $to, float $k, float $high): float => $strip
            ? ($to - $from) / ($k * $high) : log($to / max($from, 1e-9)) / (2 * M_PI * $k * $high);
        $down = $side = $sum = [];
        $t = array_fill(0, $nr * $nz, 0.5);
        for ($j = 0; $j < $nz; $j++) {
            for ($i = 0; $i < $nr; $i++) {
                $k = $of($middle($i), ($z[$j] + $z[$j + 1]) / 2);
                $high = $z[$j] - $z[$j + 1];
                $n = $j * $nr + $i;
                $down[$n] = $j + 1 < $nz
                    ? $area($i) / ($high / 2 / $k + ($z[$j + 1] - $z[$j + 2]) / 2 / $of($middle($i), ($z[$j + 1] + $z[$j + 2]) / 2))
                    : $area($i) / ($high / 2 / $k);
                $side[$n] = $i + 1 < $nr ? 1 / (
                    $across($middle($i), $r[$i + 1], $k, $high)
                    + $across($r[$i + 1], $middle($i + 1), $of($middle($i + 1), ($z[$j] + $z[$j + 1]) / 2), $high)
                ) : 0.0;
            }
        }
        $top = static fn (int $i): float => $area($i) / (0.17 + ($z[0] - $z[1]) / 2 / $concrete);
        for ($round = 0; $round < 1500; $round++) {
            for ($n = 0; $n < $nr * $nz; $n++) {
                $i = $n % $nr;
                $up = $n < $nr ? $top($i) : $down[$n - $nr];
                $left = $i > 0 ? $side[$n - 1] : 0.0;
                $in = $up * ($n < $nr ? 1.0 : $t[$n - $nr]) + $down[$n] * ($n + $nr < $nr * $nz ? $t[$n + $nr] : 0.0)
                    + $left * ($i > 0 ? $t[$n - 1] : 0.0) + $side[$n] * ($i + 1 < $nr ? $t[$n + 1] : 0.0);
                $t[$n] += 1.85 * ($in / ($up + $down[$n] + $left + $side[$n]) - $t[$n]);
            }
        }

        return array_sum(array_map(static fn (int $i): float => $top($i) * (1.0 - $t[$i]), range(0, $nr - 1)));
    }
}
