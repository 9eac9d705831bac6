<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The side where the ground lies lower and one walks out: a section of its own. A drop of 0 means there is none. */
final readonly class Walkout implements DesignPart
{
    use Remade;

    /**
     * @param  float  $drop  how far the ground there lies below that of the other sides, m
     * @param  float  $footingDepth  of the footing's underside below the ground there, m
     */
    public function __construct(
        public float $drop,
        public float $footingDepth,
    ) {}

    public function present(): bool
    {
        return $this->drop > 0.0;
    }
}
