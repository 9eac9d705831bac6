<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetEdge;
use Ondergrond\Design\Side;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Section\Stretch;
use Ondergrond\Takeoff\Counts\Boards;
use Ondergrond\Takeoff\Counts\Concrete;
use Ondergrond\Takeoff\Counts\Goods;
use Ondergrond\Takeoff\Counts\Loose;
use Ondergrond\Takeoff\Counts\Placed;
use Ondergrond\Takeoff\Counts\Rolls;
use Ondergrond\Takeoff\Counts\Steel;
use Ondergrond\Units\Unit as Measure;

/** What each part asks for, in one place; a part without lines says why in `Described::$unordered`. */
final readonly class PartLines
{
    /** Sheet laps where nothing is said (ASTM E1643, from memory), m. */
    private const LAP = ['metric' => 0.15, 'inch' => 6 * Measure::INCH];

    /** Tape round a pipe, m; common practice, no source. */
    private const BOOT_TAPE = 1.5;

    /** Of a mat's area goes into laps of 150 mm and offcuts; common practice, no source. */
    private const MAT = 0.12;

    private function __construct(private Job $job) {}

    /** @return list<Line> */
    public static function of(Part $part, Job $job): array
    {
        return $job->design->isNew($part) ? (new self($job))->lines($part) : [];
    }

    /** @return list<Line> */
    private function lines(Part $part): array
    {
        [$d, $at, $extent] = [$this->job->design, $this->job->at, $this->job->extent];
        $floor = $d->footprint->area;

        return match ($part) {
            Part::Slab => Concrete::of(
                $part, $d->slab->layer->material, $extent->area($at->slabEnd) * $d->slab->layer->thickness, $this->concreteWaste(), 'slab',
            ),
            Part::Beam => Concrete::of(
                $part, $d->slab->layer->material,
                $extent->exposed(
                    -$d->edgeBeam->width / 2,
                ) * $d->edgeBeam->width * max(0.0, $d->edgeBeam->depth - $d->slab->layer->thickness),
                $this->concreteWaste(), 'slab', 'below the slab',
            ),
            Part::Footing => Concrete::of(
                $part, $d->slab->layer->material,
                $extent->exposed(
                    -$d->stem->layer->thickness / 2,
                ) * $d->footing->width * $d->footing->height, Concrete::ON_GROUND, 'footing',
            ),
            Part::Pads => Placed::pads($this->job),
            Part::Supports => $this->supports(),
            Part::Stem => $this->stem(),
            Part::Cavity => $this->cavity(),
            Part::Screed => $this->screed(),
            Part::Stone => Loose::of($this->job, $part, $d->stone->material, $this->stone()),
            Part::StoneOver => Loose::of($this->job, $part, $d->stoneOver->material, $extent->area($at->tray) * $d->stoneOver->thickness),
            Part::Blinding => Loose::of($this->job, $part, $d->blinding->material, $extent->area($at->tray) * $d->blinding->thickness),
            Part::Field => Boards::of(
                $this->job, $part, $d->fieldBoard,
                $d->perimeterBoard->present() ? $extent->area($at->zone) + $this->partyStrip() : $extent->area($at->tray), Boards::WHOLE,
            ),
            Part::Perimeter => Boards::of(
                $this->job, $part, $d->perimeterBoard->layer,
                $extent->exposed(($at->tray + $at->zone) / 2) * $d->perimeterBoard->span(), Boards::CUT,
            ),
            Part::BoardAbove => Boards::of($this->job, $part, $d->boardAbove, $extent->area($at->buildUpEnd), Boards::WHOLE),
            Part::Mat => Boards::of($this->job, $part, $d->mat->layer, $extent->area($at->matEnd($d)), self::MAT),
            Part::EdgeUnder => Boards::of(
                $this->job, $part, $d->edgeUnder,
                $d->stem->present()
                    ? $extent->exposed(-$d->stem->layer->thickness / 2) * $d->footing->width
                    : $extent->exposed(-$d->edgeBeam->width / 2) * ($d->edgeBeam->width + $d->edgeInside->layer->thickness),
                Boards::CUT,
            ),
            Part::EdgeInside => Boards::of(
                $this->job, $part, $d->edgeInside->layer,
                $extent->exposed($at->tray) * max(
                    0.0, $at->under - $at->insideFoot + ($d->stem->present() ? $d->slab->layer->thickness : 0.0),
                ),
                Boards::CUT,
            ),
            Part::Upstand => Boards::of(
                $this->job, $part, $d->upstand, $extent->length($at->buildUpEnd) * ($d->screed->thickness + $d->boardAbove->thickness),
                Boards::CUT,
            ),
            Part::EdgeOutside => $this->upright(
                $part, static fn (Layout $of): float => $of->top - $of->boardFoot, static fn (Design $d): Layer => $d->edgeOutside->layer,
                $at->boardFace,
            ),
            Part::Cover => $this->upright(
                $part, static fn (Layout $of): float => $of->top - $of->grade + $d->cover->depthBelowGrade,
                static fn (Design $d): Layer => $d->cover->layer, $at->outermost,
            ),
            Part::Form => $this->form(),
            Part::Lining => $this->lining(),
            Part::Wing => Placed::wing($this->job),
            Part::Neighbour => Boards::of(
                $this->job, $part, $d->neighbour->layer, $d->footprint->alongNeighbour() * max(0.0, $at->slab - $at->foot), Boards::CUT,
            ),
            Part::Threshold => Boards::of(
                $this->job, $part, $d->threshold->layer, $d->footprint->doors * $d->threshold->width, Boards::CUT,
            ),
            Part::Deck => $this->deck($floor),
            Part::Sheet => $this->sheet(),
            Part::UpperSheet => Goods::of(
                Good::Sheet, $part->value,
                $extent->area($at->buildUpEnd) + $extent->length($at->buildUpEnd) * ($d->screed->thickness + 0.05), 0.10,
                'over the boards on the slab', note: 'laps in the waste',
            ),
            Part::Membrane => $this->membrane(),
            Part::Drainage => $this->upright(
                $part, static fn (Layout $of): float => min(
                    $of->top, $of->grade,
                ) - $of->foot, static fn (Design $d): Layer => $d->drainage->layer,
                $at->outermost, waste: 0.07,
            ),
            Part::Drains => [
                ...$this->drain('outer', $d->drains->outer, $extent->exposed($at->toe + 0.15)),
                ...$this->drain('inner', $d->drains->inner, $extent->exposed($at->inner - 0.3)),
            ],
            Part::Gas => Goods::of(
                Good::GasPipe, $part->value, max(
                    sqrt($floor), $extent->length($at->tray) / 4,
                ), 0.10, $this->job->size($d->gas->pipe), note: 'one run along the floor',
            ),
            Part::Heating => Placed::heating($this->job, $floor),
            Part::Steel => Steel::mat($part, $d, $extent->area($at->slabEnd)),
            Part::Anchors => Placed::anchors($this->job),
            Part::EdgeSteel => Steel::edge($d, $extent->exposed(-$d->stem->layer->thickness / 2), $at->top - $at->stemFoot),
            Part::Shield => Goods::of(
                Good::Shield, $part->value, $extent->exposed($at->boardFace), 0.05, note: 'corners and laps in the waste',
            ),
            Part::Dpc => Goods::of(
                Good::DampCourse, $part->value, $extent->exposed(
                    -$d->wall->insideThickness() / 2,
                ), 0.10, $this->job->size($d->wall->insideThickness()).' wide',
            ),
            Part::Service, Part::Recess, Part::Space, Part::Wall, Part::Closer, Part::Walkout, Part::Loads, Part::Finish,
            Part::Repairs, Part::TakenOut, Part::Mix, Part::Bucks => [],
        };
    }

    /** @return list<Line> */
    private function supports(): array
    {
        $lines = [];
        foreach ($this->job->design->supports->kinds() as $name => $of) {
            foreach (Takeoff::under($this->job->design, $of) as $item) {
                $note = 'under '.Supports::label($name);
                $lines = [...$lines, ...($of->foot() === SupportFoot::OwnPad
                    ? Concrete::of(Part::Supports, $item->material, $item->volume(), Concrete::ON_GROUND, 'slab', $note, ':'.$name)
                    : Boards::of(
                        $this->job, Part::Supports, Layer::of($item->material, $item->thickness), $item->area, Boards::CUT,
                        'supports:'.$name,
                    ))];
            }
        }

        return $lines;
    }

    /** Boards of the field run up to walls that are not exposed. */
    private function partyStrip(): float
    {
        $d = $this->job->design;
        $unexposed = $d->footprint->perimeter - $d->footprint->exposed;

        return $unexposed * $d->perimeterBoard->span();
    }

    private function concreteWaste(): float
    {
        return $this->job->design->fieldBoard->present() ? Concrete::ON_BOARDS : Concrete::ON_GROUND;
    }

    /** Compacted, m³: thickest where the boards over it are thinnest. */
    private function stone(): float
    {
        [$d, $at, $extent] = [$this->job->design, $this->job->at, $this->job->extent];
        $inside = $extent->area($d->stem->present() ? $at->inner : 0.0);
        $field = $d->perimeterBoard->present() ? $extent->area($at->zone) : $extent->area($at->tray);

        return $inside * $d->stone->thickness + $field * max(0.0, $d->perimeterBoard->thickness() - $d->fieldBoard->thickness);
    }

    /** @return list<Line> */
    private function stem(): array
    {
        $d = $this->job->design;
        $area = 0.0;
        foreach (Stretch::all($d) as $stretch) {
            $of = Layout::of($stretch->design, $stretch->kind);
            $area += $this->job->extent->along($stretch->length, -$d->stem->layer->thickness / 2) * max(0.0, $of->top - $of->stemFoot);
        }

        $leaves = $d->stem->hasLeaves() ? ['-inner', ''] : [''];
        $lines = [];
        foreach ($area <= 0.0 ? [] : $d->stem->solids() as $i => $layer) {
            $lines = [...$lines, ...($layer->material->kind === Kind::Concrete
                ? Concrete::of(Part::Stem, $layer->material, $area * $layer->thickness, Concrete::ON_BOARDS, 'stem', id: $leaves[$i] ?? '')
                : [new Line(
                    Part::Stem->value.($leaves[$i] ?? ''), Part::Stem->value, Boards::named($this->job, $layer), Unit::SquareMetre, $area,
                    0.05, null, $layer->material->slug, $layer->thickness, 'of wall, openings not taken off',
                )])];
        }

        return $lines;
    }

    /** @return list<Line> the insulation in the stem's cavity, and the lean concrete under it */
    private function cavity(): array
    {
        $d = $this->job->design;
        $insulated = $filled = 0.0;
        foreach ($d->stem->hasLeaves() ? Stretch::all($d) : [] as $stretch) {
            $of = Layout::of($stretch->design, $stretch->kind);
            $stem = StemWall::of($stretch->design, $of);
            $along = $this->job->extent->along($stretch->length, -$d->stem->layer->thickness / 2);
            $insulated += $along * max(0.0, $of->top - $stem->insulatedFrom);
            $filled += $along * ($d->cavity->leanFill === Done::No ? 0.0 : max(0.0, $stem->insulatedFrom - $of->stemFoot));
        }
        $fill = Layer::of($d->cavity->fill, $d->stem->cavity());

        return [
            ...($d->cavity->present() ? Boards::of($this->job, Part::Cavity, $fill, $insulated, Boards::CUT) : []),
            ...Concrete::of(
                Part::Cavity, Catalogue::get('lean-concrete'), $filled * $d->stem->cavity(), Concrete::ON_BOARDS, 'stem',
                $d->cavity->leanFill === Done::Yes ? 'in the cavity' : 'in the cavity, if it is filled: not said', '-lean',
            ),
        ];
    }

    /** @return list<Line> */
    private function screed(): array
    {
        $layer = $this->job->design->screed;
        if ($this->job->design->hasPanels()) {
            return Boards::of($this->job, Part::Screed, $layer, $this->job->extent->area($this->job->at->buildUpEnd), Boards::WHOLE);
        }
        $volume = $this->job->extent->area($this->job->at->buildUpEnd) * $layer->thickness;

        return [new Line(
            Part::Screed->value, Part::Screed->value, Boards::named($this->job, $layer), Unit::CubicMetre, $volume, 0.05, null,
            $layer->material->slug, pour: 'screed',
        )];
    }

    /**
     * What stands along each stretch of the edge.
     *
     * @param  callable(Layout): float  $height  m
     * @param  callable(Design): Layer  $layer
     * @param  float  $x  that its length is taken at, m
     * @return list<Line>
     */
    private function upright(Part $part, callable $height, callable $layer, float $x, string $id = '', float $waste = Boards::CUT): array
    {
        $areas = $layers = [];
        foreach (Stretch::all($this->job->design) as $stretch) {
            $of = $layer($stretch->design);
            if ($of->present()) {
                $key = $of->material->slug.' '.$of->thickness;
                $areas[$key] = ($areas[$key] ?? 0.0) + $this->job->extent->along($stretch->length, $x)
                    * max(0.0, $height(Layout::of($stretch->design, $stretch->kind)));
                $layers[$key] = $of;
            }
        }
        $lines = [];
        foreach ($layers as $key => $of) {
            $own = count($lines) === 0 ? ($id === '' ? $part->value : $id) : ($id === '' ? $part->value : $id).':'.count($lines);
            $lines = [...$lines, ...Boards::of($this->job, $part, $of, $areas[$key], $waste, $own)];
        }

        return $lines;
    }

    /** @return list<Line> both faces */
    private function form(): array
    {
        $height = static fn (Layout $of): float => $of->top - $of->formFoot;

        return [
            ...$this->upright(Part::Form, $height, static fn (Design $d): Layer => $d->form->inner(), $this->job->at->inner, 'form:inner'),
            ...$this->upright(
                Part::Form, $height, static fn (Design $d): Layer => $d->form->outer(), $this->job->at->formFace, 'form:outer',
            ),
        ];
    }

    /** @return list<Line> */
    private function lining(): array
    {
        $d = $this->job->design;
        $lines = [];
        foreach ($d->lining->layers as $i => $layer) {
            $area = 0.0;
            foreach (Stretch::all($d) as $stretch) {
                $of = Layout::of($stretch->design, $stretch->kind);
                $area += $of->lining ? $stretch->length * max(0.0, $of->top - $of->liningFoot($d)) : 0.0;
            }
            $lines = [...$lines, ...Boards::of($this->job, Part::Lining, $layer, $area, Boards::CUT, "lining:{$i}")];
        }

        return $lines;
    }

    /** @return list<Line> */
    private function deck(float $area): array
    {
        $lines = [];
        foreach ($this->job->design->deck->layers as $i => $layer) {
            $lines = [...$lines, ...Boards::of($this->job, Part::Deck, $layer, $area, Boards::WHOLE, "deck:{$i}")];
        }

        return $lines;
    }

    /** @return list<Line> */
    private function sheet(): array
    {
        [$d, $at, $extent] = [$this->job->design, $this->job->at, $this->job->extent];
        $up = $d->sheet->edge === SheetEdge::TurnedUp ? $d->slab->layer->thickness : 0.0;
        $lap = $d->sheet->lap > 0.0 ? $d->sheet->lap : self::LAP[$this->job->isMetric() ? 'metric' : 'inch'];
        $roll = Rolls::width($this->job->isMetric());
        // The rectangle of the same area and outline stands for other shapes.
        [$area, $round] = [$extent->area($at->tray), $extent->length($at->tray)];
        $root = sqrt(max(0.0, ($round / 4) ** 2 - $area));
        [$long, $wide] = [$round / 4 + $root + 2 * $up, $area / ($round / 4 + $root) + 2 * $up];
        $rolls = Rolls::over($long, $wide, $roll, $lap);
        $boots = Placed::throughTheFloor($this->job);
        $holds = $roll * ($this->job->isMetric() ? 25.0 : 100 * Measure::FOOT);

        return [
            ...Goods::of(
                Good::Sheet, Part::Sheet->value, $rolls->sheet * $roll, 0.0,
                $this->job->isMetric() ? sprintf(
                    '%s mm', round(1000 * $d->sheet->thickness, 3),
                ) : sprintf('%s mil', round($d->sheet->thickness / 0.0000254, 1)),
                new Pack(sprintf('roll %s', $this->job->isMetric() ? '4 × 25 m' : '14 × 100 ft'), $holds),
                ($rolls->strips === 1 ? '1 strip' : "{$rolls->strips} strips, laps of {$this->job->size($lap)}")
                    .($up > 0.0 ? ", turned up {$this->job->size($up)}" : ''),
            ),
            ...Goods::of(
                Good::Tape, Part::Sheet->value, $rolls->seams + ($up > 0.0 ? $round : 0.0) + $boots * self::BOOT_TAPE, 0.10,
                note: "{$this->job->length($rolls->seams)} of seam, the turned-up edge, ".($boots === 1 ? '1 boot' : "{$boots} boots"),
                id: 'sheet:tape',
                pack: new Pack($this->job->isMetric() ? 'roll 50 m' : 'roll 180 ft', $this->job->isMetric() ? 50.0 : 180 * Measure::FOOT),
            ),
            ...Goods::of(
                Good::Boot, Part::Sheet->value, (float) $boots, 0.0, note: 'one for all that comes up through the floor', id: 'sheet:boots',
            ),
        ];
    }

    /** @return list<Line> */
    private function membrane(): array
    {
        $area = 0.0;
        foreach (Stretch::all($this->job->design) as $stretch) {
            $of = Layout::of($stretch->design, $stretch->kind);
            $area += $stretch->kind === Side::Neighbour ? 0.0
                : $this->job->extent->along($stretch->length, $this->job->at->boardFace) * max(0.0, $of->membraneTop - $of->foot);
        }

        return Goods::of(
            Good::Waterproofing, Part::Membrane->value, $area, 0.10, note: 'from the footing’s foot to its top; laps in the waste',
        );
    }

    /** @return list<Line> */
    private function drain(string $which, float $bore, float $length): array
    {
        return $bore <= 0.0 ? [] : Goods::of(
            Good::DrainPipe, Part::Drains->value, $length, 0.05, "{$which}, ".$this->job->size($bore),
            note: 'fittings by corner not counted',
            id: "drains:{$which}",
        );
    }
}
