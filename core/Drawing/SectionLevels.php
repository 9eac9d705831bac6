<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Levels;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/**
 * The stack of levels beside the edge: each a line with its name and height, none over another. They stand where the
 * dimensions do; pages and files show the one or the other.
 */
final readonly class SectionLevels
{
    /** Between two pieces of writing, mm of paper. */
    private const APART = 4.6;

    /** @param  array{float, float, float, float}  $box  what the drawing shows, m */
    public function __construct(
        private EdgeSection $section,
        private array $box,
        private float $paper,
        private QuantityFormatter $format,
    ) {}

    /** @return list<Item> */
    public function items(): array
    {
        $mm = $this->paper;
        $x = max($this->section->layout->outermost, $this->section->layout->toe) + 3 * $mm;
        $items = [];
        $next = INF;
        foreach (Levels::of($this->section->design, $this->section->side) as $level) {
            $y = $level->height;
            if ($y < $this->box[1] + 4 * $mm || $y > $this->box[3] - 4 * $mm) {
                continue;
            }
            // Writing that would run into the one above moves down; its line goes slanting to where the level is.
            $at = min($y, $next);
            $next = $at - self::APART * $mm;
            $items[] = new Strokes(Role::Level, null, [[[$x - 2 * $mm, $y], [$x, $y], [$x + 3 * $mm, $at], [$x + 4 * $mm, $at]]]);
            $items[] = new Text(
                Role::Level, null, [$x + 5 * $mm, $at - 1.1 * $mm],
                $this->format->signed($y, Quantity::Thickness).'  '.$level->name, 'start',
            );
        }

        return $items;
    }
}
