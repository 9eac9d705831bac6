<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Slab;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class ThickenedEdgeSlab implements Family
{
    public function slug(): string
    {
        return 'thickened-edge-slab';
    }

    public function label(): string
    {
        return 'Thickened-edge slab';
    }

    public function description(): string
    {
        return 'Slab and edge beam in one pour, in a tray of boards: thick at the edge where most heat leaves, thinner in the middle.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('reinforced-concrete', 4, 100), $in->size(8, 200)),
            $in->studWall(),
            fieldBoard: $in->layer('xps-25psi', 2, 50),
            perimeterBoard: new PerimeterBoard($in->layer('xps-25psi', 4, 100), $in->strip($footprint)),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 6, 150),
            edgeBeam: new EdgeBeam($in->size(16, 400), $in->size(24, 600)),
            edgeInside: new InsideBoard($in->layer('xps-25psi', 4, 100), bevel: $in->size(2, 50)),
            edgeUnder: $in->layer('xps-40psi', 4, 100),
            edgeOutside: new OutsideBoard($in->layer('stone-wool-board', 6, 150), $in->size(20, 500)),
            shield: $in->shield(),
            dpc: $in->gasket($in->size(8, 200)),
            steel: $in->steel(),
        );
    }
}
