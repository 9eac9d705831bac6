<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

/** The verdict that a rule belongs to; some belong to none: fire, pests, soil gas, how it is built. */
enum Concern: string
{
    case Heat = 'heat';
    case Frost = 'frost';
    case Damp = 'damp';
    case Mass = 'mass';
    case Load = 'load';
    case None = 'none';

    public function label(): string
    {
        return $this === self::None ? 'Fire, pests, soil gas, how it is built' : ucfirst($this->value);
    }

    /** @return list<self> those that a word is said of */
    public static function verdicts(): array
    {
        return [self::Heat, self::Frost, self::Damp, self::Mass, self::Load];
    }
}
