<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Stock;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Material\Kind;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Levels;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/** What the rules look at: a design on its site, and what they ask of it more than once. */
final class Subject
{
    /** m. */
    private const DEEP = 0.5;

    /** Lower than this nobody stands, m. */
    private const ROOM = 1.5;

    public readonly Layout $at;

    /** @var array<string, float>|null U by face as the fields find it, W/(m²K); null where they are not solved */
    public readonly ?array $faces;

    public readonly LoadVerdict $load;

    /** Sizes as the job buys them. */
    public readonly Stock $stock;

    /** The next sizes that would do. */
    public readonly Sizes $sizes;

    private HeatedFloor|false|null $heatedFloor = false;

    /**
     * @param  FieldHeat|null  $field  null where it is not solved yet; rules that need it say nothing then
     * @param  FrostVerdict|null  $frost  with its proofs; null where they are not run
     * @param  DampVerdict|null  $damp  with its stacks; null where the field is not solved
     * @param  array<string, float>|null  $faces  U by face as drawn, where that is known without the field, W/(m²K)
     * @param  bool  $proposes  whether remedies look for the size that is enough; no verdict hangs on them
     */
    public function __construct(
        public readonly Site $site,
        public readonly Design $design,
        public readonly UnitSystem $units = UnitSystem::Metric,
        public readonly ?FieldHeat $field = null,
        private ?FrostVerdict $frost = null,
        private ?DampVerdict $damp = null,
        ?array $faces = null,
        private ?HeatVerdict $heat = null,
        public readonly bool $proposes = true,
    ) {
        $this->faces = $faces ?? $field?->faces();
        $this->at = Layout::of($design);
        $this->load = LoadVerdict::of($site, $design);
        $this->stock = new Stock($units);
        $this->sizes = new Sizes($this);
    }

    public function heat(): HeatVerdict
    {
        return $this->heat ??= HeatVerdict::of($this->site, $this->design);
    }

    public function frost(): FrostVerdict
    {
        return $this->frost ??= FrostVerdict::of($this->site, $this->design);
    }

    public function damp(): DampVerdict
    {
        return $this->damp ??= DampVerdict::of($this->site, $this->design);
    }

    /** Null where nothing heats the floor. */
    public function heatedFloor(): ?HeatedFloor
    {
        return $this->heatedFloor === false ? $this->heatedFloor = HeatedFloor::of($this->site, $this->design) : $this->heatedFloor;
    }

    /** R of the floor on the ground with all that lies on and under its slab, where it is weakest, m²K/W. */
    public function floorResistance(): float
    {
        return Iso13370::of($this->design)->weakestResistance();
    }

    /** Whether the floor on the ground is that of a heated room. */
    public function isHeated(): bool
    {
        return ! $this->design->deck->present() || $this->design->space->kind === Below::Heated;
    }

    /** Whether the space below is too low to be a room. */
    public function isCrawlspace(): bool
    {
        return (Levels::headroom($this->design) ?? INF) < self::ROOM;
    }

    /** Whether a space lies so far below the ground that water stands against its wall. */
    public function liesDeep(): bool
    {
        return $this->design->hasRoomBelowGrade() && $this->design->depth() > self::DEEP;
    }

    /** Whether plastic foam stands outside the edge. */
    public function hasFoamOutside(): bool
    {
        $board = $this->design->edgeOutside;

        return $this->design->form->outside > 0.0 || ($board->present() && $board->layer->material->kind->isFoam());
    }

    /** Whether the outside board, or the form's outer face, is polystyrene. */
    public function hasPolystyreneOutside(): bool
    {
        $board = $this->design->edgeOutside;

        return $this->design->form->outside > 0.0 || ($board->present() && $board->layer->material->kind === Kind::Polystyrene);
    }

    /** Outside insulation that shows above the ground, m. */
    public function outsideAboveGrade(): float
    {
        return $this->design->edgeOutside->present() || $this->design->form->outside > 0.0 ? max(0.0, $this->at->top) : 0.0;
    }

    /** Insulation between the heated slab and an unheated one beside it: the break and what stands on the edge anyway, m. */
    public function breakAtNeighbour(): float
    {
        $d = $this->design;
        $covers = $d->edgeOutside->present() && $this->at->boardFoot <= $d->neighbour->topAboveGrade - $d->neighbour->slab + 0.005;

        return $d->neighbour->layer->thickness + $d->form->outside + ($covers ? $d->edgeOutside->layer->thickness : 0.0);
    }

    /** Whether wood stands on the edge: the wall over it or a deck. */
    public function hasWoodOnEdge(): bool
    {
        return self::isWooden([...$this->design->wall->inside, ...$this->design->deck->layers]);
    }

    /** Whether wood is to be put on it. */
    public function hasNewWoodOnEdge(): bool
    {
        return self::isWooden([
            ...($this->design->isNew(Part::Wall) ? $this->design->wall->inside : []),
            ...($this->design->isNew(Part::Deck) ? $this->design->deck->layers : []),
        ]);
    }

    /** @param  list<Layer>  $layers */
    private static function isWooden(array $layers): bool
    {
        return array_filter($layers, static fn (Layer $l): bool => $l->present() && $l->material->kind === Kind::Wood) !== [];
    }

    /** Whether the wall is masonry with a cavity that is filled. */
    public function hasCavity(): bool
    {
        return $this->cavity() > 0.0;
    }

    /** Whether a leaf of the wall is masonry. */
    public function hasMasonry(): bool
    {
        return array_filter(
            [...$this->design->wall->inside, ...$this->design->wall->outside],
            static fn (Layer $l): bool => $l->present() && $l->material->kind === Kind::Masonry,
        ) !== [];
    }

    /** Whether boards line a room's wall inside. */
    public function hasBoardInside(): bool
    {
        return $this->at->lining && array_filter(
            $this->design->lining->layers,
            static fn (Layer $l): bool => $l->insulates() && $l->material->kind !== Kind::Wood,
        ) !== [];
    }

    /** Width of the filled cavity, m. */
    public function cavity(): float
    {
        $width = 0.0;
        foreach ([...$this->design->wall->inside, ...$this->design->wall->outside] as $layer) {
            $width = $layer->material->slug === 'cavity-wool' ? max($width, $layer->thickness) : $width;
        }

        return $width;
    }
}
