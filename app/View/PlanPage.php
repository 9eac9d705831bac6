<?php

declare(strict_types=1);

namespace App\View;

use App\History\History;
use App\History\Kept;
use App\History\Sitting;
use App\Models\Layout;
use App\Models\Option;
use App\Models\Plan as KeptPlan;
use App\Models\Project;
use App\Models\Release;
use App\Models\Revision;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Design\Footprint;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\ItemKind;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\WallKind;
use Ondergrond\Plan\WallLine;
use Ondergrond\Size\Parameter;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The plan of a project with what the option that gets built puts on it. */
final readonly class PlanPage
{
    /**
     * @param  string  $svg  empty while nothing is drawn
     * @param  array{float, float, float}|null  $scale  left and top of the drawing in m, pixels for a metre
     * @param  list<string>  $unmet
     */
    private function __construct(
        public Project $project,
        public Option $option,
        public ?Plan $plan,
        public QuantityFormatter $format,
        public bool $may,
        public ?Release $release,
        public string $svg,
        public ?array $scale,
        public array $unmet,
        public ?Revision $head,
        public ?Revision $layoutHead,
        private ?KeptPlan $kept,
        private ?Layout $layout,
        private ?Sitting $sitting,
        private ?Sitting $layoutSitting,
    ) {}

    public static function of(Project $project, QuantityFormatter $format, History $history): self
    {
        $option = $project->building();
        [$kept, $layout] = [
            $project->loadMissing(['drawnPlan', 'options'])->drawnPlan, $option->loadMissing('drawnLayout')->drawnLayout,
        ];
        $plan = $kept?->state;
        $may = Gate::allows('update', $project);
        $drawing = $plan === null ? null : PlanDrawing::of($plan, $option->design, $option->layout(), $format);

        return new self(
            $project, $option, $plan, $format, $may && $project->release?->holdsFast() !== true, $project->release,
            $drawing === null ? '' : SvgWriter::beside($drawing),
            $drawing === null ? null : [$drawing->box[0], $drawing->box[3], 1000 / $drawing->scale * SvgWriter::PX],
            $plan === null ? [] : PlannedDesign::unmet($plan, $option->design),
            $kept === null ? null : History::head($kept), $layout === null ? null : History::head($layout), $kept, $layout,
            $kept === null || ! $may ? null : $history->sitting($kept), $layout === null || ! $may ? null : $history->sitting($layout),
        );
    }

    /** What undo would take back: the plan, or what the option puts on it, whichever was changed last. */
    public function undo(): (Kept&Model)|null
    {
        return $this->latest($this->sitting?->undo, $this->layoutSitting?->undo);
    }

    public function redo(): (Kept&Model)|null
    {
        return $this->latest($this->sitting?->redo, $this->layoutSitting?->redo);
    }

    public function footprint(): Footprint
    {
        return $this->option->design->footprint;
    }

    public function length(float $m): string
    {
        return $this->format->format($m, Quantity::Length);
    }

    public function area(float $m2): string
    {
        return $this->format->format($m2, Quantity::Area);
    }

    /** @return array<string, WallLine> */
    public function walls(): array
    {
        return $this->plan?->outline->sides() ?? [];
    }

    /** @return array<string, Item> by id, those of the building before those of the design */
    public function items(): array
    {
        return $this->plan === null ? [] : $this->plan->items->and($this->option->layout())->all;
    }

    /**
     * The fields of an item.
     *
     * @return list<array{name: string, label: string, value: string, options: array<string, string>|null, grip: string}>
     */
    public function fields(string $id, Item $item): array
    {
        $of = $item->isOfDesign() ? 'layout' : 'plan.items';
        $fields = [];
        $values = get_object_vars($item);
        foreach (Parameter::of($item::class) as $p) {
            $value = $values[$p->name];
            $fields[] = [
                'name' => "{$of}.{$id}.{$p->key}",
                'label' => ucfirst($p->size->label ?? $p->key),
                'value' => match (true) {
                    $value instanceof \BackedEnum => (string) $value->value,
                    is_float($value) => $this->format->format($value, $p->size->quantity ?? Quantity::Length),
                    default => (string) $value,
                },
                'options' => $p->size?->choices(),
                'grip' => match ($p->key) {
                    'x_m' => "item:{$id}|x", 'y_m' => "item:{$id}|y", 'to_x_m' => "item:{$id}:to|x", 'to_y_m' => "item:{$id}:to|y",
                    default => ''
                },
            ];
        }

        return $fields;
    }

    /** What is worked out of an item, in a few words. */
    public function about(Item $item): string
    {
        return $item instanceof DrainRun
            ? sprintf(
                '%s long, fall %.1f %%', $this->length($item->length()), 100 * $item->fall(),
            ).($item->fall() < 0.005 ? ', too flat' : '')
            : '';
    }

    /** @return array<string, string> what may lie beyond a wall */
    public function beyond(): array
    {
        return WallKind::words();
    }

    /** @return list<ItemKind> */
    public function kinds(): array
    {
        return ItemKind::cases();
    }

    /** Options that have other walls, and so another floor on the same outline. */
    public function others(): int
    {
        return max(0, $this->project->options->count() - 1);
    }

    private function latest(?Revision $plan, ?Revision $layout): (Kept&Model)|null
    {
        return match (true) {
            $plan === null && $layout === null => null,
            $layout === null, $plan !== null && $plan->id > $layout->id => $this->kept,
            default => $this->layout,
        };
    }
}
