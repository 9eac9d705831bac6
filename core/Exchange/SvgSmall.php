<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Drawing\Area;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Material\Hatch;

/** Drawings of which a page shows the shapes alone: small ones beside another, and outlines laid over one. */
final class SvgSmall
{
    /**
     * Shapes, with a frame round what the other shows.
     *
     * @param  array{float, float, float, float}|null  $frame  m
     * @param  string|null  $picked  the part that stands out
     */
    public static function of(Drawing $drawing, ?array $frame, ?string $picked = null): string
    {
        $at = new SvgPlace($drawing);
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="'.$at->box()
            .'" preserveAspectRatio="xMidYMid slice" aria-hidden="true" class="small-drawing">';
        foreach ($drawing->items as $item) {
            if ($item instanceof Area) {
                $svg .= self::shape($at, $item, $picked);
            } elseif ($item instanceof Strokes && $picked !== null && $item->part === $picked) {
                $svg .= sprintf('<path class="%s" fill="none" d="%s"/>', $item->role->value, $at->path($item->lines));
            }
        }
        if ($frame !== null) {
            [[$left, $top], [$right, $foot]] = [$at->point([$frame[0], $frame[3]]), $at->point([$frame[2], $frame[1]])];
            $svg .= sprintf(
                '<rect class="frame" x="%s" y="%s" width="%s" height="%s"/>',
                $left, $top, (float) $right - (float) $left, (float) $foot - (float) $top,
            );
        }

        return $svg.'</svg>';
    }

    /**
     * What would be built otherwise, in the pixels of a drawing: the path of its outlines and lines.
     *
     * @param  array{areas: list<Area>, lines: list<list<array{float, float}>>}  $otherwise
     */
    public static function outlines(Drawing $drawing, array $otherwise): string
    {
        $at = new SvgPlace($drawing);

        return implode('', array_map(static fn (Area $a): string => $at->path([$a->polygon]).'Z', $otherwise['areas']))
            .$at->path($otherwise['lines']);
    }

    private static function shape(SvgPlace $at, Area $area, ?string $picked): string
    {
        $class = in_array($area->fill, [Hatch::Soil, Hatch::Air], true)
            ? ''
            : ($picked !== null && $area->part === $picked ? ' class="built picked"' : ' class="built"');

        return sprintf('<path d="%sZ" fill="%s"%s/>', $at->path([$area->polygon]), SvgWriter::FILLS[$area->fill->value], $class);
    }
}
