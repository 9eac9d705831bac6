<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Design\Part;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** Hours of a simulation for the page's plots, in the reader's units. */
final class MassData
{
    /**
     * @param  list<array<string, mixed>>  $runs  series of MassFile, each with what it is as `label`
     * @return array<string, mixed>
     */
    public static function of(array $runs, QuantityFormatter $format): array
    {
        $degrees = Quantity::Temperature->unit($format->system);
        $warm = static fn (array $values): array => array_map(static fn (float $v): float => round($degrees->fromSi($v), 2), $values);
        $held = Quantity::Stored->unit($format->system);
        $kilo = static fn (array $values): array => array_map(static fn (float $v): float => round($v / 1000, 3), $values);
        $out = [];
        foreach ($runs as $r) {
            $run = ['label' => $r['label']];
            foreach (['outside', 'room', 'surface'] as $key) {
                $run[$key] = $warm($r[$key.'_c']);
            }
            foreach (['heat', 'surplus', 'sun', 'to_room', 'ground'] as $key) {
                $run[$key] = $kilo($r[$key.'_w']);
            }
            $run['store'] = array_map(static fn (float $v): float => round($held->fromSi($v), 2), $r['store_kwh']);
            if (isset($r['cells_c'])) {
                $run['cells'] = array_map($warm, $r['cells_c']);
                $run['sizes'] = $r['sizes_m'];
                $run['source'] = $r['source_m'];
                $run['spacing'] = $r['spacing_m'];
                $run['parts'] = array_map(
                    static fn (?string $part): string => $part === null ? 'ground' : mb_strtolower(Part::from($part)->label()),
                    $r['parts'],
                );
                $run['depths'] = array_map(static fn (float $d): string => $format->format($d, Quantity::Depth), $r['depths_m']);
            }
            $out[] = $run;
        }

        return ['step' => $runs[0]['step_h'] ?? 1, 'degrees' => $degrees->symbol, 'held' => $held->symbol, 'runs' => $out];
    }
}
