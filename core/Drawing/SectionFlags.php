<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Part;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Region;

/**
 * Numbered flags on the parts, in the order they are laid; the log beside the drawing carries the same numbers. A flag
 * stands on its part where there is room, else beside it with a line to it, and never on another flag.
 */
final readonly class SectionFlags
{
    /** mm of paper. */
    public const RADIUS = 2.5;

    /** Between the centres of two flags, mm of paper. */
    private const APART = 6.2;

    /** From a part to its flag, mm of paper, tried in turn; and the ways it may go, in turns. */
    private const REACHES = [7.5, 11.0, 15.0, 20.0, 26.0, 33.0, 40.0, 48.0];

    private const WAYS = [
        0.75, 0.875, 0.625, 0.125, 0.25, 0.375, 0.0, 0.5, 0.8125, 0.6875, 0.9375, 0.5625, 0.0625, 0.1875, 0.3125, 0.4375,
    ];

    /** Taken for the distance to a shape that winds round a point, mm of paper. */
    private const CLOSE = 1.0;

    /** Points looked at across and up a region. */
    private const ACROSS = 15;

    private const UP = 7;

    /**
     * @param  array{float, float, float, float}  $box  what the drawing shows, m
     * @param  list<array{float, float, float, float}>  $words  what is written on it: flags stay clear of it, m
     */
    public function __construct(
        private EdgeSection $section,
        private array $box,
        private float $paper,
        private array $words = [],
    ) {}

    /** @return list<Item> */
    public function items(): array
    {
        $items = [];
        $taken = [];
        foreach (Part::layingOrder($this->section->design) as $i => $part) {
            $place = $this->place($part);
            if ($place === null) {
                continue;
            }
            [$target, $room] = $place;
            $at = $room && $this->isFree($target, $taken) && $this->inFrame($target) ? $target : $this->beside($target, $taken);
            $taken[] = $at;
            if ($at !== $target) {
                $items[] = new Strokes(Role::Flag, $part->value, [[$at, $target]]);
            }
            $items[] = new Text(Role::Flag, $part->value, $at, (string) ($i + 1));
        }

        return $items;
    }

    /**
     * @return array{array{float, float}, bool}|null a point of the part that is seen, and whether a flag fits there; null where none is
     * seen
     */
    private function place(Part $part): ?array
    {
        // The beam has no region of its own: it is cast with the slab.
        if ($part === Part::Beam) {
            $at = $this->section->layout;

            return $this->onSheet([$at->inner / 2, ($at->foot + $at->slab) / 2]);
        }
        $best = null;
        foreach ($this->section->regions as $number => $region) {
            if ($region->part === $part) {
                $found = $this->clearest($region, $number);
                $best = $found !== null && ($best === null || $found[1] > $best[1]) ? $found : $best;
            }
        }
        if ($best !== null) {
            return [$best[0], $best[1] >= (self::RADIUS + 0.3) * $this->paper];
        }
        foreach ($this->section->courses as $course) {
            if ($course->part === $part) {
                $path = $course->path;
                $last = count($path) - 1;
                // Where it turns up, or in the middle of its last stretch.
                $point = $part === Part::Sheet && $last > 1 ? $path[1] : [
                    ($path[$last - 1][0] + $path[$last][0]) / 2,
                    ($path[$last - 1][1] + $path[$last][1]) / 2,
                ];

                return ($this->onSheet($point)[0] ?? null) === null ? null : [$point, false];
            }
        }

        return null;
    }

    /**
     * @return array{array{float, float}, float}|null the point farthest from the region's ends that nothing covers, and how far that is,
     * m
     */
    private function clearest(Region $region, int $number): ?array
    {
        [$x0, $y0, $x1, $y1] = $region->extent();
        // In its nearer part: what is shown in full, and clear of the dimensions of the build-up.
        $clear = $this->box[0] + (SectionDrawing::MARGIN + 25) * $this->paper;
        $left = max($x0, $x1 > $clear + 2 * self::RADIUS * $this->paper ? $clear : $this->box[0] + SectionDrawing::MARGIN * $this->paper);
        $right = min($x1, $this->box[2] - SectionDrawing::MARGIN * $this->paper);
        [$low, $high] = [max($y0, $this->box[1]), min($y1, $this->box[3])];
        if ($right <= $left || $high <= $low) {
            return null;
        }
        $later = array_filter(
            array_slice($this->section->regions, $number + 1),
            static fn (Region $r): bool => $r->extent()[0] < $x1 && $r->extent()[2] > $x0,
        );
        $best = null;
        for ($j = 0; $j < self::UP; $j++) {
            for ($i = 0; $i < self::ACROSS; $i++) {
                $point = [$left + ($i + 0.5) / self::ACROSS * ($right - $left), $low + ($j + 0.5) / self::UP * ($high - $low)];
                if (! Clip::contains($region->polygon, $point)) {
                    continue;
                }
                $clear = min($point[0] - $left, $right - $point[0], $point[1] - $low, $high - $point[1]);
                foreach ($later as $other) {
                    [$a, $b, $c, $d] = $other->extent();
                    $away = max($a - $point[0], $point[0] - $c, $b - $point[1], $point[1] - $d);
                    // Within the extent of one that is no rectangle it may still be in the open.
                    $clear = match (true) {
                        $away > 0.0 => min($clear, $away),
                        count($other->polygon) === 4 || Clip::contains($other->polygon, $point) => 0.0,
                        default => min($clear, self::CLOSE * $this->paper),
                    };
                    if ($clear <= 0.0) {
                        break;
                    }
                }
                if ($clear > 0.0 && ($best === null || $clear > $best[1] + 1e-6)) {
                    $best = [$point, $clear];
                }
            }
        }

        return $best;
    }

    /**
     * @param  array{float, float}  $point
     * @return array{array{float, float}, bool}|null
     */
    private function onSheet(array $point): ?array
    {
        return $point[0] > $this->box[0] && $point[0] < $this->box[2] && $point[1] > $this->box[1] && $point[1] < $this->box[3]
            ? [$point, true]
            : null;
    }

    /**
     * @param  array{float, float}  $target
     * @param  list<array{float, float}>  $taken
     * @return array{float, float}
     */
    private function beside(array $target, array $taken): array
    {
        foreach (self::REACHES as $reach) {
            foreach (self::WAYS as $way) {
                $at = [
                    $target[0] + $reach * $this->paper * cos(2 * M_PI * $way),
                    $target[1] + $reach * $this->paper * sin(2 * M_PI * $way),
                ];
                if ($this->isFree($at, $taken) && $this->inFrame($at)) {
                    return $at;
                }
            }
        }

        return $target;
    }

    /**
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $taken
     */
    private function isFree(array $at, array $taken): bool
    {
        foreach ($taken as $other) {
            if (hypot($at[0] - $other[0], $at[1] - $other[1]) < self::APART * $this->paper) {
                return false;
            }
        }
        $r = self::RADIUS * $this->paper;

        return ! Lettering::meetsAny([$at[0] - $r, $at[1] - $r, $at[0] + $r, $at[1] + $r], $this->words);
    }

    /**
     * Clear of the frame that a page shows.
     *
     * @param  array{float, float}  $at
     */
    private function inFrame(array $at): bool
    {
        $r = self::RADIUS * $this->paper;
        $margin = SectionDrawing::MARGIN * $this->paper;

        return Lettering::within(
            [$at[0] - $r, $at[1] - $r, $at[0] + $r, $at[1] + $r],
            [$this->box[0] + $margin, $this->box[1], $this->box[2] - $margin, $this->box[3]],
        );
    }
}
