<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Design;

/** Sections of several designs at one scale and within one box, the ground at one height. */
final readonly class SideBySide
{
    /** Of each on paper, mm. */
    public const WIDTH = 70.0;

    private const HIGHEST = 80.0;

    /** Round what matters, m. */
    private const MARGIN = 0.25;

    /** Of floor, so that the drain and the pipes under it are seen, m. */
    private const INWARD = 0.9;

    private const SCALES = [5, 10, 15, 20, 25, 30, 40, 50, 75, 100, 125, 150, 200, 250, 500];

    /** @param  array{float, float, float, float}  $box  m */
    private function __construct(public array $box, public float $scale) {}

    /** @param  non-empty-list<Design>  $designs */
    public static function of(array $designs): self
    {
        $extents = array_map(SectionDrawing::extent(...), $designs);
        $box = [
            min(array_column($extents, 0)) - self::INWARD, min(array_column($extents, 1)) - self::MARGIN,
            max(array_column($extents, 2)) + self::MARGIN, max(array_column($extents, 3)) + 2 * self::MARGIN,
        ];
        $fits = array_filter(
            self::SCALES,
            static fn (int $s): bool => ($box[2] - $box[0]) / $s * 1000 <= self::WIDTH && ($box[3] - $box[1]) / $s * 1000 <= self::HIGHEST,
        );

        return new self($box, (float) ($fits === [] ? max(self::SCALES) : min($fits)));
    }

    /** Names box and scale, so that a drawing can be kept. */
    public function key(): string
    {
        return implode(' ', array_map(static fn (float $v): string => sprintf('%.4f', $v), [...$this->box, $this->scale]));
    }

    public function drawing(Design $design): Drawing
    {
        return SectionDrawing::plain($design, $this->box, $this->scale);
    }
}
