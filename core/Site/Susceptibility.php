<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choice;

/** Whether the ground heaves when it freezes: it draws water to the ice where it has fines (common practice, no source). */
enum Susceptibility: string implements Choice
{
    case ByClass = 'by-class';
    case None = 'no';
    case Slight = 'slightly';
    case Strong = 'strongly';

    public function label(): string
    {
        return match ($this) {
            self::ByClass => 'as its class',
            self::None => 'does not heave: clean and drained, tested',
            self::Slight => 'heaves a little',
            self::Strong => 'heaves',
        };
    }

    /** What is said of the class where nothing is known: silt and clay heave, sand and gravel may hold enough fines to, rock does not. */
    public function of(Soil $soil): self
    {
        return $this !== self::ByClass ? $this : match ($soil) {
            Soil::ClayOrSilt => self::Strong,
            Soil::SandOrGravel => self::Slight,
            Soil::Rock => self::None,
        };
    }
}
