<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** How moisture readings go up a wall. Thresholds are common practice, no source. */
enum Profile: string
{
    case Falling = 'falling';
    case Bulge = 'bulge';
    case Even = 'even';
    case Rising = 'more-above';
    case Valley = 'fall-and-rise';
    case Unknown = 'unknown';

    private const FEWEST = 3;

    /** Readings within this share of their highest are alike. */
    private const ALIKE = 0.2;

    /** @param  list<MeterReading>  $readings */
    public static function of(array $readings): self
    {
        if (count($readings) < self::FEWEST) {
            return self::Unknown;
        }
        usort($readings, static fn (MeterReading $a, MeterReading $b): int => $a->height <=> $b->height);
        $values = array_map(static fn (MeterReading $r): float => $r->value, $readings);
        $most = max($values);
        if ($most <= 0.0 || $most - min($values) <= self::ALIKE * $most) {
            return self::Even;
        }
        [$first, $last] = [$values[0], $values[count($values) - 1]];
        if ($most - max($first, $last) > self::ALIKE * $most) {
            return self::Bulge;
        }

        if (min($first, $last) - min($values) > self::ALIKE * $most) {
            return self::Valley;
        }

        return $first > $last ? self::Falling : self::Rising;
    }

    /** What it says, a clause; null where nothing. */
    public function says(): ?string
    {
        return match ($this) {
            self::Falling => 'readings fall with height',
            self::Bulge => 'readings are highest part-way up',
            self::Even => 'readings are alike at all heights',
            self::Rising => 'readings rise with height',
            self::Valley => 'readings fall with height and rise again',
            self::Unknown => null,
        };
    }

    /** @return array<string, int> */
    public function points(): array
    {
        return match ($this) {
            self::Falling => ['rising' => 3, 'penetrating' => 1, 'condensation' => -1],
            self::Bulge => ['penetrating' => 3, 'plumbing' => 2, 'rising' => -2],
            self::Even => ['condensation' => 2, 'construction' => 3, 'rising' => -2],
            self::Rising => ['penetrating' => 2, 'plumbing' => 2, 'condensation' => 1, 'rising' => -3],
            self::Valley, self::Unknown => [],
        };
    }
}
