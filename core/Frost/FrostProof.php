<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Design\Side;
use Ondergrond\Field\Freezing;
use Ondergrond\Field\FreezingCells;
use Ondergrond\Field\FreezingState;
use Ondergrond\Field\Mesh;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Site\WinterUse;

/**
 * One side of a design taken through a normal year and the design winter by the freezing field: how near frost comes to the
 * ground under its bearing, and when. Begins at the end of summer, before anything is frozen.
 */
final readonly class FrostProof
{
    /** The second run has cells twice as large and steps twice as long: by first order the difference is the error of the first. */
    private const COARSER = 2;

    /** Days after the coldest one on which the first, normal, year begins. */
    private const BEGIN = 230;

    /** Days of a step while nothing is frozen and it does not freeze, and in the normal winter, which only leads in. */
    private const SUMMER_STEP = 5;

    private const LEAD_IN_STEP = 3;

    /**
     * @param  float  $margin  least, m; below 0 frost goes so far into the ground under the bearing
     * @param  float  $error  of the margin by the mesh: what a mesh of cells twice as large and steps twice as long says otherwise, m
     * @param  int|null  $day  of the year on which it comes closest, from 1 January as 0; null where nothing freezes
     * @param  float|null  $lowest  height of the lowest frost under the bearing, m; null where none is
     * @param  float  $slabIce  most ice in the ground under the floor's slab, m
     * @param  float  $neighbourIce  the same under the neighbour's slab, m
     * @param  float  $stemIce  upright along the stem, where nothing parts it from the ground, m
     * @param  float  $open  depth of frost in open ground by the field, m
     * @param  float  $heat  out of the inside over the design winter's freezing season, kWh per metre of edge
     * @param  array<int, array{zones: list<list<int>>, margin: int, lowest: int|null}>  $film  as in FrostFilm
     * @param  string  $stretch  its id; empty: the first of that kind
     */
    public function __construct(
        public Side $side,
        public WinterUse $use,
        public Bearing $bearing,
        public float $margin,
        public float $error,
        public ?int $day,
        public ?float $lowest,
        public float $slabIce,
        public float $neighbourIce,
        public float $stemIce,
        public float $open,
        public float $heat,
        public int $cells,
        public float $closure,
        public float $residual,
        public float $seconds,
        public array $film,
        public string $stretch = '',
    ) {}

    /** Of the stretch it was run on. */
    public function id(): string
    {
        return $this->stretch === '' ? $this->side->value : $this->stretch;
    }

    /**
     * @param  GroundField  $ground  with the swing of the year
     * @param  float  $depth  of frost in open ground, m
     * @param  (callable(): void)|null  $tick  is called now and then, and may throw to stop
     */
    public static function of(
        GroundField $ground,
        DesignWinter $winter,
        FrozenSoil $soil,
        float $depth,
        WinterUse $use,
        ?callable $tick = null,
    ): self {
        $coarse = self::run($ground, $winter, $soil, $depth, $use, $tick, 1 / self::COARSER, steps: self::COARSER);
        $proof = self::run($ground, $winter, $soil, $depth, $use, $tick);

        return $proof->beside($coarse);
    }

    /** With its error by another mesh. */
    private function beside(self $other): self
    {
        $off = is_finite($this->margin) && is_finite($other->margin) ? abs($this->margin - $other->margin) : 0.0;

        return new self(...[...get_object_vars($this), 'error' => $off, 'seconds' => $this->seconds + $other->seconds]);
    }

    /** From this margin on frost stays away clearly, and down to it comes close, m. */
    public function close(): float
    {
        return max(FrostVerdict::CLOSE, $this->error);
    }

    /**
     * On one mesh.
     *
     * @param  (callable(): void)|null  $tick  is called now and then, and may throw to stop
     * @param  float  $finer  so many times smaller cells
     * @param  int  $lead  normal years before the design winter
     * @param  int  $steps  so many times longer steps
     */
    public static function run(
        GroundField $ground,
        DesignWinter $winter,
        FrozenSoil $soil,
        float $depth,
        WinterUse $use,
        ?callable $tick = null,
        float $finer = 1.0,
        int $lead = 1,
        int $steps = 1,
    ): self {
        $begun = hrtime(true);
        $section = WinterSection::of($ground, $winter, $soil, $depth, $finer);
        $mesh = Mesh::of($section->problem);
        $bearing = Bearing::of($ground->design, $ground->side);
        $first = $winter->coldestDay() + self::BEGIN;
        $day = $first;
        $cells = FreezingCells::of($mesh);
        $freezing = new Freezing($cells, self::start($mesh, $section, $day, $use));
        $far = $mesh->x[$mesh->nx] - 0.2 * ($mesh->x[$mesh->nx] - $bearing->x1);
        $best = new FrostDayBest;
        $film = new FrostFilm($bearing, $cells->latent);
        $places = FrozenPlaces::of($ground->design, $ground->side, $mesh, $cells->latent);
        $open = 0.0;
        $end = $first + ($lead + 1) * Seasons::DAYS;
        $inside = array_flip([SectionProblem::FLOOR, SectionProblem::EDGE, SectionProblem::STEM_INSIDE]);
        $heat = null;
        while ($day < $end) {
            $design = $day >= $first + $lead * Seasons::DAYS;
            $step = $freezing->isThawed() && min(self::ahead($winter, $day, $design)) > 0.0
                ? self::SUMMER_STEP
                : $steps * ($design ? 1 : self::LEAD_IN_STEP);
            if ($design && $step === self::SUMMER_STEP && $day > $end - Seasons::DAYS / 2) {
                break;
            }
            $freezing->step($section->day($day + intdiv($step, 2), $design, $use, $freezing), $step);
            $day += $step;
            if ($tick !== null) {
                $tick();
            }
            if ($design) {
                $heat ??= array_sum(array_intersect_key($freezing->heat, $inside));
                $state = new FreezingState($mesh, $freezing->temperatures(), $freezing->liquid());
                $now = FrostDay::of($state, $bearing);
                $best->take($day - 1, $now);
                $places->take($state);
                $lowest = $state->lowestFrost($far, $bearing->grade);
                $open = max($open, $lowest === null ? 0.0 : $bearing->grade - $lowest);
                $film->take(($day - 1) % Seasons::DAYS, $state, $now);
            }
        }
        $out = array_sum(array_intersect_key($freezing->heat, $inside)) - (float) $heat;

        return new self(
            $ground->side, $use, $bearing, $best->margin, 0.0, $best->day === null ? null : $best->day % Seasons::DAYS,
            $best->lowest, $places->most['slab'], $places->most['neighbour'], $places->most['stem'], $open, $out / 3.6e6,
            $mesh->cells(), $freezing->closure(), $freezing->residual, (hrtime(true) - $begun) / 1e9, $film->frames, $ground->stretch->id,
        );
    }

    /** @return non-empty-list<float> */
    private static function ahead(DesignWinter $winter, int $day, bool $design): array
    {
        $year = $design ? $winter->design : $winter->normal;

        return array_map(static fn (int $k): float => $year[($day + $k) % Seasons::DAYS], range(0, self::SUMMER_STEP));
    }

    /** @return array<int, float> °C by cell */
    private static function start(Mesh $mesh, WinterSection $section, int $day, WinterUse $use): array
    {
        $start = array_fill(0, count($mesh->conductivity), 0.0);
        for ($j = 1; $j <= $mesh->ny; $j++) {
            for ($i = 1, $q = $j * $mesh->stride + 1; $i <= $mesh->nx; $i++, $q++) {
                if ($mesh->conductivity[$q] > 0.0) {
                    $start[$q] = $section->start(($mesh->x[$i - 1] + $mesh->x[$i]) / 2, ($mesh->y[$j - 1] + $mesh->y[$j]) / 2, $day, $use);
                }
            }
        }

        return $start;
    }
}
