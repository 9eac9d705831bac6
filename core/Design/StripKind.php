<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Units\Quantity;

/** A kind of bearing wall inside the building: it stands on the floor along a line. A load of 0 is one that is not given. */
final readonly class StripKind implements Idle, Support
{
    use Remade;
    use Supporting;

    public Material $board;

    /**
     * @param  float  $permanent  kN/m
     * @param  float  $live  kN/m
     * @param  float  $plate  width of the sole of what stands on it, m
     * @param  Material|string  $board  hard board under it, or its slug in the catalogue
     * @param  float  $width  of hard board or pad, m
     * @param  float  $height  of its pad below the slab, m
     * @param  float  $fromEdge  of its centre, inward from the outer face of the edge, m
     * @param  float  $amount  how long they are together, m; 0: not said
     */
    public function __construct(
        #[Size('permanent load', key: 'permanent_kn_m')]
        public float $permanent = 0.0,
        #[Size('live load', key: 'live_kn_m')]
        public float $live = 0.0,
        #[Size('sole', sold: new Steps(1.0, 50, 2, 50, 2))]
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
        #[Size('length', key: 'length_m', quantity: Quantity::Length)]
        public float $amount = 0.0,
    ) {
        $this->board = is_string($board) ? Catalogue::get($board) : $board;
    }

    public function isStrip(): bool
    {
        return true;
    }
}
