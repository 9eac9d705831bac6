<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Cover;
use Ondergrond\Design\CoverBacking;
use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Drainage;
use Ondergrond\Design\Drains;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Service;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Stem;
use Ondergrond\Design\Walkout;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class HeatedBasement implements Family
{
    public function slug(): string
    {
        return 'heated-basement';
    }

    public function label(): string
    {
        return 'Heated basement, new';
    }

    public function description(): string
    {
        return 'Footing, poured wall with membrane, board and drainage outside, slab on board and stone inside. Form, masonry and '
            .'inside insulation are switches; a walk-out side is a section of its own.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);
        $floor = -$in->size(80, 2000);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('reinforced-concrete', 4, 100), $floor),
            $in->studWallFlush(),
            fieldBoard: $in->layer('xps-25psi', 2, 60),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 6, 150),
            service: new Service($in->size(4, 100)),
            footing: new Footing($in->size(24, 600), $in->size(12, 300), $in->size(98, 2450), Done::Yes),
            stem: new Stem($in->layer('reinforced-concrete', 8, 200), $in->size(10, 250)),
            edgeInside: new InsideBoard($in->layer('xps-25psi', 1, 30)),
            edgeOutside: new OutsideBoard($in->layer('xps-25psi', 3, 80), $in->size(86, 2150)),
            cover: new Cover($in->layer('cement-render', 0.75, 20), $in->size(12, 300), CoverBacking::SlipLayer, Done::Yes),
            shield: $in->shield(),
            membrane: $in->membrane(),
            drainage: new Drainage($in->layer('dimple-membrane', 0.3, 8), $in->size(2, 50), Done::Yes),
            drains: new Drains($in->size(4, 100), $in->size(4, 100)),
            dpc: $in->gasket($in->size(10, 250)),
            steel: $in->steel(),
            deck: new Deck($in->joists(false), $in->size(20, 504.5), $in->size(2, 50), Done::Yes),
            walkout: new Walkout($footprint->walkOut > 0.0 ? -$floor + $in->size(4, 100) : 0.0, $in->size(48, 1200)),
        );
    }
}
