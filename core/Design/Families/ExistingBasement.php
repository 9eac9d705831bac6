<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Bond;
use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Drains;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Lining;
use Ondergrond\Design\Part;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Standing;
use Ondergrond\Design\Stem;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class ExistingBasement implements Family
{
    public const SLUG = 'existing-basement';

    /** What the work inside finds there. */
    public static function standing(): Standing
    {
        return new Standing(
            Part::Footing, Part::Stem, Part::Membrane, Part::Drainage, Part::Stone, Part::Slab, Part::Wall, Part::Deck, Part::Dpc,
        );
    }

    public function slug(): string
    {
        return self::SLUG;
    }

    public function label(): string
    {
        return 'Existing basement, insulated inside';
    }

    public function description(): string
    {
        return 'Boards bonded to the old wall, a mat on the old slab that runs behind them to a sump, thin board and panels on it. The '
            .'first 300 mm of wall above ground stay bare outside to dry.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('concrete', 3, 80), -$in->size(76, 1900)),
            $in->studWallFlush(),
            boardAbove: $in->layer('xps-25psi', 1, 25),
            mat: $in->mat(),
            screed: $in->layer('floor-panel', 0.75, 18),
            footing: new Footing($in->size(20, 500), $in->size(10, 250), $in->size(88, 2200)),
            stem: new Stem($in->layer('dense-block', 12, 300), $in->size(14, 350)),
            drains: new Drains(0.0, 0.0),
            lining: new Lining(
                [$in->layer('gypsum-board', 0.5, 12.5), $in->layer('xps-25psi', 2, 50)], sealed: Done::Yes, bond: Bond::Dabs,
            ),
            deck: new Deck($in->joists(false), $in->size(24, 604.5), $in->size(2, 50), Done::Yes),
            standing: self::standing(),
        );
    }
}
