<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** A list of areas, strokes and texts in metres, y up; writers turn it into SVG and other formats. */
final readonly class Drawing
{
    /**
     * @param  float  $scale  its denominator: 16 means 1 : 16
     * @param  array{float, float, float, float}  $box  x0, y0, x1, y1 of what is shown, m
     * @param  list<Item>  $items  drawn in this order
     * @param  string  $title  what it shows, for people who do not see it
     */
    public function __construct(
        public float $scale,
        public array $box,
        public array $items,
        public string $title,
    ) {}

    /** Metres of building for a millimetre of paper. */
    public function paper(): float
    {
        return $this->scale / 1000;
    }

    /** The same without what stands for these. */
    public function without(Role ...$roles): self
    {
        return new self(
            $this->scale,
            $this->box,
            array_values(array_filter($this->items, static fn (Item $i): bool => ! in_array($i->role, $roles, true))),
            $this->title,
        );
    }
}
