<?php

declare(strict_types=1);

namespace Ondergrond\Gain;

use Ondergrond\Design\Design;

/** The same design with one size the next one up or down. */
final readonly class Candidate
{
    /**
     * @param  string  $path  of the size, as in project files: `field_board.thickness_m`
     * @param  float  $from  m
     * @param  float  $to  m
     * @param  string|null  $obstacle  why it cannot be built, a clause; the design is then the one it began as
     */
    public function __construct(
        public string $path,
        public float $from,
        public float $to,
        public Design $design,
        public ?string $obstacle = null,
    ) {}
}
