<?php

declare(strict_types=1);

namespace App\Models;

enum StudyProgress: string
{
    case Queued = 'queued';
    case Running = 'running';
    case Done = 'done';
    case Stopped = 'stopped';
    case Failed = 'failed';

    public function isOver(): bool
    {
        return $this === self::Done || $this === self::Stopped || $this === self::Failed;
    }
}
