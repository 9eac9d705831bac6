<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** What brings the heat into a heated floor. */
enum HeatBy: string
{
    case Pipes = 'pipes';
    case Cable = 'cable';
}
