<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Caution;
use Ondergrond\Handover\Block;
use Ondergrond\Handover\Blocks\Lines;
use Ondergrond\Handover\Blocks\Picture;
use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Blocks\Writing;
use Ondergrond\Handover\Pack;
use Ondergrond\Version;

/** A pack as one HTML file that needs nothing beside it, laid out for A4 and for screens. */
final class PackWriter
{
    private const STYLE = <<<'CSS'
        @page {
            size: A4; margin: 16mm 14mm 18mm;
            @bottom-right { content: counter(page) ' / ' counter(pages); font: 8pt sans-serif; color: #4d5a5c; }
        }
        * { box-sizing: border-box; }
        body { font: 10.5pt/1.45 'Barlow', 'Liberation Sans', Arial, sans-serif; color: #20282a; background: #fff; }
        body { margin: 0 auto; max-width: 182mm; padding: 6mm 0; }
        header { border-bottom: 1.2pt solid #20282a; margin-bottom: 6mm; padding-bottom: 3mm; }
        h1 { font-size: 21pt; line-height: 1.15; margin: 0 0 1mm; font-weight: 600; }
        h2 { font-size: 14pt; margin: 8mm 0 2mm; padding-top: 1.5mm; border-top: .6pt solid #8c4a24; break-after: avoid; font-weight: 600; }
        p { margin: 0 0 2mm; }
        table { border-collapse: collapse; width: 100%; margin: 0 0 4mm; }
        caption { text-align: left; font-weight: 600; padding: 1mm 0; }
        th, td { text-align: left; vertical-align: top; padding: 1mm 2.5mm 1mm 0; border-bottom: .4pt solid #cbbfa6; }
        td { overflow-wrap: break-word; }
        th { font-weight: 600; white-space: nowrap; }
        .figure { text-align: right; white-space: nowrap; font-variant-numeric: tabular-nums; }
        tr { break-inside: avoid; }
        figure { margin: 0 0 4mm; break-inside: avoid; }
        figure svg, figure img { max-width: 100%; max-height: 150mm; height: auto; display: block; }
        figcaption { font-size: 9pt; color: #4a4238; }
        ul { margin: 0 0 3mm; padding-left: 5mm; } li { margin-bottom: .8mm; }
        footer { break-before: avoid; margin-top: 6mm; border-top: .6pt solid #cbbfa6; padding-top: 2mm; font-size: 8.5pt; color: #4a4238; }
        svg text { font-family: 'Barlow Semi Condensed', 'Liberation Sans Narrow', 'Liberation Sans', Arial, sans-serif; }
        CSS;

    private readonly PlainXml $xml;

    /** @param  array<string, string>  $photos  the bytes of JPEGs by SHA-256 */
    private function __construct(private readonly array $photos, private readonly string $hash)
    {
        $this->xml = new PlainXml;
        $this->xml->openMemory();
        $this->xml->setIndent(false);
    }

    /**
     * @param  array<string, string>  $photos  the bytes of JPEGs by SHA-256
     * @param  string  $hash  of the input it was made from
     */
    public static function html(Pack $pack, string $hash, array $photos = []): string
    {
        $writer = new self($photos, $hash);
        $writer->page($pack);

        return "<!doctype html>\n".$writer->xml->outputMemory();
    }

    private function page(Pack $pack): void
    {
        $of = $pack->of;
        $x = $this->xml;
        $x->startElement('html');
        $x->writeAttribute('lang', 'en');
        $x->startElement('head');
        $x->writeRaw('<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">');
        $x->writeElement('title', "{$of->project->name}, hand-over");
        $x->writeRaw('<style>'.self::STYLE.'</style>');
        $x->endElement();
        $x->startElement('body');
        $x->startElement('header');
        $x->writeElement('h1', $of->project->name);
        $x->writeElement(
            'p', 'Hand-over of the foundation, made '.$of->moment($of->made->format('c')).', '.$of->project->site->timeZone.'.',
        );
        $x->endElement();
        foreach ($pack->chapters as $chapter) {
            $x->startElement('section');
            $x->writeElement('h2', $chapter['title']);
            foreach ($chapter['blocks'] as $block) {
                $this->block($block);
            }
            $x->endElement();
        }
        $x->writeElement('footer', sprintf(
            'Ondergrond %s, methods %d, input %s. %s', Version::PROGRAM, Version::METHODS, $this->hash, Caution::TEXT,
        ));
        $x->endElement();
        $x->endElement();
    }

    private function block(Block $block): void
    {
        match (true) {
            $block instanceof Writing => $this->xml->writeElement('p', $block->text),
            $block instanceof Lines => $this->lines($block),
            $block instanceof Table => $this->table($block),
            $block instanceof Picture => $this->picture($block),
            default => throw new \LogicException($block::class.' is not written'),
        };
    }

    private function lines(Lines $block): void
    {
        $this->xml->startElement('ul');
        foreach ($block->lines as $line) {
            $this->xml->writeElement('li', $line);
        }
        $this->xml->endElement();
    }

    private function table(Table $block): void
    {
        $x = $this->xml;
        $x->startElement('table');
        if ($block->caption !== '') {
            $x->writeElement('caption', $block->caption);
        }
        if (implode('', $block->head) !== '') {
            $x->startElement('thead');
            $this->row($block->head, 'th', $block->figures);
            $x->endElement();
        }
        $x->startElement('tbody');
        foreach ($block->rows as $row) {
            $this->row($row, 'td', $block->figures, implode('', $block->head) === '');
        }
        $x->endElement();
        $x->endElement();
    }

    /**
     * @param  list<string>  $cells
     * @param  'th'|'td'  $element
     * @param  list<int>  $figures
     */
    private function row(array $cells, string $element, array $figures, bool $named = false): void
    {
        $this->xml->startElement('tr');
        foreach ($cells as $i => $cell) {
            $this->xml->startElement($named && $i === 0 ? 'th' : $element);
            if ($element === 'th' || ($named && $i === 0)) {
                $this->xml->writeAttribute('scope', $named ? 'row' : 'col');
            }
            if (in_array($i, $figures, true)) {
                $this->xml->writeAttribute('class', 'figure');
            }
            $this->xml->text($cell);
            $this->xml->endElement();
        }
        $this->xml->endElement();
    }

    private function picture(Picture $block): void
    {
        $x = $this->xml;
        $x->startElement('figure');
        if ($block->drawing !== null) {
            // Without the XML declaration, which HTML has no place for.
            $x->writeRaw((string) preg_replace('~^<\?xml[^>]*\?>\s*~', '', SvgWriter::sheet($block->drawing, $block->caption)));
        } elseif (isset($this->photos[$block->photo])) {
            $x->startElement('img');
            $x->writeAttribute('src', 'data:image/jpeg;base64,'.base64_encode($this->photos[$block->photo]));
            $x->writeAttribute('alt', $block->caption);
            $x->endElement();
        }
        $x->writeElement('figcaption', $block->caption);
        $x->endElement();
    }
}
