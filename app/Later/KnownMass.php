<?php

declare(strict_types=1);

namespace App\Later;

use Ondergrond\FloorHeating\CellProof;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\Mass\MassTold;
use Ondergrond\Mass\MassVerdict;

/** What is known so far of what an option's floors store and what heats them. */
final readonly class KnownMass
{
    /**
     * @param  HeatedFloor|null  $heated  null where nothing heats the floor
     * @param  MassTold|null  $told  null where nothing is simulated yet
     * @param  CellProof|null  $proof  of the heated floor; null until the whole story is told
     */
    public function __construct(
        public MassVerdict $stored,
        public ?HeatedFloor $heated,
        public ?MassTold $told,
        public ?CellProof $proof,
    ) {}

    public function isWhole(): bool
    {
        return $this->told !== null && $this->told->isWhole();
    }
}
