<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatBy;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Heat\GroundHeat;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Site\Site;
use Ondergrond\Site\WinterUse;

/**
 * The rooms over a design's floor as a network: one node for air, contents and what they see, and a branch of cells for
 * floor, walls and ceiling. The ground is coupled as ISO 13370:2007 has it for hourly models: half a metre of it, then a
 * virtual layer to a virtual temperature of the month, so that the perimeter counts and no years have to be run first.
 */
final readonly class Room
{
    /** Heat in a cubic metre of air, Wh/(m³·K). */
    private const AIR = 0.33;

    /** What a boarded ceiling stores, J/(m²·K): 13 mm of gypsum board; common practice, no source. */
    private const CEILING = 11_700.0;

    private const CEILING_R = 0.10;

    /** Heating is bought with a fifth to spare; common practice, no source. */
    private const MARGIN = 1.2;

    /** The virtual layer holds back no less than this, m²K/W; the ground that takes part is thinner where it has to be. */
    private const LEAST = 0.02;

    /**
     * @param  float  $area  of the floor, m²
     * @param  float  $capacity  of air and contents, J/K
     * @param  float  $direct  to the air outside through glass and by air, W/K
     * @param  float  $openWindows  more of it while windows stand open, W/K
     * @param  non-empty-list<Branch>  $branches  the floor first
     * @param  non-empty-list<float>  $virtual  temperature beyond the ground of twelve months, °C
     * @param  float  $virtualLayer  R_vi, m²K/W
     * @param  int|null  $source  cell of the floor in which pipes or cable lie
     */
    private function __construct(
        public Site $site,
        public Design $design,
        public float $area,
        public float $capacity,
        public float $direct,
        public float $openWindows,
        public array $branches,
        public array $virtual,
        public float $virtualLayer,
        public ?int $source,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        $room = $site->room;
        $area = $design->footprint->area;
        // The floor by itself: what pipes add, the simulation finds.
        $formula = Iso13370::of(
            $design->with(['heating' => $design->heating->but(in: HeatedIn::None)]),
        )->formula($site->soil->conductivity());
        $heat = GroundHeat::of($formula, $site);
        $total = $heat->steadyCoefficient;
        $buried = $formula->shares()['buried wall'] ?? 0.0;
        $wave = $site->climate->wave();
        $virtual = [];
        foreach ($heat->monthly as $i => $flow) {
            $inside = $site->indoor - $site->indoorSwing * cos(2 * M_PI * ($i + 1 - $wave->coldest) / 12);
            $virtual[] = $inside - $flow / $total;
        }
        $branches = [];
        $layer = 0.0;
        foreach (MassStacks::of($site, $design) as $stack) {
            if ($stack->place === MassPlace::FloorEdge || $stack->area <= 0.0) {
                continue;
            }
            $warm = $stack->shares();
            if ($stack->place === MassPlace::Wall) {
                $branches[] = Branch::of('walls', $stack->area, $stack->layers, MassStack::OUTSIDE_R, false, $warm);

                continue;
            }
            $share = $stack->place === MassPlace::BuriedWall ? $buried : $total - $buried;
            $soil = $site->soil->conductivity();
            $without = $stack->area / $share - $stack->inside() - $stack->resistance();
            $depth = $stack->place === MassPlace::Deck ? 0.0 : min(MassStack::SOIL, max(0.02, ($without - self::LEAST) * $soil));
            $beyond = max(self::LEAST, $without - $depth / $soil);
            $layer = $branches === [] ? $beyond : $layer;
            $branches[] = Branch::of(
                $stack->place === MassPlace::BuriedWall ? 'walls below ground' : 'floor', $stack->area,
                $depth > 0.0 ? $stack->withGround($depth) : $stack->layers, $beyond, true, $warm,
            );
        }
        assert($branches !== [] && $virtual !== []);
        $ceiling = max(1.0, $area - $room->glassRoof);
        $branches[] = Branch::lumped('ceiling', $ceiling, self::CEILING, $room->roof, self::CEILING_R);
        $volume = $area * (
            $room->height
            + ($design->hasRoomBelowGrade() && ! MassStacks::overSpace($design) ? max(0.0, -$design->finishedFloor()) : 0.0)
        );

        return new self(
            $site, $design, $area, 1000 * $room->contents * $area,
            $room->glassU * $room->glass() + self::AIR * $room->airChanges * $volume, self::AIR * $room->openWindows * $volume,
            $branches, $virtual, $layer,
            $design->heating->present() && ! MassStacks::overSpace($design) ? $branches[0]->cellAt($design->heating->depth) : null,
        );
    }

    /**
     * The same rooms on another floor over the same ground.
     *
     * @param  list<HeatLayer>  $layers  from the surface down, without the ground
     * @param  float|null  $depth  of pipes or cable, m; null for none
     */
    public function onFloor(array $layers, ?float $depth): self
    {
        $stack = new MassStack(MassPlace::Floor, $layers, $this->area, $this->site->soil);
        $ground = array_filter($this->branches[0]->parts, static fn (?string $part): bool => $part === null) !== [];
        $old = MassStacks::of($this->site, $this->design)[0];
        // What is beyond stays as it is, but for what the layers hold back more or less.
        $beyond = $ground ? $this->virtualLayer : max(self::LEAST, $this->virtualLayer + $old->resistance() - $stack->resistance());
        $soil = 0.0;
        foreach ($this->branches[0]->parts as $i => $part) {
            $soil += $part === null ? $this->branches[0]->sizes[$i] : 0.0;
        }
        $floor = Branch::of('floor', $this->area, $ground ? $stack->withGround($soil) : $layers, $beyond, true, $stack->shares());

        return new self(
            $this->site, $this->design, $this->area, $this->capacity, $this->direct, $this->openWindows, [
                $floor,
                ...array_slice($this->branches, 1),
            ],
            $this->virtual, $this->virtualLayer, $depth === null ? null : $floor->cellAt($depth),
        );
    }

    /** The same on boards of 22 mm over the same insulation, without pipes: what next to no mass does. */
    public function onLightFloor(): self
    {
        $stack = MassStacks::of($this->site, $this->design)[0];

        return $this->onFloor(
            [HeatLayer::solid('boards', 0.022, 0.13, 1.1e6), HeatLayer::film('all that was there', max(0.02, $stack->resistance() - 0.17))],
            null,
        );
    }

    /** Whether rooms are heated at all through the winter. */
    public function isHeated(): bool
    {
        return $this->site->frost->use !== WinterUse::Unheated;
    }

    public function byCable(): bool
    {
        return $this->design->heating->by === HeatBy::Cable;
    }

    /** What rooms are kept at while they are heated, °C. */
    public function set(): float
    {
        return $this->site->indoor - $this->site->indoorSwing;
    }

    /**
     * What keeps the rooms warm takes in the steady state, W.
     *
     * @param  float  $outside  °C
     * @param  int  $month  0 to 11, whose ground is under it
     */
    public function load(float $outside, int $month): float
    {
        $sum = $this->direct * ($this->set() - $outside);
        foreach ($this->branches as $i => $b) {
            $r = $this->film($i) / $b->area + $b->near / $b->area + 1 / $b->far;
            foreach ($b->conductances as $g) {
                $r += 1 / $g;
            }
            $sum += ($this->set() - ($b->ground ? $this->virtual[$month] : $outside)) / $r;
        }

        return $sum;
    }

    /** On the heating design day, W. */
    public function designLoad(): float
    {
        return $this->load($this->site->climate->design(), $this->site->climate->coldest());
    }

    /** The most that heating gives, W: as the site says, or a fifth more than the design day takes. */
    public function heater(): float
    {
        return $this->site->room->heater === null ? max(
            10.0 * $this->area,
            self::MARGIN * $this->designLoad(),
        ) : $this->site->room->heater * $this->area;
    }

    /** Surface resistance of a branch where the room is the warmer, m²K/W. */
    public function film(int $branch): float
    {
        return match (true) {
            $branch === 0 => MassStack::FLOOR_R,
            ($this->branches[$branch]->name ?? '') === 'ceiling' => self::CEILING_R,
            default => MassStack::WALL_R,
        };
    }
}
