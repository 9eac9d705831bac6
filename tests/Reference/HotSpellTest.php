<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Layer;
use Ondergrond\Heat\HotSpell;
use PHPUnit\Framework\TestCase;

/** Hot rooms against closed solutions of conduction. */
final class HotSpellTest extends TestCase
{
    /**
     * Carslaw & Jaeger, Conduction of Heat in Solids (2nd ed. 1959), 2.6: a half-space whose face swings by a sine of angular frequency
     * ω swings at depth x by exp(−x√(ω/2α)), x√(ω/2α) later; a daily spell is a sum of such sines (from memory).
     */
    public function test_a_daily_spell_reaches_into_concrete_as_the_half_space_says(): void
    {
        // ISO 10456: reinforced concrete 2.3 W/(m·K), 2300 kg/m³, 1000 J/(kg·K).
        $alpha = 2.3 / (2300 * 1000);
        foreach ([2.0, 6.0, 12.0] as $hours) {
            $mean = 20 + 60 * $hours / 24;
            foreach ([0.05, 0.1, 0.2] as $x) {
                $most = -INF;
                for ($t = 0.0; $t < 24.0; $t += 0.1) {
                    $sum = $mean;
                    for ($k = 1; $k <= 400; $k++) {
                        $w = 2 * M_PI * $k / 86_400;
                        $damp = $x * sqrt($w / (2 * $alpha));
                        // The square wave's coefficient about the middle of the spell.
                        $sum += 60 * 2 / (M_PI * $k) * sin(M_PI * $k * $hours / 24) * exp(-$damp)
                            * cos($w * 3600 * ($t - $hours / 2) - $damp);
                    }
                    $most = max($most, $sum);
                }
                $layers = [new Layer('reinforced-concrete', $x), new Layer('reinforced-concrete', 2.0 - $x)];
                $found = HotSpell::hottest($layers, 20.0, 80.0, $hours, $mean, 1e-6)[1];
                self::assertEqualsWithDelta($most, $found, 1.0, "{$hours} h, {$x} m");
            }
        }
    }

    /** Hot all day: ISO 6946, temperatures by resistances. */
    public function test_hot_all_day_is_the_steady_state(): void
    {
        $layers = [new Layer('gypsum-board', 0.0125), new Layer('xps-25psi', 0.08), new Layer('reinforced-concrete', 0.2)];
        $resistances = [0.13, 0.0125 / 0.25, 0.08 / $layers[1]->material->conductivity, 0.2 / 2.3];
        $found = HotSpell::hottest($layers, 20.0, 90.0, 24.0, 10.0);
        $passed = 0.0;
        foreach ($found as $i => $face) {
            $passed += $resistances[$i];
            self::assertEqualsWithDelta(90 - 80 * $passed / array_sum($resistances), $face, 0.3);
        }
    }
}
