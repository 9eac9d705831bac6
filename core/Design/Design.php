<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Material\Material;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Product;
use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;
use Ondergrond\Size\Stock;

/** One way of building the foundation: its parts, all sizes in m. Every family is made of these same parts. */
final readonly class Design
{
    public Standing $standing;

    /**
     * What is not given is left out, with sizes of common practice should it be put in.
     *
     * @param  string  $family  slug of the family it began as
     * @param  Standing  $standing  what of it stands already; of a part that is left out it is forgotten
     * @param  Departures  $departures  where it is built otherwise along some of its edge
     *
     * @throws FaultyInput where the parts cannot be built together
     */
    public function __construct(
        #[Size('Family')]
        public string $family,
        public Footprint $footprint,
        public Slab $slab,
        public Wall $wall,
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $fieldBoard = new Layer('xps-25psi'),
        public PerimeterBoard $perimeterBoard = new PerimeterBoard(new Layer('xps-25psi'), 0.0),
        public Sheet $sheet = new Sheet(0.0, SheetPosition::AboveBoards),
        #[Size('thickness', sold: new Steps(0.6, 25, 1))]
        public Layer $stoneOver = new Layer('crushed-stone'),
        #[Size('thickness', sold: new Steps(0.2, 10, 0.5))]
        public Layer $blinding = new Layer('sand'),
        #[Size('thickness', sold: new Steps(1.5, 25, 1))]
        public Layer $stone = new Layer('crushed-stone'),
        public Service $service = new Service(0.0),
        public Pads $pads = new Pads(0.0, 0.3, 0.75, 2.0),
        public Supports $supports = new Supports,
        public Mat $mat = new Mat(new Layer('dimple-membrane')),
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $boardAbove = new Layer('xps-25psi'),
        public UpperSheet $upperSheet = new UpperSheet(0.0),
        #[Size('thickness', sold: new Steps(0.4, 5, 0.25))]
        public Layer $screed = new Layer('screed'),
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $upstand = new Layer('xps-25psi'),
        public Heating $heating = new Heating,
        public EdgeBeam $edgeBeam = new EdgeBeam(0.0, 0.6),
        public Footing $footing = new Footing(0.0, 0.3, 1.2),
        public Stem $stem = new Stem(new Layer('reinforced-concrete'), 0.2),
        public Cavity $cavity = new Cavity,
        public Form $form = new Form('eps-form', 0.0, 0.0),
        public Bucks $bucks = new Bucks,
        public InsideBoard $edgeInside = new InsideBoard(new Layer('xps-25psi')),
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $edgeUnder = new Layer('xps-40psi'),
        public OutsideBoard $edgeOutside = new OutsideBoard(new Layer('xps-25psi'), 0.4),
        public Cover $cover = new Cover(new Layer('cement-board'), 0.3),
        public Shield $shield = new Shield(0.0, 0.02),
        public Wing $wing = new Wing(new Layer('xps-40psi'), 1.2, 0.3, 0.05),
        public Membrane $membrane = new Membrane(0.0, 0.0),
        public Drainage $drainage = new Drainage(new Layer('dimple-membrane'), 0.05),
        public Drains $drains = new Drains(0.0, 0.0),
        public Lining $lining = new Lining([]),
        public Dpc $dpc = new Dpc(0.0, 0.15),
        public Threshold $threshold = new Threshold(new Layer('xps-40psi'), 0.15),
        public Recess $recess = new Recess(0.0, 0.05, 0.1),
        #[Size('thickness', sold: Stock::Boards)]
        public Layer $closer = new Layer('cavity-wool'),
        public Deck $deck = new Deck([], 0.4),
        public Space $space = new Space,
        public Walkout $walkout = new Walkout(0.0, 1.2),
        public Neighbour $neighbour = new Neighbour(new Layer('xps-25psi'), 0.0, 0.1, 0.0, 0.05),
        public Loads $loads = new Loads,
        public Steel $steel = new Steel,
        public EdgeSteel $edgeSteel = new EdgeSteel,
        public Anchors $anchors = new Anchors,
        public Mix $mix = new Mix,
        public Finish $finish = new Finish,
        public SoilGas $gas = new SoilGas,
        public Repairs $repairs = new Repairs,
        public TakenOut $takenOut = new TakenOut,
        public Departures $departures = new Departures,
        Standing $standing = new Standing,
    ) {
        $this->standing = $standing->of($this);
        $faults = DesignFaults::of($this);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
    }

    /**
     * The same with other parts.
     *
     * @param  array<string, DesignPart|Footprint|Departures|Standing|string>  $parts  by property
     *
     * @throws FaultyInput where the parts cannot be built together
     */
    public function with(array $parts): self
    {
        return new self(...[...get_object_vars($this), ...$parts]);
    }

    /** The same with no insulation; its wall above ground and its stone stay, a deck has air between its joists. */
    public function withoutInsulation(): self
    {
        $air = Catalogue::get('joists-air');

        return $this->with([
            'fieldBoard' => $this->fieldBoard->thick(0.0),
            'perimeterBoard' => new PerimeterBoard($this->perimeterBoard->layer->thick(0.0), 0.0),
            'boardAbove' => $this->boardAbove->thick(0.0),
            'upstand' => $this->upstand->thick(0.0),
            'cavity' => $this->cavity->but(toBelowFloor: 0.0),
            'form' => new Form($this->form->material, 0.0, 0.0),
            'edgeInside' => new InsideBoard($this->edgeInside->layer->thick(0.0)),
            'cover' => $this->cover->but(layer: $this->cover->layer->thick(0.0)),
            'heating' => $this->heatingWithoutBoards(),
            'edgeUnder' => $this->edgeUnder->thick(0.0),
            'edgeOutside' => $this->edgeOutside->but(layer: $this->edgeOutside->layer->thick(0.0)),
            'wing' => $this->wing->but(layer: $this->wing->layer->thick(0.0)),
            'lining' => new Lining([]),
            'deck' => $this->deck->but(
                layers: array_map(static fn (Layer $l): Layer => $l->material->insulates() ? $l->made($air) : $l, $this->deck->layers),
            ),
            'threshold' => $this->threshold->but(layer: $this->threshold->layer->thick(0.0)),
            'neighbour' => $this->neighbour->but(layer: $this->neighbour->layer->thick(0.0), edgeBoard: 0.0),
        ]);
    }

    /** Pipes that lay in the slab as deep as they still can. */
    private function heatingWithoutBoards(): Heating
    {
        $room = $this->slab->layer->thickness + $this->onSlab() - $this->boardAbove->thickness;

        if ($this->heating->in === HeatedIn::Slab && $room < $this->heating->pipe / 2) {
            return $this->heating->but(in: HeatedIn::None);
        }

        return $this->heating->but(
            depth: $this->heating->in === HeatedIn::Slab ? min($this->heating->depth, $room) : $this->heating->depth,
            cableDepth: min($this->heating->cableDepth, $room),
        );
    }

    /** Whether a part is there to be built. */
    public function isNew(Part $part): bool
    {
        return $part->of($this)->present() && ! $this->standing->has($part);
    }

    /** @return array<string, Product> own products that it is made of, by slug */
    public function products(): array
    {
        $found = [];
        $look = static function (mixed $of) use (&$look, &$found): void {
            if ($of instanceof Material) {
                $found += $of->product === null ? [] : [$of->slug => $of->product];
            } elseif (is_array($of) || $of instanceof DesignPart || $of instanceof Support || $of instanceof OldPiece) {
                array_map($look, is_array($of) ? $of : get_object_vars($of));
            }
        };
        $look(get_object_vars($this));

        return $found;
    }

    /** What it is made of and the generic materials, from which its data is read again. */
    public function materials(): Materials
    {
        return Materials::withProducts($this->products());
    }

    /** Whether dry panels lie on the boards instead of a screed. */
    public function hasPanels(): bool
    {
        return $this->screed->present() && $this->screed->material->kind === Kind::Wood;
    }

    /** Thickness of all that lies on the slab, m. */
    public function onSlab(): float
    {
        return $this->mat->layer->thickness + $this->boardAbove->thickness + $this->screed->thickness;
    }

    /** Height of the finished floor, m. */
    public function finishedFloor(): float
    {
        return $this->slab->topAboveGrade + $this->onSlab();
    }

    /** Whether its stem is the wall of a room, heated or not, rather than a curb under the building. */
    public function hasRoomBelowGrade(): bool
    {
        return $this->stem->present() && $this->stem->topAboveGrade > $this->finishedFloor() + 0.3;
    }

    /**
     * How far its stem is the wall of a room, 0 to 1: a curb up to 0.2 m over the floor is none, a wall from 0.4 m on is one.
     * Sizes that hang on it go over from one to the other in between.
     */
    public function roomShare(): float
    {
        return $this->stem->present() ? max(0.0, min(1.0, ($this->stem->topAboveGrade - $this->finishedFloor() - 0.2) / 0.2)) : 0.0;
    }

    /** Depth of the finished floor below the ground outside, z of ISO 13370, m; 0 where it lies above. */
    public function depth(): float
    {
        return max(0.0, -$this->finishedFloor());
    }
}
