<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Heating;
use Ondergrond\Mass\HeatLayer;
use Ondergrond\Mass\MassStacks;
use Ondergrond\Mass\PipeGrid;
use Ondergrond\Mass\Room;
use Ondergrond\Site\Site;
use Ondergrond\Verdict\Verdict;

/**
 * What a design's heated floor gives on the design day, how warm it gets, and what its pipes carry: at once, by the
 * resistances of ISO 11855-2 from the water to the pipes' plane, up to the room and down to what is beyond, and by the
 * series of a row of line sources for the surface over a pipe. `CellProof` asks a field the same.
 */
final readonly class HeatedFloor
{
    /** Linear load of a cable, W/m; common practice, no source: the maker's own limit decides. */
    public const CABLE = 20.0;

    private const TERMS = 40;

    /**
     * @param  float  $room  °C
     * @param  float  $need  what the rooms take on the design day beside what their floor loses downward, W/m²
     * @param  float  $excess  of the water over the room, logarithmic mean, or of the cable's surface, K
     * @param  float  $beyond  ground's virtual temperature in the coldest month over the room, K
     * @param  float  $output  upward, W/m²
     * @param  float  $given  by pipe or cable, up and down, W/m²
     * @param  float  $surface  mean, °C
     * @param  float  $warmest  place of the surface, °C
     * @param  TypeA|null  $standard  the standard's coefficient; null where its range ends
     * @param  float  $planeNeeded  at the pipes' plane on the design day, to give what the rooms take, °C
     * @param  float|null  $waterNeeded  mean water that gives what the rooms take, °C; null for a cable
     * @param  float|null  $cable  surface of the cable, °C; null for pipes
     * @param  Loops|null  $loops  for what the rooms take; null for a cable
     */
    private function __construct(
        public Design $design,
        public float $room,
        public float $need,
        public float $excess,
        public float $beyond,
        public float $output,
        public float $given,
        public float $surface,
        public float $warmest,
        public ?TypeA $standard,
        public float $planeNeeded,
        public ?float $waterNeeded,
        public ?float $cable,
        public ?Loops $loops,
    ) {}

    /** Null where nothing heats the floor. */
    public static function of(Site $site, Design $design): ?self
    {
        $heating = $design->heating;
        if (! $heating->present() || MassStacks::overSpace($design)) {
            return null;
        }
        $model = Room::of($site, $design);
        $stack = MassStacks::of($site, $design)[0];
        $room = $model->set();
        $cable = $model->byCable();
        $layers = $stack->withGround();
        $beyond = $model->virtual[$site->climate->coldest()] - $room;
        $conductivity = ($heating->in === HeatedIn::Screed ? $design->screed : $design->slab->layer)->material->conductivity;
        [$over, $finish] = self::over($layers, $heating->depth);
        $all = array_sum(array_map(static fn (HeatLayer $l): float => $l->resistance, $layers));
        $up = 1 / ($over + $finish + 1 / TypeA::ALPHA);
        $down = 1 / ($all - $over - $finish + $model->virtualLayer);
        $ends = PipeGrid::ends($heating, $conductivity, $heating->depth, self::thick($layers, $heating->depth),
            1 / (1 / TypeA::ALPHA + $finish));
        $grid = max(0.0, $ends + ($cable ? PipeGrid::spread($heating, $conductivity) : PipeGrid::resistance($heating, $conductivity)));
        if ($cable) {
            $given = $heating->power;
            $plane = ($given + $down * $beyond) / ($up + $down);
            $excess = $plane + $given * $grid;
        } else {
            $excess = Output::excess($heating->supply, $heating->supply - $heating->waterDrop, $room);
            $plane = ($excess / $grid + $down * $beyond) / (1 / $grid + $up + $down);
            $given = max(0.0, ($excess - $plane) / $grid);
        }
        $output = max(0.0, $up * $plane);
        $u = 1 / ($stack->inside() + $all + $model->virtualLayer);
        $need = max(0.0, $model->designLoad() / $model->area + $u * $beyond);
        $planeNeeded = $need / $up;
        $givenNeeded = $need + $down * ($planeNeeded - $beyond);

        return new self(
            $design, $room, $need, $excess, $beyond, $output, $given, $room + $output / TypeA::ALPHA,
            $room + $output / TypeA::ALPHA + self::ripple($heating, $layers, $conductivity, $finish, $given),
            $cable ? null : TypeA::of($design), $room + $planeNeeded, $cable ? null : $room + $planeNeeded + $givenNeeded * $grid,
            $cable ? $room + $excess : null,
            $cable ? null : Loops::of($heating, $design->footprint->area, $givenNeeded * $design->footprint->area),
        );
    }

    /** By the standard's coefficient, W/m²; null where its range ends. */
    public function byStandard(): ?float
    {
        return $this->standard === null ? null : $this->standard->coefficient * $this->excess;
    }

    /** Mean of the surface by the standard's curve, °C; null where its range ends. */
    public function surfaceByStandard(): ?float
    {
        $output = $this->byStandard();

        return $output === null ? null : $this->room + Output::over($output);
    }

    /**
     * The mean at the plane over the heating months that gives what the rooms take: the design day's, less as the months are
     * warmer than it. What the formula and the field count the floor's own loss from is typed, and held against this.
     *
     * @return float °C
     */
    public function planeOverMonths(Site $site): float
    {
        $cold = 0.0;
        foreach ($site->heatingShares() as $i => $share) {
            $cold += $share * max(0.0, $this->room - $site->climate->monthly[$i]);
        }
        $mean = $cold / max(1e-9, $site->heatingLength());

        return $this->room + ($this->planeNeeded - $this->room) * min(1.0, $mean / max(1.0, $this->room - $site->climate->design()));
    }

    /** Of what the rooms take, what it gives by the less of the two: resistances, and the standard's coefficient in its range. */
    public function covers(): float
    {
        return $this->need <= 0.0 ? 1.0 : $this->least() / $this->need;
    }

    /** By whichever says less, W/m². */
    public function least(): float
    {
        return min($this->output, $this->byStandard() ?? INF);
    }

    /** Warmest that its surface may get where people stay, °C. */
    public function limit(): float
    {
        return min(Output::STAY, $this->design->finish->kind->warmest() ?? Output::STAY);
    }

    /** What a surface gives that is as warm as it may be everywhere, W/m². */
    public function most(): float
    {
        return Output::output($this->limit() - $this->room);
    }

    /** Whether pipes lie so far apart that their row's resistance holds; where they do not, the field is to be gone by. */
    public function isSlender(): bool
    {
        return PipeGrid::isSlender($this->design->heating);
    }

    /** Of what the surface may be over the room, what it is. */
    public function surfaceShare(): float
    {
        return max(0.0, $this->warmest - $this->room) / max(1.0, $this->limit() - $this->room);
    }

    public function surfaceWord(): Verdict
    {
        return Verdict::ofShare($this->surfaceShare());
    }

    public function outputWord(): Verdict
    {
        return match (true) {
            $this->covers() >= 1.0 => Verdict::Holds,
            $this->covers() >= 0.9 => Verdict::Close,
            default => Verdict::Fails,
        };
    }

    /** Load of a cable along itself, W/m; null for pipes. */
    public function cableLoad(): ?float
    {
        return $this->cable === null ? null : $this->design->heating->power * $this->design->heating->spacing;
    }

    /**
     * What lies over the pipes, and the films over the first solid layer, m²K/W.
     *
     * @param  list<HeatLayer>  $layers
     * @return array{float, float}
     */
    private static function over(array $layers, float $depth): array
    {
        $sum = $at = $finish = 0.0;
        foreach ($layers as $layer) {
            if ($layer->thickness <= 0.0) {
                $finish += $at === 0.0 ? $layer->resistance : 0.0;

                continue;
            }
            $sum += max(0.0, min(1.0, ($depth - $at) / $layer->thickness)) * $layer->resistance;
            $at += $layer->thickness;
        }

        return [$sum, $finish];
    }

    /**
     * Of what conducts round the pipes, down to the first layer under them that holds heat back, m.
     *
     * @param  list<HeatLayer>  $layers
     */
    private static function thick(array $layers, float $depth): float
    {
        $thick = 0.0;
        foreach ($layers as $layer) {
            if ($layer->holdsBack() && $thick > $depth) {
                break;
            }
            $thick += $layer->thickness;
        }

        return $thick;
    }

    /**
     * By how much the surface over a pipe is warmer than its mean, K: each harmonic of a row of line sources at depth s in
     * a layer of thickness b that is closed below and loses heat by h above is
     * 2q·cosh(k(b − s)) / (λk·sinh(kb) + h·cosh(kb)), k = 2πn/T (the plate with sources by Fourier's series).
     *
     * @param  list<HeatLayer>  $layers
     */
    private static function ripple(Heating $heating, array $layers, float $conductivity, float $finish, float $given): float
    {
        $thick = self::thick($layers, $heating->depth);
        $h = 1 / (1 / TypeA::ALPHA + $finish);
        $sum = 0.0;
        for ($n = 1; $n <= self::TERMS; $n++) {
            $k = 2 * M_PI * $n / $heating->spacing;
            if ($k * $heating->depth > 40) {
                break;
            }
            // Both divided by cosh(kb), which overflows.
            $ratio = exp(-$k * $heating->depth) * (1 + exp(-2 * $k * ($thick - $heating->depth))) / (1 + exp(-2 * $k * $thick));
            $sum += 2 * $given * $ratio / ($conductivity * $k * tanh($k * $thick) + $h);
        }

        return $sum * $h / TypeA::ALPHA;
    }
}
