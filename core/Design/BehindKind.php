<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** A layer between foam and its cover, in the order that they go on. */
enum BehindKind: string implements Choice
{
    case Wrap = 'wrap';
    case Felt = 'felt';
    case Paper = 'paper';
    case Battens = 'battens';
    case Mesh = 'mesh';
    case Lath = 'lath';

    public function label(): string
    {
        return match ($this) {
            self::Wrap => 'synthetic wrap',
            self::Felt => 'bituminous felt',
            self::Paper => 'building paper',
            self::Battens => 'battens with air behind',
            self::Mesh => 'mesh in a base coat',
            self::Lath => 'metal lath',
        };
    }

    /** Whether render keys to it. */
    public function holdsRender(): bool
    {
        return $this === self::Mesh || $this === self::Lath;
    }

    /** Whether it sheds water, so that those above lap outside those below. */
    public function shedsWater(): bool
    {
        return in_array($this, [self::Wrap, self::Felt, self::Paper], true);
    }
}
