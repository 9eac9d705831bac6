<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The board that lies outside in the ground and keeps frost from under the edge. */
final readonly class Wing implements DesignPart
{
    use Remade;

    /**
     * @param  float  $width  outward from the outer board, m
     * @param  float  $depth  of its top below the ground, at the building, m
     * @param  float  $fall  over its whole width, away from the building, m
     */
    public function __construct(
        public Layer $layer,
        public float $width,
        public float $depth,
        public float $fall,
    ) {}

    public function present(): bool
    {
        return $this->layer->present() && $this->width > 0.0;
    }
}
