<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** The strip of floor next to the edge where the board differs; without a width or without a board there is none, and the middle board runs through. */
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
        return $this->width > 0.0 && $this->layer->present();
    }

    /** @return float width that differs, m; 0 where there is no strip */
    public function span(): float
    {
        return $this->present() ? $this->width : 0.0;
    }

    /** @return float m; 0 where there is no strip */
    public function thickness(): float
    {
        return $this->present() ? $this->layer->thickness : 0.0;
    }
}
