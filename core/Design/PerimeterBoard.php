<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The strip of floor next to the edge where the board differs; a width of 0 means there is none. */
final readonly class PerimeterBoard implements DesignPart
{
    use Remade;

    /** @param  float  $width inward from the edge, m */
    public function __construct(
        public Layer $layer,
        public float $width,
    ) {}

    public function present(): bool
    {
        return $this->width > 0.0;
    }

    /** @return float m; 0 where there is no strip */
    public function thickness(): float
    {
        return $this->present() ? $this->layer->thickness : 0.0;
    }
}
