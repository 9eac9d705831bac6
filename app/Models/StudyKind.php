<?php

declare(strict_types=1);

namespace App\Models;

/** What is worked out over seconds or minutes. */
enum StudyKind: string
{
    case Gain = 'gain';
    case Search = 'search';
    case Wing = 'wing';

    /** Winters take so long that they have a worker of their own. */
    public function queue(): string
    {
        return $this === self::Wing ? self::WINTERS : 'default';
    }

    public const WINTERS = 'winters';
}
