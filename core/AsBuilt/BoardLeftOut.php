<?php

declare(strict_types=1);

namespace Ondergrond\AsBuilt;

use Ondergrond\Design\Design;
use Ondergrond\Design\DesignPart;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Plan\Plan;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** A board of the edge that is not there along so much of a stretch. */
final readonly class BoardLeftOut implements Deviation
{
    /** Parts that can be missing along a stretch alone. */
    public const PARTS = [
        Part::EdgeInside, Part::EdgeOutside, Part::Perimeter, Part::Wing, Part::Neighbour, Part::Upstand, Part::Threshold, Part::Lining,
    ];

    /** @param  float  $length  m */
    public function __construct(
        private Part $part,
        private float $length,
        private ?Plan $plan,
        private string $stretch,
    ) {}

    public function part(): Part
    {
        return $this->part;
    }

    public function stretch(): string
    {
        return $this->stretch;
    }

    public function said(): Said
    {
        return Said::of('not there along %s', Measure::of($this->length, Quantity::Length));
    }

    public function found(): float
    {
        return 0.0;
    }

    public function drawn(): ?float
    {
        return null;
    }

    public function applied(Design $design): Design
    {
        return Along::of($this->stretch, $design, $this->plan)->depart(
            $design, $this->part, [
                $this->part->property() => $this->without($design),
                // Nothing covers what is not there.
                ...($this->part === Part::EdgeOutside ? ['cover' => $design->cover->but(layer: $design->cover->layer->thick(0.0))] : []),
            ], $this->length,
        );
    }

    private function without(Design $design): DesignPart
    {
        $none = static fn (Layer $layer): Layer => $layer->thick(0.0);

        return match ($this->part) {
            Part::EdgeInside => $design->edgeInside->but(layer: $none($design->edgeInside->layer)),
            Part::EdgeOutside => $design->edgeOutside->but(layer: $none($design->edgeOutside->layer)),
            Part::Perimeter => $design->perimeterBoard->but(layer: $none($design->perimeterBoard->layer)),
            Part::Wing => $design->wing->but(layer: $none($design->wing->layer)),
            Part::Neighbour => $design->neighbour->but(layer: $none($design->neighbour->layer)),
            Part::Upstand => $none($design->upstand),
            Part::Lining => $design->lining->but(layers: []),
            Part::Threshold => $design->threshold->but(layer: $none($design->threshold->layer)),
            default => $this->part->of($design),
        };
    }
}
