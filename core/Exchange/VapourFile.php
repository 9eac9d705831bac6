<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use JsonException;
use Ondergrond\Codec\Schema;
use Ondergrond\Damp\DampMonth;
use Ondergrond\Damp\DampYear;
use Ondergrond\Damp\Vapour;
use Ondergrond\Damp\VapourLayer;
use Ondergrond\Damp\VapourStack;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** Any plane stack through a year of its own, from a file. */
final class VapourFile
{
    /** Bytes. */
    public const LARGEST = 200_000;

    /** @throws FaultyInput with every fault found */
    public static function read(string $json): VapourStack
    {
        if (strlen($json) > self::LARGEST) {
            throw FaultyInput::one(Fault::of('', 'more than 0.2 MB', 'a smaller file'));
        }
        try {
            $objects = json_decode($json, false, 16, JSON_THROW_ON_ERROR);
            $data = (array) json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw FaultyInput::one(
                Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'a stack as docs/formats.md describes it'),
            );
        }
        $faults = Schema::Vapour->faults($objects);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $months = $layers = [];
        foreach ($data['months'] as $i => $m) {
            if ($m['month'] !== $i + 1) {
                throw FaultyInput::one(
                    Fault::of("/months/{$i}/month", (string) $m['month'], sprintf('%d: twelve months in order, January first', $i + 1)),
                );
            }
            $months[] = new DampMonth(
                (float) $m['inside_c'],
                $m['inside_rh_share'] * Vapour::saturation((float) $m['inside_c']),
                (float) $m['outside_c'],
                $m['outside_rh_share'] * Vapour::saturation((float) $m['outside_c']),
            );
        }
        foreach ($data['layers'] as $i => $layer) {
            if (isset($layer['mu']) === isset($layer['sd_m'])) {
                throw FaultyInput::one(
                    Fault::of("/layers/{$i}", isset($layer['mu']) ? 'both µ and s_d' : 'neither µ nor s_d', 'one of mu and sd_m'),
                );
            }
            if (isset($layer['conductivity']) === isset($layer['r_m2kw'])) {
                throw FaultyInput::one(
                    Fault::of(
                        "/layers/{$i}",
                        isset($layer['r_m2kw']) ? 'both λ and R' : 'neither λ nor R',
                        'one of conductivity and r_m2kw',
                    ),
                );
            }
            $layers[] = new VapourLayer(
                $layer['name'],
                (float) $layer['thickness_m'],
                (float) ($layer['r_m2kw'] ?? $layer['thickness_m'] / $layer['conductivity']),
                (float) ($layer['sd_m'] ?? $layer['thickness_m'] * $layer['mu']),
            );
        }
        $stack = VapourStack::of($layers, (float) $data['inside_r_m2kw'], (float) $data['outside_r_m2kw'], $months);
        if ($stack === null || $stack->resistance() <= 0.0) {
            throw FaultyInput::one(
                Fault::of(
                    '/layers',
                    $stack === null ? 'nothing that holds back vapour' : 'nothing that holds back heat',
                    'at least one layer with an s_d, and an R somewhere',
                ),
            );
        }

        return $stack;
    }

    public static function write(VapourStack $stack): string
    {
        $year = DampYear::of($stack);

        return Envelope::json('vapour-result', 1, null, [
            'method' => 'ISO 13788:2012, 6, from memory',
            'resistance_m2kw' => $stack->resistance(),
            'sd_m' => $stack->airLayer(),
            ...DampFile::year($stack, $year),
            'dries' => $year->dries(),
        ]);
    }
}
