<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Drawing\Role;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Logbook\Survey;
use Ondergrond\Plan\Plan;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\SetOut;
use Ondergrond\SetOut\Target;
use Ondergrond\SetOut\Targets;
use Ondergrond\Takeoff\Unit;
use Ondergrond\Units\QuantityFormatter;

/** The sheet that a building is set out by, on paper or a telephone: with tapes and a level, or with tapes alone. */
final readonly class SetOutPage
{
    /**
     * @param  bool  $isTapesOnly  heights then count from the benchmark, for a water level or a straightedge
     * @param  array<string, Target>  $targets
     * @param  Rods|null  $rods  of the instrument as it stands; null where none is set up
     */
    private function __construct(
        public Project $project,
        public Option $option,
        public Plan $plan,
        public QuantityFormatter $format,
        public SetOut $out,
        public string $svg,
        public bool $isTapesOnly,
        public array $targets,
        public ?Rods $rods,
    ) {}

    public static function of(Project $project, QuantityFormatter $format, bool $isTapesOnly): self
    {
        $option = $project->building();
        $plan = $option->plan() ?? throw new \LogicException('looked for before');
        $drawing = PlanDrawing::of($plan, $option->design, $option->layout(), $format, setOut: true)->without(Role::Handle);

        return new self(
            $project, $option, $plan, $format, SetOut::of(
                $plan, $option->design, $option->layout(),
            ), SvgWriter::beside($drawing), $isTapesOnly,
            Targets::of($plan, $option->design, $option->layout()), $isTapesOnly ? null : Survey::of($project->log())->rods,
        );
    }

    public function length(float $m): string
    {
        return $this->format->taped($m);
    }

    public function small(float $m): string
    {
        return $this->format->tapedSmall($m);
    }

    public function height(float $m): string
    {
        return $this->format->rod($m);
    }

    /** What the rod reads there, or how far it lies over or under the benchmark; empty where neither is known. */
    public function rod(float $level): string
    {
        if (! $this->isTapesOnly) {
            return $this->rods === null ? '' : $this->height($this->rods->rod($level));
        }
        if ($this->plan->benchmark === null) {
            return '';
        }
        $over = $level - $this->plan->benchmark;

        return abs($over) < 0.0005 ? 'level with it' : $this->length(abs($over)).($over < 0.0 ? ' below' : ' above');
    }

    public function rodHead(): string
    {
        return match (true) {
            $this->isTapesOnly => 'From the benchmark',
            $this->rods === null => '',
            default => 'Rod',
        };
    }

    /** @return array{upright: string, sloped: string} */
    public function earth(): array
    {
        return array_map(
            fn (float $m3): string => Unit::CubicMetre->said(round($m3, 1), $this->format),
            $this->out->dig->volume($this->plan->atConcrete($this->option->design)->outline),
        );
    }
}
