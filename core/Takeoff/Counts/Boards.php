<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Hatch;
use Ondergrond\Material\Kind;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\Pack;
use Ondergrond\Takeoff\Unit;
use Ondergrond\Units\Unit as Measure;

/** Boards by area and pack; a cutting plan finds out more than a share of waste. Common practice, no source. */
final class Boards
{
    public const WHOLE = 0.05;

    public const CUT = 0.10;

    /** Of a pack, m. */
    private const HIGH = 0.5;

    /** @return list<Line> */
    public static function of(Job $job, Part $part, Layer $layer, float $area, float $waste, string $id = ''): array
    {
        if (! $layer->present() || $area <= 0.0) {
            return [];
        }

        return [new Line(
            $id === '' ? $part->value : $id, $part->value, self::named($job, $layer), Unit::SquareMetre, $area, $waste,
            self::pack($layer, $job->isMetric()), $layer->material->slug, $layer->thickness,
        )];
    }

    /** What a layer comes in; null where it is made up on site. */
    private static function pack(Layer $layer, bool $metric): ?Pack
    {
        [$kind, $hatch] = [$layer->material->kind, $layer->material->hatch];
        [$size, $board] = $metric ? ['1.2 × 2.4 m', 1.2 * 2.4] : ['4 × 8 ft', 32 * Measure::FOOT ** 2];
        if ($kind === Kind::Plastic && $hatch === Hatch::Sheet) {
            return $metric ? new Pack('roll 2 × 20 m', 40.0) : new Pack('roll 8 × 50 ft', 400 * Measure::FOOT ** 2);
        }
        if ($kind->isFoam() || $kind === Kind::MineralWool || $kind === Kind::Plastic) {
            $count = max(1, (int) floor(self::HIGH / $layer->thickness + 1e-9));

            return new Pack("pack of {$count}, {$size}", $count * $board);
        }

        return $hatch === Hatch::Lining ? new Pack("board {$size}", $board) : null;
    }

    public static function named(Job $job, Layer $layer): string
    {
        return "{$layer->material->name}, {$job->size($layer->thickness)}";
    }
}
