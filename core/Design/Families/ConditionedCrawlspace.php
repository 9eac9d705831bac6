<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Bond;
use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Drainage;
use Ondergrond\Design\Drains;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\Lining;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Stem;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class ConditionedCrawlspace implements Family
{
    public function slug(): string
    {
        return 'conditioned-crawlspace';
    }

    public function label(): string
    {
        return 'Conditioned crawlspace';
    }

    public function description(): string
    {
        return 'A low space with the house’s own air: membrane outside the wall, foil-faced board inside joined to the ground '
            .'sheet, boards under the slab’s perimeter.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('concrete', 2, 50), -$in->size(24, 600)),
            $in->studWallFlush(),
            perimeterBoard: new PerimeterBoard($in->layer('xps-25psi', 2, 50), $in->strip($footprint)),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 4, 100),
            footing: new Footing($in->size(16, 400), $in->size(8, 200), $in->size(48, 1200), Done::Yes),
            stem: new Stem($in->layer('hollow-block', 8, 200), $in->size(16, 400)),
            edgeInside: new InsideBoard($in->layer('xps-25psi', 2, 50)),
            membrane: $in->membrane(),
            drainage: new Drainage($in->layer('dimple-membrane', 0.3, 8), $in->size(2, 50), Done::Yes),
            drains: new Drains($in->size(4, 100), $in->size(4, 100)),
            lining: new Lining([$in->layer('pir-foil', 2, 50)], sealed: Done::Yes, bond: Bond::Strips),
            dpc: $in->gasket($in->size(16, 400)),
            deck: new Deck($in->joists(false), $in->size(26, 654.5), $in->size(2, 50), Done::Yes),
        );
    }
}
