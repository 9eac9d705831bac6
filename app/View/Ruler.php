<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** A straight scale down a picture, as pages place things on it and their scripts read it back in the reader's unit. */
final readonly class Ruler
{
    /** Unit that is shown, where its 0 stands in pixels from the top, and pixels for one of it. */
    public string $unit;

    public float $zero;

    public float $per;

    /**
     * @param  float  $from  the SI value at the pixel `$top`
     * @param  float  $pixels  for one of SI, down the picture
     * @param  float  $step  what dragging goes by, in the unit that is shown
     */
    public function __construct(
        private float $from,
        private float $top,
        private float $pixels,
        Quantity $quantity,
        QuantityFormatter $format,
        public float $step,
    ) {
        $unit = $quantity->unit($format->system);
        $this->unit = $unit->symbol;
        $this->zero = $this->y($unit->toSi(0.0));
        $this->per = $this->y($unit->toSi(1.0)) - $this->zero;
    }

    /** Pixels from the top. */
    public function y(float $si): float
    {
        return round($this->top + ($si - $this->from) * $this->pixels, 3);
    }
}
