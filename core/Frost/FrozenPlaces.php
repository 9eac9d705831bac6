<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Field\FreezingState;
use Ondergrond\Field\Mesh;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Layout;

/**
 * Where the design winter freezes ground that is no bearing's: under the floor's slab, under the slab beside, along the stem,
 * whose rough face ice holds and lifts (adfreeze). Boards and drainage mats part the ground from the stem.
 */
final class FrozenPlaces
{
    /** Thinner ice heaves nothing that is felt, m; common practice, no source. */
    public const THIN = 0.02;

    /**
     * @var array{slab: float, neighbour: float, stem: float} most ice under the floor's slab, under the neighbour's, and upright along
     * the stem so far, m
     */
    public array $most = ['slab' => 0.0, 'neighbour' => 0.0, 'stem' => 0.0];

    /**
     * @param  array{slab: list<array{int, int, int}>, neighbour: list<array{int, int, int}>, stem: list<array{int, int, int}>}  $columns
     *  by place: lowest and highest cell of ground, and the stride from one to the next
     */
    private function __construct(private array $columns) {}

    /** @param  array<int, float>  $latent  by cell, above 0 where there is water */
    public static function of(Design $design, Side $side, Mesh $mesh, array $latent): self
    {
        $at = Layout::of($design, $side);
        $section = EdgeSection::of($design, SectionProblem::window($design, $side), $side);
        $left = $side->isWhole() ? 2 * $section->middle - Layout::of($design)->inner : -$section->window->inward;
        $next = $design->neighbour;
        $beside = $at->boardFace + $next->layer->thickness;
        $columns = ['slab' => [], 'neighbour' => [], 'stem' => []];
        if ($design->slab->present() && ! $design->deck->present()) {
            $columns['slab'] = self::columns($mesh, $latent, $left, $at->inner, -INF, $at->under);
        }
        if ($side === Side::Neighbour) {
            $columns['neighbour'] = self::columns(
                $mesh, $latent, $beside, $beside + $next->width, -INF, $next->topAboveGrade - $next->slab,
            );
        }
        if ($design->stem->present() && ! $design->drainage->present()) {
            // Just outside the concrete: where a board or a form stands, that column holds no ground.
            $columns['stem'] = array_slice(self::columns($mesh, $latent, 0.0, INF, $at->stemFoot, $at->grade), 0, 1);
        }

        return new self($columns);
    }

    public function take(FreezingState $state): void
    {
        foreach ($this->columns as $place => $columns) {
            foreach ($columns as [$low, $high, $stride]) {
                $ice = 0.0;
                for ($q = $low, $j = intdiv($low, $stride); $q <= $high; $q += $stride, $j++) {
                    $ice += (1.0 - $state->liquid[$q]) * ($state->mesh->y[$j] - $state->mesh->y[$j - 1]);
                }
                $this->most[$place] = max($this->most[$place], $ice);
            }
        }
    }

    /**
     * The cells of ground in each column of a rectangle, from its upper edge down as far as it goes on.
     *
     * @param  array<int, float>  $latent
     * @return list<array{int, int, int}>
     */
    private static function columns(Mesh $mesh, array $latent, float $x0, float $x1, float $y0, float $y1): array
    {
        $columns = [];
        for ($i = 1; $i <= $mesh->nx; $i++) {
            $x = ($mesh->x[$i - 1] + $mesh->x[$i]) / 2;
            if ($x < $x0 || $x > $x1) {
                continue;
            }
            $low = $high = null;
            for ($j = $mesh->ny; $j >= 1; $j--) {
                $q = $j * $mesh->stride + $i;
                $y = ($mesh->y[$j - 1] + $mesh->y[$j]) / 2;
                if ($y < $y1 && $y > $y0 && $latent[$q] > 0.0) {
                    $high ??= $q;
                    $low = $q;
                } elseif ($high !== null) {
                    break;
                }
            }
            if ($low !== null) {
                $columns[] = [$low, (int) $high, $mesh->stride];
            }
        }

        return $columns;
    }
}
