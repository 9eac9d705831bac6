<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\Layout;

/**
 * The hole that a design is built in: a floor with room to work round what stands in it, a trench under its edge where that goes deeper,
 * and sides that slope. Depths are from the ground at the common edge, reaches from the outer face of the concrete; m, m³.
 */
final readonly class Dig
{
    /** To work round what is built; common practice, no source (DIN 4124, from memory: 0.5). */
    public const ROOM = 0.6;

    /**
     * Out by up: as for the loosest soil until a competent person has classed it (OSHA 1926.652(b)(1) and Appendix B, type C, from
     * memory).
     */
    public const SLOPE = 1.5;

    /** Deeper than that a trench is protected, whatever the soil (OSHA 1926.652(a), from memory: 5 ft). */
    public const PROTECTED = 1.524;

    /** What stands so close to its edge loads it, or falls in (OSHA 1926.651(j), from memory: 2 ft). */
    public const FREE = 0.61;

    /**
     * @param  float  $floor  what the floor is dug to
     * @param  float  $trench  what the edge is dug to; the floor's where there is no trench
     * @param  float  $width  of the trench's bottom
     * @param  float  $reach  of its foot, outward
     * @param  float  $wing  how far the wing reaches, outward; 0 without one
     * @param  float  $wingDepth  what is dug for it
     */
    private function __construct(
        public float $floor,
        public float $trench,
        public float $width,
        public float $reach,
        public float $wing = 0.0,
        public float $wingDepth = 0.0,
    ) {}

    public static function of(Design $design): self
    {
        $at = Layout::of($design);
        $floor = max(0.0, -$at->dig);
        $trench = max($floor, -$at->trench);
        $out = max($at->outermost, $at->toe);
        $wing = $design->wing;

        return new self(
            $floor, $trench, $trench > $floor ? $out + max(-$at->inner + $at->toe, 0.0) : 0.0, $out + self::ROOM,
            ...($wing->present() ? [$at->boardFace + $wing->outAtCorner(), $wing->depth + $wing->atCorner()] : []),
        );
    }

    public function depth(): float
    {
        return $this->trench;
    }

    /** How far its top edge lies out where the ground stands so far over that at the common edge. */
    public function top(float $ground = 0.0): float
    {
        return max(
            $this->reach + self::SLOPE * max(0.0, $this->trench + $ground),
            $this->wing > 0.0 ? $this->wing + self::SLOPE * max(0.0, $this->wingDepth + $ground) : 0.0,
        );
    }

    /** Along a wall, at the highest ground there. */
    public function topAt(Wall $wall): float
    {
        return $this->top(max($wall->grade, $wall->gradeTo));
    }

    /** What nobody may be in without protection, and what a competent person looks at: never that it needs none. */
    public function protection(float $ground = 0.0): string
    {
        return $this->trench + $ground > self::PROTECTED - 1e-9 ? 'protection needed' : 'a competent person decides';
    }

    /** A trench's cross section with both sides sloped, m². */
    public static function across(float $width, float $depth, float $slope): float
    {
        return ($width + $slope * $depth) * $depth;
    }

    /**
     * In the bank, from the ground at the common edge: the floor's prism with its slopes, and the trench below it.
     *
     * @param  Outline  $outline  along the outer face of the concrete
     * @return array{upright: float, sloped: float}
     */
    public function volume(Outline $outline): array
    {
        $area = static function (float $out) use ($outline): float {
            try {
                return $outline->inset(-$out)->area();
            } catch (FaultyInput) {
                // A court that its own slopes fill has one edge round it all.
                return $outline->area() + $outline->perimeter() * $out;
            }
        };
        $foot = $area($this->reach);
        $deeper = $this->trench - $this->floor;
        [$half, $whole] = [$area($this->reach + self::SLOPE * $this->floor / 2), $area($this->reach + self::SLOPE * $this->floor)];

        return [
            'upright' => $foot * $this->floor + $outline->perimeter() * self::across($this->width, $deeper, 0.0),
            // The area grows with the square of what lies out, so that three of them give the volume exactly (Simpson).
            'sloped' => $this->floor * ($foot + 4 * $half + $whole) / 6
                + $outline->perimeter() * self::across($this->width, $deeper, self::SLOPE),
        ];
    }
}
