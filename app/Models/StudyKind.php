<?php

declare(strict_types=1);

namespace App\Models;

/** What is worked out over seconds or minutes. */
enum StudyKind: string
{
    case Gain = 'gain';
    case Search = 'search';
}
