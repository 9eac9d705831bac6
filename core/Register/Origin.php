<?php

declare(strict_types=1);

namespace Ondergrond\Register;

/** Where an open point comes from. */
enum Origin: string
{
    case Section = 'section';
    case Plan = 'plan';
    case Hand = 'hand';

    public function label(): string
    {
        return match ($this) {
            self::Section => 'from the section',
            self::Plan => 'from the plan',
            self::Hand => 'by hand',
        };
    }
}
