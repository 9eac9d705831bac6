<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** Who keeps an item: the project, or the option that puts it there. */
enum Belongs
{
    case Building;
    case Design;
}
