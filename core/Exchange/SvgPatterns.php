<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Drawing\Hatching;
use Ondergrond\Drawing\Role;
use Ondergrond\Material\Hatch;

/** The hatches as patterns, once a page, for inline drawings that leave them to whoever shows them. */
final class SvgPatterns
{
    public static function all(): string
    {
        $xml = new PlainXml;
        $xml->openMemory();
        foreach (Hatch::cases() as $hatch) {
            [$width, $height, $runs] = Hatching::tile($hatch);
            $round = static fn (float $mm): string => (string) round($mm * SvgWriter::PX, 2);
            $path = implode(
                '',
                array_map(
                    static fn (array $run): string => 'M'.implode(
                        'L',
                        array_map(static fn (array $p): string => $round($p[0]).' '.$round($height - $p[1]), $run),
                    ),
                    $runs,
                ),
            );
            $pen = SvgWriter::PENS[$hatch === Hatch::Soil ? Role::Ground->value : Role::Hatch->value];
            $xml->startElement('pattern');
            foreach ([
                'id' => SvgWriter::PATTERN.$hatch->value,
                'patternUnits' => 'userSpaceOnUse',
                'width' => $round($width),
                'height' => $round($height),
            ] as $name => $value) {
                $xml->writeAttribute($name, $value);
            }
            $xml->startElement('path');
            foreach ([
                'd' => $path,
                'fill' => 'none',
                'stroke' => $pen[0],
                'stroke-width' => (string) $pen[1],
                'stroke-linejoin' => 'round',
            ] as $name => $value) {
                $xml->writeAttribute($name, $value);
            }
            $xml->endElement();
            $xml->endElement();
        }

        return $xml->outputMemory();
    }
}
