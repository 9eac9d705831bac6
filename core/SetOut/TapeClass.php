<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Size\Choice;

/** How far a tape may read off by its own marks (Directive 2014/32/EU, Annex X, from memory). */
enum TapeClass: string implements Choice
{
    case One = 'I';
    case Two = 'II';
    case Three = 'III';

    public function label(): string
    {
        return "class {$this->value}";
    }

    /** To either side, m, of a length in m: a fixed part and a part by begun metre. */
    public function error(float $length): float
    {
        [$fixed, $each] = match ($this) {
            self::One => [0.1, 0.1],
            self::Two => [0.3, 0.2],
            self::Three => [0.6, 0.4],
        };

        return ($fixed + $each * ceil(round($length, 6))) / 1000;
    }
}
