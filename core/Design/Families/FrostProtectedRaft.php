<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Cover;
use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Pads;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Wing;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class FrostProtectedRaft implements Family
{
    public function slug(): string
    {
        return 'frost-protected-raft';
    }

    public function label(): string
    {
        return 'Frost-protected raft';
    }

    public function description(): string
    {
        return 'A shallow slab with permanent edge boards and a wing in the ground that keeps frost from under it, over ledge or '
            .'where digging is dear. Post pads come first.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('reinforced-concrete', 4, 100), $in->size(6, 150)),
            $in->studWallFlush(),
            fieldBoard: $in->layer('eps-25psi', 4, 100),
            perimeterBoard: new PerimeterBoard($in->layer('xps-25psi', 6, 150), $in->strip($footprint)),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 8, 200),
            pads: new Pads(
                $in->size(30, 750),
                $in->size(12, 300),
                $in->size(40, 1000),
                min($in->size(44, 1100), $footprint->characteristicDimension() / 2),
            ),
            edgeBeam: new EdgeBeam($in->size(14, 350), $in->size(16, 400)),
            edgeInside: new InsideBoard($in->layer('eps-25psi', 4, 100), bevel: $in->size(3, 75)),
            edgeUnder: $in->layer('xps-40psi', 4, 100),
            edgeOutside: new OutsideBoard($in->layer('xps-25psi', 4, 100), $in->size(14, 350)),
            cover: new Cover($in->layer('cement-board', 0.5, 12), $in->size(6, 150)),
            shield: $in->shield(),
            wing: new Wing($in->layer('xps-40psi', 2, 60), $in->size(48, 1200), $in->size(10, 250), $in->size(2, 50)),
            dpc: $in->gasket($in->size(6, 150)),
            steel: $in->steel(),
        );
    }
}
