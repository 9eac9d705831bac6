<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Heating;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Slab;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class HeatStoringSlab implements Family
{
    public function slug(): string
    {
        return 'heat-storing-slab';
    }

    public function label(): string
    {
        return 'Heat-storing slab';
    }

    public function description(): string
    {
        return 'A thick slab on thick foam with pipes in it, charged by winter sun and surplus power and slow to cool.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('reinforced-concrete', 8, 200), $in->size(8, 200)),
            $in->studWall(),
            fieldBoard: $in->layer('eps-25psi', 8, 200),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 6, 150),
            heating: new Heating(
                HeatedIn::Slab,
                $in->size(4, 100),
                27.0,
                spacing: $in->size(6, 150),
                pipe: $in->size(0.625, 16),
                loop: $in->size(3600, 90_000),
            ),
            edgeBeam: new EdgeBeam($in->size(12, 300), $in->size(18, 450)),
            edgeInside: new InsideBoard($in->layer('eps-25psi', 4, 100), bevel: $in->size(2, 50)),
            edgeUnder: $in->layer('xps-40psi', 4, 100),
            edgeOutside: new OutsideBoard($in->layer('xps-25psi', 6, 150), $in->size(14, 350)),
            cover: $in->cover(),
            shield: $in->shield(),
            dpc: $in->gasket($in->size(8, 200)),
            steel: $in->steel(),
        );
    }
}
