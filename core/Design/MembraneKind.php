<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What keeps the ground’s water off a wall. */
enum MembraneKind: string implements Choice
{
    case NotSaid = 'not-said';
    case SolventCoat = 'solvent-coat';
    case Felt = 'felt';
    case Fluid = 'fluid';
    case Sheet = 'sheet';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::SolventCoat => 'bitumen coat with solvent',
            self::Felt => 'bituminous felt',
            self::Fluid => 'fluid-applied, without solvent',
            self::Sheet => 'self-adhered sheet for foam',
        };
    }

    /** Whether it dissolves polystyrene that it touches (common practice, no source). */
    public function dissolvesFoam(): bool
    {
        return $this === self::SolventCoat || $this === self::Felt;
    }

    /** Whether it comes in lengths that are lapped. */
    public function isLapped(): bool
    {
        return $this === self::Felt || $this === self::Sheet;
    }

    /** Whether it stands water that presses; a coat is damp-proofing, no more (common practice, no source). */
    public function isWaterproofing(): bool
    {
        return $this === self::Fluid || $this === self::Sheet;
    }
}
