<?php

declare(strict_types=1);

namespace App\Casts;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use WeakMap;

/**
 * What is stored is a design as it was typed; what is read is that design on its option's plan, worked out anew when either
 * is another.
 *
 * @implements CastsAttributes<Design, Design>
 */
final class DesignCast implements CastsAttributes
{
    /** The framework would keep what was set, and never put it on its plan. */
    public bool $withoutObjectCaching = true;

    /** @var WeakMap<Model, array{string, Design}>|null */
    private static ?WeakMap $typed = null;

    /** @var WeakMap<Model, array{Design, Plan, Items, Design}>|null */
    private static ?WeakMap $planned = null;

    public static function typed(Option $option): Design
    {
        return self::read($option, (string) $option->getAttributes()['design'], $option->getAttributes());
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): Design
    {
        $typed = self::read($model, (string) $value, $attributes);
        $plan = $model instanceof Option && $model->exists ? $model->plan() : null;
        if (! $model instanceof Option || $plan === null) {
            return $typed;
        }
        self::$planned ??= new WeakMap;
        $known = self::$planned[$model] ?? null;
        $layout = $model->layout();
        if ($known === null || $known[0] !== $typed || $known[1] !== $plan || $known[2] !== $layout) {
            try {
                $known = [$typed, $plan, $layout, $model->planned($typed)];
            } catch (FaultyInput) {
                // Saving refuses this; a file of an earlier version may hold it. The page of the plan says what is wrong.
                $known = [$typed, $plan, $layout, $typed];
            }
            self::$planned[$model] = $known;
        }

        return $known[3];
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if ($value === null) {
            throw new LogicException('An option is never stored without its design.');
        }
        $text = Memory::text(
            $value,
            static fn (): string => json_encode(DesignCodec::toArray($value), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
        );
        self::$typed ??= new WeakMap;
        self::$typed[$model] = [$text, $value];

        return $text;
    }

    /** @param  array<string, mixed>  $attributes */
    private static function read(Model $model, string $text, array $attributes): Design
    {
        self::$typed ??= new WeakMap;
        $known = self::$typed[$model] ?? null;
        if ($known === null || $known[0] !== $text) {
            $known = [$text, DesignCodec::fromValid(
                (array) json_decode($text, true, flags: JSON_THROW_ON_ERROR),
                Project::materialsOf((int) ($attributes['project_id'] ?? 0), $text),
            )];
            Memory::remember($known[1], $text);
            self::$typed[$model] = $known;
        }

        return $known[1];
    }
}
