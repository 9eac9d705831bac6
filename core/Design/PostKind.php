<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Units\Quantity;

/** A kind of post inside the building. A load of 0 is one that is not given. */
final readonly class PostKind implements Idle, Support
{
    use Remade;
    use Supporting;

    public Material $board;

    /**
     * @param  float  $permanent  kN
     * @param  float  $live  kN
     * @param  float  $plate  side of its square plate, m
     * @param  Material|string  $board  hard board under it, or its slug in the catalogue
     * @param  float  $width  of hard board or pad, m
     * @param  float  $height  of its pad below the slab, m
     * @param  float  $fromEdge  of its centre, inward from the outer face of the edge, m
     * @param  float  $amount  how many there are; 0: not said
     */
    public function __construct(
        #[Size('permanent load', key: 'permanent_kn')]
        public float $permanent = 0.0,
        #[Size('live load', key: 'live_kn')]
        public float $live = 0.0,
        #[Size('plate', sold: new Steps(1.0, 50, 2, 50, 2))]
        public float $plate = 0.15,
        #[Size('stands on')]
        public SupportFoot $foot = SupportFoot::Slab,
        #[Size('hard board', key: 'material')]
        Material|string $board = 'xps-40psi',
        #[Size('width of board or pad', key: 'width_m', sold: new Steps(3.0, 50, 2))]
        public float $width = 0.5,
        #[Size('pad below the slab', key: 'height_m', sold: new Steps(1.5, 25, 1))]
        public float $height = 0.3,
        #[Size('in from the edge')]
        public float $fromEdge = 2.0,
        #[Size('number', key: 'count', quantity: Quantity::Ratio)]
        public float $amount = 0.0,
    ) {
        $this->board = is_string($board) ? Catalogue::get($board) : $board;
    }

    public function isStrip(): bool
    {
        return false;
    }
}
