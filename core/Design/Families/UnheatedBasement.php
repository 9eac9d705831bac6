<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Below;
use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Drainage;
use Ondergrond\Design\Drains;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Space;
use Ondergrond\Design\Stem;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class UnheatedBasement implements Family
{
    public function slug(): string
    {
        return 'unheated-basement';
    }

    public function label(): string
    {
        return 'Unheated basement';
    }

    public function description(): string
    {
        return 'A cellar left cold, with the insulation in the floor over it.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('concrete', 4, 100), -$in->size(72, 1800)),
            $in->studWallFlush(),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 6, 150),
            footing: new Footing($in->size(24, 600), $in->size(10, 250), $in->size(86, 2150), Done::Yes),
            stem: new Stem($in->layer('concrete', 10, 250), $in->size(14, 350)),
            membrane: $in->membrane(),
            drainage: new Drainage($in->layer('dimple-membrane', 0.3, 8), $in->size(2, 50), Done::Yes),
            drains: new Drains($in->size(4, 100), $in->size(4, 100)),
            dpc: $in->gasket($in->size(14, 350)),
            steel: $in->steel(),
            deck: new Deck($in->joists(true), $in->size(23.5, 592)),
            space: new Space(Below::Unheated),
        );
    }
}
