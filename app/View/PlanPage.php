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
use Ondergrond\Assessor;
use Ondergrond\Design\Footprint;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Cuts;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\OutlineFace;
use Ondergrond\Plan\Panel;
use Ondergrond\Plan\Panels;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Proposals;
use Ondergrond\Plan\Proposed;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\WallLine;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The plan that an option stands on, with what the option puts on it. */
final readonly class PlanPage
{
    /** More items than this are rows whose fields come when they are opened. */
    private const WHOLE = 12;

    /** So many rows are sent anew together where one of them is another. */
    private const TOGETHER = 20;

    /**
     * @param  list<string>  $open  items that are opened
     * @param  string  $svg  a proposal while nothing is drawn; empty where there is none
     * @param  array{float, float, float}|null  $scale  left and top of the drawing in m, pixels for a metre
     * @param  list<string>  $unmet
     * @param  array<string, non-empty-list<Remark>>  $review  by place
     * @param  array<string, string>  $cuts  stretch by wall
     * @param  array<string, Item>  $items  by id, those of the building before those of the design
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
        public array $review,
        public array $cuts,
        public ?PlanLayer $layer,
        public array $open,
        public array $items,
        public ?PlanFields $fields,
        public ?Revision $head,
        public ?Revision $layoutHead,
        private ?Panels $panels,
        private ?KeptPlan $kept,
        private ?Layout $layout,
        private ?Sitting $sitting,
        private ?Sitting $layoutSitting,
    ) {}

    /** @param  list<string>  $open  items that are opened */
    public static function of(
        Project $project,
        Option $option,
        QuantityFormatter $format,
        History $history,
        ?PlanLayer $layer = null,
        array $open = [],
    ): self {
        $kept = $option->isOnItsOwn() ? $option->ownPlan : $project->loadMissing('drawnPlan')->drawnPlan;
        $layout = $option->loadMissing('drawnLayout')->drawnLayout;
        $plan = $kept?->state;
        $may = Gate::allows('update', $project);
        $items = $plan === null ? [] : $plan->items->and($option->layout())->all;
        [$unmet, $review, $cuts] = $plan === null ? [[], [], []] : self::judged($plan, $option);
        $drawing = $plan === null ? self::proposed($option, $format) : PlanDrawing::of(
            $plan, $option->typed(), $option->layout(), $format, $layer?->overlay, array_map(count(...), $review),
        );

        return new self(
            $project, $option, $plan, $format, $may && $project->release?->holdsFast() !== true, $project->release,
            $drawing === null ? '' : SvgWriter::beside($drawing),
            $drawing === null || $plan === null ? null : [$drawing->box[0], $drawing->box[3], 1000 / $drawing->scale * SvgWriter::PX],
            $unmet, $review, $cuts, $layer, array_values(array_unique($open)),
            $items, $plan === null ? null : new PlanFields($plan, $option->design, $items, $format),
            $kept === null ? null : History::head($kept), $layout === null ? null : History::head($layout), self::parted($plan,
                $option), $kept, $layout,
            $kept === null || ! $may ? null : $history->sitting($kept), $layout === null || ! $may ? null : $history->sitting($layout),
        );
    }

    /** The typed numbers as a rectangle, while nothing is drawn; null where none has them. */
    private static function proposed(Option $option, QuantityFormatter $format): ?Drawing
    {
        try {
            return PlanDrawing::of(TypedFloor::plan($option->typed(), Shape::Rectangle), $option->typed(), $option->layout(), $format);
        } catch (FaultyInput) {
            return null;
        }
    }

    /** What joints part the slab into; null where there is none, or it is not judged so. */
    private static function parted(?Plan $plan, Option $option): ?Panels
    {
        if ($plan === null) {
            return null;
        }
        try {
            return (new Around($plan->atConcrete($option->typed()), $option->typed(), $plan->items->and($option->layout())))->panels;
        } catch (FaultyInput) {
            return null;
        }
    }

    /** @return array{list<string>, array<string, non-empty-list<Remark>>, array<string, string>} */
    private static function judged(Plan $plan, Option $option): array
    {
        try {
            $option->planned($option->typed());

            return [
                PlannedDesign::unmet($plan, $option->design), PlanReview::of($plan, $option->typed(), $option->layout()),
                Cuts::of($plan, $option->design),
            ];
        } catch (FaultyInput $e) {
            return [['This option cannot stand on the plan, and is judged as it was typed: '.$e->faults[0]->line()], [], []];
        }
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

    /** What the floor loses for a degree, by the standard's formula, at once. */
    public function heat(): string
    {
        return $this->format->format(
            Assessor::formulas($this->project->site, $this->option->design)->floor->steadyCoefficient, Quantity::HeatLoss,
        );
    }

    /** @return array{outward: int, reentrant: int} */
    public function corners(): array
    {
        return $this->plan?->outline->corners() ?? ['outward' => 0, 'reentrant' => 0];
    }

    /** @return array<string, WallLine> */
    public function walls(): array
    {
        return $this->plan?->outline->sides() ?? [];
    }

    /** @return array<string, Opening> of a wall, by id */
    public function openings(string $wall): array
    {
        return array_filter($this->plan->openings ?? [], static fn (Opening $o): bool => $o->wall === $wall);
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $of  by id
     * @return list<array<string, T>>
     */
    public function rows(array $of): array
    {
        return array_chunk($of, self::TOGETHER, true);
    }

    /** Whether an item's fields are there, or come when it is opened. */
    public function isWhole(string $id): bool
    {
        return count($this->items) <= self::WHOLE || in_array($id, $this->open, true);
    }

    /** Whether what a wall's row holds is there, or comes when it is opened. */
    public function isWholeWall(string $id): bool
    {
        return count($this->walls()) <= self::WHOLE || in_array($id, $this->open, true);
    }

    /** @return array<string, string> what a rule can put in, by its id */
    public function proposals(): array
    {
        return array_map(static fn (string $rule): string => $rule::label(), Proposals::all());
    }

    /** By which rule an item was put there, and whether it was moved since; null where it was put there by hand. */
    public function proposedBy(Item $item): ?string
    {
        $rule = Proposals::all()[Proposed::rule($item) ?? ''] ?? null;

        return match (true) {
            $rule === null => null,
            Proposed::isMoved($item) => 'Proposed, moved by hand since. The rule: '.$rule::rule(),
            default => 'Proposed. '.$rule::rule(),
        };
    }

    /** What is worked out of an item, in a few words. */
    public function about(Item $item): string
    {
        $about = $item->about()?->in($this->format) ?? '';
        if (! $item instanceof ControlJoint) {
            return $about;
        }
        $panels = $this->panels?->beside((string) array_search($item, $this->items, true)) ?? [];
        $ratios = array_unique(array_map(static fn (Panel $p): string => sprintf('%.1f', $p->ratio()), $panels));

        return $ratios === [] ? $about : "{$about}, panels ".implode(' and ', $ratios).' to 1';
    }

    /** @return list<Remark> gravest first */
    public function remarks(string $place): array
    {
        $remarks = $this->review[$place] ?? [];
        usort($remarks, static fn (Remark $a, Remark $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $remarks;
    }

    /** How far to either side it may stand, with where that comes from where it is not typed. */
    public function tolerance(Item $item): string
    {
        $is = $item->tolerance();

        return abs($is - $item->at()->tolerance) < 1e-9 ? ''
            : 'to either side: '.$this->format->format(max(0.0, $is), Quantity::Thickness).', as its hollow leaves';
    }

    /** @return array<string, string> what the outline may be read to */
    public function faces(): array
    {
        return self::words(OutlineFace::cases());
    }

    /** Where a row's fields are there as well, without a script. */
    public function opened(string $id): string
    {
        return '?'.http_build_query([...$this->asked(), 'open' => [...$this->open, $id]]);
    }

    /** @return array<string, string> the kinds that may be put in, by slug */
    public function kinds(): array
    {
        return array_map(static fn (string $kind): string => $kind::label(), Kinds::all());
    }

    /** Where a wall's section is seen on the bench; null where none is cut. */
    public function section(string $wall): ?string
    {
        return isset($this->cuts[$wall]) ? route('section.show', [$this->project, $this->option, 'side' => $this->cuts[$wall]]) : null;
    }

    /** @return array<string, string> of the address: which option, which layer */
    public function asked(): array
    {
        return array_filter([
            'option' => $this->option->is($this->project->building()) ? null : $this->option->ulid, 'show' => $this->layer?->which,
        ], static fn (?string $word): bool => $word !== null);
    }

    /**
     * @param  list<OutlineFace>  $cases
     * @return array<string, string>
     */
    private static function words(array $cases): array
    {
        $words = [];
        foreach ($cases as $case) {
            $words[$case->value] = $case->label();
        }

        return $words;
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
