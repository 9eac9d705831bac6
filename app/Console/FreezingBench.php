<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Examples\Examples;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Fine;
use Ondergrond\Field\FreezingSolution;
use Ondergrond\Field\Frozen;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Substance;
use Ondergrond\Field\Winter;
use Ondergrond\Frost\FrostDepth;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\WinterUse;

/**
 * The freezing solver: 200 days on 4,000 cells of ground whose surface goes from +8 to −6 °C, beside Neumann's solution; and
 * the two winters that prove a real section.
 */
final readonly class FreezingBench
{
    private const DAYS = 200;

    private const RUNS = 3;

    /** Cells across and up; the ground below the fine part is coarser. */
    private const ACROSS = 49;

    private const UP = 0.02;

    private const DEEP = 1.4;

    /**
     * @param  float  $off  largest distance of the front from Neumann's from day 30 on, m
     * @param  float  $proof  s
     */
    private function __construct(
        public float $seconds,
        public int $cells,
        public float $closure,
        public float $off,
        public float $proof,
        public int $proofCells,
    ) {}

    public static function run(): self
    {
        $soil = new Substance('soil', 1.5, 3.0e6, new Frozen(2.5, 1.9e6, 150e6));
        $problem = Problem::of(
            [Patch::rectangle($soil, 0, -12, 2, 0)],
            [Boundary::temperature('top', 0, 0, 2, 0, 8.0, 0.0)],
            fine: [new Fine(0, -self::DEEP, 2, 0, 2 / self::ACROSS, self::UP)],
            winter: new Winter(['top' => array_fill(0, self::DAYS, -6.0)], 8.0, ['middle' => 1.0]),
        );
        $times = [];
        // The first warms up.
        $run = FreezingSolution::of($problem);
        for ($n = 0; $n < self::RUNS; $n++) {
            $times[] = FreezingSolution::of($problem)->seconds;
        }
        sort($times);
        $gamma = FrostDepth::neumann(6.0, 8.0, 2.5, 1.5, 1.9e6, 3.0e6, 150e6);
        $off = 0.0;
        for ($day = 30; $day <= self::DAYS; $day++) {
            $off = max($off, abs($run->fronts['middle'][$day - 1] - 2 * $gamma * sqrt(2.5 / 1.9e6 * $day * 86_400)));
        }
        $project = Examples::boathouse();
        $proof = Assessor::proof($project->site, Stretch::edge($project->options[0]->design), WinterUse::Heated);

        return new self(
            $times[intdiv(self::RUNS, 2)], $run->last->mesh->cells(), $run->freezing->closure(), $off, $proof->seconds,
            $proof->cells,
        );
    }
}
