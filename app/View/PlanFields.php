<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\WallKind;
use Ondergrond\Plan\WallLine;
use Ondergrond\Size\Parameter;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The fields of what is on a plan, from the constructors that say its sizes. */
final readonly class PlanFields
{
    /** @param  array<string, Item>  $items  by id */
    public function __construct(
        private Plan $plan,
        private Design $design,
        private array $items,
        private QuantityFormatter $format,
    ) {}

    /**
     * The fields of an item.
     *
     * @return list<PlanField>
     */
    public function of(string $id, Item $item): array
    {
        [$path, $grips] = [self::path($id, $item), self::grips($id)];
        $answers = ['of' => $this->kindsOf($item)];
        [$first, $own, $last] = [[], [], []];
        foreach (self::sizes($item->at()) as [$p, $value]) {
            // Nobody types by which rule it was put there.
            if ($p->key === 'proposed') {
                continue;
            }
            // What it stands in line with is typed by its name.
            $value = $p->key === 'in_line' ? $this->named($item->at()->inLine) : $value;
            $field = $this->field($path, $p, $value, $grips[$p->key] ?? '', $answers[$p->key] ?? null);
            if (in_array($p->key, ['name', 'x_m', 'y_m', 'level_m'], true)) {
                $first[] = $field;
            } else {
                $last[] = $field;
            }
        }
        foreach (self::sizes($item) as [$p, $value]) {
            $own[] = $this->field($path, $p, $value, $grips[$p->key] ?? '', $answers[$p->key] ?? null);
        }

        return [...$first, ...$own, ...$last];
    }

    /** @return list<PlanField> where an item stands: what its mark is moved by while its other fields are not there */
    public function places(string $id, Item $item): array
    {
        [$path, $grips] = [self::path($id, $item), self::grips($id)];
        $places = [];
        foreach ([$item->at(), $item] as $of) {
            foreach (self::sizes($of) as [$p, $value]) {
                if (isset($grips[$p->key])) {
                    $places[] = $this->field($path, $p, $value, $grips[$p->key]);
                }
            }
        }

        return $places;
    }

    /** @return array{PlanField, PlanField} how long a wall is, and what lies beyond it */
    public function along(WallLine $wall): array
    {
        $beyond = [];
        foreach (WallKind::cases() as $kind) {
            $beyond[$kind->value] = $kind->label();
        }

        return [
            new PlanField(
                "lengths.{$wall->from}", "Wall {$wall->from}–{$wall->to}", $this->format->format($wall->length(), Quantity::Length), null,
                dimension: "walls.{$wall->from}.length_m",
            ),
            new PlanField("plan.walls.{$wall->from}.kind", 'Beyond it', $this->plan->corners[$wall->from]->wall->kind->value, $beyond),
        ];
    }

    /** @return array{PlanField, PlanField} where a corner stands */
    public function corner(string $id): array
    {
        $at = $this->plan->corners[$id];

        return [
            new PlanField(
                "plan.corners.{$id}.x_m", "{$id}, along", $this->format->format($at->x, Quantity::Length), null, "corner:{$id}|x",
            ),
            new PlanField(
                "plan.corners.{$id}.y_m", "{$id}, across", $this->format->format($at->y, Quantity::Length), null, "corner:{$id}|y",
            ),
        ];
    }

    /** @return list<PlanField> of a wall, but its length and what lies beyond it */
    public function wall(string $id): array
    {
        $fields = [];
        foreach (self::sizes($this->plan->corners[$id]->wall) as [$p, $value]) {
            $fields[] = $this->field("plan.walls.{$id}", $p, $value);
        }

        return array_values(array_filter($fields, static fn (PlanField $f): bool => $f->options === null));
    }

    /** @return list<PlanField> */
    public function opening(string $id, Opening $opening): array
    {
        $fields = [];
        foreach (self::sizes($opening) as [$p, $value]) {
            if ($p->key !== 'wall') {
                $fields[] = $this->field("plan.openings.{$id}", $p, $value);
            }
        }

        return $fields;
    }

    private static function path(string $id, Item $item): string
    {
        return ($item::belongs() === Belongs::Design ? 'layout' : 'plan.items').".{$id}";
    }

    /** @return array<string, string> which end and axis of a mark each size is, by key */
    private static function grips(string $id): array
    {
        return [
            'x_m' => "item:{$id}|x", 'y_m' => "item:{$id}|y", 'to_x_m' => "item:{$id}:to|x", 'to_y_m' => "item:{$id}:to|y",
            'manifold_x_m' => "item:{$id}:to|x", 'manifold_y_m' => "item:{$id}:to|y",
        ];
    }

    /** What an item is called; what went, as something that did. */
    private function named(string $id): string
    {
        $item = $this->items[$id] ?? null;

        return $id === '' ? '' : ($item === null ? $id : $item->at()->name);
    }

    /** @return array<string, string> the kinds of post or bearing wall that the design has */
    private function kindsOf(Item $item): array
    {
        $kinds = ['' => 'none'];
        foreach (array_keys($this->design->supports->kinds()) as $name) {
            if (str_starts_with($name, $item::slug().'-')) {
                $kinds[$name] = ucfirst($this->design->supports::label($name));
            }
        }

        // A kind that this option lacks stays what the plan says: another option may have it.
        $named = $item instanceof Post || $item instanceof BearingStrip ? $item->of : '';

        return $kinds + [$named => "{$named}, not in this option"];
    }

    /** @return iterable<array{Parameter, mixed}> the sizes that an object has in its constructor, with what they are */
    private static function sizes(object $of): iterable
    {
        $values = get_object_vars($of);
        foreach (Parameter::of($of::class) as $p) {
            if ($p->size !== null) {
                yield [$p, $values[$p->name]];
            }
        }
    }

    /** @param  array<string, string>|null  $answers  where they hang on the plan */
    private function field(string $path, Parameter $p, mixed $value, string $grip = '', ?array $answers = null): PlanField
    {
        return new PlanField(
            "{$path}.{$p->key}", ucfirst($p->size->label ?? $p->key),
            match (true) {
                $value instanceof \BackedEnum => (string) $value->value,
                is_float($value) => $this->format->format($value, $p->size->quantity ?? Quantity::Length),
                default => (string) $value,
            },
            $answers ?? $p->size?->choices(), $grip,
        );
    }
}
