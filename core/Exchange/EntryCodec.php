<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Codec\Schema;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Passing;
use Ondergrond\Logbook\Source;
use Ondergrond\Logbook\Where;
use Ondergrond\Sequence\HoldPoint;

/** An entry of the log to and from the shape it has in files ($defs/entry of the project schema). */
final class EntryCodec
{
    /** @return array<string, mixed> */
    public static function toArray(Entry $e): array
    {
        return [
            'id' => $e->id, 'kind' => $e->kind->value, 'about' => (object) $e->about->toArray(), 'values' => $e->values, 'text' => $e->text,
            'unit' => $e->unit, 'drawn' => $e->drawn, 'min' => $e->min, 'max' => $e->max, 'instrument' => $e->instrument,
            'source' => $e->source->value, 'who' => $e->who, 'at' => $e->at, 'counter' => $e->counter, 'received' => $e->received,
            'replaces' => $e->replaces, 'photo' => $e->photo, 'note' => $e->note,
            'pass' => $e->passing === null ? null : [
                'hold' => $e->passing->hold->value, 'over' => $e->passing->over, 'reason' => $e->passing->reason,
                'competent' => $e->passing->competent, 'document' => $e->passing->document,
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws FaultyInput with every fault, pointers beginning at the entry
     */
    public static function fromArray(array $data): Entry
    {
        if (($data['about'] ?? null) === []) {
            $data['about'] = (object) [];
        }
        $faults = Schema::Project->partFaults($data, 'entry');

        return $faults === [] ? self::fromValid($data) : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape
     *
     * @throws FaultyInput where it has fewer values than its kind
     */
    public static function fromValid(array $data): Entry
    {
        $or = static fn (string $key): ?float => isset($data[$key]) ? (float) $data[$key] : null;
        $kind = EntryKind::from($data['kind']);
        $values = array_map(floatval(...), array_values($data['values'] ?? []));
        if (count($values) < $kind->needs()) {
            throw FaultyInput::one(Fault::of('/values', count($values).' values', $kind->needs().' or more for '.lcfirst($kind->label())));
        }
        $pass = $data['pass'] ?? null;
        if (($kind === EntryKind::Pass) !== ($pass !== null)) {
            throw FaultyInput::one(
                Fault::of('/pass', $pass === null ? 'nothing' : 'a pass', 'a pass with the kind “pass”, and only there'),
            );
        }

        return new Entry(
            $data['id'], $kind, Where::fromArray((array) $data['about']), $values, $data['text'] ?? '', $data['unit'] ?? '', $or('drawn'),
            $or('min'), $or('max'), $data['instrument'] ?? '', Source::from($data['source'] ?? Source::Typed->value), $data['who'] ?? '',
            $data['at'], (int) ($data['counter'] ?? 0), $data['received'] ?? '', $data['replaces'] ?? '', $data['photo'] ?? '',
            $data['note'] ?? '',
            $pass === null ? null : new Passing(
                HoldPoint::from($pass['hold']), array_values($pass['over'] ?? []), $pass['reason'] ?? '', $pass['competent'] ?? '',
                $pass['document'] ?? '',
            ),
        );
    }
}
