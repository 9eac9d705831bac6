<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Field\FreezingState;

/** The frozen ground about a bearing, day by day, as it is drawn. */
final class FrostFilm
{
    /** What is kept: so far from the bearing outward and inward, m. */
    private const OUT = 15.0;

    private const IN = 15.0;

    /** Thinner ice is not drawn, mm. */
    private const THIN = 1;

    /**
     * By day of the year, from 1 January as 0: outlines of the frozen ground as x, y, x, y … in mm, along the top and back along
     * the bottom; margin and height of the lowest frost under the bearing, mm.
     *
     * @var array<int, array{zones: list<list<int>>, margin: int, lowest: int|null}>
     */
    public array $frames = [];

    /** @param  array<int, float>  $latent  by cell, above 0 where there is water */
    public function __construct(
        private readonly Bearing $bearing,
        private readonly array $latent,
    ) {}

    public function take(int $day, FreezingState $state, FrostDay $now): void
    {
        $zones = $this->zones($state);
        if ($zones !== []) {
            $this->frames[$day] = [
                'zones' => $zones,
                'margin' => (int) round(1000 * $now->margin),
                'lowest' => $now->lowest === null ? null : (int) round(1000 * $now->lowest),
            ];
        }
    }

    /**
     * Column by column, as one shape where neighbours are both frozen.
     *
     * @return list<list<int>>
     */
    private function zones(FreezingState $state): array
    {
        $mesh = $state->mesh;
        $zones = [];
        $top = $bottom = [];
        for ($i = 1; $i <= $mesh->nx; $i++) {
            $x = ($mesh->x[$i - 1] + $mesh->x[$i]) / 2;
            $run = $x > $this->bearing->x0 - self::IN && $x < $this->bearing->x1 + self::OUT ? $this->run($state, $i) : null;
            if ($run === null) {
                $zones[] = self::closed($top, $bottom);
                $top = $bottom = [];

                continue;
            }
            $ends = [(int) round(1000 * $mesh->x[$i - 1]), (int) round(1000 * $x), (int) round(1000 * $mesh->x[$i])];
            if ($top === []) {
                [$top[], $bottom[]] = [[$ends[0], $run[0]], [$ends[0], $run[1]]];
            }
            [$top[], $bottom[]] = [[$ends[1], $run[0]], [$ends[1], $run[1]]];
            $last = [[$ends[2], $run[0]], [$ends[2], $run[1]]];
            if (
                $i === $mesh->nx
                || ($mesh->x[$i] + $mesh->x[$i + 1]) / 2 >= $this->bearing->x1 + self::OUT
                || $this->run($state, $i + 1) === null
            ) {
                [$top[], $bottom[]] = $last;
            }
        }

        return array_values(array_filter([...$zones, self::closed($top, $bottom)]));
    }

    /** @return array{int, int}|null top and bottom of the frozen ground in a column, mm */
    private function run(FreezingState $state, int $i): ?array
    {
        $mesh = $state->mesh;
        $top = $bottom = null;
        for ($j = $mesh->ny; $j >= 1; $j--) {
            $q = $j * $mesh->stride + $i;
            if ($this->latent[$q] > 0.0 && $state->liquid[$q] < 1.0) {
                $top ??= $mesh->y[$j];
                $bottom = $mesh->y[$j] - (1.0 - $state->liquid[$q]) * ($mesh->y[$j] - $mesh->y[$j - 1]);
            }
        }
        if ($top === null || $bottom === null || 1000 * ($top - $bottom) < self::THIN) {
            return null;
        }

        return [(int) round(1000 * $top), (int) round(1000 * $bottom)];
    }

    /**
     * @param  list<array{int, int}>  $top
     * @param  list<array{int, int}>  $bottom
     * @return list<int>
     */
    private static function closed(array $top, array $bottom): array
    {
        return array_merge(...$top, ...array_reverse($bottom));
    }
}
