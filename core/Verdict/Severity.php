<?php

declare(strict_types=1);

namespace Ondergrond\Verdict;

/** How much a finding weighs. What lacks the data to be judged is never said to hold. */
enum Severity: string
{
    /** Do not build it so. */
    case Stop = 'stop';
    /** Put right before the pour. */
    case Fix = 'fix';
    /** Know it, and decide. */
    case Note = 'note';
    case NotChecked = 'not checked';

    public function meaning(): string
    {
        return match ($this) {
            self::Stop => 'do not build it so',
            self::Fix => 'put right before the pour',
            self::Note => 'know it, and decide',
            self::NotChecked => 'something must be known first',
        };
    }

    /** Gravest first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
