<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Arr;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\UsualSizes;
use Ondergrond\Exchange\DesignCodec;
use Ondergrond\Exchange\FieldQuantity;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Material\Place;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The rows of the log beside the drawing: the floor as a borehole reads it, downward, then the edge. */
final readonly class SectionLog
{
    /** @param  array<string, string>  $counted what each part counts for in the heat sum */
    public function __construct(
        private Design $design,
        private array $counted,
        private QuantityFormatter $format,
    ) {}

    /** @return list<LogRow> from the slab's top down, each with the depth of its upper face */
    public function floor(): array
    {
        $d = $this->design;
        $sheetAbove = $d->sheet->position === SheetPosition::AboveBoards;
        $slab = $d->slab->layer->thickness;
        $boards = $slab + $d->field->thickness;
        $sheet = $this->row(Part::Sheet, null, null, $sheetAbove ? $slab : $boards, note: $d->sheet->position->reason());

        return array_values(array_filter([
            $this->row(Part::Slab, Place::Slab, $d->slab->layer, 0.0),
            $sheetAbove ? $sheet : null,
            $this->row(Part::Field, Place::UnderSlab, $d->field, $slab),
            $sheetAbove ? null : $sheet,
            $this->row(Part::Stone, Place::Bed, $d->stone, $boards, note: $this->stoneNote($boards)),
        ]));
    }

    /** Depth of the dig level under the slab's top, m. */
    public function depth(): float
    {
        return $this->design->slab->topAboveGrade - EdgeSection::levelsOf($this->design)['dig'];
    }

    /** @return list<LogRow> */
    public function edge(): array
    {
        $d = $this->design;

        return [
            $this->row(Part::Beam, null, null, drawn: $d->slab->layer->material),
            $this->row(Part::Perimeter, Place::UnderSlab, $d->perimeter->board),
            $this->row(Part::EdgeInside, Place::EdgeInside, $d->edgeInside),
            $this->row(Part::EdgeUnder, Place::UnderBearing, $d->edgeUnder),
            $this->row(Part::EdgeOutside, Place::EdgeOutside, $d->edgeOutside->board),
        ];
    }

    /** @return array{}|array{all: list<string>, below: int} the sizes that a field steps through, written out */
    public function sizes(string $field): array
    {
        $sizes = UsualSizes::of($field, $this->format->system);
        $quantity = FieldQuantity::of($field);
        $stored = Arr::get(DesignCodec::toArray($this->design), $field);
        if ($sizes === [] || $quantity === null || ! is_numeric($stored)) {
            return [];
        }

        return [
            'all' => array_map(fn (float $size): string => $this->format->format($size, $quantity), $sizes),
            'below' => count(array_filter($sizes, static fn (float $size): bool => $size < $stored - 1e-6)),
        ];
    }

    /** @return list<Material> what may be picked for a layer of the wall */
    public function wallMaterials(Material $now): array
    {
        return $this->choices(Place::Wall, $now);
    }

    private function row(Part $part, ?Place $place, ?Layer $layer, ?float $depth = null, string $note = '', ?Material $drawn = null): LogRow
    {
        $order = array_search($part, Part::layingOrder($this->design), true);

        return new LogRow(
            $part,
            $order === false ? null : $order + 1,
            $layer,
            $drawn ?? $layer?->material,
            $place === null || $layer === null ? [] : $this->choices($place, $layer->material),
            $depth === null ? null : $this->format->format($depth, Quantity::Thickness),
            $layer !== null && $place !== Place::Slab && $place !== Place::Bed && $layer->present()
                ? 'R '.$this->format->number($layer->resistance(), Quantity::Resistance)
                : null,
            $note !== '' ? $note : ($this->counted[$part->value] ?? ''),
        );
    }

    /** The floor is dug to one level, so the bed is deeper where the boards over it are thinner. */
    private function stoneNote(float $boards): string
    {
        $here = $this->depth() - $boards;

        return $here > $this->design->stone->thickness + 1e-6 && $this->design->stone->present()
            ? 'at its thinnest; '.$this->format->format($here, Quantity::Thickness).' under the field. Counts as ground'
            : $this->counted[Part::Stone->value] ?? '';
    }

    /** @return list<Material> what belongs there, and what stands there now even if it does not */
    private function choices(Place $place, Material $now): array
    {
        $fitting = Catalogue::for($place);

        return in_array($now, $fitting, true) ? $fitting : [...$fitting, $now];
    }
}
