<?php

declare(strict_types=1);

namespace App\View;

use App\Building\BuildingJob;
use App\Later\Content;
use App\Models\HandedPack;
use App\Models\Project;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Gate;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\Deviation;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What was built otherwise than drawn and what that costs, and the packs. */
final readonly class BuiltPage
{
    /**
     * @param  array<string, HoldState>  $holds
     * @param  Difference|null  $difference  null where it was built as drawn
     * @param  Collection<int, HandedPack>  $packs
     */
    private function __construct(
        public Project $project,
        public BuildingJob $job,
        public AsBuilt $built,
        public ?Difference $difference,
        public array $holds,
        public Collection $packs,
        public QuantityFormatter $format,
        public bool $may,
    ) {}

    public static function of(Project $project, QuantityFormatter $format): self
    {
        $job = BuildingJob::of($project);
        $built = $job->built();

        return new self(
            $project, $job, $built,
            $built->deviates() ? Difference::of($project->site, $built, $project->units, $job->option->setAside(), roughly: true) : null,
            $job->holds(), $project->packs()->limit(10)->get(HandedPack::ROW), $format, Gate::allows('update', $project),
        );
    }

    public function said(Deviation $deviation): string
    {
        return $deviation->said()->in($this->format);
    }

    public function where(Deviation $deviation): string
    {
        $sides = $this->project->building()->plan()?->outline->sides() ?? [];
        $side = $sides[substr($deviation->stretch(), 5)] ?? null;

        return match (true) {
            $deviation->stretch() === '' => 'everywhere',
            $side !== null => "wall {$side->from}–{$side->to}",
            default => $deviation->stretch(),
        };
    }

    public function more(float $value, Quantity $quantity): string
    {
        return ($value < 0 ? '' : '+').$this->format->format($value, $quantity);
    }

    /** Frost margin as built over that as drawn, where a hand-over has run the winter on both. */
    public function margin(): string
    {
        $margin = HandedPack::marginOf($this->project, Content::built($this->project, $this->built));

        return $margin === null ? 'not checked' : $this->more($margin, Quantity::Thickness);
    }

    /** @return list<HoldState> that nobody has passed */
    public function open(): array
    {
        return array_values(array_filter($this->holds, static fn (HoldState $h): bool => ! $h->isPassed()));
    }
}
