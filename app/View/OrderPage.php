<?php

declare(strict_types=1);

namespace App\View;

use App\Building\BuildingJob;
use App\History\History;
use App\Models\Order;
use App\Models\Project;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Design\Part;
use Ondergrond\Order\Swap;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Unit;
use Ondergrond\Units\QuantityFormatter;

/** The lines of an order with what was asked, ordered and came, and what another product in one place would do. */
final readonly class OrderPage
{
    private function __construct(
        public Project $project,
        public BuildingJob $job,
        public OrderList $list,
        public QuantityFormatter $format,
        public ?Order $order,
        public bool $may,
        public bool $delivers,
        public ?Swap $swap,
        public bool $held,
        public int $revision,
    ) {}

    public static function of(Project $project, QuantityFormatter $format, Request $request): self
    {
        $may = Gate::allows('update', $project);
        $job = BuildingJob::of($project);
        $part = is_string($request->query('part')) ? Part::tryFrom($request->query('part')) : null;
        $material = is_string($request->query('material')) ? $project->materials()->find($request->query('material')) : null;

        return new self(
            $project, $job, $job->order($may ? $project->prices() : PriceList::none()), $format,
            $project->orders()->with('events')->first(), $may, Gate::allows('inspect', $project),
            $part === null || $material === null ? null : Swap::judged(
                $project->site, $job->option->design, $part, $material, $project->units,
            ),
            $project->release()->first()?->holdsFast() ?? false, History::head($job->option)->id,
        );
    }

    public function for(Line $line): string
    {
        return $this->part($line->part);
    }

    /** What a part or a kind of item is called. */
    public function part(string $key): string
    {
        return Line::named($key);
    }

    /** So much of a line, as it is bought in the reader's units. */
    public function much(Line $line, float $value): string
    {
        return $line->unit->said($value, $this->format);
    }

    /** Concrete, as it is bought. */
    public function volume(float $m3): string
    {
        return Unit::CubicMetre->said($m3, $this->format);
    }

    public function money(?int $cents): string
    {
        return $cents === null ? '–' : trim($this->format->mark->grouped($cents / 100, 2).' '.$this->list->currency());
    }

    /** @return array<string, array<string, string>> products that may stand in a part, by slug, by part */
    public function swaps(): array
    {
        $choices = [];
        foreach ($this->list->lines as $line) {
            $part = Part::tryFrom($line->part);
            $place = $part?->place();
            if ($part !== null && $place !== null && ! isset($choices[$part->value])) {
                $choices[$part->value] = array_column(array_map(
                    static fn ($m): array => ['slug' => $m->slug, 'name' => $m->name],
                    $this->project->materials()->for($place),
                ), 'name', 'slug');
            }
        }

        return $choices;
    }

    /** @return array<string, string> all of them, by slug */
    public function products(): array
    {
        return array_merge([], ...array_values($this->swaps()));
    }
}
