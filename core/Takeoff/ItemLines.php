<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Plan\Item;
use Ondergrond\Plan\ItemKind;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Takeoff\Counts\Goods;

/** What each kind of item asks for, in one place. */
final class ItemLines
{
    /** Of a sleeve, m: through slab, boards and stone; common practice, no source. */
    private const SLEEVE = 0.6;

    /** @return list<Line> */
    public static function of(Job $job): array
    {
        $lines = [];
        foreach (ItemKind::cases() as $kind) {
            $lines = [...$lines, ...self::kind($kind, $job)];
        }

        return $lines;
    }

    /** @return list<Line> one a diameter */
    private static function kind(ItemKind $kind, Job $job): array
    {
        $lines = [];
        foreach (self::bySize($kind, $job) as $size => $items) {
            $id = "{$kind->value}:{$size}";
            $bore = $job->isMetric() ? "{$size} mm" : round((float) $size / 25.4, 2).' in';
            $lines = [...$lines, ...match ($kind) {
                ItemKind::Sleeve => Goods::of(
                    Good::Sleeve, $kind->value, (float) count($items), 0.0, $bore, note: $job->length(self::SLEEVE).' long each', id: $id,
                ),
                ItemKind::Drain => Goods::of(
                    Good::DrainPipe, $kind->value,
                    array_sum(
                        array_map(static fn (Item $i): float => $i instanceof DrainRun ? $i->length() : 0.0, $items),
                    ), 0.05, $bore, id: $id,
                ),
                // A post comes with the frame; its pad is counted by the design. A joint is cut.
                ItemKind::Post, ItemKind::Joint => [],
            }];
        }

        return $lines;
    }

    /** @return array<array-key, list<Item>> by diameter, mm */
    private static function bySize(ItemKind $kind, Job $job): array
    {
        $by = [];
        foreach ($job->items->of($kind->type()) as $item) {
            $size = $item instanceof Sleeve || $item instanceof DrainRun ? $item->diameter : 0.0;
            $by[(string) round(1000 * $size, 1)][] = $item;
        }
        ksort($by);

        return $by;
    }
}
