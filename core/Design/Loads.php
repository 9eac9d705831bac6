<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

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
        #[Size('wall, permanent', key: 'line_kn_m')]
        public float $line = 0.0,
        #[Size('wall, live', key: 'line_live_kn_m')]
        public float $lineLive = 0.0,
        #[Size('post, permanent', key: 'post_kn')]
        public float $post = 0.0,
        #[Size('post, live', key: 'post_live_kn')]
        public float $postLive = 0.0,
        #[Size('plate under the post', sold: new Steps(1.0, 50, 2, 50, 2))]
        public float $plate = 0.15,
        #[Size('floor, live', key: 'floor_live_kpa')]
        public float $floorLive = 0.0,
        #[Size('use')]
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
