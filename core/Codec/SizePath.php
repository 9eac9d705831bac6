<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Standing;
use Ondergrond\Site\Site;
use Ondergrond\Size\Parameter;
use Ondergrond\Size\Size;
use Ondergrond\Units\KeyEnding;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\UnitSystem;

/**
 * One size by its path in project files: `design.lining.layers.1.thickness_m`, `site.frost.ledge_m`. A path may begin at the
 * design or the site as well: `field_board.thickness_m`, `frost.ledge_m`.
 */
final class SizePath
{
    /** Keys that hold a material's slug. */
    public const MATERIALS = ['material', 'fill'];

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

    /** Null where it is no size of a design or a site. */
    public static function said(string $path): ?Size
    {
        static $known = [];
        $of = (string) preg_replace('~\.\d+(?=\.|$)~', '.#', $path);
        if (array_key_exists($of, $known)) {
            return $known[$of];
        }
        $keys = explode('.', $of);
        if (in_array($keys[0], ['design', 'site'], true)) {
            array_shift($keys);
        }
        $part = Part::tryFrom($keys[0] ?? '');

        return $known[$of] = match (true) {
            $part !== null => self::in($part->type(), array_slice($keys, 1), Parameter::named(Design::class, $part->property())->size),
            in_array($keys[0] ?? '', ['plan', 'layout'], true) => PlanCodec::said(end($keys)),
            ($keys[0] ?? '') === 'footprint' => self::in(Footprint::class, array_slice($keys, 1)),
            ($keys[0] ?? '') === 'standing' => Standing::size(),
            ($keys[0] ?? '') === 'family' => Parameter::named(Design::class, 'family')->size,
            default => self::in(Site::class, $keys),
        };
    }

    /** What kind of value it is; null where it holds words. */
    public static function quantity(string $path): ?Quantity
    {
        $said = self::said($path);

        return $said === null ? KeyEnding::of($path)?->quantity() : $said->quantity;
    }

    /** @return list<float> the sizes it is bought or built in, from small to large, m; empty where it is not stepped */
    public static function sold(string $path, UnitSystem $system): array
    {
        return self::said($path)?->sold?->sizes($system) ?? [];
    }

    /**
     * @param  class-string  $class
     * @param  list<string>  $keys
     * @param  Size|null  $thickness  of it, where it is a layer
     */
    private static function in(string $class, array $keys, ?Size $thickness = null): ?Size
    {
        $key = $keys[0] ?? '';
        if ($class === Layer::class) {
            return $key === 'material' || $key === 'thickness_m' ? self::ofLayer($key, $thickness) : null;
        }
        foreach (Parameter::of($class) as $p) {
            if ($p->type === Layer::class && in_array($key, ['material', 'thickness_m'], true) && count($keys) === 1) {
                return self::ofLayer($key, $p->size);
            }
            if ($p->key === $key) {
                return match (true) {
                    $p->size === null && $p->group !== null => self::in($p->group, array_slice($keys, 1)),
                    // One of a list: a layer's material or thickness, or a number.
                    count($keys) === 3 && $p->size?->of !== null => self::in($p->size->of, [$keys[2]]),
                    count($keys) === 3 => self::ofLayer($keys[2], $p->size),
                    // Only its members are sold.
                    $p->type === 'array' && $p->size?->sold !== null => new Size($p->size->label, $key),
                    default => $p->size,
                };
            }
        }

        return null;
    }

    private static function ofLayer(string $key, ?Size $thickness): ?Size
    {
        return match ($key) {
            'thickness_m' => (new Size('thickness', sold: $thickness?->sold))->at($key),
            'material' => Parameter::named(Layer::class, 'material')->size,
            default => null,
        };
    }
}
