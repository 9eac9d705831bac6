<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** A dimple mat on a slab, under the boards: what seeps in runs below it to the sump, and no damp comes up through it. */
final readonly class Mat implements DesignPart
{
    use Remade;

    /**
     * @param  float  $behind  how far its edge runs behind the face of the wall boards, m; 0: it ends at them
     * @param  SheetJoints  $joints  of its lengths: lapped, on a bead and taped over
     * @param  DrainOutlet  $outlet  where what runs under it goes
     */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.03, 1, 0.125))]
        public Layer $layer,
        #[Size('behind the wall board', sold: new Steps(0.1, 5, 0.5))]
        public float $behind = 0.025,
        #[Size('joints')]
        public SheetJoints $joints = SheetJoints::NotSaid,
        #[Size('leads to')]
        public DrainOutlet $outlet = DrainOutlet::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }
}
