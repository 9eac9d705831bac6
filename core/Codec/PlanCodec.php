<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Materials;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\OutlineFace;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Wall;
use Ondergrond\Size\Parameter;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** A plan, and the items of a layout, to and from the shape they have in project files ($defs/plan, $defs/items). */
final class PlanCodec
{
    /** @return array<string, mixed> */
    public static function toArray(Plan $plan): array
    {
        return [
            'corners' => array_map(
                static fn (Corner $c): array => ['x_m' => $c->x, 'y_m' => $c->y, 'next' => $c->next],
                $plan->corners,
            ),
            'walls' => array_map(static fn (Corner $c): array => PartCodec::toArray($c->wall), $plan->corners),
            'openings' => array_map(PartCodec::toArray(...), $plan->openings),
            'items' => self::items($plan->items),
            'north_deg' => $plan->north,
            'benchmark_m' => $plan->benchmark,
            'zero_m' => $plan->zero,
            'pegs' => $plan->pegs === null ? null : [
                'px_m' => $plan->pegs->px, 'py_m' => $plan->pegs->py, 'qx_m' => $plan->pegs->qx, 'qy_m' => $plan->pegs->qy,
            ],
            'face' => $plan->face->value,
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, mixed>  $known  of the schema's shape: items that stand in it too are not held against the schema anew
     *
     * @throws FaultyInput with pointers beginning at the plan
     */
    public static function fromArray(array $data, array $known = []): Plan
    {
        $held = ['items' => self::strange((array) ($data['items'] ?? []), (array) ($known['items'] ?? []))] + $data;
        $faults = Schema::Project->partFaults(self::asObjects($held), 'plan');

        return $faults === [] ? self::fromValid($data) : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape
     *
     * @throws FaultyInput where the parts do not fit together
     */
    public static function fromValid(array $data): Plan
    {
        $faults = [];
        foreach (array_diff_key($data['walls'] ?? [], $data['corners']) as $id => $wall) {
            $faults[] = Fault::of("/walls/{$id}", 'a wall without its corner', implode(', ', array_keys($data['corners'])));
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $corners = [];
        foreach ($data['corners'] as $id => $corner) {
            $corners[$id] = new Corner(
                (float) $corner['x_m'], (float) $corner['y_m'], $corner['next'],
                self::part(Wall::class, new Wall, $data['walls'][$id] ?? []),
            );
        }
        $pegs = $data['pegs'] ?? null;

        return new Plan(
            $corners,
            array_map(
                static fn (array $o): Opening => self::part(Opening::class, new Opening('', 0.0, 0.0), $o),
                $data['openings'] ?? [],
            ),
            self::itemsFromValid($data['items'] ?? []),
            (float) ($data['north_deg'] ?? 0.0),
            isset($data['benchmark_m']) ? (float) $data['benchmark_m'] : null,
            (float) ($data['zero_m'] ?? 0.0),
            $pegs === null ? null : new Pegs(...array_map(floatval(...), [$pegs['px_m'], $pegs['py_m'], $pegs['qx_m'], $pegs['qy_m']])),
            OutlineFace::from($data['face'] ?? OutlineFace::Concrete->value),
        );
    }

    /** @return array<string, array<string, mixed>> by id */
    public static function items(Items $items): array
    {
        return array_map(self::item(...), $items->all);
    }

    /** @return array<string, mixed> what every item says, and its own sizes, on one floor */
    private static function item(Item $item): array
    {
        $own = PartCodec::toArray($item);
        unset($own['at']);

        return ['kind' => $item::slug(), ...PartCodec::toArray($item->at()), ...$own];
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  T  $as  as it would come in
     * @param  array<string, mixed>  $data  of the schema's shape
     * @return T
     */
    private static function part(string $class, object $as, array $data): object
    {
        return PartCodec::fromArray($class, [...PartCodec::toArray($as), ...$data], Materials::generic());
    }

    /**
     * @param  array<string, array<string, mixed>>  $data  by id
     * @param  array<string, array<string, mixed>>  $known  of the schema's shape: those that stand in it too are not held against it
     *
     * @throws FaultyInput with pointers beginning at the items
     */
    public static function itemsFromArray(array $data, array $known = []): Items
    {
        $held = self::strange($data, $known);
        $faults = $held === [] ? [] : Schema::Project->partFaults($held, 'items');

        return $faults === [] ? self::itemsFromValid($data) : throw FaultyInput::because($faults);
    }

    /**
     * Those that do not stand so among the known ones; all where there are more than those, as their number has its most.
     *
     * @param  array<array-key, mixed>  $items  by id
     * @param  array<array-key, mixed>  $known  by id
     * @return array<array-key, mixed>
     */
    private static function strange(array $items, array $known): array
    {
        // As text: 3 and 3.0 are one number there, and a number is never a word.
        $stands = static fn (mixed $item, int|string $id): bool => isset($known[$id]) && json_encode($item) === json_encode($known[$id]);

        return count($items) > count($known) ? $items
            : array_filter($items, static fn (mixed $item, int|string $id): bool => ! $stands($item, $id), ARRAY_FILTER_USE_BOTH);
    }

    /** @param  array<string, array<string, mixed>>  $data  of the schema's shape, by id */
    public static function itemsFromValid(array $data): Items
    {
        $items = [];
        foreach ($data as $id => $item) {
            $type = Kinds::get($item['kind']);
            $whole = [...self::usual($type), ...$item];
            $items[$id] = PartCodec::fromArray($type, [...$whole, 'at' => $whole], Materials::generic());
        }

        return new Items($items);
    }

    /**
     * An item of that kind as it would be put into a design, in the shape of project files.
     *
     * @param  class-string<Item>  $type
     * @return array<string, mixed>
     */
    public static function fresh(string $type, string $name, ?Design $design = null): array
    {
        return [...self::usual($type), 'name' => $name, ...($design === null ? [] : $type::from($design))];
    }

    /**
     * @param  class-string<Item>  $type
     * @return array<string, mixed> as its constructor comes with
     */
    private static function usual(string $type): array
    {
        static $known = [];

        return $known[$type] ??= self::item(new $type($type::usual()));
    }

    /**
     * What an older file or state lacks, as it would come in. What was taken out is a null there, and stays one.
     *
     * @param  array<string, mixed>  $data  of the schema's shape
     * @return array<string, mixed> with every key
     */
    public static function completed(array $data): array
    {
        $as = ['walls' => PartCodec::toArray(new Wall), 'openings' => PartCodec::toArray(new Opening('', 0.0, 0.0))];
        foreach ($as as $map => $whole) {
            $data[$map] = array_map(static fn (?array $one): ?array => $one === null ? null : [...$whole, ...$one], $data[$map] ?? []);
        }
        $data['items'] = self::completedItems($data['items'] ?? []);

        return [
            'north_deg' => 0.0, 'benchmark_m' => null, 'zero_m' => 0.0, 'pegs' => null, 'face' => OutlineFace::Concrete->value, ...$data,
        ];
    }

    /**
     * @param  array<string, array<string, mixed>|null>  $data  by id
     * @return array<string, array<string, mixed>|null> with every key
     */
    public static function completedItems(array $data): array
    {
        return array_map(
            static fn (?array $item): ?array => $item === null ? null : [...self::usual(Kinds::get($item['kind'])), ...$item], $data,
        );
    }

    /**
     * As files write it: maps without anything in them are left out, as JSON would take them for lists.
     *
     * @return array<string, mixed>
     */
    public static function inFile(Plan $plan): array
    {
        return array_filter(self::toArray($plan), static fn (mixed $of): bool => $of !== []);
    }

    /**
     * Empty maps are objects in JSON.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public static function asObjects(array $data): array
    {
        foreach (['corners', 'walls', 'openings', 'items'] as $map) {
            if (($data[$map] ?? null) === []) {
                $data[$map] = (object) [];
            }
        }

        return $data;
    }

    /** What is known of a size or choice of a plan, by the last key of its path; null where it is none. */
    public static function said(string $key): ?Size
    {
        $own = ['benchmark_m' => 'Benchmark', 'zero_m' => 'Ground at the common edge', 'px_m' => 'P, along', 'py_m' => 'P, across',
            'qx_m' => 'Q, along', 'qy_m' => 'Q, across'];
        // A width is a plate's there and a door's here: both are lengths of the same kind.
        foreach ([Placing::class, Wall::class, Opening::class, ...array_values(Kinds::all())] as $class) {
            foreach (Parameter::of($class) as $p) {
                if ($p->key === $key && $p->size !== null) {
                    return $p->size;
                }
            }
        }

        return match (true) {
            isset($own[$key]) => (new Size($own[$key], quantity: Quantity::Length))->at($key),
            $key === 'north_deg' => (new Size('North'))->at($key),
            $key === 'face' => (new Size('outline read to', words: array_combine(
                array_column(OutlineFace::cases(), 'value'), array_map(
                    static fn (OutlineFace $f): string => $f->label(), OutlineFace::cases(),
                ),
            )))->at($key),
            default => null,
        };
    }
}
