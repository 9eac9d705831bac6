<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
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
        $metric = $job->isMetric();
        $board = $metric ? 1.2 * 2.4 : 32 * Measure::FOOT ** 2;
        $count = max(1, (int) floor(self::HIGH / $layer->thickness + 1e-9));

        return [new Line(
            $id === '' ? $part->value : $id, $part->value, self::named($job, $layer), Unit::SquareMetre, $area, $waste,
            new Pack(sprintf('pack of %d, %s', $count, $metric ? '1.2 × 2.4 m' : '4 × 8 ft'), $count * $board),
            $layer->material->slug, $layer->thickness,
        )];
    }

    public static function named(Job $job, Layer $layer): string
    {
        return "{$layer->material->name}, {$job->size($layer->thickness)}";
    }
}
