<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\DrainOutlet;
use Ondergrond\Section\Layout;
use Ondergrond\Site\GroundWater as Wetness;
use Ondergrond\Site\Site;
use Ondergrond\Verdict\Verdict;

/**
 * What the water table does to floor and wall: its head, its lift against weight (EN 1997-1:2004, 2.4.7.4 and table A.15, from
 * memory), what drains have to carry. Without drains the table is taken as it stands; with drains that lead somewhere it is
 * drawn down to them as long as they run.
 */
final readonly class Groundwater
{
    /** Weight of water, kN/m³. */
    public const WEIGHT = 9.81;

    /** Partial factors for what holds down and what lifts, permanent both. */
    private const HOLDS = 0.9;

    private const LIFTS = 1.0;

    private const GRAVITY = 9.81e-3;

    /**
     * @param  float|null  $table  height of the highest water, m over the ground outside; null where it is not known
     * @param  float  $floor  height of the underside of slab and boards, m
     * @param  float|null  $floorHead  water over that, m; null where it is not known
     * @param  float|null  $wallHead  water over the wall's foot, m; 0 without a wall below ground
     * @param  float  $weight  of all that lies over it, kPa
     * @param  float  $boards  weight of boards alone less that of the water they push away, kPa: what lifts them before the pour
     * @param  bool  $drained  whether inner drains lead the water away
     * @param  bool  $deep  whether a room lies below the ground
     * @param  bool  $wall  whether what stands pressing water is on the wall
     * @param  bool  $joint  whether it is in the joint of wall and floor
     * @param  bool  $under  whether it is under the floor
     */
    private function __construct(
        public ?float $table,
        public float $floor,
        public ?float $floorHead,
        public ?float $wallHead,
        public float $weight,
        public float $boards,
        public bool $drained,
        public bool $deep,
        public bool $wall,
        public bool $joint,
        public bool $under,
        private Wetness $wetness,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        $at = Layout::of($design);
        // Boards are lifted against the slab wherever the sheet lies: all of it goes up from their underside.
        $floor = $at->boarded - $design->fieldBoard->thickness;
        $table = match (true) {
            $site->damp->waterTable !== null => -$site->damp->waterTable,
            $site->water === Wetness::Dry => -INF,
            default => null,
        };
        $weight = 0.0;
        foreach ([$design->slab->layer, $design->stoneOver, $design->screed, $design->boardAbove, $design->fieldBoard] as $layer) {
            $weight += $layer->material->density * self::GRAVITY * $layer->thickness;
        }
        $deep = $design->hasRoomBelowGrade() && $at->floor < 0.0;
        $head = static fn (float $y): ?float => $table === null ? null : max(0.0, $table - $y);

        return new self(
            $table, $floor, $head($floor), $design->stem->present() ? $head($at->stemFoot) : 0.0, $weight,
            (1000.0 - $design->fieldBoard->material->density) * self::GRAVITY * $design->fieldBoard->thickness,
            $design->drains->inner > 0.0 && in_array($design->drains->outlet, [DrainOutlet::Daylight, DrainOutlet::Sump], true),
            $deep, $design->membrane->present() && $design->membrane->kind->isWaterproofing(),
            $design->membrane->present() && $design->membrane->waterstop === Done::Yes,
            $design->membrane->present() && $design->membrane->underFloor === Done::Yes, $site->water,
        );
    }

    /** Pressure under the floor, kPa; null where the table is not known. */
    public function uplift(): ?float
    {
        return $this->floorHead === null ? null : self::WEIGHT * $this->floorHead;
    }

    /** Pressure at the wall's foot, kPa. */
    public function wallPressure(): ?float
    {
        return $this->wallHead === null ? null : self::WEIGHT * $this->wallHead;
    }

    /** All that pushes on a metre of wall, kN/m: γ h²/2. */
    public function wallForce(): ?float
    {
        return $this->wallHead === null ? null : self::WEIGHT * $this->wallHead ** 2 / 2;
    }

    /** What lifts, over what holds down, each with its factor; null where the table is not known. */
    public function liftShare(): ?float
    {
        $uplift = $this->uplift();

        return $uplift === null ? null : self::LIFTS * $uplift / max(1e-9, self::HOLDS * $this->weight);
    }

    /** Whether the floor would lift if no drain ran. */
    public function lifts(): bool
    {
        return ($this->liftShare() ?? 0.0) > 1.0;
    }

    /**
     * Where water presses and nothing is there that stands it; a sheet on the wall keeps none from the floor.
     *
     * @return list<string> of wall, joint and floor
     */
    public function unsealed(): array
    {
        [$floor, $wall] = [($this->floorHead ?? 0.0) > 0.0, ($this->wallHead ?? 0.0) > 0.0];

        return ! $this->deep ? [] : array_values(array_filter([
            $wall && ! $this->wall ? 'wall' : null,
            ($floor || $wall) && ! $this->joint ? 'joint' : null,
            $floor && ! $this->under ? 'floor' : null,
        ]));
    }

    public function presses(): bool
    {
        return $this->unsealed() !== [];
    }

    public function isKnown(): bool
    {
        return $this->table !== null || (! $this->deep && $this->wetness !== Wetness::Pressing);
    }

    public function word(): Verdict
    {
        return match (true) {
            ! $this->isKnown() => Verdict::NotChecked,
            $this->presses(), $this->lifts() && ! $this->drained => Verdict::Fails,
            $this->lifts(), max($this->floorHead ?? 0.0, $this->deep ? $this->wallHead ?? 0.0 : 0.0) > 0.0 => Verdict::Close,
            default => Verdict::Holds,
        };
    }
}
