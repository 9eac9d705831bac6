<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use JsonException;
use Ondergrond\Codec\Schema;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Mass\Dynamic;
use Ondergrond\Mass\HeatLayer;
use Ondergrond\Mass\MassStack;
use Ondergrond\Mass\MassVerdict;

/** Any plane layers, from a file, and their dynamic characteristics. */
final class LayersFile
{
    /** Bytes. */
    public const LARGEST = 100_000;

    private const SOLID = ['thickness_m', 'conductivity', 'density_kg_m3', 'specific_heat_j_kgk'];

    /**
     * @return string the answer as JSON
     *
     * @throws FaultyInput with every fault found
     */
    public static function answer(string $json): string
    {
        if (strlen($json) > self::LARGEST) {
            throw FaultyInput::one(Fault::of('', 'more than 0.1 MB', 'a smaller file'));
        }
        try {
            $objects = json_decode($json, false, 16, JSON_THROW_ON_ERROR);
            $data = (array) json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw FaultyInput::one(
                Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'layers as docs/formats.md describes them'),
            );
        }
        $faults = Schema::Layers->faults($objects);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $layers = [];
        foreach (array_values($data['layers']) as $i => $layer) {
            $layers[] = self::layer($layer, $i);
        }
        $inside = (float) ($data['inside_r_m2kw'] ?? MassStack::FLOOR_R);
        $outside = (float) ($data['outside_r_m2kw'] ?? MassStack::OUTSIDE_R);
        $periods = [];
        foreach ($data['periods_h'] ?? MassVerdict::PERIODS as $hours) {
            $periods[(string) $hours] = MassFile::dynamic(Dynamic::of($layers, 3600.0 * $hours, $inside, $outside));
        }

        return Envelope::json('layers-result', 1, null, [
            'method' => 'ISO 13786:2007, from memory',
            'inside_r_m2kw' => $inside,
            'outside_r_m2kw' => $outside,
            'store_kj_m2k' => array_sum(array_map(static fn (HeatLayer $l): float => $l->store(), $layers)) / 1000,
            'periods_h' => $periods,
        ]);
    }

    /** @param  array<string, mixed>  $layer */
    private static function layer(array $layer, int $i): HeatLayer
    {
        $given = array_intersect(self::SOLID, array_keys($layer));
        if (isset($layer['r_m2kw']) ? $given !== [] : count($given) !== count(self::SOLID)) {
            throw FaultyInput::one(Fault::of("/layers/{$i}", match (true) {
                $given === [] => 'neither sizes nor r_m2kw',
                isset($layer['r_m2kw']) => 'sizes and r_m2kw',
                default => implode(', ', $given).' alone',
            }, 'either '.implode(', ', self::SOLID).', or r_m2kw alone'));
        }

        return isset($layer['r_m2kw'])
            ? HeatLayer::film($layer['name'], (float) $layer['r_m2kw'])
            : HeatLayer::solid(
                $layer['name'],
                (float) $layer['thickness_m'],
                (float) $layer['conductivity'],
                $layer['density_kg_m3'] * $layer['specific_heat_j_kgk'],
            );
    }
}
