<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

use Ondergrond\Design\Heating;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Substance;
use Ondergrond\Mass\HeatLayer;
use Ondergrond\Mass\PipeGrid;

/**
 * Half the way from one pipe to the next, from the room down to what is beyond, as a field: what no table covers, such as
 * pipes in a thick slab, and the warmest place of the surface. A pipe is a square hole of 0.847 of its diameter, which
 * passes heat to the ground about it as the round one does (conformal radius of a square, 0.5902 of its side).
 * Temperatures are linear in water, room and beyond, so two fields tell all.
 */
final readonly class PipeCell
{
    private const SQUARE = 0.847;

    private const ROOM = 'room';

    private const PIPE = 'pipe';

    private const BEYOND = 'beyond';

    /**
     * Shares for one kelvin of the water, and of what is beyond, over the room: upward and out of the pipe, W/(m²K); of the
     * surface's warmest place, K per K.
     */
    private function __construct(
        private float $upWater,
        private float $outWater,
        private float $peakWater,
        private float $upBeyond,
        private float $outBeyond,
        private float $peakBeyond,
    ) {}

    /**
     * @param  list<HeatLayer>  $layers  from the surface down; films over the first solid layer are the finish
     * @param  float  $beyond  resistance from the last layer to the temperature beyond, m²K/W
     * @param  bool  $cable  whether the pipe is a cable: no wall, no water
     */
    public static function of(Heating $heating, array $layers, float $beyond, bool $cable = false): self
    {
        $half = $heating->spacing / 2;
        $finish = 0.0;
        $patches = [];
        $y = 0.0;
        foreach ($layers as $layer) {
            if ($layer->thickness <= 0.0) {
                $patches === [] ? $finish += $layer->resistance : $beyond += $layer->resistance;

                continue;
            }
            $patches[] = Patch::rectangle(
                new Substance($layer->name, $layer->conductivity()), 0.0, round($y - $layer->thickness, 5), $half, round($y, 5),
            );
            $y -= $layer->thickness;
        }
        $side = min(self::SQUARE * $heating->pipe, 1.8 * $half);
        $top = round(-$heating->depth + $side / 2, 5);
        $foot = round(-$heating->depth - $side / 2, 5);
        $edge = round($side / 2, 5);
        $patches[] = Patch::rectangle(null, 0.0, $foot, $edge, $top);
        // Of the whole pipe for a metre of it, on the square's outline.
        $wall = $cable ? 1e-4 : 4 * $side * PipeGrid::pipe($heating) / $heating->spacing;
        $solve = static fn (float $water, float $far): Solution => Solution::of(Problem::of($patches, [
            Boundary::temperature(self::ROOM, 0.0, 0.0, $half, 0.0, 0.0, 1 / TypeA::ALPHA + $finish),
            Boundary::temperature(self::BEYOND, 0.0, round($y, 5), $half, round($y, 5), $far, $beyond),
            Boundary::temperature(self::PIPE, 0.0, $top, $edge, $top, $water, $wall),
            Boundary::temperature(self::PIPE, $edge, $foot, $edge, $top, $water, $wall),
            Boundary::temperature(self::PIPE, 0.0, $foot, $edge, $foot, $water, $wall),
        ]));
        $peak = static function (Solution $s) use ($finish): float {
            return ($s->temperatureAt(0.0, 0.0) ?? 0.0) / (1 / TypeA::ALPHA + $finish) / TypeA::ALPHA;
        };
        $a = $solve(1.0, 0.0);
        $b = $solve(0.0, 1.0);

        return new self(
            -$a->steady->flows[self::ROOM] / $half, $a->steady->flows[self::PIPE] / $half, $peak($a),
            -$b->steady->flows[self::ROOM] / $half, $b->steady->flows[self::PIPE] / $half, $peak($b),
        );
    }

    /**
     * Upward into the room, W/m².
     *
     * @param  float  $water  over the room, K
     * @param  float  $beyond  over the room, K: mostly below 0
     */
    public function up(float $water, float $beyond): float
    {
        return $this->upWater * $water + $this->upBeyond * $beyond;
    }

    /** Out of the pipe, W/m² of floor. */
    public function out(float $water, float $beyond): float
    {
        return $this->outWater * $water + $this->outBeyond * $beyond;
    }

    /** Mean of the surface over the room, K. */
    public function surface(float $water, float $beyond): float
    {
        return $this->up($water, $beyond) / TypeA::ALPHA;
    }

    /** Its warmest place, over the pipe, over the room, K. */
    public function warmest(float $water, float $beyond): float
    {
        return $this->peakWater * $water + $this->peakBeyond * $beyond;
    }

    /** How far over the room the water has to be for an output, K. */
    public function waterFor(float $output, float $beyond): float
    {
        return ($output - $this->upBeyond * $beyond) / $this->upWater;
    }

    /** How far over the room a cable gets that gives a power, K. */
    public function cableAt(float $power, float $beyond): float
    {
        return ($power - $this->outBeyond * $beyond) / $this->outWater;
    }
}
