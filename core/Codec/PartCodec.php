<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use BackedEnum;
use Ondergrond\Design\Layer;
use Ondergrond\Material\Material;
use Ondergrond\Material\Materials;
use Ondergrond\Size\Parameter;

/**
 * Anything whose sizes stand in its constructor to and from its shape in project files: each is a key (Size), a Layer is
 * `material` and `thickness_m` beside the others, a list is one of layers, of what its size names, or of numbers, an enum its
 * value, a group an object of its own.
 */
final class PartCodec
{
    /** @return array<string, mixed> */
    public static function toArray(object $part): array
    {
        $data = [];
        $values = get_object_vars($part);
        foreach (Parameter::of($part::class) as $p) {
            $value = $values[$p->name];
            if ($value instanceof Layer && $p->size !== null) {
                $data['material'] = $value->material->slug;
                $data['thickness_m'] = $value->thickness;
            } else {
                $data[$p->key] = match (true) {
                    $value instanceof Material => $value->slug,
                    $value instanceof BackedEnum => $value->value,
                    is_bool($value) => $value ? 'yes' : 'no',
                    is_array($value) => array_map(static fn (mixed $of): mixed => is_object($of) ? self::toArray($of) : $of, $value),
                    is_object($value) => self::toArray($value),
                    default => $value,
                };
            }
        }

        return $data;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<string, mixed>  $data  of the schema's shape, complete
     * @param  Materials  $materials  which its slugs are those of
     * @return T
     */
    public static function fromArray(string $class, array $data, Materials $materials): object
    {
        $values = [];
        foreach (Parameter::of($class) as $p) {
            $value = $data[$p->key] ?? null;
            $values[$p->name] = match (true) {
                $p->type === Layer::class => self::fromArray(Layer::class, $data, $materials),
                $p->type === Material::class => $materials->get($value),
                $p->group !== null => self::fromArray($p->group, $value, $materials),
                $p->choice !== null => $p->choice::from($value),
                $p->type === 'array' => array_map(
                    static fn (mixed $of): mixed => is_array($of)
                        ? self::fromArray($p->size->of ?? Layer::class, $of, $materials) : (float) $of,
                    array_values($value),
                ),
                $p->type === 'bool' => $value === 'yes',
                $p->type === 'string' => $value,
                default => $value === null && $p->isNullable ? null : (float) $value,
            };
        }

        return new $class(...$values);
    }

    /**
     * What a file or a state lacks, as it would come in.
     *
     * @param  array<string, mixed>  $data  of the schema's shape
     * @param  array<string, mixed>  $as  complete
     * @return array<string, mixed>
     */
    public static function completed(array $data, array $as): array
    {
        foreach ($as as $key => $value) {
            $data[$key] = match (true) {
                ! array_key_exists($key, $data) => $value,
                is_array($value) && ! array_is_list($value) && is_array($data[$key]) => self::completed($data[$key], $value),
                default => $data[$key],
            };
        }

        return $data;
    }
}
