<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

/** What a reading is against its limit. */
enum State: string
{
    case In = 'in';
    case Close = 'close';
    case Out = 'out';
    /** It has no limit: it is on record. */
    case Kept = 'kept';
}
