<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Below;
use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Space;
use Ondergrond\Design\Stem;
use Ondergrond\Material\Catalogue;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class VentedCrawlspace implements Family
{
    public function slug(): string
    {
        return 'vented-crawlspace';
    }

    public function label(): string
    {
        return 'Vented crawlspace';
    }

    public function description(): string
    {
        return 'A floor of insulated joists over a low space with openings to the air, its ground covered by a sheet.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab(Layer::of(Catalogue::get('concrete'), 0.0), -$in->size(8, 200)),
            $in->studWallFlush(),
            sheet: $in->sheet(),
            footing: new Footing($in->size(16, 400), $in->size(8, 200), $in->size(40, 1000), Done::Yes),
            stem: new Stem($in->layer('hollow-block', 8, 200), $in->size(16, 400)),
            dpc: $in->gasket($in->size(16, 400)),
            deck: new Deck($in->joists(true), $in->size(25.5, 642)),
            space: new Space(Below::Vented),
        );
    }
}
