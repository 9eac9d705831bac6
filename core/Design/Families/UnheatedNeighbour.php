<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Neighbour;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class UnheatedNeighbour implements Family
{
    /** Of the exposed edge along the garage, where none is given. */
    private const SHARE = 0.2;

    public function slug(): string
    {
        return 'unheated-neighbour';
    }

    public function label(): string
    {
        return 'Garage or porch beside a heated slab';
    }

    public function description(): string
    {
        return 'A heated thickened-edge slab with an unheated slab against it: a full-depth break between them, a board at the far '
            .'edge, drawn over the whole width.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);
        $along = $footprint->alongNeighbour() > 0.0 ? $footprint : $footprint->along(
            garage: min(self::SHARE * $footprint->exposed, $footprint->exposed - $footprint->walkOut),
        );

        return (new ThickenedEdgeSlab)->preset($footprint->along(garage: 0.0, porch: 0.0), $system)->with([
            'family' => $this->slug(),
            'footprint' => $along,
            'wall' => $in->studWallFlush(),
            'neighbour' => new Neighbour(
                $in->layer('xps-25psi', 4, 100), $in->size(240, 6000), $in->size(4, 100), $in->size(4, 100), $in->size(2, 50),
                Done::Yes,
            ),
        ]);
    }
}
