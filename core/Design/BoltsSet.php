<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** How anchor bolts come into the concrete. */
enum BoltsSet: string implements Choice
{
    case NotSaid = 'not-said';
    case Hung = 'hung';
    case Wet = 'wet';
    case Drilled = 'drilled';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Hung => 'hung from a timber and tied before the pour',
            self::Wet => 'set wet to a template',
            self::Drilled => 'drilled after finishing',
        };
    }
}
