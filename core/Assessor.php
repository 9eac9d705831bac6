<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Design\Design;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Site\Site;

/** The one door: a site and a design go in, the assessment comes out. */
final class Assessor
{
    public static function assess(Site $site, Design $design): Assessment
    {
        return new Assessment(HeatVerdict::of($site, $design));
    }
}
