<?php

declare(strict_types=1);

namespace Ondergrond\Site;

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
        public string $set = 'none',
        public ?float $underSlab = null,
        public ?float $edge = null,
        public ?float $edgeDepth = null,
        public ?float $basementWall = null,
        public ?float $crawlspaceWall = null,
        public ?float $deck = null,
    ) {}
}
