<?php

declare(strict_types=1);

namespace Ondergrond\FloorHeating;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Heat\SteadyLoss;
use Ondergrond\Mass\MassStacks;
use Ondergrond\Mass\Room;
use Ondergrond\Site\Site;

/** The same as a heated floor says of itself, by the field from pipe to pipe; and what it loses downward by the field of its edge. */
final readonly class CellProof
{
    /**
     * @param  float  $output  upward, W/m²
     * @param  float  $given  up and down, W/m²
     * @param  float  $surface  mean, °C
     * @param  float  $warmest  place of the surface, °C
     * @param  float|null  $waterNeeded  mean water for what the rooms take, °C; null for a cable
     * @param  float|null  $cable  surface of the cable, °C; null for pipes
     * @param  list<array{float, float, float}>  $range  mean water, °C; output, W/m²; warmest place of the surface, °C; empty for a cable
     * @param  float  $heatedLoss  of the floor as it is heated, mean of the year by the field, W
     * @param  float  $plainLoss  the same without heating in it
     */
    public function __construct(
        public float $output,
        public float $given,
        public float $surface,
        public float $warmest,
        public ?float $waterNeeded,
        public ?float $cable,
        public array $range,
        public float $heatedLoss,
        public float $plainLoss,
    ) {}

    /** Null where nothing heats the floor. Takes half a second: two fields of the pipe, two of the edge. */
    public static function of(Site $site, Design $design): ?self
    {
        $floor = HeatedFloor::of($site, $design);
        if ($floor === null) {
            return null;
        }
        $model = Room::of($site, $design);
        $cell = PipeCell::of($design->heating, MassStacks::of($site, $design)[0]->withGround(), $model->virtualLayer, $model->byCable());
        $excess = $model->byCable() ? $cell->cableAt($design->heating->power, $floor->beyond) : $floor->excess;
        $range = [];
        foreach ($model->byCable() ? [] : range(25, 55, 5) as $water) {
            $over = $water - $floor->room;
            $range[] = [(float) $water, max(0.0, $cell->up($over, $floor->beyond)), $floor->room + $cell->warmest($over, $floor->beyond)];
        }

        return new self(
            max(0.0, $cell->up($excess, $floor->beyond)), max(0.0, $cell->out($excess, $floor->beyond)),
            $floor->room + $cell->surface($excess, $floor->beyond), $floor->room + $cell->warmest($excess, $floor->beyond),
            $model->byCable() ? null : $floor->room + $cell->waterFor($floor->need, $floor->beyond),
            $model->byCable() ? $floor->room + $excess : null, $range, SteadyLoss::solved($site, $design)->mean,
            SteadyLoss::solved($site, $design->with(['heating' => $design->heating->but(in: HeatedIn::None)]))->mean,
        );
    }
}
