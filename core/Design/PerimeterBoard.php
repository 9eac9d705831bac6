<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/**
 * The strip of floor next to the edge where the board differs; without a width or without a board there is none, and the middle board
 * runs through.
 */
final readonly class PerimeterBoard implements DesignPart
{
    use Remade;

    /** @param  float  $width inward from the edge, m */
    public function __construct(
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $layer,
        #[Size('width', sold: new Steps(6.0, 100, 4))]
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
