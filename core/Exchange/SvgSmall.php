<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Drawing\Area;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Material\Hatch;

/** Drawings of which a page shows the shapes alone: small ones beside another, and outlines laid over one. */
final readonly class SvgSmall
{
    private PlainXml $xml;

    private SvgPlace $at;

    private function __construct(Drawing $drawing)
    {
        $this->at = new SvgPlace($drawing);
        $this->xml = new PlainXml;
        $this->xml->openMemory();
    }

    /**
     * Shapes, with a frame round what the other shows.
     *
     * @param  array{float, float, float, float}|null  $frame  m
     * @param  string|null  $picked  the part that stands out
     */
    public static function of(Drawing $drawing, ?array $frame, ?string $picked = null): string
    {
        $svg = new self($drawing);
        $svg->xml->startElement('svg');
        $svg->attributes([
            'xmlns' => 'http://www.w3.org/2000/svg', 'viewBox' => $svg->at->box(), 'preserveAspectRatio' => 'xMidYMid slice',
            'aria-hidden' => 'true', 'class' => 'small-drawing',
        ]);
        foreach ($drawing->items as $item) {
            if ($item instanceof Area) {
                $svg->shape($item, $picked);
            } elseif ($item instanceof Strokes && $picked !== null && $item->part === $picked) {
                $svg->element('path', ['class' => $item->role->value, 'fill' => 'none', 'd' => $svg->at->path($item->lines)]);
            }
        }
        if ($frame !== null) {
            [[$left, $top], [$right, $foot]] = [$svg->at->point([$frame[0], $frame[3]]), $svg->at->point([$frame[2], $frame[1]])];
            $svg->element('rect', [
                'class' => 'frame', 'x' => $left, 'y' => $top, 'width' => (string) ((float) $right - (float) $left),
                'height' => (string) ((float) $foot - (float) $top),
            ]);
        }
        $svg->xml->endElement();

        return $svg->xml->outputMemory();
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

    private function shape(Area $area, ?string $picked): void
    {
        $soil = in_array($area->fill, [Hatch::Soil, Hatch::Air], true);
        $this->element('path', [
            'd' => $this->at->path([$area->polygon]).'Z', 'fill' => SvgWriter::FILLS[$area->fill->value],
            ...($soil ? [] : ['class' => $picked !== null && $area->part === $picked ? 'built picked' : 'built']),
        ]);
    }

    /** @param  array<string, string>  $attributes */
    private function element(string $name, array $attributes): void
    {
        $this->xml->startElement($name);
        $this->attributes($attributes);
        $this->xml->endElement();
    }

    /** @param  array<string, string>  $attributes */
    private function attributes(array $attributes): void
    {
        foreach ($attributes as $name => $value) {
            $this->xml->writeAttribute($name, $value);
        }
    }
}
