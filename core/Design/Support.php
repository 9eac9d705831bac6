<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Material;

/** A kind of post or bearing strip: how it is loaded, what it stands on, and a typical place for it in the section. */
interface Support
{
    /** Permanent load, kN, or kN for each m of a strip. */
    public function permanent(): float;

    /** Live load that comes down with it, kN, or kN/m. */
    public function live(): float;

    /** Side of the square plate, or width of the wall's sole, m. */
    public function plate(): float;

    public function foot(): SupportFoot;

    /** Of the hard board under it. */
    public function board(): Material;

    /** Of hard board or pad, m: the side of a square, or across a strip. */
    public function width(): float;

    /** Of its pad below the slab, m. */
    public function height(): float;

    /** Of its centre, inward from the outer face of the edge, m. */
    public function fromEdge(): float;

    /** How many of it there are, or how many m; 0: not said. */
    public function amount(): float;

    /** Whether it runs along, so that its load spreads to two sides and not to four. */
    public function isStrip(): bool;

    /** The same on something else. */
    public function on(SupportFoot $foot, float $width, ?Material $board = null): static;
}
