<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** The wall on the edge: the layers that stand on the slab, and those that pass outside its edge. */
final readonly class Wall implements DesignPart
{
    /**
     * @param  list<Layer>  $inside  from the room to the line of the slab's edge
     * @param  list<Layer>  $outside  from that line to the weather
     */
    public function __construct(
        #[Size('layers from the room', sold: new Steps(0.5, 5, 0.125, 5, 0.125))]
        public array $inside,
        #[Size('layers past the edge', sold: new Steps(0.5, 5, 0.125, 5, 0.125))]
        public array $outside,
    ) {}

    /** Full thickness with finishes, w of ISO 13370, m. */
    public function thickness(): float
    {
        return $this->insideThickness() + $this->outsideThickness();
    }

    /** Of what stands on the slab, m. */
    public function insideThickness(): float
    {
        return self::sum($this->inside);
    }

    /** Of what passes outside the slab's edge, m. */
    public function outsideThickness(): float
    {
        return self::sum($this->outside);
    }

    /** @param  list<Layer>  $layers */
    private static function sum(array $layers): float
    {
        return array_sum(array_map(static fn (Layer $l): float => $l->thickness, $layers));
    }

    public function present(): bool
    {
        return true;
    }
}
