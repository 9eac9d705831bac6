<?php

declare(strict_types=1);

namespace App\Models;

/** How far a project is: what may still be changed, and how, hangs on it. */
enum Stage: string
{
    case Designing = 'designing';
    case Released = 'released';
    case Building = 'building';
    case HandedOver = 'handed over';

    public static function of(Project $project): self
    {
        return match (true) {
            $project->release === null => self::Designing,
            $project->packs()->where('stage', 'done')->exists() => self::HandedOver,
            $project->isUnderWay() => self::Building,
            default => self::Released,
        };
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Designing => 'options are drawn and compared; nothing is fixed',
            self::Released => 'one option gets built; nothing is ordered or logged yet, so that it can be withdrawn',
            self::Building => 'something is ordered or logged: it is changed with a reason alone',
            self::HandedOver => 'a pack of it is made',
        };
    }
}
