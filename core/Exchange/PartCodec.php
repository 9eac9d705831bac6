<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use BackedEnum;
use Ondergrond\Design\Layer;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use ReflectionClass;
use ReflectionNamedType;

/**
 * One part of a design to and from its shape in project files, told by its constructor: `$depthBelowGrade` is the key
 * `depth_below_grade_m`, a Layer is `material` and `thickness_m`, an array is a list of layers, an enum its value.
 */
final class PartCodec
{
    /** Keys that are no length in m. */
    private const KEYS = [
        'vents' => 'vents_m2_per_m', 'wind' => 'wind_m_s', 'airChanges' => 'air_changes_per_h', 'plane' => 'plane_c',
        'thickness' => 'thickness_m', 'slab' => 'slab_m', 'hottest' => 'hottest_c',
        'line' => 'line_kn_m', 'lineLive' => 'line_live_kn_m', 'post' => 'post_kn', 'postLive' => 'post_live_kn', 'floorLive' => 'floor_live_kpa',
        'waterCement' => 'water_cement_ratio', 'wait' => 'wait_days',
        'supply' => 'supply_c', 'waterDrop' => 'water_drop_k', 'power' => 'power_w_m2', 'zones' => 'zones',
    ];

    /** @var array<class-string, list<array{string, string, string}>> property, type and key of each parameter */
    private static array $plans = [];

    /** @return array<string, mixed> */
    public static function toArray(object $part): array
    {
        if ($part instanceof Layer) {
            return self::layer($part);
        }
        $data = [];
        $sizes = get_object_vars($part);
        foreach (self::plan($part::class) as [$name, $type, $key]) {
            $value = $sizes[$name];
            $data = [...$data, ...match (true) {
                $value instanceof Layer => self::layer($value),
                $value instanceof Material => [$key => $value->slug],
                $value instanceof BackedEnum => [$key => $value->value],
                is_array($value) => [$key => array_map(self::layer(...), $value)],
                default => [$key => $value],
            }];
        }

        return $data;
    }

    /**
     * @param  class-string  $class
     * @param  array<string, mixed>  $data  of the schema's shape, its materials known
     * @return object of that class
     */
    public static function fromArray(string $class, array $data): object
    {
        $values = [];
        foreach ($class === Layer::class ? [] : self::plan($class) as [$name, $type, $key]) {
            $values[$name] = match (true) {
                $type === Layer::class => self::toLayer($data),
                $type === Material::class => Catalogue::get($data[$key]),
                is_subclass_of($type, BackedEnum::class) => $type::from($data[$key]),
                $type === 'array' => array_map(self::toLayer(...), array_values($data[$key])),
                default => (float) $data[$key],
            };
        }

        return $class === Layer::class ? self::toLayer($data) : new $class(...$values);
    }

    /**
     * @param  class-string  $class
     * @return list<array{string, string, string}>
     */
    private static function plan(string $class): array
    {
        return self::$plans[$class] ??= array_map(static function (\ReflectionParameter $p): array {
            $type = $p->getType();
            assert($type instanceof ReflectionNamedType);
            $name = $p->getName();
            $snake = strtolower((string) preg_replace('/[A-Z]/', '_$0', $name));

            return [$name, $type->getName(), self::KEYS[$name] ?? ($type->getName() === 'float' ? $snake.'_m' : $snake)];
        }, (new ReflectionClass($class))->getConstructor()?->getParameters() ?? []);
    }

    /** @return array{material: string, thickness_m: float} */
    private static function layer(Layer $layer): array
    {
        return ['material' => $layer->material->slug, 'thickness_m' => $layer->thickness];
    }

    /** @param  array<string, mixed>  $data */
    private static function toLayer(array $data): Layer
    {
        return Layer::of(Catalogue::get($data['material']), (float) $data['thickness_m']);
    }
}
