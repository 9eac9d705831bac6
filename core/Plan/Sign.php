<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** How a mark of the plan is drawn; each differs from the others without colour. */
enum Sign
{
    case Disc;
    case Ring;
    case Square;
    case Grate;
    case Lozenge;
    case Wedge;
    case Cross;
    case Tick;
    case Patch;
    case Loose;
    case Line;
    case Heavy;
    case Flow;
    case Dashed;
    case Dotted;
    case Boundary;
    case Pipe;
}
