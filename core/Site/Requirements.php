<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/**
 * What a set of requirements asks of insulation, R without films as codes state it. Every figure can be changed; null is
 * one that the set does not ask for.
 */
final readonly class Requirements
{
    /**
     * @param  string  $set  slug of the set that the figures began as; `own` for one's own
     * @param  float|null  $underSlab  under a slab on the ground, m²K/W
     * @param  float|null  $edge  at its edge, m²K/W
     * @param  float|null  $edgeDepth  how far the edge insulation reaches, down or in, m
     * @param  float|null  $basementWall  continuous, m²K/W
     * @param  float|null  $crawlspaceWall  continuous, m²K/W
     * @param  float|null  $deck  of a floor over an unheated space, between joists, m²K/W
     */
    public function __construct(
        #[Size('Requirements', key: 'set', from: RequirementSets::class)]
        public string $set = 'none',
        #[Size('Required under the slab, R', key: 'under_slab_r_m2kw')]
        public ?float $underSlab = null,
        #[Size('Required at the edge, R', key: 'edge_r_m2kw')]
        public ?float $edge = null,
        #[Size('Required at the edge, reach', quantity: Quantity::Length)]
        public ?float $edgeDepth = null,
        #[Size('Required on basement walls, R', key: 'basement_wall_r_m2kw')]
        public ?float $basementWall = null,
        #[Size('Required on crawlspace walls, R', key: 'crawlspace_wall_r_m2kw')]
        public ?float $crawlspaceWall = null,
        #[Size('Required in a deck, R', key: 'deck_r_m2kw')]
        public ?float $deck = null,
    ) {}
}
