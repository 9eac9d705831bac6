<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Families\Stock;
use Ondergrond\Material\Catalogue;
use Ondergrond\Section\Layout;

/** What belongs to a part that a remedy puts in, so that it does not open a finding of its own. Common practice, no source. */
final readonly class Companions
{
    public function __construct(private Stock $stock) {}

    /** Foam outside with its cover above the ground, and a drip over that. */
    public function ofFoam(Design $d): Design
    {
        $foam = $d->form->outside > 0.0 || ($d->edgeOutside->present() && $d->edgeOutside->layer->material->kind->isFoam());
        if (! $foam || $d->cover->present() || Layout::of($d)->top < 0.01) {
            return $d;
        }

        return $this->ofCover($d->with(['cover' => $d->cover->but(
            layer: $this->stock->layer('cement-board', 0.5, 12),
            depthBelowGrade: max($d->cover->depthBelowGrade, $this->stock->size(12, 300)),
        )]));
    }

    /** The middle of the floor with a strip along its edge that is no worse, of the same board. */
    public function ofMiddle(Design $d): Design
    {
        $lacks = $d->perimeterBoard->present() && $d->perimeterBoard->layer->resistance() < $d->fieldBoard->resistance() - 1e-9;

        return $lacks ? $d->with(['perimeterBoard' => $d->perimeterBoard->but(
            layer: $d->fieldBoard->thick(max($d->fieldBoard->thickness, $d->perimeterBoard->layer->thickness)),
        )]) : $d;
    }

    /** A bed so thick, of clean stone. */
    public function ofStone(Design $d, float $thickness): Design
    {
        return $d->with(['stone' => ($d->stone->material->slug === 'sand' ? $d->stone->made(Catalogue::get('crushed-stone')) : $d->stone)
            ->thick($thickness)]);
    }

    /** A cover with a drip over it, and lapped over the membrane where there is one. */
    public function ofCover(Design $d): Design
    {
        return $d->with([
            'shield' => $d->shield->but(
                thickness: max($d->shield->thickness, $this->stock->size(0.02, 0.5)),
                drip: max($d->shield->drip, $this->stock->size(0.75, 20)),
            ),
            'cover' => $d->membrane->present() ? $d->cover->but(lapped: Done::Yes) : $d->cover,
        ]);
    }

    /** A membrane with the layer that protects it and leads water down to the drain. */
    public function ofMembrane(Design $d): Design
    {
        return $d->with([
            'drainage' => $d->drainage->present() ? $d->drainage : $this->stock->drainage(),
            'cover' => $d->cover->present() ? $d->cover->but(lapped: Done::Yes) : $d->cover,
        ]);
    }
}
