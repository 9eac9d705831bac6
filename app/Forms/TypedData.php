<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\SizePath;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/**
 * Puts what a person typed over what is stored, in the shape of the project file. A text that still reads as the stored
 * value was written keeps that value to the last digit, so that showing a metric size in inches never changes it.
 */
final class TypedData
{
    /**
     * @template T of object|array<string, mixed>
     *
     * @param  array<string, mixed>  $stored  in the shape that $decode takes
     * @param  array<array-key, mixed>  $typed  texts, same shape; what is missing stays as stored
     * @param  callable(array<string, mixed>): T  $decode
     * @param  string  $prefix  of the form's field names, such as `design.`
     * @return T
     *
     * @throws ValidationException with a message at each field
     */
    public static function merge(
        array $stored, array $typed, QuantityFormatter $format, callable $decode, string $prefix = '',
    ): object|array {
        $errors = [];
        foreach (Arr::dot($stored) as $path => $value) {
            $text = Arr::get($typed, $path);
            // What is an empty map has no fields.
            if (is_array($value) || $text === null && ! Arr::has($typed, $path)) {
                continue;
            }
            if (! is_string($text)) {
                $errors[$prefix.$path][] = 'Allowed: one value.';

                continue;
            }
            try {
                Arr::set($stored, $path, self::value($path, $text, $value, $format));
            } catch (UnreadableQuantity $e) {
                $errors[$prefix.$path][] = $e->getMessage();
            }
        }
        try {
            $decoded = $decode($stored);
            if ($errors === []) {
                return $decoded;
            }
        } catch (FaultyInput $e) {
            $errors = array_merge_recursive($errors, FaultMessages::of($e, $format, $prefix));
        }
        throw ValidationException::withMessages($errors);
    }

    /** @throws UnreadableQuantity */
    private static function value(string $path, string $text, mixed $stored, QuantityFormatter $format): mixed
    {
        $text = trim($text);
        $quantity = SizePath::quantity($path);
        if ($quantity === null) {
            return $text;
        }
        if ($text === '' && SizePath::said($path)?->mayBeUnsaid === true) {
            return null;
        }
        if ($stored !== null && $text === $format->format((float) $stored, $quantity)) {
            return $stored;
        }

        return QuantityParser::parse($text, $quantity, $format->system, $format->mark);
    }
}
