<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** What items of a plan are bought as; the take-off has a good of the same name for each. */
enum Supply: string
{
    case Sleeve = 'sleeve';
    case DrainPipe = 'drain-pipe';
    case GasPipe = 'gas-pipe';
    case Gully = 'gully';
    case Sump = 'sump';
    case Conduit = 'conduit';
    case FloorBox = 'floor-box';
    case ClosetBend = 'closet-bend';
    case HoldDown = 'hold-down';
    case Well = 'well';
    case Fill = 'fill';
}
