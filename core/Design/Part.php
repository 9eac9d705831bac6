<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Material\Place;

/** The parts of a design, by the key each has in project files. */
enum Part: string
{
    case Pads = 'pads';
    case Drains = 'drains';
    case Footing = 'footing';
    case EdgeUnder = 'edge_under';
    case Stem = 'stem';
    case Form = 'form';
    case Membrane = 'membrane';
    case Drainage = 'drainage';
    case Stone = 'stone';
    case Service = 'service';
    case Gas = 'gas';
    case Blinding = 'blinding';
    case EdgeInside = 'edge_inside';
    case Field = 'field_board';
    case Perimeter = 'perimeter_board';
    case Sheet = 'sheet';
    case Slab = 'slab';
    case Beam = 'edge_beam';
    case Recess = 'recess';
    case Threshold = 'threshold';
    case BoardAbove = 'board_above';
    case Upstand = 'upstand';
    case UpperSheet = 'upper_sheet';
    case Heating = 'heating';
    case Screed = 'screed';
    case EdgeOutside = 'edge_outside';
    case Shield = 'shield';
    case Cover = 'cover';
    case Wing = 'wing';
    case Neighbour = 'neighbour';
    case Lining = 'lining';
    case Dpc = 'dpc';
    case Deck = 'deck';
    case Space = 'space';
    case Wall = 'wall';
    case Closer = 'closer';
    case Walkout = 'walkout';
    case Loads = 'loads';
    case Steel = 'steel';
    case Finish = 'finish';

    public function label(): string
    {
        return match ($this) {
            self::Pads => 'Post pads',
            self::Drains => 'Drains',
            self::Footing => 'Footing',
            self::EdgeUnder => 'Board under the bearing',
            self::Stem => 'Stem wall',
            self::Form => 'Foam form',
            self::Membrane => 'Membrane',
            self::Drainage => 'Drainage layer',
            self::Stone => 'Stone bed',
            self::Service => 'Room for pipes',
            self::Gas => 'Soil-gas pipe',
            self::Blinding => 'Blinding',
            self::EdgeInside => 'Board inside the edge',
            self::Field => 'Field board',
            self::Perimeter => 'Perimeter board',
            self::Sheet => 'Vapour sheet',
            self::Slab => 'Slab',
            self::Beam => 'Edge beam',
            self::Recess => 'Recess',
            self::Threshold => 'Threshold break',
            self::BoardAbove => 'Board on the slab',
            self::Upstand => 'Upstand',
            self::UpperSheet => 'Upper sheet',
            self::Heating => 'Floor heating',
            self::Screed => 'Screed',
            self::EdgeOutside => 'Outside board',
            self::Shield => 'Pest shield',
            self::Cover => 'Cover',
            self::Wing => 'Wing',
            self::Neighbour => 'Unheated neighbour',
            self::Lining => 'Inside lining',
            self::Dpc => 'Damp-proof course',
            self::Deck => 'Deck',
            self::Space => 'Space below',
            self::Wall => 'Wall',
            self::Closer => 'Cavity closer',
            self::Walkout => 'Walk-out side',
            self::Loads => 'Loads',
            self::Steel => 'Steel',
            self::Finish => 'Floor finish',
        };
    }

    /** The place that its material is chosen for; null where it has none to choose. */
    public function place(): ?Place
    {
        return match ($this) {
            self::EdgeUnder => Place::UnderBearing,
            self::Stem => Place::Stem,
            self::Form => Place::Form,
            self::Drainage => Place::Drainage,
            self::Stone => Place::Bed,
            self::Blinding => Place::Blinding,
            self::EdgeInside => Place::EdgeInside,
            self::Field, self::Perimeter => Place::UnderSlab,
            self::Slab => Place::Slab,
            self::Threshold => Place::Threshold,
            self::BoardAbove => Place::OnSlab,
            self::Upstand => Place::Upstand,
            self::Screed => Place::Screed,
            self::EdgeOutside => Place::EdgeOutside,
            self::Cover => Place::Cover,
            self::Wing => Place::Wing,
            self::Neighbour => Place::Joint,
            self::Lining => Place::Lining,
            self::Deck => Place::Deck,
            self::Wall => Place::Wall,
            self::Closer => Place::Closer,
            default => null,
        };
    }

    /** Where it stands in a design. */
    public function of(Design $design): DesignPart
    {
        return match ($this) {
            self::Pads => $design->pads,
            self::Drains => $design->drains,
            self::Footing => $design->footing,
            self::EdgeUnder => $design->edgeUnder,
            self::Stem => $design->stem,
            self::Form => $design->form,
            self::Membrane => $design->membrane,
            self::Drainage => $design->drainage,
            self::Stone => $design->stone,
            self::Service => $design->service,
            self::Gas => $design->gas,
            self::Blinding => $design->blinding,
            self::EdgeInside => $design->edgeInside,
            self::Field => $design->fieldBoard,
            self::Perimeter => $design->perimeterBoard,
            self::Sheet => $design->sheet,
            self::Slab => $design->slab,
            self::Beam => $design->edgeBeam,
            self::Recess => $design->recess,
            self::Threshold => $design->threshold,
            self::BoardAbove => $design->boardAbove,
            self::Upstand => $design->upstand,
            self::UpperSheet => $design->upperSheet,
            self::Heating => $design->heating,
            self::Screed => $design->screed,
            self::EdgeOutside => $design->edgeOutside,
            self::Shield => $design->shield,
            self::Cover => $design->cover,
            self::Wing => $design->wing,
            self::Neighbour => $design->neighbour,
            self::Lining => $design->lining,
            self::Dpc => $design->dpc,
            self::Deck => $design->deck,
            self::Space => $design->space,
            self::Wall => $design->wall,
            self::Closer => $design->closer,
            self::Walkout => $design->walkout,
            self::Loads => $design->loads,
            self::Steel => $design->steel,
            self::Finish => $design->finish,
        };
    }

    /**
     * The order the crew lays them in, first to last; a part that is left out has no place in it.
     *
     * @return list<self>
     */
    public static function layingOrder(Design $design): array
    {
        $order = self::cases();
        // The sheet stands above the boards in the list; the other school lays it before them. On a slab that is
        // insulated from above there are none, and it lies under the slab all the same.
        if ($design->sheet->position === SheetPosition::BelowBoards) {
            $order = array_values(array_filter($order, static fn (self $p): bool => $p !== self::Sheet));
            array_splice($order, (int) array_search(self::EdgeInside, $order, true), 0, [self::Sheet]);
        }
        if (! $design->stem->present()) {
            // Boards under a beam lie on the stone; those under a footing lie in the trench, before it.
            $order = array_values(array_filter($order, static fn (self $p): bool => $p !== self::EdgeUnder));
            array_splice($order, (int) array_search(self::EdgeInside, $order, true), 0, [self::EdgeUnder]);
        }
        $unbuilt = [self::Space, self::Walkout, self::Service, self::Loads, self::Steel];

        return array_values(array_filter($order, static fn (self $p): bool => $p->of($design)->present() && ! in_array($p, $unbuilt, true)));
    }
}
