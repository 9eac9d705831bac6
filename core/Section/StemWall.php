<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\StillAir;

/** What a stem is made of, from its inner face outward, where it changes with height. */
final readonly class StemWall
{
    /**
     * @param  float  $insulatedFrom  where the insulation of its cavity ends downward; its top where there is none, m
     */
    private function __construct(
        private Design $d,
        private Layout $at,
        public float $insulatedFrom,
    ) {}

    public static function of(Design $d, Layout $at): self
    {
        $foot = $d->cavity->present() ? max($at->stemFoot, min($at->top, $at->floor - $d->cavity->toBelowFloor)) : $at->top;

        return new self($d, $at, $foot);
    }

    /**
     * Its layers at a height.
     *
     * @return non-empty-list<array{Part, Layer}> from the room outward
     */
    public function at(float $y): array
    {
        $solids = array_map(static fn (Layer $l): array => [Part::Stem, $l], $this->d->stem->solids());
        if (! $this->d->stem->hasLeaves()) {
            return $solids;
        }
        array_splice($solids, 1, 0, [[Part::Cavity,
            $this->filling($y >= $this->insulatedFrom - 1e-9 && $this->insulatedFrom < $this->at->top)]]);

        return $solids;
    }

    /** @return list<Region|null> */
    public function regions(): array
    {
        if (! $this->d->stem->hasLeaves()) {
            return [Region::box(Part::Stem, $this->d->stem->layer->material, $this->at->inner, $this->at->stemFoot, 0.0, $this->at->top)];
        }
        $regions = [];
        $x = $this->at->inner;
        foreach ($this->at($this->at->top) as [$part, $layer]) {
            $end = $part === Part::Stem && $regions !== [] ? 0.0 : $x + $layer->thickness;
            array_push(
                $regions,
                ...($part === Part::Stem
                    ? [Region::box($part, $layer->material, $x, $this->at->stemFoot, $end, $this->at->top)]
                    : $this->cavity($x, $end)),
            );
            $x = $end;
        }

        return $regions;
    }

    /** @return list<Region|null> */
    private function cavity(float $x0, float $x1): array
    {
        $below = $this->filling(false)->material;
        if ($this->insulatedFrom >= $this->at->top) {
            return [Region::box(Part::Cavity, $below, $x0, $this->at->stemFoot, $x1, $this->at->top)];
        }
        $fill = $this->d->cavity->fill;
        // Below the ground outside it is as wet as what lies against it.
        $wet = max($this->insulatedFrom, min($this->at->grade, $this->at->top));

        return [
            Region::box(Part::Cavity, $below, $x0, $this->at->stemFoot, $x1, $this->insulatedFrom),
            Region::box(Part::Cavity, $fill->wet(), $x0, $this->insulatedFrom, $x1, $wet),
            Region::box(Part::Cavity, $fill, $x0, $wet, $x1, $this->at->top),
        ];
    }

    /** What fills the cavity: as long as nobody says that it is left open, lean concrete, which holds back less than air does. */
    private function filling(bool $insulated): Layer
    {
        $width = $this->d->stem->cavity();

        return Layer::of(match (true) {
            $insulated => $this->d->cavity->fill,
            $this->d->cavity->leanFill === Done::No => Catalogue::get('cavity-air')->conducting(StillAir::conductivity($width)),
            default => Catalogue::get('lean-concrete'),
        }, $width);
    }
}
