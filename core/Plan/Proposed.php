<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** That an item was put where it is by a rule, and whether somebody has moved it since. */
final class Proposed
{
    /** What may be written otherwise without its being moved. */
    private const WORDS = ['name', 'serves', 'note', 'inLine', 'tolerance', 'trade', 'proposed'];

    private const DIGITS = 4;

    public static function by(string $rule, Item $item): Item
    {
        return self::with($item, "{$rule}:".self::print($item));
    }

    /** The rule that put it there; null where a person did. */
    public static function rule(Item $item): ?string
    {
        return $item->at()->proposed === '' ? null : explode(':', $item->at()->proposed)[0];
    }

    public static function isMoved(Item $item): bool
    {
        return $item->at()->proposed !== '' && explode(':', $item->at()->proposed)[1] !== self::print($item);
    }

    private static function with(Item $item, string $proposed): Item
    {
        return $item->put($item->at()->but(proposed: $proposed));
    }

    private static function print(Item $item): string
    {
        $sizes = [];
        foreach ([get_object_vars($item->at()), get_object_vars($item)] as $vars) {
            foreach (array_diff_key($vars, array_flip([...self::WORDS, 'at'])) as $name => $value) {
                $sizes[] = [
                    $name, is_float($value) ? round($value, self::DIGITS) : ($value instanceof \BackedEnum ? $value->value : $value),
                ];
            }
        }

        return hash('crc32b', (string) json_encode($sizes));
    }
}
