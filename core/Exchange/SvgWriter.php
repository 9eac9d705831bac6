<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Caution;
use Ondergrond\Drawing\Area;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Grip;
use Ondergrond\Drawing\Handle;
use Ondergrond\Drawing\Item;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\SectionFlags;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Drawing\Text;
use Ondergrond\Material\Hatch;
use Ondergrond\Version;

/** Writes a drawing as SVG. User units are CSS pixels at the drawing's scale, so that it prints true to scale. */
final class SvgWriter
{
    /** CSS pixels in a millimetre. */
    public const PX = 96 / 25.4;

    /** Begins the names of patterns. */
    public const PATTERN = 'pen-';

    /** Past any sheet, px. */
    private const FAR = 4000;

    private const FONT = "'Barlow Semi Condensed', 'Arial Narrow', sans-serif";

    /** Fill of each cut material. */
    public const FILLS = [
        Hatch::Concrete->value => '#d8d6cf',
        Hatch::Foam->value => '#f6e7bd',
        Hatch::DenseFoam->value => '#e9cf8c',
        Hatch::Wool->value => '#f0dcc4',
        Hatch::Stone->value => '#e6e3dc',
        Hatch::Timber->value => '#e6cfa6',
        Hatch::Lining->value => '#f4f2ec',
        Hatch::Render->value => '#c9ccc8',
        Hatch::Sheet->value => '#1d6a78',
        Hatch::Screed->value => '#e3e0d6',
        Hatch::Masonry->value => '#e9d3c2',
        Hatch::Sand->value => '#efe6cf',
        Hatch::Soil->value => '#f7f2e6',
        Hatch::Air->value => '#eef0f0',
        Hatch::Metal->value => '#3b4446',
    ];

    /** Pen of each role: colour, width in px. */
    public const PENS = [
        Role::Area->value => ['#20282a', 1.0],
        Role::Hatch->value => ['#6d6558', 0.6],
        Role::Ground->value => ['#cbbfa6', 0.7],
        Role::Sheet->value => ['#1d6a78', 2.4],
        Role::Airtight->value => ['#7a2f6b', 1.2],
        Role::Level->value => ['#20282a', 0.8],
        Role::Datum->value => ['#20282a', 1.4],
        Role::Dimension->value => ['#20282a', 0.8],
        Role::Flag->value => ['#20282a', 0.8],
        Role::Note->value => ['#20282a', 0.8],
        Role::Handle->value => ['#8c4a24', 1.6],
        Role::Isotherm->value => ['#8c4a24', 0.9],
        Role::Frost->value => ['#1d4f8c', 2.0],
        Role::Ice->value => ['#2d7fa8', 1.1],
        Role::Ledge->value => ['#4a4238', 2.6],
        Role::Middle->value => ['#20282a', 1.0],
        Role::Boundary->value => ['#8c4a24', 1.6],
        Role::Water->value => ['#1d5f9c', 1.5],
        Role::Condensation->value => ['#0f4a6b', 1.8],
        Role::Named->value => ['#20282a', 0.8],
        Role::Question->value => ['#8c4a24', 0.8],
        Role::Joint->value => ['#20282a', 0.9],
        Role::Service->value => ['#4a4238', 1.6],
    ];

    /** Outline of what stands already. */
    private const STANDS = '#948d7f';

    private const DASHES = [
        Role::Frost->value => '10 4 2 4',
        Role::Ledge->value => '22 5',
        Role::Middle->value => '14 3 3 3',
        Role::Boundary->value => '6 2',
        Role::Airtight->value => '2 3',
        Role::Service->value => '1 4',
    ];

    /** Keeps writing clear of the lines under it. */
    private const HALO = ['stroke' => '#faf7ef', 'stroke-width' => '3', 'paint-order' => 'stroke'];

    private readonly PlainXml $xml;

    private readonly SvgPlace $at;

    private function __construct(private readonly Drawing $drawing, private readonly bool $onPage)
    {
        $this->at = new SvgPlace($drawing);
        $this->xml = new PlainXml;
        $this->xml->openMemory();
    }

    /** For a page: cropped at the sides where room is short, never squeezed, so that the ground line stays put. */
    public static function inline(Drawing $drawing): string
    {
        $writer = new self($drawing, true);
        $writer->open('svg', ['preserveAspectRatio' => 'xMidYMid slice', 'role' => 'img', 'class' => 'drawn section-drawing']);

        return $writer->finish($drawing->title, null);
    }

    /** For the bench: all that matters fits whatever room there is; what lies past it goes on as far as that reaches. */
    public static function bench(Drawing $drawing): string
    {
        $writer = new self($drawing, true);
        [$x0, $y0, $x1, $y1] = $drawing->box;
        $side = SectionDrawing::MARGIN * self::PX;
        $writer->xml->startElement('svg');
        $writer->attributes([
            'xmlns' => 'http://www.w3.org/2000/svg',
            'viewBox' => sprintf(
                '%s 0 %s %s', round($side, 1), round(($x1 - $x0) * $writer->at->px - 2 * $side, 1), round(($y1 - $y0) * $writer->at->px, 1),
            ),
            'preserveAspectRatio' => 'xMidYMid meet', 'role' => 'img', 'class' => 'drawn section-drawing',
        ]);
        $writer->beyond();

        return $writer->finish($drawing->title, null);
    }

    /** Sky and ground past the sheet, as far as a page has room for. */
    private function beyond(): void
    {
        $grade = (float) $this->at->point([0.0, 0.0])[1];
        foreach ([[Hatch::Air, -self::FAR, self::FAR + $grade], [Hatch::Soil, $grade, self::FAR]] as [$fill, $y, $high]) {
            $this->xml->startElement('rect');
            $this->attributes([
                'class' => 'beyond', 'x' => (string) -self::FAR, 'y' => (string) $y, 'width' => (string) (3 * self::FAR),
                'height' => (string) $high, 'fill' => self::FILLS[$fill->value],
            ]);
            $this->xml->endElement();
        }
    }

    /**
     * For a page that sets it beside others: all of it is seen, however small.
     *
     * @param  bool  $section  whose sky and ground go on as far as there is room
     */
    public static function beside(Drawing $drawing, bool $section = false): string
    {
        $writer = new self($drawing, true);
        // What can be moved in it is no picture.
        $grips = array_filter($drawing->items, static fn (object $i): bool => $i instanceof Grip);
        $writer->open('svg', [
            'preserveAspectRatio' => 'xMidYMid meet', 'role' => $grips === [] ? 'img' : 'group', 'class' => 'drawn',
        ]);
        if ($section) {
            $writer->beyond();
        }

        return $writer->finish($drawing->title, null);
    }

    /** For a page that shows it many times: written once under that id, shown by `<use>`. */
    public static function symbol(Drawing $drawing, string $id): string
    {
        $writer = new self($drawing, true);
        $writer->open('symbol', ['id' => $id, 'preserveAspectRatio' => 'xMidYMid slice']);

        return $writer->finish($drawing->title, null);
    }

    /**
     * A file of its own, in millimetres of paper.
     *
     * @param  string  $heading  what it shows
     * @param  string  $hash  of the input it was drawn from
     */
    public static function file(Drawing $drawing, string $heading, string $hash): string
    {
        $writer = new self($drawing, false);
        $writer->xml->startDocument('1.0', 'UTF-8');
        [$x0, $y0, $x1, $y1] = $drawing->box;
        $writer->open('svg', [
            'width' => round(($x1 - $x0) / $drawing->paper(), 2).'mm',
            'height' => round(($y1 - $y0) / $drawing->paper(), 2).'mm',
        ]);

        return $writer->finish($heading, sprintf(
            '%s, 1 : %s. Ondergrond %s, methods %d, input %s. %s',
            $drawing->title, $drawing->scale, Version::PROGRAM, Version::METHODS, $hash, Caution::TEXT,
        ));
    }

    /** For a page of paper among others: whole, in millimetres, without words of its own under it. */
    public static function sheet(Drawing $drawing, string $heading): string
    {
        $writer = new self($drawing, false);
        [$x0, $y0, $x1, $y1] = $drawing->box;
        $writer->open('svg', [
            'width' => round(($x1 - $x0) / $drawing->paper(), 2).'mm', 'height' => round(($y1 - $y0) / $drawing->paper(), 2).'mm',
            'role' => 'img',
        ]);

        return $writer->finish($heading, null);
    }

    /** @param  array<string, string>  $attributes */
    private function open(string $element, array $attributes): void
    {
        [$x0, $y0, $x1, $y1] = $this->drawing->box;
        $this->xml->startElement($element);
        $this->attributes([
            ...($element === 'svg' ? ['xmlns' => 'http://www.w3.org/2000/svg'] : []),
            'viewBox' => sprintf('0 0 %s %s', round(($x1 - $x0) * $this->at->px, 1), round(($y1 - $y0) * $this->at->px, 1)),
            ...$attributes,
        ]);
    }

    private function finish(string $title, ?string $description): string
    {
        $this->xml->writeElement('title', $title);
        if ($description !== null) {
            $this->xml->writeElement('desc', $description);
        }
        $this->placedPatterns();
        foreach ($this->drawing->items as $item) {
            $this->item($item);
        }
        if ($description !== null) {
            $this->footer("{$title}. {$description}");
        }
        $this->xml->endElement();

        return $this->xml->outputMemory();
    }

    private function item(Item $item): void
    {
        match (true) {
            $item instanceof Area => $this->area($item),
            $item instanceof Strokes => $this->strokes($item),
            $item instanceof Text && $item->role === Role::Flag => $this->flag($item),
            $item instanceof Text => $this->text($item),
            $item instanceof Handle && $this->onPage => (new SvgMarks($this->xml, $this->at))->handle($item),
            $item instanceof Grip && $this->onPage => (new SvgMarks($this->xml, $this->at))->grip($item),
            default => null,
        };
    }

    private function area(Area $area): void
    {
        $soil = in_array($area->fill, [Hatch::Soil, Hatch::Air], true);
        $this->xml->startElement('path');
        $this->attributes([
            'class' => 'area',
            'd' => $this->at->path([$area->polygon]).'Z',
            'fill' => self::FILLS[$area->fill->value],
            'stroke' => match (true) {
                $soil => 'none',
                $area->stands => self::STANDS,
                default => self::PENS[Role::Area->value][0],
            },
            'stroke-width' => (string) self::PENS[Role::Area->value][1],
            ...($area->stands ? ['fill-opacity' => '0.45'] : []),
            ...($area->part === null ? [] : ['data-part' => $area->part]),
        ]);
        $this->xml->writeElement('title', $area->title);
        $this->xml->endElement();
        if ($area->hatched) {
            $this->xml->startElement('path');
            $this->attributes(
                [
                    'class' => $soil ? Role::Ground->value : Role::Hatch->value,
                    'pointer-events' => 'none',
                    'd' => $this->at->path([$area->polygon]).'Z',
                    'fill' => 'url(#'.self::PATTERN.'here-'.$area->fill->value.')',
                ],
            );
            $this->xml->endElement();
        }
    }

    /** The page's patterns, shifted to where this drawing has its zero. */
    private function placedPatterns(): void
    {
        $used = [];
        foreach ($this->drawing->items as $item) {
            if ($item instanceof Area && $item->hatched) {
                $used[$item->fill->value] = true;
            }
        }
        foreach (array_keys($used) as $hatch) {
            $this->xml->startElement('pattern');
            $this->attributes(
                [
                    'id' => self::PATTERN.'here-'.$hatch,
                    'href' => '#'.self::PATTERN.$hatch,
                    'patternTransform' => vsprintf('translate(%s %s)', $this->at->point([0.0, 0.0])),
                ],
            );
            $this->xml->endElement();
        }
    }

    private function strokes(Strokes $strokes): void
    {
        [$colour, $width] = self::PENS[$strokes->role->value];
        $this->xml->startElement('path');
        $this->attributes([
            'class' => $strokes->role->value,
            'd' => $this->at->path($strokes->lines),
            'fill' => 'none',
            'stroke' => $colour,
            'stroke-width' => (string) $width,
            'stroke-linejoin' => 'round',
            ...(isset(self::DASHES[$strokes->role->value]) ? ['stroke-dasharray' => self::DASHES[$strokes->role->value]] : []),
            ...($strokes->part === null ? [] : ['data-part' => $strokes->part]),
        ]);
        $this->xml->endElement();
    }

    private function text(Text $text): void
    {
        [$x, $y] = $this->at->point($text->at);
        $this->xml->startElement('text');
        $this->attributes([
            'class' => $text->role->value,
            'x' => $x,
            'y' => $y,
            'text-anchor' => $text->anchor,
            'fill' => self::PENS[$text->role->value][0],
            ...$this->letters('13'),
            ...($this->onPage ? [] : self::HALO),
            ...($text->part === null ? [] : ['data-part' => $text->part]),
            ...($text->field === null || ! $this->onPage ? [] : ['data-field' => $text->field]),
        ]);
        $this->xml->text($text->text);
        $this->xml->endElement();
    }

    /** @return array<string, string> a page's own style says it there */
    private function letters(string $size): array
    {
        return $this->onPage ? [] : ['font-family' => self::FONT, 'font-size' => $size];
    }

    private function flag(Text $flag): void
    {
        [$x, $y] = $this->at->point($flag->at);
        $this->xml->startElement('g');
        $this->attributes(['class' => 'flag', 'data-part' => (string) $flag->part]);
        $this->xml->startElement('circle');
        $this->attributes(
            [
                'cx' => $x,
                'cy' => $y,
                'r' => (string) round(SectionFlags::RADIUS * self::PX, 1),
                'fill' => '#faf7ef',
                'stroke' => self::PENS[Role::Flag->value][0],
            ],
        );
        $this->xml->endElement();
        $this->xml->startElement('text');
        $this->attributes(
            [
                'x' => $x,
                'y' => (string) ((float) $y + 4.4),
                'text-anchor' => 'middle',
                ...$this->letters('12.5'),
                'font-weight' => '600',
                'fill' => self::PENS[Role::Flag->value][0],
            ],
        );
        $this->xml->text($flag->text);
        $this->xml->endElement();
        $this->xml->endElement();
    }

    private function footer(string $words): void
    {
        $lines = explode("\n", wordwrap($words, 170));
        $height = ($this->drawing->box[3] - $this->drawing->box[1]) * $this->at->px;
        foreach ($lines as $i => $line) {
            $this->xml->startElement('text');
            $this->attributes(
                [
                    'x' => '12',
                    'y' => (string) round($height - 12 - 13 * (count($lines) - 1 - $i), 1),
                    'font-family' => self::FONT,
                    'font-size' => '10.5',
                    'fill' => '#20282a',
                    ...self::HALO,
                ],
            );
            $this->xml->text($line);
            $this->xml->endElement();
        }
    }

    /** @param  array<string, string>  $attributes */
    private function attributes(array $attributes): void
    {
        foreach ($attributes as $name => $value) {
            $this->xml->writeAttribute($name, $value);
        }
    }
}
