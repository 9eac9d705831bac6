<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Heat\FormWebs;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Webs through a foam form against another method, finite differences relaxed one node after the other, and against the two
 * bounds of ISO 6946:2017, 6.7.2: heat that keeps to its path, and heat that evens out between layers.
 */
final class FormWebsTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> web and foam, m, λ of the web is the form's */
    public static function webs(): iterable
    {
        yield 'thin webs' => [0.002, 0.065, 0.2];
        yield 'thick webs' => [0.02, 0.065, 0.2];
        yield 'thick foam, webs close' => [0.01, 0.1, 0.15];
    }

    #[DataProvider('webs')]
    public function test_it_lies_between_the_bounds_and_agrees_with_relaxed_differences(float $web, float $foam, float $apart): void
    {
        $design = self::design($web, $foam, $apart);
        $found = FormWebs::of($design) ?? self::fail('there is a form');
        $form = $design->form;
        $share = $web / $apart;
        $core = $design->stem->layer->resistance();
        $even = $core + 2 * $foam / ((1 - $share) * $form->material->conductivity + $share * $form::WEB);
        $apartUse = (1 - $share) / (0.17 + $core + 2 * $foam / $form->material->conductivity)
            + $share / (0.17 + $core + 2 * $foam / $form::WEB);
        self::assertEqualsWithDelta($even, $found->byArea, 1e-9);
        self::assertGreaterThanOrEqual($even - 0.001, $found->byField);
        self::assertLessThanOrEqual(1 / $apartUse - 0.17 + 0.001, $found->byField);
        self::assertLessThan($found->bare, $found->byField);
        $relaxed = self::relaxed($design);
        self::assertEqualsWithDelta($relaxed, $found->byField, 0.01 * $relaxed);
    }

    private static function design(float $web, float $foam, float $apart): Design
    {
        $design = Families::all()['stem-wall-slab']->preset(Footprint::rectangle(10.0, 8.0), UnitSystem::Metric);

        return $design->with([
            'form' => $design->form->but(inside: $foam, outside: $foam, webThickness: $web, webSpacing: $apart),
        ]);
    }

    /** R without films, m²K/W: nodes in the middle of cells, a harmonic mean between them. */
    private static function relaxed(Design $design): float
    {
        [$form, $stem] = [$design->form, $design->stem->layer];
        $half = $form->webSpacing / 2;
        $web = $form->webThickness / 2;
        $x = [...array_map(static fn (int $i): float => $web * $i / 4, range(0, 4)),
            ...array_map(static fn (int $i): float => $web + ($half - $web) * ($i / 24) ** 2, range(1, 24))];
        $y = [0.0];
        foreach ([$form->inside, $stem->thickness, $form->outside] as $thick) {
            $from = end($y);
            foreach (range(1, 16) as $i) {
                $y[] = $from + $thick * $i / 16;
            }
        }
        [$nx, $ny] = [count($x) - 1, count($y) - 1];
        $k = static fn (int $i, int $j): float => match (true) {
            $j >= 16 && $j < 32 => $stem->material->conductivity,
            $i < 4 => $form::WEB,
            default => $form->material->conductivity,
        };
        $wide = static fn (int $i): float => $x[$i + 1] - $x[$i];
        $high = static fn (int $j): float => $y[$j + 1] - $y[$j];
        $right = $down = [];
        for ($j = 0; $j < $ny; $j++) {
            for ($i = 0; $i < $nx; $i++) {
                $right[$j][$i] = $i + 1 < $nx
                    ? $high($j) / ($wide($i) / 2 / $k($i, $j) + $wide($i + 1) / 2 / $k($i + 1, $j)) : 0.0;
                $down[$j][$i] = $wide($i) / ($high($j) / 2 / $k($i, $j) + ($j + 1 < $ny ? $high($j + 1) / 2 / $k($i, $j + 1) : 0.04));
            }
        }
        $top = static fn (int $i): float => $wide($i) / (0.13 + $high(0) / 2 / $k($i, 0));
        $t = array_fill(0, $ny, array_fill(0, $nx, 0.5));
        for ($round = 0; $round < 4000; $round++) {
            for ($j = 0; $j < $ny; $j++) {
                for ($i = 0; $i < $nx; $i++) {
                    $up = $j > 0 ? $down[$j - 1][$i] : $top($i);
                    $left = $i > 0 ? $right[$j][$i - 1] : 0.0;
                    $in = $up * ($j > 0 ? $t[$j - 1][$i] : 1.0) + $down[$j][$i] * ($j + 1 < $ny ? $t[$j + 1][$i] : 0.0)
                        + $left * ($i > 0 ? $t[$j][$i - 1] : 0.0) + $right[$j][$i] * ($i + 1 < $nx ? $t[$j][$i + 1] : 0.0);
                    $t[$j][$i] += 1.95 * ($in / ($up + $down[$j][$i] + $left + $right[$j][$i]) - $t[$j][$i]);
                }
            }
        }
        $flow = 0.0;
        foreach ($t[0] as $i => $of) {
            $flow += $top($i) * (1.0 - $of);
        }

        return $half / $flow - 0.17;
    }
}
