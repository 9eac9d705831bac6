<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;

/** How ISO 13370 reads a thickened-edge slab: which part counts as floor, which as edge, and what it cannot see. */
final readonly class FloorReading
{
    /**
     * @param  array<string, string>  $counted
     * @param  list<string>  $notes
     */
    private function __construct(
        public array $counted,
        public array $notes,
    ) {}

    /** R_f, m²K/W: the field board; where the perimeter zone is weaker, that one for the whole floor (safe side). */
    public static function floorResistance(Design $design): float
    {
        $field = $design->field->resistance();

        return self::perimeterIsWeaker($design) ? $design->perimeter->board->resistance() : $field;
    }

    /** @return list<EdgeInsulation> the perimeter zone's surplus over the field, and the outside board */
    public static function edges(Design $design): array
    {
        $edges = [];
        $zone = $design->perimeter;
        $surplus = $zone->board->resistance() - $design->field->resistance();
        if ($zone->present() && $surplus > 0.0) {
            $edges[] = new EdgeInsulation(
                EdgeKind::Horizontal,
                $zone->width,
                $surplus,
                max(0.0, $zone->board->thickness - $design->field->thickness),
            );
        }
        $outside = $design->edgeOutside;
        if ($outside->board->present() && $outside->depth > 0.0) {
            $edges[] = new EdgeInsulation(EdgeKind::Vertical, $outside->depth, $outside->board->resistance(), $outside->board->thickness);
        }

        return $edges;
    }

    public static function of(Design $design, SlabOnGround $slab): self
    {
        $used = $slab->edge;
        $weaker = self::perimeterIsWeaker($design);
        $strip = self::edgeWord($used, EdgeKind::Horizontal);
        $counted = [
            'slab' => 'left out: dense concrete hardly insulates',
            'stone' => 'left out: hardcore counts as ground',
            'field_board' => match (true) {
                ! $design->field->present() => 'no board',
                $weaker => 'not counted: the perimeter zone is weaker and stands for the floor',
                default => 'counts as floor',
            },
            'perimeter_board' => match (true) {
                ! $design->perimeter->present() => 'no zone of its own',
                $weaker => 'counts as floor, being the weaker',
                $design->perimeter->board->resistance() <= $design->field->resistance() => 'same as the field',
                default => $strip,
            },
            'edge_inside' => 'in the field, not in the formula',
            'edge_under' => 'in the field, not in the formula',
            'edge_outside' => match (true) {
                ! $design->edgeOutside->board->present() => 'no board',
                $design->edgeOutside->depth <= 0.0 => 'not counted: it stops at the ground',
                default => self::edgeWord($used, EdgeKind::Vertical),
            },
        ];
        $notes = ['The formula leaves out the junction of wall and floor (ψ taken as 0) and the beam’s concrete: slab and beam are one casting, so a board inside or under the beam shows in the field only.'];
        if ($design->edgeUnder->resistance() < self::floorResistance($design) - 1e-9) {
            $notes[] = 'The beam stands on less board than the floor has. The formula takes the floor’s board as far as the wall, so the true loss is higher.';
        }
        if (count(self::edges($design)) === 2) {
            $notes[] = 'Strip and outside board are never added up; the one that saves more is counted.';
        }

        if ($slab->edgeIsHeld()) {
            $notes[] = 'The floor is so small that the edge formula takes off more than the same board under the whole floor would save; no more than that is counted.';
        }

        return new self($counted, $notes);
    }

    private static function edgeWord(?EdgeInsulation $used, EdgeKind $kind): string
    {
        return match ($used?->kind) {
            $kind => 'counts as edge',
            null => 'not counted: it saves nothing over bare ground',
            EdgeKind::Vertical => 'drawn; the outside board saves more and counts',
            EdgeKind::Horizontal => 'drawn; the perimeter strip saves more and counts',
        };
    }

    private static function perimeterIsWeaker(Design $design): bool
    {
        return $design->perimeter->present()
            && $design->perimeter->board->resistance() < $design->field->resistance() - 1e-9;
    }
}
