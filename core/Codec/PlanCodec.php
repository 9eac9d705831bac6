<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Materials;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\ItemKind;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\WallKind;
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
            'walls' => array_map(static fn (Corner $c): array => ['kind' => $c->wall->value], $plan->corners),
            'openings' => array_map(
                static fn (Opening $o): array => ['wall' => $o->wall, 'from_m' => $o->from, 'width_m' => $o->width],
                $plan->openings,
            ),
            'items' => self::items($plan->items),
            'north_deg' => $plan->north,
            'benchmark_m' => $plan->benchmark,
            'zero_m' => $plan->zero,
            'pegs' => $plan->pegs === null ? null : [
                'px_m' => $plan->pegs->px, 'py_m' => $plan->pegs->py, 'qx_m' => $plan->pegs->qx, 'qy_m' => $plan->pegs->qy,
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws FaultyInput with pointers beginning at the plan
     */
    public static function fromArray(array $data): Plan
    {
        $faults = Schema::Project->partFaults(self::asObjects($data), 'plan');

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
                WallKind::from($data['walls'][$id]['kind'] ?? WallKind::Outside->value),
            );
        }
        $pegs = $data['pegs'] ?? null;

        return new Plan(
            $corners,
            array_map(
                static fn (array $o): Opening => new Opening($o['wall'], (float) $o['from_m'], (float) $o['width_m']),
                $data['openings'] ?? [],
            ),
            self::itemsFromValid($data['items'] ?? []),
            (float) ($data['north_deg'] ?? 0.0),
            (float) ($data['benchmark_m'] ?? 0.0),
            (float) ($data['zero_m'] ?? 0.0),
            $pegs === null ? null : new Pegs(...array_map(floatval(...), [$pegs['px_m'], $pegs['py_m'], $pegs['qx_m'], $pegs['qy_m']])),
        );
    }

    /** @return array<string, array<string, mixed>> by id */
    public static function items(Items $items): array
    {
        return array_map(
            static fn (Item $item): array => ['kind' => $item->kind()->value, ...PartCodec::toArray($item)],
            $items->all,
        );
    }

    /**
     * @param  array<string, array<string, mixed>>  $data  by id
     *
     * @throws FaultyInput with pointers beginning at the items
     */
    public static function itemsFromArray(array $data): Items
    {
        $faults = Schema::Project->partFaults($data, 'items');

        return $faults === [] ? self::itemsFromValid($data) : throw FaultyInput::because($faults);
    }

    /** @param  array<string, array<string, mixed>>  $data  of the schema's shape, by id */
    public static function itemsFromValid(array $data): Items
    {
        $items = [];
        foreach ($data as $id => $item) {
            $type = ItemKind::from($item['kind'])->type();
            $items[$id] = PartCodec::fromArray($type, [...self::usual($type), ...$item], Materials::generic());
        }

        return new Items($items);
    }

    /**
     * An item of that kind as it would come in, in the shape of project files.
     *
     * @return array<string, mixed>
     */
    public static function fresh(ItemKind $kind, string $name): array
    {
        return ['kind' => $kind->value, ...self::usual($kind->type()), 'name' => $name];
    }

    /**
     * The sizes that an item's constructor comes with; 0 where it has none.
     *
     * @param  class-string<Item>  $type
     * @return array<string, mixed>
     */
    private static function usual(string $type): array
    {
        static $known = [];

        return $known[$type] ??= PartCodec::toArray(match (ItemKind::of($type)->isRun()) {
            true => new $type('', 0.0, 0.0, 0.0, 0.0, 0.0, ...($type === ItemKind::Drain->type() ? [0.0] : [])),
            false => new $type('', 0.0, 0.0, 0.0),
        });
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
        $own = [
            'x_m' => 'along', 'y_m' => 'across', 'from_m' => 'from the corner', 'width_m' => 'width', 'benchmark_m' => 'Benchmark',
            'zero_m' => 'Ground at the common edge', 'px_m' => 'P, along', 'py_m' => 'P, across', 'qx_m' => 'Q, along',
            'qy_m' => 'Q, across',
        ];
        foreach (ItemKind::cases() as $kind) {
            foreach (Parameter::of($kind->type()) as $p) {
                // A width is a plate's there and a door's here: both are lengths of the same kind.
                if ($p->key === $key) {
                    return $p->size;
                }
            }
        }

        return match (true) {
            isset($own[$key]) => (new Size($own[$key], quantity: Quantity::Length))->at($key),
            $key === 'north_deg' => (new Size('North'))->at($key),
            $key === 'kind' => (new Size('beyond the wall', words: WallKind::words()))->at($key),
            default => null,
        };
    }
}
