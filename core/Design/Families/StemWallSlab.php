<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Form;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Stem;
use Ondergrond\Design\Threshold;
use Ondergrond\Material\Catalogue;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class StemWallSlab implements Family
{
    public function slug(): string
    {
        return 'stem-wall-slab';
    }

    public function label(): string
    {
        return 'Stem wall and footing, slab inside';
    }

    public function description(): string
    {
        return 'A footing below frost, a stem wall in a permanent foam form on it, and a slab on boards inside. Masonry or a poured '
            .'wall are one switch away.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);
        $face = $in->size(2.5, 64);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('reinforced-concrete', 4, 100), $in->size(8, 200)),
            $in->studWallFlush(),
            fieldBoard: $in->layer('xps-25psi', 2, 50),
            perimeterBoard: new PerimeterBoard($in->layer('xps-25psi', 4, 100), $in->strip($footprint)),
            sheet: $in->sheet(),
            stone: $in->layer('crushed-stone', 4, 100),
            footing: new Footing($in->size(20, 500), $in->size(12, 300), $in->size(48, 1200), Done::Yes),
            stem: new Stem($in->layer('reinforced-concrete', 6, 150), $in->size(8, 200)),
            form: new Form(Catalogue::get('eps-form'), $face, $face, webSpacing: $in->size(8, 200)),
            cover: $in->cover(),
            shield: $in->shield(),
            dpc: $in->gasket($in->size(8, 200)),
            steel: $in->steel(),
            threshold: new Threshold($in->layer('xps-40psi', 1.5, 38), $in->size(4, 100)),
        );
    }
}
