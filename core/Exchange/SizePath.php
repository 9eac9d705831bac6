<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

/** One size of a design by its path in project files, such as `field_board.thickness_m` or `lining.layers.1.thickness_m`. */
final class SizePath
{
    /**
     * @param  array<string, mixed>  $design  as in project files
     * @return float|null  null where there is no such size
     */
    public static function find(array $design, string $path): ?float
    {
        $at = $design;
        foreach (explode('.', $path) as $key) {
            $at = is_array($at) ? $at[$key] ?? null : null;
        }

        return is_int($at) || is_float($at) ? (float) $at : null;
    }

    /** @param  array<string, mixed>  $design  as in project files, with such a size */
    public static function at(array $design, string $path): float
    {
        return self::find($design, $path) ?? throw new \LogicException("no size at {$path}");
    }

    /**
     * @param  array<string, mixed>  $design  as in project files
     * @return array<string, mixed>
     */
    public static function with(array $design, string $path, float $value): array
    {
        $keys = array_reverse(explode('.', $path));
        $change = [$keys[0] => $value];
        foreach (array_slice($keys, 1) as $key) {
            $change = [$key => $change];
        }

        /** @var array<string, mixed> */
        return array_replace_recursive($design, $change);
    }
}
