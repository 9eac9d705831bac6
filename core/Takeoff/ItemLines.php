<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Plan\Supply;
use Ondergrond\Plan\Want;
use Ondergrond\Takeoff\Counts\Goods;
use Ondergrond\Takeoff\Counts\Placed;

/** What is bought for items and openings, as each says of itself: one line for each kind and size. */
final class ItemLines
{
    /** Of a sleeve, m: through slab, boards and stone; common practice, no source. */
    private const SLEEVE = 0.6;

    /** What is lost of pipe, and of fill before it is compacted. */
    private const WASTE = ['drain-pipe' => 0.05, 'gas-pipe' => 0.05, 'fill' => 0.15];

    /** @return list<Line> */
    public static function of(Job $job): array
    {
        $wants = [];
        foreach ($job->items->all as $item) {
            foreach ($item->wants() as $want) {
                $wants[$item::slug()][self::key($want)][] = $want;
            }
        }
        foreach ($job->plan->openings ?? [] as $opening) {
            foreach ($opening->wants() as $want) {
                $wants['openings'][self::key($want)][] = $want;
            }
        }
        ksort($wants);
        $lines = [];
        foreach ($wants as $part => $bySize) {
            ksort($bySize);
            foreach ($bySize as $key => $of) {
                $lines = [...$lines, ...self::line($part, $key, $of, $job)];
            }
        }

        return [...$lines, ...Placed::drawnPads($job)];
    }

    /** Kind of good and its size, mm. */
    private static function key(Want $want): string
    {
        return $want->what->value.':'.round(1000 * $want->size, 1);
    }

    /**
     * @param  non-empty-list<Want>  $wants
     * @return list<Line>
     */
    private static function line(string $part, string $key, array $wants, Job $job): array
    {
        $want = $wants[0];
        [$good, $size] = [Good::from($want->what->value), explode(':', $key)[1]];
        $bore = match (true) {
            $want->size <= 0.0 => '',
            $job->isMetric() => "{$size} mm",
            default => round((float) $size / 25.4, 2).' in',
        };

        return Goods::of(
            $good, $part, array_sum(array_map(static fn (Want $w): float => $w->amount, $wants)), self::WASTE[$good->value] ?? 0.0, $bore,
            note: $want->what === Supply::Sleeve ? $job->length(self::SLEEVE).' long each' : $want->note,
            // One kind comes in two goods.
            id: "{$part}:".($want->what === Supply::FloorBox ? 'box-' : '').$size,
        );
    }
}
