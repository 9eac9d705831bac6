<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Material\Material;

/**
 * The section through the edge of a slab, in m: the one geometry that the drawing and later the field read.
 * x counts outward from the outer face of the beam, y up from the ground outside.
 */
final readonly class EdgeSection
{
    /** The bed stands out past the edge by this much, common practice, m. */
    private const BED_STANDS_OUT = 0.1;

    /**
     * @param  list<Region>  $regions  painted in this order, later over earlier
     * @param  non-empty-list<array{float, float}>  $sheet  the path of the sheet, from inside to its turned-up end
     * @param  array<string, float>  $levels  heights of slab_top, slab_underside, beam_underside and dig, m
     */
    private function __construct(
        public Design $design,
        public Window $window,
        public array $regions,
        public array $sheet,
        public array $levels,
    ) {}

    public static function of(Design $design, Window $window): self
    {
        $levels = self::levelsOf($design);

        return new self($design, $window, self::regions($design, $window, $levels), self::sheet($design, $window, $levels), $levels);
    }

    /** @return array{slab_top: float, slab_underside: float, beam_underside: float, floor_boards: float, dig: float, trench: float} */
    public static function levelsOf(Design $design): array
    {
        $top = $design->slab->topAboveGrade;
        $under = $top - $design->slab->layer->thickness;
        $beam = $top - $design->beam->depth;
        $boards = $under - max($design->field->thickness, $design->perimeter->present() ? $design->perimeter->board->thickness : 0.0);

        return [
            'slab_top' => $top,
            'slab_underside' => $under,
            'beam_underside' => $beam,
            'floor_boards' => $boards,
            // The floor is dug to one level; the bed is thinnest under the thickest board.
            'dig' => $boards - $design->stone->thickness,
            'trench' => $beam - $design->edgeUnder->thickness - $design->stone->thickness,
        ];
    }

    /**
     * @param  array<string, float>  $level
     * @return list<Region>
     */
    private static function regions(Design $d, Window $window, array $level): array
    {
        $left = -$window->inward;
        $inner = -$d->beam->width;
        $tray = $inner - $d->edgeInside->thickness;
        $zone = max($left, $tray - $d->perimeter->width);
        $under = $level['slab_underside'];
        $beam = $level['beam_underside'];
        $outside = $d->edgeOutside->board;
        $regions = [
            Region::rectangle(null, null, $left, -$window->down, $window->outward, 0.0),
            ...self::fill($left, $tray, $level['dig']),
            self::box(Part::Stone, $d->stone, $left, $level['dig'], $tray, $under),
            self::box(Part::Stone, $d->stone, $tray, $level['trench'], $outside->thickness + self::BED_STANDS_OUT, $beam - $d->edgeUnder->thickness),
            self::box(Part::EdgeUnder, $d->edgeUnder, $tray, $beam - $d->edgeUnder->thickness, 0.0, $beam),
            self::box(Part::EdgeInside, $d->edgeInside, $tray, $beam, $inner, $under),
            self::box(Part::Field, $d->field, $left, $under - $d->field->thickness, $zone, $under),
            self::box(Part::Perimeter, $d->perimeter->board, $zone, $under - $d->perimeter->board->thickness, $tray, $under),
            self::concrete($d->slab->layer->material, $left, $inner, $level),
            self::box(Part::EdgeOutside, $outside, 0.0, -$d->edgeOutside->depth, $outside->thickness, $level['slab_top']),
            ...self::wall($d, $level['slab_top'], $window->up),
        ];

        return array_values(array_filter($regions));
    }

    /** @return list<Region> ground brought in under a floor that is not dug as deep as the ground outside is high */
    private static function fill(float $left, float $right, float $height): array
    {
        return $height > 1e-9 ? [Region::rectangle(null, null, $left, 0.0, $right, $height)] : [];
    }

    private static function box(Part $part, Layer $layer, float $x0, float $y0, float $x1, float $y1): ?Region
    {
        return $layer->present() && $x1 - $x0 > 1e-9 && $y1 - $y0 > 1e-9
            ? Region::rectangle($part, $layer->material, $x0, $y0, $x1, $y1)
            : null;
    }

    /** @param  array<string, float>  $level */
    private static function concrete(Material $material, float $left, float $inner, array $level): Region
    {
        [$top, $under, $beam] = [$level['slab_top'], $level['slab_underside'], $level['beam_underside']];

        return new Region(Part::Slab, $material, [[$left, $under], [$inner, $under], [$inner, $beam], [0.0, $beam], [0.0, $top], [$left, $top]]);
    }

    /** @return list<Region> */
    private static function wall(Design $design, float $foot, float $head): array
    {
        $regions = [];
        $x = 0.0;
        foreach (array_reverse($design->wall->inside) as $layer) {
            $regions[] = Region::rectangle(Part::Wall, $layer->material, $x - $layer->thickness, $foot, $x, $head);
            $x -= $layer->thickness;
        }
        $x = 0.0;
        foreach ($design->wall->outside as $layer) {
            $regions[] = Region::rectangle(Part::Wall, $layer->material, $x, $foot, $x + $layer->thickness, $head);
            $x += $layer->thickness;
        }

        return $regions;
    }

    /**
     * @param  array<string, float>  $level
     * @return non-empty-list<array{float, float}>
     */
    private static function sheet(Design $d, Window $window, array $level): array
    {
        $left = -$window->inward;
        $inner = -$d->beam->width;
        $under = $level['slab_underside'];
        $beam = $level['beam_underside'];
        $turnedUp = [[0.0, $beam], [0.0, $level['slab_top']]];
        if ($d->sheet->position === SheetPosition::AboveBoards) {
            return [[$left, $under], [$inner, $under], [$inner, $beam], ...$turnedUp];
        }
        $tray = $inner - $d->edgeInside->thickness;
        $zone = max($left, $tray - $d->perimeter->width);
        $field = $under - $d->field->thickness;
        $strip = $d->perimeter->present() ? $under - $d->perimeter->board->thickness : $field;
        $foot = $beam - $d->edgeUnder->thickness;

        return [[$left, $field], [$zone, $field], [$zone, $strip], [$tray, $strip], [$tray, $foot], [0.0, $foot], ...$turnedUp];
    }
}
