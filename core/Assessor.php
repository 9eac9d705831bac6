<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Design\Design;
use Ondergrond\Ground\GroundField;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Site\Site;

/** The one door: a site and a design go in, the assessment comes out. */
final class Assessor
{
    /** With the field of the section, which takes a tenth of a second or two. */
    public static function assess(Site $site, Design $design): Assessment
    {
        $heat = HeatVerdict::of($site, $design);

        return new Assessment($heat, FieldHeat::of($heat->floor, GroundField::of($site, $design)));
    }

    /** The formulas alone, at once: for lists of many designs. */
    public static function formulas(Site $site, Design $design): HeatVerdict
    {
        return HeatVerdict::of($site, $design);
    }
}
