<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/**
 * What the building puts on its foundation, as the engineer or the supplier gives it; nothing is guessed. A figure of 0 is
 * one that is not given.
 */
final readonly class Loads implements DesignPart
{
    use Remade;

    /**
     * @param  float  $line  permanent load of the wall on the edge, kN/m
     * @param  float  $lineLive  live load that comes down with it, kN/m
     * @param  float  $post  permanent load of a post, kN
     * @param  float  $postLive  live load that comes down with it, kN
     * @param  float  $plate  side of the square plate that the post stands on, m
     * @param  float  $floorLive  live load on the floor, kPa
     * @param  LoadUse  $use  what the floor is used for: how much of a live load stays
     */
    public function __construct(
        public float $line = 0.0,
        public float $lineLive = 0.0,
        public float $post = 0.0,
        public float $postLive = 0.0,
        public float $plate = 0.15,
        public float $floorLive = 0.0,
        public LoadUse $use = LoadUse::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->hasLine() || $this->hasPost() || $this->floorLive > 0.0;
    }

    public function hasLine(): bool
    {
        return $this->line + $this->lineLive > 0.0;
    }

    public function hasPost(): bool
    {
        return $this->post + $this->postLive > 0.0;
    }
}
