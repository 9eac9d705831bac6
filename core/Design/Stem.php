<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Material;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/**
 * The wall from the footing up to where the building begins: stem, basement or crawlspace wall; solid, or two leaves with a
 * cavity between. A thickness of 0 means there is none.
 */
final readonly class Stem implements DesignPart, Idle
{
    use Remade;

    /**
     * @param  Layer  $layer  its whole thickness, and what it is of where it is solid
     * @param  float  $topAboveGrade  m
     * @param  list<Layer>  $leaves  from the room outward, two of them; none where it is solid
     */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.6, 10, 0.5))]
        public Layer $layer,
        #[Size('top above the ground', sold: new Steps(2.0, 10, 0.5))]
        public float $topAboveGrade,
        #[Size('leaves from the room', sold: new Steps(0.5, 5, 0.125, 5, 0.125))]
        public array $leaves = [],
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }

    /** Whether it is two leaves with a cavity. */
    public function hasLeaves(): bool
    {
        return $this->present() && $this->leaves !== [];
    }

    /** Between its leaves, m; 0 where it is solid. */
    public function cavity(): float
    {
        return $this->hasLeaves() ? max(0.0, $this->layer->thickness - self::sum($this->leaves)) : 0.0;
    }

    /** @return non-empty-list<Layer> of masonry or concrete, from the room outward */
    public function solids(): array
    {
        return $this->hasLeaves() && $this->leaves !== [] ? $this->leaves : [$this->layer];
    }

    /** What stands against the ground outside. */
    public function material(): Material
    {
        $solids = $this->solids();

        return $solids[count($solids) - 1]->material;
    }

    public function idle(): array
    {
        return $this->hasLeaves() ? ['material'] : ['leaves'];
    }

    /** @param  list<Layer>  $layers */
    private static function sum(array $layers): float
    {
        return array_sum(array_map(static fn (Layer $l): float => $l->thickness, $layers));
    }
}
