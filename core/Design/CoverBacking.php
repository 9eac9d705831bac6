<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Choice;

/** What lies between foam and its cover. */
enum CoverBacking: string implements Choice
{
    case NotSaid = 'not-said';
    case Direct = 'direct';
    case SlipLayer = 'slip-layer';
    case Layers = 'layers';

    public function label(): string
    {
        return match ($this) {
            self::NotSaid => 'not said',
            self::Direct => 'straight on the foam',
            self::SlipLayer => 'wrap, felt and lath',
            self::Layers => 'layers as listed',
        };
    }
}
