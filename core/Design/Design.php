<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;

/** One way of building the foundation: its parts, all sizes in m. Every family is made of these same parts. */
final readonly class Design
{
    private function __construct(
        public string $family,
        public Footprint $footprint,
        public Slab $slab,
        public Layer $fieldBoard,
        public PerimeterBoard $perimeterBoard,
        public Sheet $sheet,
        public Layer $blinding,
        public Layer $stone,
        public Service $service,
        public Pads $pads,
        public Layer $boardAbove,
        public UpperSheet $upperSheet,
        public Layer $screed,
        public Layer $upstand,
        public Heating $heating,
        public EdgeBeam $edgeBeam,
        public Footing $footing,
        public Stem $stem,
        public Form $form,
        public InsideBoard $edgeInside,
        public Layer $edgeUnder,
        public OutsideBoard $edgeOutside,
        public Cover $cover,
        public Shield $shield,
        public Wing $wing,
        public Membrane $membrane,
        public Drainage $drainage,
        public Drains $drains,
        public Lining $lining,
        public Dpc $dpc,
        public Threshold $threshold,
        public Recess $recess,
        public Wall $wall,
        public Layer $closer,
        public Deck $deck,
        public Space $space,
        public Walkout $walkout,
        public Neighbour $neighbour,
        public Loads $loads,
        public Steel $steel,
        public Finish $finish,
        public SoilGas $gas,
    ) {}

    /**
     * What is not given is left out, with sizes of common practice should it be put in.
     *
     * @param  string  $family  slug of the family it began as
     *
     * @throws FaultyInput where the parts cannot be built together
     */
    public static function of(
        string $family,
        Footprint $footprint,
        Slab $slab,
        Wall $wall,
        ?Layer $fieldBoard = null,
        ?PerimeterBoard $perimeterBoard = null,
        ?Sheet $sheet = null,
        ?Layer $blinding = null,
        ?Layer $stone = null,
        ?Service $service = null,
        ?Pads $pads = null,
        ?Layer $boardAbove = null,
        ?UpperSheet $upperSheet = null,
        ?Layer $screed = null,
        ?Layer $upstand = null,
        ?Heating $heating = null,
        ?EdgeBeam $edgeBeam = null,
        ?Footing $footing = null,
        ?Stem $stem = null,
        ?Form $form = null,
        ?InsideBoard $edgeInside = null,
        ?Layer $edgeUnder = null,
        ?OutsideBoard $edgeOutside = null,
        ?Cover $cover = null,
        ?Shield $shield = null,
        ?Wing $wing = null,
        ?Membrane $membrane = null,
        ?Drainage $drainage = null,
        ?Drains $drains = null,
        ?Lining $lining = null,
        ?Dpc $dpc = null,
        ?Threshold $threshold = null,
        ?Recess $recess = null,
        ?Layer $closer = null,
        ?Deck $deck = null,
        ?Space $space = null,
        ?Walkout $walkout = null,
        ?Neighbour $neighbour = null,
        ?Loads $loads = null,
        ?Steel $steel = null,
        ?Finish $finish = null,
        ?SoilGas $gas = null,
    ): self {
        $design = new self(
            $family,
            $footprint,
            $slab,
            $fieldBoard ?? Layer::none('xps-25psi'),
            $perimeterBoard ?? new PerimeterBoard(Layer::none('xps-25psi'), 0.0),
            $sheet ?? new Sheet(0.0, SheetPosition::AboveBoards),
            $blinding ?? Layer::none('sand'),
            $stone ?? Layer::none('crushed-stone'),
            $service ?? new Service(0.0),
            $pads ?? new Pads(0.0, 0.3, 0.75, 2.0),
            $boardAbove ?? Layer::none('xps-25psi'),
            $upperSheet ?? new UpperSheet(0.0),
            $screed ?? Layer::none('screed'),
            $upstand ?? Layer::none('xps-25psi'),
            $heating ?? new Heating,
            $edgeBeam ?? new EdgeBeam(0.0, 0.6),
            $footing ?? new Footing(0.0, 0.3, 1.2),
            $stem ?? new Stem(Layer::none('reinforced-concrete'), 0.2),
            $form ?? new Form(Catalogue::get('eps-form'), 0.0, 0.0),
            $edgeInside ?? new InsideBoard(Layer::none('xps-25psi')),
            $edgeUnder ?? Layer::none('xps-40psi'),
            $edgeOutside ?? new OutsideBoard(Layer::none('xps-25psi'), 0.4),
            $cover ?? new Cover(Layer::none('cement-board'), 0.3),
            $shield ?? new Shield(0.0, 0.02),
            $wing ?? new Wing(Layer::none('xps-40psi'), 1.2, 0.3, 0.05),
            $membrane ?? new Membrane(0.0, 0.0),
            $drainage ?? new Drainage(Layer::none('dimple-membrane'), 0.05),
            $drains ?? new Drains(0.0, 0.0),
            $lining ?? new Lining([]),
            $dpc ?? new Dpc(0.0, 0.15),
            $threshold ?? new Threshold(Layer::none('xps-40psi'), 0.15),
            $recess ?? new Recess(0.0, 0.05, 0.1),
            $wall,
            $closer ?? Layer::none('cavity-wool'),
            $deck ?? new Deck([], 0.4),
            $space ?? new Space,
            $walkout ?? new Walkout(0.0, 1.2),
            $neighbour ?? new Neighbour(Layer::none('xps-25psi'), 0.0, 0.1, 0.0, 0.05),
            $loads ?? new Loads,
            $steel ?? new Steel,
            $finish ?? new Finish,
            $gas ?? new SoilGas,
        );
        $faults = DesignFaults::of($design);

        return $faults === [] ? $design : throw FaultyInput::because($faults);
    }

    /**
     * The same with other parts.
     *
     * @param  array<string, DesignPart|Footprint|string>  $parts  by property
     *
     * @throws FaultyInput where the parts cannot be built together
     */
    public function with(array $parts): self
    {
        return self::of(...[...get_object_vars($this), ...$parts]);
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
            'form' => new Form($this->form->material, 0.0, 0.0),
            'edgeInside' => new InsideBoard($this->edgeInside->layer->thick(0.0)),
            'cover' => $this->cover->but(layer: $this->cover->layer->thick(0.0)),
            'heating' => $this->heating->but(depth: min($this->heating->depth, $this->slab->layer->thickness)),
            'edgeUnder' => $this->edgeUnder->thick(0.0),
            'edgeOutside' => $this->edgeOutside->but(layer: $this->edgeOutside->layer->thick(0.0)),
            'wing' => $this->wing->but(layer: $this->wing->layer->thick(0.0)),
            'lining' => new Lining([]),
            'deck' => $this->deck->but(layers: array_map(static fn (Layer $l): Layer => $l->material->insulates() ? $l->made($air) : $l, $this->deck->layers)),
            'threshold' => $this->threshold->but(layer: $this->threshold->layer->thick(0.0)),
            'neighbour' => $this->neighbour->but(layer: $this->neighbour->layer->thick(0.0), edgeBoard: 0.0),
        ]);
    }

    /** Height of the finished floor, m. */
    public function finishedFloor(): float
    {
        return $this->slab->topAboveGrade + $this->boardAbove->thickness + $this->screed->thickness;
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
