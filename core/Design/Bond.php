<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How boards hold on an old wall. */
enum Bond: string implements Choice
{
    case NotSaid = 'not-said';
    case Dabs = 'dabs';
    case Crosses = 'crosses';
    case Solvent = 'solvent';
    case Strips = 'strips';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Dabs => 'glue without solvent, in dabs',
            self::Crosses => 'glue without solvent, in crosses',
            self::Solvent => 'glue with solvent',
            self::Strips => 'screwed through strips',
        };
    }
}
