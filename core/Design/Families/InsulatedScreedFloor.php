<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Cavity;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Dpc;
use Ondergrond\Design\DpcKind;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Heating;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Stem;
use Ondergrond\Design\UpperSheet;
use Ondergrond\Design\Wall;
use Ondergrond\Units\UnitSystem;

/** Sizes: common practice, no source. */
final class InsulatedScreedFloor implements Family
{
    public function slug(): string
    {
        return 'insulated-screed-floor';
    }

    public function label(): string
    {
        return 'Ground-bearing floor, insulated above the slab';
    }

    public function description(): string
    {
        return 'Hardcore, sand, sheet and slab; on it board, a second sheet, pipes and screed, within a cavity wall with its '
            .'damp-proof course.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $in = new Stock($system);

        return new Design(
            $this->slug(),
            $footprint,
            new Slab($in->layer('reinforced-concrete', 4, 100), $in->size(0, 0)),
            new Wall(
                [
                    $in->layer('plaster', 0.5, 13), $in->layer('light-block', 4, 100), $in->layer('cavity-wool', 4, 100),
                    $in->layer('brick', 4, 102),
                ],
                [],
            ),
            sheet: $in->sheet(SheetPosition::BelowBoards),
            blinding: $in->layer('sand', 2, 50),
            stone: $in->layer('crushed-stone', 6, 150),
            boardAbove: $in->layer('pir-foil', 3, 80),
            upperSheet: new UpperSheet($in->size(0.01, 0.25)),
            screed: $in->layer('screed', 2.75, 70),
            upstand: $in->layer('pir-foil', 1, 25),
            heating: new Heating(
                HeatedIn::Screed,
                $in->size(1.75, 45),
                32.0,
                spacing: $in->size(6, 150),
                pipe: $in->size(0.625, 16),
                loop: $in->size(3600, 90_000),
            ),
            footing: new Footing($in->size(24, 600), $in->size(10, 250), $in->size(36, 900), Done::Yes),
            stem: new Stem(
                $in->layer('dense-block', 12, 302), $in->size(6, 150), [$in->layer('light-block', 4, 100), $in->layer('brick', 4, 102)],
            ),
            cavity: new Cavity('cavity-wool', $in->size(12, 300), Done::Yes),
            steel: $in->steel(),
            dpc: new Dpc(
                $in->size(0.02, 0.5), $in->size(6, 150), DpcKind::Polyethylene, $in->size(4, 100), Done::Yes, Done::Yes, Done::Yes,
                $in->size(3, 75),
            ),
            closer: $in->layer('cavity-wool', 4, 100),
        );
    }
}
