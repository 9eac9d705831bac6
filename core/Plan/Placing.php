<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Remade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** What every item says of itself, whatever its kind. */
final readonly class Placing
{
    use Remade;

    /**
     * @param  float  $x  of its centre or first end, m from the project's origin
     * @param  float  $y  m, up the sheet
     * @param  float  $level  over the ground at the common edge, m
     * @param  string  $serves  what it is for, or leads to
     * @param  MeasuredFrom  $from  the face of the walls that it is taped from
     * @param  string  $inLine  id of an item that it stands in line with; empty: of none
     * @param  float  $tolerance  to either side, m; common practice, no source
     * @param  string  $proposed  by which rule it was put there and what it was like then, see Proposed; empty: by hand
     */
    public function __construct(
        #[Size('name')]
        public string $name = '',
        #[Size('along', quantity: Quantity::Length)]
        public float $x = 0.0,
        #[Size('across', quantity: Quantity::Length)]
        public float $y = 0.0,
        #[Size('level', quantity: Quantity::Length)]
        public float $level = 0.0,
        #[Size('serves')]
        public string $serves = '',
        #[Size('note')]
        public string $note = '',
        #[Size('measured from')]
        public MeasuredFrom $from = MeasuredFrom::Outer,
        #[Size('in line with')]
        public string $inLine = '',
        #[Size('tolerance')]
        public float $tolerance = 0.01,
        #[Size('trade')]
        public Trade $trade = Trade::Installer,
        #[Size('proposed by')]
        public string $proposed = '',
    ) {}

    /** The same, of that name, at that place; m. */
    public function put(string $name, float $x, float $y, float $level): self
    {
        return $this->but(name: $name, x: $x, y: $y, level: $level);
    }
}
