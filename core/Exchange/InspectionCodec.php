<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Codec\Schema;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Contradiction;
use Ondergrond\Inspection\Diagnosis;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Inspection\MeterReading;
use Ondergrond\Inspection\Sign;
use Ondergrond\Inspection\Suspect;

/** An inspection to and from the shape it has in files ($defs/inspection of the project schema), and what it points to. */
final class InspectionCodec
{
    /** @return array<string, mixed> */
    public static function toArray(Inspection $seen): array
    {
        return [
            ...($seen->id === '' ? [] : ['id' => $seen->id]),
            'place' => $seen->place, 'on' => $seen->on, 'by' => $seen->by,
            'signs' => array_map(static fn (Sign $s): string => $s->value, $seen->signs),
            'height_m' => $seen->height,
            'readings' => array_map(
                static fn (MeterReading $r): array => ['height_m' => $r->height, 'value' => $r->value],
                $seen->readings,
            ),
            'air_c' => $seen->air, 'humidity_share' => $seen->humidity, 'surface_c' => $seen->surface, 'note' => $seen->note,
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws FaultyInput with every fault, pointers beginning at the inspection
     */
    public static function fromArray(array $data): Inspection
    {
        $faults = Schema::Project->partFaults($data, 'inspection');

        return $faults === [] ? self::fromValid($data) : throw FaultyInput::because($faults);
    }

    /** @param  array<string, mixed>  $data  of the schema's shape */
    public static function fromValid(array $data): Inspection
    {
        $or = static fn (string $key): ?float => isset($data[$key]) ? (float) $data[$key] : null;

        return new Inspection(
            $data['place'], $data['on'], $data['by'] ?? '',
            array_values(array_map(Sign::from(...), $data['signs'] ?? [])),
            $or('height_m'),
            array_values(
                array_map(
                    static fn (array $r): MeterReading => new MeterReading((float) $r['height_m'], (float) $r['value']),
                    $data['readings'] ?? [],
                ),
            ),
            $or('air_c'), $or('humidity_share'), $or('surface_c'), $data['note'] ?? '', $data['id'] ?? '',
        );
    }

    /** @return array<string, mixed> */
    public static function diagnosis(Diagnosis $diagnosis): array
    {
        return [
            'suspects' => array_map(
                static fn (Suspect $s): array => [
                    'cause' => $s->cause->value,
                    'points' => $s->points,
                    'share' => $s->share,
                    'for' => $s->for,
                    'against' => $s->against,
                ],
                $diagnosis->suspects,
            ),
            'open' => $diagnosis->isOpen,
            'contradictions' => array_map(
                static fn (Contradiction $c): array => ['message' => $c->said, 'next' => $c->next], $diagnosis->contradictions,
            ),
            'tests' => $diagnosis->tests(),
            'first' => $diagnosis->suspects === [] ? [] : $diagnosis->suspects[0]->cause->first(),
            'specialists' => $diagnosis->specialists,
            'measured' => $diagnosis->measured,
        ];
    }
}
