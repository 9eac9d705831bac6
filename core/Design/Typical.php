<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Design\Families\Stock;
use Ondergrond\Design\Schools\StemOfLeaves;
use Ondergrond\Units\UnitSystem;

/** Parts as they come in when they are put into a design, and what takes them out. Sizes: common practice, no source. */
final readonly class Typical
{
    private Stock $in;

    public function __construct(private Design $design, UnitSystem $system)
    {
        $this->in = new Stock($system);
    }

    /**
     * The part with sizes it is commonly built in, in the stock of the unit system; what it knows already stays.
     *
     * @return DesignPart|null null where nothing is typical, so that it has to be filled in: loads, a finish, another side
     */
    public function of(Part $part): ?DesignPart
    {
        [$d, $in] = [$this->design, $this->in];

        return match ($part) {
            Part::Pads => new Pads($in->size(24, 600), $in->size(12, 300), $in->size(30, 750), $in->size(80, 2000)),
            Part::Drains => $d->drains->but(outer: $in->size(4, 100), inner: $d->hasRoomBelowGrade() ? $in->size(4, 100) : 0.0),
            Part::Footing => $d->footing->but(
                width: $in->size(20, 500), height: $in->size(12, 300), depthBelowGrade: $in->up($d->footing->depthBelowGrade),
            ),
            Part::EdgeUnder => $this->layer($d->edgeUnder, 2, 50),
            Part::Stem => $d->stem->but(layer: $this->layer($d->stem->layer, 8, 200), leaves: []),
            Part::Cavity => StemOfLeaves::under($d)['cavity'],
            Part::Form => $d->form->but(inside: $in->size(2.5, 65), outside: $in->size(2.5, 65)),
            Part::Membrane => $in->membrane(),
            Part::Drainage => $d->drainage->but(layer: $this->layer($d->drainage->layer, 0.3, 8)),
            Part::Stone => $this->layer($d->stone, 6, 150),
            Part::StoneOver => $this->layer($d->stoneOver, 4, 100),
            Part::Service => new Service($in->size(4, 100)),
            Part::Gas => $d->gas->but(pipe: $in->size(4, 100)),
            Part::Blinding => $this->layer($d->blinding, 2, 50),
            Part::EdgeInside => $d->edgeInside->but(layer: $this->layer($d->edgeInside->layer, 2, 50)),
            Part::Field => $this->layer($d->fieldBoard, 2, 60),
            Part::Perimeter => $d->perimeterBoard->but(
                layer: $d->fieldBoard->present() ? $d->fieldBoard->thick($in->board(2 * $d->fieldBoard->thickness))
                    : $this->layer($d->perimeterBoard->layer, 3, 80),
                width: $in->strip($d->footprint),
            ),
            Part::Sheet => $in->sheet($d->sheet->position),
            Part::Beam => new EdgeBeam($in->size(16, 400), $in->size(20, 500)),
            Part::Recess => new Recess($in->size(36, 900), $in->size(2, 50), $in->size(4, 100)),
            Part::Threshold => $d->threshold->but(layer: $this->layer($d->threshold->layer, 1, 30), width: $in->size(6, 150)),
            Part::Mat => $in->mat(),
            Part::Repairs => new Repairs([new Crack($in->size(0.125, 3))]),
            Part::Supports => new Supports([new PostKind(
                plate: $in->size(6, 150), width: $in->size(20, 500), height: $in->size(12, 300), fromEdge: $in->size(80, 2000),
            )]),
            Part::TakenOut => new TakenOut([new OldPiece(area: $d->footprint->area)]),
            Part::BoardAbove => $this->layer($d->boardAbove, 2, 50),
            Part::Upstand => $this->layer($d->upstand, 1, 20),
            Part::UpperSheet => new UpperSheet($in->size(0.006, 0.2)),
            Part::Heating => $d->heating->but(in: $d->screed->present() ? HeatedIn::Screed : HeatedIn::Slab),
            Part::Screed => $this->layer($d->screed, 2.5, 65),
            Part::EdgeOutside => $d->edgeOutside->but(
                layer: $this->layer($d->edgeOutside->layer, 2, 50),
                depthBelowGrade: $in->up($d->edgeOutside->depthBelowGrade),
            ),
            Part::Shield => $in->shield(),
            Part::Cover => $d->cover->but(layer: $this->layer($d->cover->layer, 0.5, 12), depthBelowGrade: $in->size(12, 300)),
            Part::Wing => $d->wing->but(
                layer: $this->layer($d->wing->layer, 2, 50),
                width: $in->size(24, 600),
                depth: $in->size(12, 300),
                fall: $in->size(2, 50),
            ),
            Part::Neighbour => $d->neighbour->but(
                layer: $this->layer($d->neighbour->layer, 2, 50), width: $in->size(120, 3000), slab: $in->size(4, 100),
                edgeBoard: $in->size(2, 50),
            ),
            Part::Lining => $d->lining->but(layers: [$in->layer('gypsum-board', 0.5, 12.5), $in->layer('xps-25psi', 2, 50)]),
            Part::Dpc => $in->gasket($d->stem->present() ? $d->stem->topAboveGrade : $d->slab->topAboveGrade),
            Part::Deck => new Deck(
                $in->joists($d->space->kind !== Below::Heated),
                $in->up(($d->stem->present() ? $d->stem->topAboveGrade : 0.0) + $in->size(10.5, 260)),
            ),
            Part::Closer => $this->layer($d->closer, 2, 50),
            Part::Steel => $in->steel(),
            Part::EdgeSteel => new EdgeSteel(
                $in->size(0.5, 12), mats: $d->stem->present() ? 1.0 : 2.0, cover: $in->size(3, 75),
                dowel: $d->stem->present() ? $in->size(0.5, 12) : 0.0,
                dowelSpacing: $in->size($d->hasRoomBelowGrade() ? 12 : 48, $d->hasRoomBelowGrade() ? 300 : 1200),
                lap: $in->size(20, 500),
            ),
            Part::Anchors => new Anchors(
                $in->size(0.5, 12), $in->size(48, 1200), $in->size(7, 180), $in->size(8, 200),
            ),
            Part::Bucks => new Bucks(openings: Done::Yes),
            Part::Mix => $d->mix->but(class: ConcreteClass::C20),
            Part::Slab, Part::Wall, Part::Space, Part::Walkout, Part::Loads, Part::Finish => null,
        };
    }

    /**
     * The part with nothing of it built; sizes it would come in with again stay.
     *
     * @return DesignPart|null null where a design cannot be without it, or it is no thing that is built
     */
    public function without(Part $part): ?DesignPart
    {
        $d = $this->design;
        $of = $part->of($d);

        return match (true) {
            $part === Part::Slab, $part === Part::Wall, $part === Part::Space, $part === Part::Loads => null,
            $of instanceof Layer => $of->thick(0.0),
            $of instanceof Heating => $of->but(in: HeatedIn::None),
            $of instanceof Lining, $of instanceof Deck => $of->but(layers: []),
            $of instanceof Repairs => new Repairs,
            $of instanceof TakenOut => new TakenOut,
            $of instanceof Supports => new Supports,
            $of instanceof Mat => $of->but(layer: $of->layer->thick(0.0)),
            $of instanceof Drains => $of->but(outer: 0.0, inner: 0.0),
            $of instanceof Footing, $of instanceof Pads, $of instanceof EdgeBeam, $of instanceof Recess => $of->but(width: 0.0),
            $of instanceof Cavity => $of->but(toBelowFloor: 0.0),
            $of instanceof Form => $of->but(inside: 0.0, outside: 0.0),
            $of instanceof Service => new Service(0.0),
            $of instanceof SoilGas => $of->but(pipe: 0.0),
            $of instanceof Steel => $of->but(bar: 0.0),
            $of instanceof Finish => new Finish,
            $of instanceof Mix => new Mix,
            $of instanceof Bucks => new Bucks(openings: Done::No),
            $of instanceof Anchors => $of->but(bolt: 0.0),
            $of instanceof EdgeSteel => $of->but(bar: 0.0, dowel: 0.0, wallBar: 0.0),
            $of instanceof Walkout => $of->but(drop: 0.0),
            $of instanceof Neighbour => $of->but(width: 0.0),
            default => self::thin($of),
        };
    }

    private function layer(Layer $known, float $inches, float $millimetres): Layer
    {
        return $known->thick($this->in->size($inches, $millimetres));
    }

    /** Sheets have a thickness, boards with more than that a layer. */
    private static function thin(DesignPart $of): ?DesignPart
    {
        return match (true) {
            $of instanceof Sheet, $of instanceof UpperSheet, $of instanceof Membrane, $of instanceof Shield,
            $of instanceof Dpc => $of->but(thickness: 0.0),
            $of instanceof Stem, $of instanceof InsideBoard, $of instanceof OutsideBoard, $of instanceof PerimeterBoard,
            $of instanceof Cover, $of instanceof Drainage, $of instanceof Wing,
            $of instanceof Threshold => $of->but(layer: $of->layer->thick(0.0)),
            default => null,
        };
    }
}
