<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Design\Design;
use Ondergrond\Ground\GroundField;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Section\Side;
use Ondergrond\Site\Site;

/** The one door: a site and a design go in, the assessment comes out. */
final class Assessor
{
    /** With the fields of all its sections, each of which takes a tenth of a second or two. */
    public static function assess(Site $site, Design $design): Assessment
    {
        $heat = HeatVerdict::of($site, $design);
        $sides = [];
        foreach (Side::of($design) as $side) {
            $sides[$side->value] = GroundField::of($site, $design, $side);
        }

        return new Assessment($heat, FieldHeat::of($heat->floor, $sides));
    }

    /** The formulas alone, at once: for lists of many designs. */
    public static function formulas(Site $site, Design $design): HeatVerdict
    {
        return HeatVerdict::of($site, $design);
    }
}
