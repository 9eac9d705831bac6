<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;

/** Says what an entry of its kind says. */
interface Reader
{
    public function reads(Entry $entry): Reading;
}
