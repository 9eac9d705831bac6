<?php

declare(strict_types=1);

namespace Ondergrond\AsBuilt;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Plan\Plan;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** The slab's mean thickness as it was read, everywhere or along a stretch. */
final readonly class SlabThickness implements Deviation
{
    /**
     * @param  float  $mean  of the readings, m
     * @param  float  $least  of them, m
     * @param  float  $drawn  m
     */
    public function __construct(
        private float $mean,
        private float $least,
        private float $drawn,
        private ?Plan $plan,
        private string $stretch = '',
    ) {}

    public function part(): Part
    {
        return Part::Slab;
    }

    public function stretch(): string
    {
        return $this->stretch;
    }

    public function said(): Said
    {
        return Said::of(
            'mean %s and least %s of %s drawn', Measure::size($this->mean), Measure::size($this->least), Measure::size($this->drawn),
        );
    }

    public function found(): float
    {
        return $this->mean;
    }

    public function drawn(): float
    {
        return $this->drawn;
    }

    public function applied(Design $design): Design
    {
        $slab = $design->slab->but(layer: $design->slab->layer->thick($this->mean));
        if ($this->stretch === '') {
            return $design->with(['slab' => $slab]);
        }
        $along = Along::of($this->stretch, $design, $this->plan);

        return $along->depart($design, Part::Slab, ['slab' => $slab], $along->length);
    }
}
