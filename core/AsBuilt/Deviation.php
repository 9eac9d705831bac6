<?php

declare(strict_types=1);

namespace Ondergrond\AsBuilt;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\Said;

/** What was built otherwise than drawn, as an entry tells it. */
interface Deviation
{
    public function part(): Part;

    /** Id of the stretch it is along; empty where it is everywhere. */
    public function stretch(): string;

    public function said(): Said;

    /** SI; null where it is no size. */
    public function found(): ?float;

    /** SI; null where it is no size. */
    public function drawn(): ?float;

    /**
     * The design as it was built, in this.
     *
     * @throws FaultyInput where that cannot be drawn
     */
    public function applied(Design $design): Design;
}
