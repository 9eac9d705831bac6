<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Drawing\Grip;
use Ondergrond\Drawing\Handle;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\Stop;

/** What a page's script takes hold of on a drawing. */
final readonly class SvgMarks
{
    public function __construct(private PlainXml $xml, private SvgPlace $at) {}

    /** Its stops are written for the page's script: where, which size, what it meets there. */
    public function handle(Handle $handle): void
    {
        [$x, $y] = $this->at->point($handle->at);
        $upright = $handle->axis === 'y';
        $stops = array_map(fn (Stop $s): array => [
            (float) $this->at->point($upright ? [0.0, $s->at] : [$s->at, 0.0])[$upright ? 1 : 0],
            $s->size,
            $s->why,
        ], $handle->stops);
        $this->xml->startElement('g');
        $this->attributes([
            'class' => 'handle handle-'.$handle->axis,
            'data-part' => (string) $handle->part,
            'data-field' => $handle->field,
            'data-stops' => json_encode($stops, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
        ]);
        $this->xml->startElement('rect');
        [$half, $length] = [4.0, 9.0];
        [$wide, $high] = $upright ? [$length, $half] : [$half, $length];
        $this->attributes([
            'x' => (string) ((float) $x - $wide), 'y' => (string) ((float) $y - $high), 'width' => (string) (2 * $wide),
            'height' => (string) (2 * $high),
            'fill' => '#faf7ef', 'stroke' => SvgWriter::PENS[Role::Handle->value][0],
            'stroke-width' => (string) SvgWriter::PENS[Role::Handle->value][1],
        ]);
        $this->xml->writeElement('title', 'Drag to another size');
        $this->xml->endElement();
        $this->xml->endElement();
    }

    /** The page's script turns where it is dropped into metres by the drawing's box. */
    public function grip(Grip $grip): void
    {
        [$x, $y] = $this->at->point($grip->at);
        $this->xml->startElement('circle');
        $this->attributes([
            // Its pen stands in the page's style: there are hundreds. Its title names it.
            'class' => 'grip', 'cx' => $x, 'cy' => $y, 'r' => '6', 'data-grip' => $grip->of, 'tabindex' => '0', 'role' => 'button',
        ]);
        $this->xml->writeElement('title', $grip->title);
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
