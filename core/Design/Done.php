<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Whether a detail is built so; what is not said is never taken as done. */
enum Done: string
{
    case NotSaid = 'not-said';
    case No = 'no';
    case Yes = 'yes';
}
