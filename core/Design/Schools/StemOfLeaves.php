<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Cavity;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Stem;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;

/** A stem of two leaves that carries on what the wall over it is made of. Sizes where the wall says none: common practice, no source. */
final class StemOfLeaves
{
    /** Leaf and cavity, m. */
    private const LEAF = 0.1;

    /** Its insulation goes down so far under the lowest insulation of the floor, m. */
    private const PAST_FLOOR = 0.15;

    /** @return array{stem: Stem, cavity: Cavity, footing: Footing} the parts that change */
    public static function under(Design $design): array
    {
        [$inner, $width, $outer] = self::leaves($design);
        $thickness = $inner->thickness + $width + $outer->thickness;

        return [
            'stem' => $design->stem->but(
                layer: Layer::of(
                    $design->stem->layer->material->kind === Kind::Masonry ? $design->stem->layer->material : $outer->material, $thickness,
                ),
                leaves: [$inner, $outer],
            ),
            'cavity' => new Cavity($design->cavity->fill, self::depth($design), Done::Yes),
            'footing' => $design->footing->present() && $design->footing->width < $thickness + 0.1
                ? $design->footing->but(width: $thickness + 0.1) : $design->footing,
        ];
    }

    /** How far below the finished floor the cavity is insulated past all insulation of the floor, m. */
    public static function depth(Design $design): float
    {
        return self::past($design) + self::PAST_FLOOR;
    }

    /** How far below the finished floor the floor's own insulation ends, m. */
    public static function past(Design $design): float
    {
        $slab = $design->slab->topAboveGrade;
        $boards = max($design->fieldBoard->thickness, $design->perimeterBoard->thickness());
        $lowest = $boards <= 0.0 && $design->boardAbove->present() ? $slab : $design->slab->underside() - $boards;

        return $design->finishedFloor() - $lowest;
    }

    /** @return array{Layer, float, Layer} inner leaf, width of the cavity in m, outer leaf */
    private static function leaves(Design $design): array
    {
        $layers = [...$design->wall->inside, ...$design->wall->outside];
        $masonry = array_values(array_filter($layers, static fn (Layer $l): bool => $l->material->kind === Kind::Masonry));
        $cavity = array_values(array_filter($layers, static fn (Layer $l): bool => $l->material->slug === 'cavity-wool'));

        return count($masonry) === 2 && $cavity !== []
            ? [$masonry[0], $cavity[0]->thickness, $masonry[1]]
            : [
                Layer::of(Catalogue::get('light-block'), self::LEAF), self::LEAF, Layer::of(Catalogue::get('dense-block'), self::LEAF),
            ];
    }
}
