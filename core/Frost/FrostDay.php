<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Field\FreezingState;

/** How near frost stands to the ground under a bearing on one day. */
final readonly class FrostDay
{
    /**
     * @param  float  $margin  from the nearest frost to the ground under the bearing, m; below 0 how far frost goes into it
     * @param  float|null  $lowest  height of the lowest frost under the bearing, m; null where none is
     */
    private function __construct(
        public float $margin,
        public ?float $lowest,
    ) {}

    public static function of(FreezingState $state, Bearing $bearing): self
    {
        $mesh = $state->mesh;
        [$x, $y, $s] = [$mesh->x, $mesh->y, $mesh->stride];
        $near = INF;
        $lowest = null;
        for ($j = 1; $j <= $mesh->ny; $j++) {
            for ($i = 1, $q = $j * $s + 1; $i <= $mesh->nx; $i++, $q++) {
                $liquid = $state->liquid[$q];
                if ($liquid >= 1.0 || $mesh->conductivity[$q] <= 0.0) {
                    continue;
                }
                // What a cell has of ice stands at its top: frost comes from above.
                $bottom = $y[$j] - (1.0 - $liquid) * ($y[$j] - $y[$j - 1]);
                $beside = max(0.0, $x[$i - 1] - $bearing->x1, $bearing->x0 - $x[$i]);
                $over = max(0.0, $bottom - $bearing->soil);
                $near = min($near, sqrt($beside * $beside + $over * $over));
                if ($beside <= 0.0 && ($lowest === null || $bottom < $lowest)) {
                    $lowest = $bottom;
                }
            }
        }
        $into = $lowest === null ? 0.0 : $bearing->soil - $lowest;

        return new self($into > 0.0 ? -$into : $near, $lowest);
    }
}
