<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Arr;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\FormStart;
use Ondergrond\Design\Group;
use Ondergrond\Design\Idle;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\School;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Standing;
use Ondergrond\Design\Stem;
use Ondergrond\Design\Typical;
use Ondergrond\Material\Kind;
use Ondergrond\Material\Material;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Place;
use Ondergrond\Section\Layout;
use Ondergrond\Size\Parameter;
use Ondergrond\Size\Stock;
use Ondergrond\Units\BarNumber;
use Ondergrond\Units\Lumber;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** The log beside the drawing: the floor as a borehole reads it, downward, then the edge and all that belongs to it. */
final readonly class SectionLog
{
    /** @var array<string, mixed> the design as files have it */
    private array $data;

    /** @var array<string, int> place in the order of laying, by part */
    private array $order;

    /**
     * @param  array<string, string>  $counted what each part counts for in the heat sum
     * @param  array<string, int>  $placed  how often each kind of post and bearing wall stands on the plan
     */
    public function __construct(
        private Design $design,
        private array $counted,
        private QuantityFormatter $format,
        private Materials $materials,
        private array $placed = [],
    ) {
        $this->data = DesignCodec::toArray($design);
        $this->order = array_flip(array_map(static fn (Part $p): string => $p->value, Part::layingOrder($design)));
    }

    /** @return list<LogGroup> */
    public function groups(): array
    {
        return array_map($this->group(...), [Group::Floor, Group::Edge, Group::Ground, Group::Building, Group::Sides]);
    }

    public function wall(): LogRow
    {
        return $this->row(Part::Wall, []);
    }

    /** @return array<string, Material> that may be chosen from, by slug */
    public function materials(): array
    {
        return $this->materials->all();
    }

    /** @return list<School> what is to be chosen in it */
    public function schools(): array
    {
        return Schools::in($this->design);
    }

    /** Depth of the dig level under the finished floor, m. */
    public function depth(): float
    {
        return $this->design->finishedFloor() - Layout::of($this->design)->dig;
    }

    /** @return array{}|array{list: string, below: int} the list of sizes that a field steps through, and how many of them are smaller */
    public function sizes(string $field, float $stored): array
    {
        $sizes = SizePath::sold($field, $this->format->system);
        $quantity = SizePath::quantity($field);

        return $sizes === [] || $quantity === null ? [] : [
            'list' => self::listName($sizes, $quantity),
            'below' => count(array_filter($sizes, static fn (float $size): bool => $size < $stored - 1e-6)),
        ];
    }

    /**
     * All lists that fields step through: for the whole page, so that what changes with an edit need not carry them.
     *
     * @return array<string, list<string>> written out, by name
     */
    public function sizeLists(): array
    {
        $lists = [];
        // Layers may come in that are not there yet.
        foreach ([
            ...array_keys(Arr::dot($this->data)),
            'lining.layers.0.thickness_m',
            'deck.layers.0.thickness_m',
            'wall.inside.0.thickness_m',
        ] as $path) {
            $sizes = SizePath::sold($path, $this->format->system);
            $quantity = SizePath::quantity($path);
            if ($sizes !== [] && $quantity !== null) {
                $lists[self::listName($sizes, $quantity)] ??= array_map(
                    fn (float $size): string => $this->format->format($size, $quantity),
                    $sizes,
                );
            }
        }

        return $lists;
    }

    /** @param  non-empty-list<float>  $sizes */
    private static function listName(array $sizes, Quantity $quantity): string
    {
        return sprintf(
            '%s-%d-%d-%d-%d',
            strtolower($quantity->name),
            count($sizes),
            ...array_map(static fn (float $s): int => (int) round(1e5 * $s), [$sizes[0], $sizes[1] ?? 0.0, $sizes[count($sizes) - 1]]),
        );
    }

    private function group(Group $group): LogGroup
    {
        $parts = $group->parts();
        if ($group === Group::Floor && $this->design->sheet->position === SheetPosition::BelowBoards) {
            $parts = array_values(array_filter($parts, static fn (Part $p): bool => $p !== Part::Sheet));
            array_splice($parts, (int) array_search(Part::Field, $parts, true) + 1, 0, [Part::Sheet]);
        }
        $depths = $group === Group::Floor ? $this->depths() : [];

        return new LogGroup(
            $group->value,
            $group->label(),
            $group->order(),
            array_map(fn (Part $p): LogRow => $this->row($p, $depths), array_values(array_filter($parts, $this->isListed(...)))),
        );
    }

    /** What is built, and what nobody can put in but by filling it in. */
    private function isListed(Part $part): bool
    {
        return $part->of($this->design)->present() || match ($part) {
            Part::Loads, Part::Finish => true,
            Part::Space => $this->design->deck->present(),
            Part::Walkout => $this->design->footprint->walkOut > 0.0,
            default => false,
        };
    }

    /** @return array<string, float> of the upper face of each layer of the floor, under the finished floor, m */
    private function depths(): array
    {
        $d = $this->design;
        $depth = 0.0;
        $depths = [];
        foreach ([
            Part::Screed->value => $d->screed,
            Part::BoardAbove->value => $d->boardAbove,
            Part::Mat->value => $d->mat->layer,
            Part::Slab->value => $d->slab->layer,
            Part::StoneOver->value => $d->stoneOver,
            Part::Field->value => $d->fieldBoard,
            Part::Blinding->value => $d->blinding,
            Part::Stone->value => $d->stone,
        ] as $part => $layer) {
            $depths[$part] = $depth;
            $depth += $layer->thickness;
        }
        $depths[Part::UpperSheet->value] = $depths[Part::BoardAbove->value];
        $under = $d->sheet->position === SheetPosition::AboveBoards ? Part::Field : Part::Blinding;
        $depths[Part::Sheet->value] = $depths[$under->value];

        return $depths;
    }

    /** @param  array<string, float>  $depths */
    private function row(Part $part, array $depths): LogRow
    {
        $object = $part->of($this->design);
        $layer = $object instanceof Layer ? $object : (get_object_vars($object)['layer'] ?? null);
        $layer = $layer instanceof Layer ? $layer : null;
        $vars = get_object_vars($object);
        $material = $object instanceof Stem ? $object->material() : $layer->material ?? $vars['material'] ?? $vars['fill'] ?? null;
        $fields = $lists = [];
        $idle = $this->idle($part);
        foreach ($this->data[$part->value] as $key => $value) {
            if (in_array($key, $idle, true)) {
                continue;
            }
            if (is_array($value)) {
                $lists[$key] = array_map(fn (int $i): array => $this->item($part, $key, $i, $value[$i]), array_keys($value));
            } else {
                $fields[] = $this->field($part, $key, $value, $this->bar($part, $key, $value));
            }
        }
        if ($object->present() && Standing::may($part)) {
            $fields[] = new LogInput(
                'design.standing.'.$part->value, Standing::size()->label, $this->design->standing->has($part)
                ? Standing::EXISTING : Standing::NEW, Standing::size()->choices(),
            );
        }
        $number = $this->order[$part->value] ?? null;
        $depth = $depths[$part->value] ?? null;
        $present = $object->present();

        return new LogRow(
            $part,
            $number === null ? null : $number + 1,
            $present,
            $part === Part::Beam || $part === Part::Footing || $part === Part::Pads
                ? $this->design->slab->layer->material
                : ($material instanceof Material ? $material : null),
            $fields,
            $lists,
            $depth === null || $depth <= 0.0 || ! $present ? null : $this->format->format($depth, Quantity::Thickness),
            $layer !== null && $layer->present() && $layer->material->conductivity < 0.2 ? 'R '.$this->format->number(
                $layer->resistance(),
                Quantity::Resistance,
            ) : null,
            $this->note($part),
            (new PartSize($this->design, $this->format))->of($part),
            $this->design->standing->has($part),
            (new Typical($this->design, $this->format->system))->without($part) !== null && $present,
        );
    }

    /**
     * One of a list.
     *
     * @param  array<string, mixed>  $item  as in files
     * @return list<LogInput>
     */
    private function item(Part $part, string $key, int $i, array $item): array
    {
        $objects = array_values(array_filter(get_object_vars($part->of($this->design)), is_array(...)));
        $keys = array_keys(array_filter($this->data[$part->value], is_array(...)));
        $of = $objects[(int) array_search($key, $keys, true)][$i] ?? null;
        $idle = $of instanceof Idle ? self::keys($of, $of->idle()) : [];
        $fields = [];
        foreach ($item as $name => $value) {
            if (! in_array($name, $idle, true)) {
                $fields[] = $this->field($part, "{$key}.{$i}.{$name}", $value, $name === 'thickness_m'
                    ? $this->lumber((string) $item['material'], (float) $value) : null);
            }
        }

        return $fields;
    }

    /**
     * @param  list<string>  $names  of its constructor's parameters
     * @return list<string> as files call them
     */
    private static function keys(object $of, array $names): array
    {
        return array_values(array_map(
            static fn (Parameter $p): string => $p->key,
            array_filter(Parameter::of($of::class), static fn (Parameter $p): bool => in_array($p->name, $names, true)),
        ));
    }

    /** @return list<string> keys that say nothing as the part stands */
    private function idle(Part $part): array
    {
        $of = $part->of($this->design);
        $names = $of instanceof Idle ? $of->idle() : [];

        // Of a layer among its parameters a material may be idle by itself.
        return [
            ...array_values(array_intersect(SizePath::MATERIALS, $names)),
            ...self::keys($of, $names),
        ];
    }

    /** Joists and studs go by what they are called where they are sold by inches. */
    private function lumber(string $material, float $depth): ?string
    {
        return $this->format->system === UnitSystem::InchPound && $this->materials->get($material)->kind === Kind::Wood
            ? Lumber::called($depth)
            : null;
    }

    /** Bars go by their number where they are sold by inches. */
    private function bar(Part $part, string $key, mixed $value): ?string
    {
        return $this->format->system === UnitSystem::InchPound && is_float($value)
            && SizePath::said($part->value.'.'.$key)?->sold === Stock::Bars ? BarNumber::called($value) : null;
    }

    /** @param  string|null  $called  what a piece of that size is called */
    private function field(Part $part, string $key, mixed $value, ?string $called = null): LogInput
    {
        $path = $part->value.'.'.$key;
        $last = array_reverse(explode('.', $key))[0];
        if (in_array($last, SizePath::MATERIALS, true)) {
            // What has gone was made of anything.
            $place = $part === Part::TakenOut ? null : $part->place() ?? Place::Wall;
            [$fitting, $refused] = $this->choices($place, $this->materials->get((string) $value));

            return new LogInput('design.'.$path, SizePath::said($path)->label ?? 'material', (string) $value, $fitting, $refused);
        }
        $said = SizePath::said($path);
        $label = $said === null ? $last : $said->label;
        $options = $said?->choices();
        if ($options !== null) {
            return new LogInput('design.'.$path, $label, (string) $value, $options);
        }
        $quantity = SizePath::quantity($path) ?? Quantity::Thickness;

        return new LogInput(
            'design.'.$path,
            $called === null ? $label : "{$label}, {$called}",
            $this->format->format((float) $value, $quantity),
            sizes: $this->sizes($path, (float) $value),
            // Feet and inches are written with marks and strokes that a number pad lacks.
            pad: $this->format->system === UnitSystem::Metric ? 'decimal' : 'text',
        );
    }

    /** The floor is dug to one level, so the bed is deeper where the boards over it are thinner. */
    private function note(Part $part): string
    {
        $counted = $part->of($this->design)->present() ? $this->counted[$part->value] ?? '' : '';
        if ($part === Part::Stone && $this->design->stone->present()) {
            $at = Layout::of($this->design);
            $here = $at->boarded - $this->design->fieldBoard->thickness - $this->design->blinding->thickness - $at->dig;

            return $here > $this->design->stone->thickness + 1e-6
                ? 'at its thinnest; '.$this->format->format($here, Quantity::Thickness).' under the middle board. Counts as ground'
                : $counted;
        }

        return match ($part) {
            Part::Sheet => $this->design->sheet->present() ? $this->design->sheet->position->reason() : '',
            Part::Space => $this->design->deck->present()
                ? 'Vents, wind and shelter count where it is vented, air changes where it is an unheated basement.'
                : 'Says nothing without a deck.',
            Part::Form => $this->design->form->starts === FormStart::Grade && $this->design->form->present()
                ? 'Below its foot the wall is plain. '.$counted
                : $counted,
            Part::Deck => $this->design->space->kind === Below::Heated && $this->design->deck->present()
                ? 'between two heated rooms: drawn, not in the loss'
                : $counted,
            Part::Supports => trim($counted.$this->placed()),
            default => $counted,
        };
    }

    /** Kinds that stand on the plan are counted and judged from there, whatever is typed of them here. */
    private function placed(): string
    {
        $said = [];
        foreach ($this->placed as $name => $places) {
            $said[] = $this->design->supports::label($name).' '.($places === 1 ? 'once' : "{$places} times");
        }

        return $said === [] ? '' : ' On the plan stand '.implode(', ', $said)
            .': number, heaviest load, plate and place in from the edge follow from there.';
    }

    /** @return array{array<string, string>, array<string, string>} what may be picked, what may not and why */
    private function choices(?Place $place, Material $now): array
    {
        $fitting = $refused = [];
        foreach ($this->materials->all() as $material) {
            $why = $place?->whyNot($material)?->in($this->format);
            if ($why === null || $material === $now) {
                $fitting[$material->slug] = $material->name;
            } elseif (! str_starts_with($why, 'not made')) {
                $refused[$material->slug] = $material->name.': '.$why;
            }
        }
        if ($place !== null) {
            $refused[''] = 'All others: not made for '.$place->label();
        }

        return [$fitting, $refused];
    }
}
