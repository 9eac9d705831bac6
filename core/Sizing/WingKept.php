<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

use Ondergrond\Verdict\Verdict;

/** A wing and an edge board that were put to the field, without the winter that was run on them. */
final readonly class WingKept
{
    /**
     * @param  float  $width  of the wing, m; 0 where there is none
     * @param  float  $thickness  of the wing, m
     * @param  float  $edge  thickness of the edge board, m
     * @param  float  $board  for a metre of edge, m³
     * @param  float|null  $margin  of frost, m; null where none comes near
     * @param  string|null  $day  on which it comes closest, in words
     */
    public function __construct(
        public float $width,
        public float $thickness,
        public float $edge,
        public float $board,
        public ?float $margin,
        public ?string $day,
        public bool $holds,
    ) {}

    /** @param  array<string, mixed>  $row  as `WingTry` writes it */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['wing_width_m'], $row['wing_thickness_m'], $row['edge_thickness_m'], $row['board_m3_m'],
            $row['margin_mm'] === null ? null : $row['margin_mm'] / 1000, $row['day'] ?? null, $row['holds'],
        );
    }

    public function word(): Verdict
    {
        return match (true) {
            $this->holds => Verdict::Holds,
            $this->margin !== null && $this->margin < 0.0 => Verdict::Fails,
            default => Verdict::Close,
        };
    }

    public function hasWing(): bool
    {
        return $this->width > 0.0;
    }
}
