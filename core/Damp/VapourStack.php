<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/**
 * Plane layers from the inside outward with what is on either side of them through the year. Cut for the sum where a layer
 * holds back much heat, so that water within it is found too (ISO 13788:2012, 6.4.1: strips of no more than 0.25 m²K/W).
 */
final readonly class VapourStack
{
    private const STRIP = 0.25;

    /** Layers that pass vapour more easily than this do not count for it, m. */
    private const NOTHING = 1e-6;

    /**
     * @param  non-empty-list<VapourLayer>  $layers  from the inside outward
     * @param  float  $inside  surface resistance, m²K/W
     * @param  float  $outside  the same; 0 against the ground
     * @param  list<float>  $s  s_d from the inside to each cut, m; the first is 0
     * @param  list<float>  $r  R from the inside air to each cut, m²K/W
     * @param  list<int>  $layer  the layer that begins at each cut; the last: the number of layers
     * @param  list<bool>  $border  whether a cut lies between two layers
     * @param  list<DampMonth>  $months  twelve, January first
     */
    private function __construct(
        public array $layers,
        public float $inside,
        public float $outside,
        public array $s,
        public array $r,
        public array $layer,
        public array $border,
        public array $months,
    ) {}

    /**
     * @param  list<VapourLayer>  $layers
     * @param  list<DampMonth>  $months  twelve
     * @return self|null null where nothing in it holds back vapour, so that nothing can be said
     */
    public static function of(array $layers, float $inside, float $outside, array $months): ?self
    {
        $s = [0.0];
        $r = [$inside];
        $of = [0];
        $border = [true];
        foreach ($layers as $n => $layer) {
            $strips = $layer->airLayer <= self::NOTHING ? 1 : max(1, (int) ceil($layer->resistance / self::STRIP - 1e-9));
            for ($i = 1; $i <= $strips; $i++) {
                $last = count($s) - 1;
                $at = $s[$last] + $layer->airLayer / $strips;
                $warmth = $r[$last] + $layer->resistance / $strips;
                if ($at - $s[$last] <= self::NOTHING) {
                    // Vapour does not see it: its two faces are one place, as cold as the colder.
                    $inside += $last === 0 ? $layer->resistance / $strips : 0.0;
                    array_pop($r);
                    array_pop($of);
                    $r[] = $warmth;
                    $of[] = $n + 1;

                    continue;
                }
                $s[] = $at;
                $r[] = $warmth;
                $border[] = $i === $strips;
                $of[] = $i === $strips ? $n + 1 : $n;
            }
        }

        return count($s) < 2 || $layers === [] ? null : new self($layers, $inside, $outside, $s, $r, $of, $border, $months);
    }

    /** R_T from air to air, or to the ground, m²K/W. */
    public function resistance(): float
    {
        return $this->r[count($this->r) - 1] + $this->outside;
    }

    /** s_d of all of it, m. */
    public function airLayer(): float
    {
        return $this->s[count($this->s) - 1];
    }

    /**
     * Temperatures at the cuts, °C, where heat passes steadily.
     *
     * @return list<float>
     */
    public function temperatures(DampMonth $month): array
    {
        $all = $this->resistance();

        return array_map(static fn (float $r): float => $month->inside - ($month->inside - $month->outside) * $r / $all, $this->r);
    }

    /** What lies on either side of a cut, or around it. */
    public function place(int $cut): string
    {
        $layer = $this->layer[$cut];
        if (! $this->border[$cut]) {
            return 'within '.$this->layers[$layer]->name;
        }

        return match (true) {
            $cut === 0 => 'inside face',
            $layer >= count($this->layers) => 'outer face',
            default => 'between '.$this->layers[$layer - 1]->name.' and '.$this->layers[$layer]->name,
        };
    }

    /** How deep a cut lies from the inside face, m. */
    public function depth(int $cut): float
    {
        $depth = 0.0;
        for ($n = 0; $n < $this->layer[$cut]; $n++) {
            $depth += $this->layers[$n]->thickness;
        }
        if (! $this->border[$cut]) {
            $strips = max(1, (int) ceil($this->layers[$this->layer[$cut]]->resistance / self::STRIP - 1e-9));
            $first = $cut;
            while ($first > 0 && ! $this->border[$first]) {
                $first--;
            }
            $depth += $this->layers[$this->layer[$cut]]->thickness * ($cut - $first) / $strips;
        }

        return $depth;
    }
}
