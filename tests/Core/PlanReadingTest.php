<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\PlanCodec;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Plan;
use Ondergrond\Project\Ulid;
use PHPUnit\Framework\TestCase;
use Tests\Lot;

/** What is left out for speed when a plan is read comes to the same as reading it whole. */
final class PlanReadingTest extends TestCase
{
    public function test_what_is_known_to_be_right_need_not_be_read_again(): void
    {
        $lot = Lot::of(random_int(1, 1 << 30), 60);
        $refused = 0;
        for ($i = 0; $i < $lot->many; $i++) {
            $known = self::plan($lot);
            // As a history keeps it: 3.0 as 3.
            $data = json_decode((string) json_encode($known), true);
            foreach ($lot->random->pickArrayKeys($data['items'], $lot->random->getInt(1, 3)) as $id) {
                $own = array_diff(array_keys($data['items'][$id]), ['kind']);
                $key = $lot->one(['x_m', 'level_m', 'name', 'trade', 'from', ...$own]);
                $data['items'][$id][$key] = $lot->chance(0.4)
                    ? $lot->one([-1e6, '2', 2, 0.5, 'no such word', null]) : $data['items'][$id][$key];
            }
            if ($lot->chance(0.3)) {
                $new = $lot->one(['not an id', Ulid::from('another', (string) $i)]);
                $data['items'][$new] = $data['items'][array_key_last($data['items'])];
            }
            $whole = self::read($data, []);
            self::assertSame($whole, self::read($data, $known), "seed {$lot->seed}, {$i}");
            $refused += isset($whole['corners']) ? 0 : 1;
        }
        self::assertGreaterThan(0, $refused, "seed {$lot->seed}");
        self::assertLessThan($lot->many, $refused, "seed {$lot->seed}");
    }

    public function test_what_lies_inside_is_not_outside_and_what_is_apart_does_not_touch(): void
    {
        $lot = Lot::of(random_int(1, 1 << 30), 2000);
        $outline = Plan::along(['A' => [0, 0], 'B' => [9, 0], 'C' => [9, 4], 'D' => [5, 4], 'E' => [4, 8], 'F' => [-1, 7]])->outline;
        $at = static fn (): array => [$lot->random->getInt(-3000, 11000) / 1000, $lot->random->getInt(-3000, 11000) / 1000];
        $apart = 0;
        for ($i = 0; $i < $lot->many; $i++) {
            [$x, $y] = $at();
            $out = $outline->outside($x, $y);
            // On the line it may be either.
            self::assertTrue(abs($out) < 1e-9 || $outline->holds($x, $y) === ($out < 0.0), "seed {$lot->seed}: {$x}, {$y}");
            [$a, $b, $c, $d, $by] = [$at(), $at(), $at(), $at(), $lot->random->getInt(0, 2000) / 1000];
            if (Lines::areApart($a, $b, $c, $d, $by)) {
                $apart++;
                self::assertGreaterThanOrEqual($by, Lines::gap($a, $b, $c, $d), "seed {$lot->seed}, {$i}");
            }
        }
        self::assertGreaterThan($lot->many / 10, $apart, "seed {$lot->seed}");
    }

    /** @return array<string, mixed> a rectangle with some of every kind in it */
    private static function plan(Lot $lot): array
    {
        $items = [];
        foreach (Kinds::all() as $slug => $kind) {
            $items[Ulid::from('lot', $slug)] = [
                ...PlanCodec::fresh($kind, $kind::label()),
                'x_m' => $lot->one([2.0, 3.0, 4.5]), 'y_m' => $lot->random->getInt(1000, 7000) / 1000,
                ...($kind::isRun() ? ['to_x_m' => 6.0, 'to_y_m' => 3.5] : []),
            ];
        }
        $plan = Plan::along(['A' => [0.0, 0.0], 'B' => [12.0, 0.0], 'C' => [12.0, 8.0], 'D' => [0.0, 8.0]]);

        return ['items' => $items] + PlanCodec::toArray($plan);
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, mixed>  $known
     * @return array<array-key, mixed> the plan, or what is wrong with it
     */
    private static function read(array $data, array $known): array
    {
        try {
            return PlanCodec::toArray(PlanCodec::fromArray($data, $known));
        } catch (FaultyInput $e) {
            return array_map(static fn (Fault $f): string => $f->pointer.': '.$f->line(), $e->faults);
        }
    }
}
