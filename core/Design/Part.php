<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use LogicException;
use Ondergrond\Material\Place;
use Ondergrond\Size\Parameter;
use ReflectionEnumBackedCase;

/** The parts of a design, by the key each has in project files, in the order the crew lays them. */
enum Part: string
{
    #[Described(
        'Taken out', Group::Building, 9, undrawn: 'no longer there', uncounted: 'taken out', unordered: 'nothing to buy',
    )]
    case TakenOut = 'taken_out';
    #[Described(
        'Repairs first', Group::Building, 8, undrawn: 'of what stands', uncounted: 'mended by the piece',
        unordered: 'mended by the piece',
    )]
    case Repairs = 'repairs';
    #[Described('Post pads', Group::Ground, 5, uncounted: 'of posts, whose number the section does not know')]
    case Pads = 'pads';
    #[Described('Drains', Group::Ground, 4, uncounted: 'pipe')]
    case Drains = 'drains';
    #[Described('Footing', Group::Edge, 9)]
    case Footing = 'footing';
    #[Described('Board under the bearing', Group::Edge, 4, place: Place::UnderBearing)]
    case EdgeUnder = 'edge_under';
    #[Described('Stem wall', Group::Edge, 7, place: Place::Stem)]
    case Stem = 'stem';
    #[Described('Stem’s cavity', Group::Edge, 8, place: Place::Cavity)]
    case Cavity = 'cavity';
    #[Described('Foam form', Group::Edge, 6, place: Place::Form)]
    case Form = 'form';
    #[Described(
        'Openings in the form', Group::Edge, 14, undrawn: 'at openings, whose places the section does not know',
        uncounted: 'at openings', unordered: 'by openings of the wall',
    )]
    case Bucks = 'bucks';
    #[Described('Membrane', Group::Ground, 2, uncounted: 'sheet')]
    case Membrane = 'membrane';
    #[Described('Drainage layer', Group::Ground, 3, place: Place::Drainage, uncounted: 'sheet')]
    case Drainage = 'drainage';
    #[Described('Stone bed', Group::Floor, 14, place: Place::Bed)]
    case Stone = 'stone';
    #[Described('Room for pipes', Group::Floor, 15, uncounted: 'room in the stone', unordered: 'room in the stone, nothing to buy')]
    case Service = 'service';
    #[Described('Soil-gas pipe', Group::Floor, 16, uncounted: 'pipe')]
    case Gas = 'gas';
    #[Described('Blinding', Group::Floor, 13, place: Place::Blinding)]
    case Blinding = 'blinding';
    #[Described('Posts and bearing walls', Group::Ground, 6, place: Place::UnderBearing)]
    case Supports = 'supports';
    #[Described('Board inside the edge', Group::Edge, 3, place: Place::EdgeInside)]
    case EdgeInside = 'edge_inside';
    #[Described('Middle board', Group::Floor, 12, place: Place::UnderSlab)]
    case Field = 'field_board';
    #[Described('Perimeter board', Group::Edge, 2, place: Place::UnderSlab)]
    case Perimeter = 'perimeter_board';
    #[Described('Vapour sheet', Group::Floor, 11, uncounted: 'sheet')]
    case Sheet = 'sheet';
    #[Described('Stone over the sheet', Group::Floor, 10, place: Place::Bed)]
    case StoneOver = 'stone_over';
    #[Described('Slab', Group::Floor, 8, place: Place::Slab)]
    case Slab = 'slab';
    #[Described('Edge beam', Group::Edge, 1, undrawn: 'cast with the slab, drawn as one with it')]
    case Beam = 'edge_beam';
    #[Described('Recess', Group::Building, 4, uncounted: 'concrete left out', unordered: 'concrete left out')]
    case Recess = 'recess';
    #[Described('Threshold break', Group::Building, 3, place: Place::Threshold)]
    case Threshold = 'threshold';
    #[Described('Mat on the slab', Group::Floor, 7, place: Place::Mat)]
    case Mat = 'mat';
    #[Described('Board on the slab', Group::Floor, 6, place: Place::OnSlab)]
    case BoardAbove = 'board_above';
    #[Described('Upstand', Group::Floor, 4, place: Place::Upstand)]
    case Upstand = 'upstand';
    #[Described('Upper sheet', Group::Floor, 5, uncounted: 'sheet')]
    case UpperSheet = 'upper_sheet';
    #[Described('Floor heating', Group::Floor, 2, uncounted: 'pipe or cable')]
    case Heating = 'heating';
    #[Described('Screed or panels', Group::Floor, 3, place: Place::Screed)]
    case Screed = 'screed';
    #[Described('Outside board', Group::Edge, 10, place: Place::EdgeOutside)]
    case EdgeOutside = 'edge_outside';
    #[Described('Pest shield', Group::Edge, 11, uncounted: 'sheet')]
    case Shield = 'shield';
    #[Described('Cover', Group::Edge, 12, place: Place::Cover)]
    case Cover = 'cover';
    #[Described('Wing', Group::Ground, 1, place: Place::Wing)]
    case Wing = 'wing';
    #[Described('Unheated neighbour', Group::Sides, 2, place: Place::Joint)]
    case Neighbour = 'neighbour';
    #[Described('Inside lining', Group::Edge, 5, place: Place::Lining)]
    case Lining = 'lining';
    #[Described('Damp-proof course', Group::Building, 1, uncounted: 'sheet')]
    case Dpc = 'dpc';
    #[Described('Deck', Group::Building, 5, place: Place::Deck)]
    case Deck = 'deck';
    #[Described(
        'Space below', Group::Building, 6, undrawn: 'the air under the deck',
        uncounted: 'the air under the deck',
        unordered: 'the air under the deck',
    )]
    case Space = 'space';
    #[Described(
        'Wall', Group::Wall, 1, place: Place::Wall,
        uncounted: 'stands above what is compared',
        unordered: 'stands above what is ordered here',
    )]
    case Wall = 'wall';
    #[Described(
        'Cavity closer',
        Group::Building,
        2,
        place: Place::Closer,
        uncounted: 'at openings, whose number the section does not know',
        unordered: 'goes by openings of the wall above',
    )]
    case Closer = 'closer';
    #[Described(
        'Walk-out side', Group::Sides, 1, undrawn: 'a side of its own', uncounted: 'a side of its own', unordered: 'a side of its own',
    )]
    case Walkout = 'walkout';
    #[Described(
        'Loads', Group::Building, 7, undrawn: 'nothing that is built',
        uncounted: 'nothing that is built',
        unordered: 'nothing that is built',
    )]
    case Loads = 'loads';
    #[Described('Steel', Group::Floor, 9, undrawn: 'thinner than any line at these scales', uncounted: 'bars')]
    case Steel = 'steel';
    #[Described('Bars of edge and wall', Group::Edge, 13, uncounted: 'bars')]
    case EdgeSteel = 'edge_steel';
    #[Described('Anchor bolts', Group::Building, 10, uncounted: 'bolts')]
    case Anchors = 'anchors';
    #[Described(
        'Mix', Group::Floor, 17, undrawn: 'what concrete is made of', uncounted: 'what concrete is made of',
        unordered: 'said with the concrete',
    )]
    case Mix = 'mix';
    #[Described('Floor finish', Group::Floor, 1, uncounted: 'laid by others', unordered: 'laid by others')]
    case Finish = 'finish';

    public function label(): string
    {
        return $this->described()->label;
    }

    /** The place that its material is chosen for; null where it has none to choose. */
    public function place(): ?Place
    {
        return $this->described()->place;
    }

    /** @throws LogicException where nothing is said of it */
    public function described(): Described
    {
        /** @var array<string, Described> $read */
        static $read = [];

        if (! isset($read[$this->value])) {
            $said = (new ReflectionEnumBackedCase(self::class, $this->name))->getAttributes(Described::class)[0]
                ?? throw new LogicException("Part::{$this->name} says nothing of itself: give it a #[Described]");
            $read[$this->value] = $said->newInstance();
        }

        return $read[$this->value];
    }

    /** What Design calls it. */
    public function property(): string
    {
        return lcfirst(str_replace('_', '', ucwords($this->value, '_')));
    }

    /** @return class-string<DesignPart> */
    public function type(): string
    {
        $type = Parameter::named(Design::class, $this->property())->type;
        assert(is_subclass_of($type, DesignPart::class));

        return $type;
    }

    /** Where it stands in a design. */
    public function of(Design $design): DesignPart
    {
        $part = get_object_vars($design)[$this->property()];
        assert($part instanceof DesignPart);

        return $part;
    }

    /**
     * The order the crew lays them in, first to last; a part that is left out or stands already has no place in it.
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
        $unbuilt = [
            self::Space, self::Walkout, self::Service, self::Loads, self::Steel, self::EdgeSteel, self::Anchors, self::Mix, self::Bucks,
            self::Repairs, self::TakenOut,
        ];

        if (! $design->supports->areBuilt()) {
            $unbuilt[] = self::Supports;
        }

        return array_values(
            array_filter($order, static fn (self $p): bool => $design->isNew($p) && ! in_array($p, $unbuilt, true)),
        );
    }
}
