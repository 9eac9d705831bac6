<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Drawing\ElevationDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Plan\Elevation;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** Each wall from outside, and what passes through it. */
final readonly class WallsPage
{
    /** @param  array<string, Elevation>  $walls  by the corner they begin at */
    private function __construct(
        public Project $project,
        public Option $option,
        public QuantityFormatter $format,
        public array $walls,
    ) {}

    public static function of(Project $project, QuantityFormatter $format): self
    {
        $option = $project->building();
        $plan = $option->plan() ?? throw new \LogicException('looked for before');

        return new self($project, $option, $format, Elevation::all($plan, $option->design, $option->layout()));
    }

    public function svg(Elevation $wall): string
    {
        return SvgWriter::beside(ElevationDrawing::of($wall, $this->format));
    }

    public function scale(Elevation $wall): int
    {
        return (int) ElevationDrawing::of($wall, $this->format)->scale;
    }

    public function length(float $m): string
    {
        return $this->format->taped($m);
    }

    public function height(float $m): string
    {
        return $this->format->signed($m, Quantity::Length);
    }

    public function small(float $m): string
    {
        return $this->format->tapedSmall($m);
    }
}
