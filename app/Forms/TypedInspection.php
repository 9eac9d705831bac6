<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ondergrond\Exchange\InspectionCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** An inspection out of its form. */
final class TypedInspection
{
    /** Rows of readings that a form may have. */
    public const ROWS = 12;

    private const FIELDS = [
        'height_m' => Quantity::Length,
        'air_c' => Quantity::Temperature,
        'humidity_share' => Quantity::Share,
        'surface_c' => Quantity::Temperature,
    ];

    /** @throws ValidationException with a message at each field */
    public static function of(Request $request, QuantityFormatter $format, string $by): Inspection
    {
        $errors = [];
        $read = static function (string $field, string $text, Quantity $quantity) use ($format, &$errors): ?float {
            if (trim($text) === '') {
                return null;
            }
            try {
                return QuantityParser::parse($text, $quantity, $format->system, $format->mark);
            } catch (UnreadableQuantity $e) {
                $errors[$field][] = $e->getMessage();

                return null;
            }
        };
        $data = [
            'place' => trim(Word::of($request, 'place')),
            'on' => Word::of($request, 'on'),
            'by' => $by,
            'signs' => array_values(array_filter($request->array('signs'), is_string(...))),
            'note' => trim(Word::of($request, 'note')),
            'readings' => [],
        ];
        foreach (self::FIELDS as $key => $quantity) {
            $data[$key] = $read($key, Word::of($request, $key), $quantity);
        }
        for ($i = 0; $i < self::ROWS; $i++) {
            [$height, $value] = [Word::of($request, "readings.{$i}.height_m"), Word::of($request, "readings.{$i}.value")];
            if (trim($height.$value) === '') {
                continue;
            }
            if (trim($height) === '' || trim($value) === '') {
                $errors["readings.{$i}.".(trim($height) === '' ? 'height_m' : 'value')][] = 'A reading has a height and a value.';

                continue;
            }
            $data['readings'][] = [
                'height_m' => $read("readings.{$i}.height_m", $height, Quantity::Length) ?? 0.0,
                'value' => $read("readings.{$i}.value", $value, Quantity::Ratio) ?? 0.0,
            ];
        }
        [$year, $month, $day] = array_map(intval(...), [...explode('-', $data['on']), '0', '0']);
        if (preg_match('~^\d{4}-\d\d-\d\d$~', $data['on']) !== 1 || ! checkdate($month, $day, $year)) {
            $errors['on'][] = 'Allowed: a date.';
        }
        if ($data['place'] === '') {
            $errors['place'][] = 'Say where it is, in a few words.';
        }
        try {
            if ($errors === []) {
                return InspectionCodec::fromArray($data);
            }
        } catch (FaultyInput $e) {
            $errors = FaultMessages::of($e, $format);
        }
        throw ValidationException::withMessages($errors);
    }
}
