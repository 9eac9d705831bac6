<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Units\UnitSystem;

/** A way of building, as a preset over the same parts. Adding one means adding one class and naming it in Families. */
interface Family
{
    /** Its name in project files and on the command line. */
    public function slug(): string;

    /** Its name on the page. */
    public function label(): string;

    /** What it is and where its sizes come from, two sentences at most. */
    public function description(): string;

    /** A sound design to start from, in sizes that the unit system buys. */
    public function preset(Footprint $footprint, UnitSystem $system): Design;
}
