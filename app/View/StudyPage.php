<?php

declare(strict_types=1);

namespace App\View;

use App\Later\Content;
use App\Models\Option;
use App\Models\Project;
use App\Models\Study;
use App\Models\StudyKind;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Gain\Candidate;
use Ondergrond\Gain\Gains;
use Ondergrond\Gain\Step;
use Ondergrond\History\ChangeWords;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Search\Choice;
use Ondergrond\Search\Outcome;
use Ondergrond\Sizing\Change;
use Ondergrond\Sizing\WingSearch;
use Ondergrond\Sizing\WingsKept;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Version;

/** Where the next board pays, and the search for the cheapest design that holds. */
final readonly class StudyPage
{
    /** Sizes that a search may leave open. */
    private const OPEN = [
        'field_board.thickness_m', 'perimeter_board.thickness_m', 'perimeter_board.width_m', 'board_above.thickness_m',
        'edge_inside.thickness_m', 'edge_under.thickness_m',
        'edge_outside.thickness_m', 'edge_outside.depth_below_grade_m', 'wing.thickness_m', 'wing.width_m', 'form.inside_m',
        'form.outside_m', 'stone.thickness_m', 'neighbour.thickness_m',
    ];

    /** How many usual sizes below and above the present one are offered. */
    private const AROUND = 4;

    private function __construct(
        public Project $project,
        public Option $option,
        public QuantityFormatter $format,
        public PriceList $prices,
        public ?Study $gain,
        public ?Study $search,
        public ?Study $wing,
        public bool $may,
        private string $content,
    ) {}

    public static function of(Project $project, Option $option, QuantityFormatter $format, PriceList $prices): self
    {
        return new self(
            $project, $option, $format, $prices, Study::latest($option, StudyKind::Gain), Study::latest($option, StudyKind::Search),
            Study::latest($option, StudyKind::Wing),
            Gate::allows('update', $project), Content::hash($project, $option),
        );
    }

    /** Whether something is being worked out. */
    public function isPending(): bool
    {
        return ($this->gain !== null && ! $this->gain->state->isOver())
            || ($this->search !== null && ! $this->search->state->isOver())
            || ($this->wing !== null && ! $this->wing->state->isOver());
    }

    /** Whether the option has changed since that was asked. */
    public function isOld(Study $study): bool
    {
        return ($study->input['content'] ?? '') !== $this->content;
    }

    /** The methods it was worked out by where they are older than today's; null where they are not. */
    public function oldMethods(Study $study): ?int
    {
        // Studies from before they were written down are by the seventh at most.
        $by = (int) ($study->input['methods'] ?? Version::METHODS - 1);

        return $by < Version::METHODS ? $by : null;
    }

    /** @return list<Candidate> what cannot be stepped, and why */
    public function stuck(): array
    {
        return array_values(
            array_filter(
                Gains::candidates($this->project->site, $this->option->design, $this->project->units),
                static fn (Candidate $c): bool => $c->obstacle !== null,
            ),
        );
    }

    public function label(string $path): string
    {
        return ChangeWords::label('design.'.$path);
    }

    public function size(string $path, float $value): string
    {
        return $this->format->format($value, SizePath::quantity($path) ?? Quantity::Thickness);
    }

    /** @param  list<string>  $ids */
    public function rules(array $ids): string
    {
        return implode(', ', array_map(Rulebook::quoted(...), $ids));
    }

    public function money(float $amount): string
    {
        return trim($this->prices->currency.' '.$this->format->mark->grouped($amount));
    }

    /** What is known of a choice’s winter. */
    public function frost(Choice $choice): string
    {
        $breaks = array_diff($choice->breaks, ['frost-stays-out']);

        return 'frost '.$choice->frost
            .($choice->margin === null ? '' : ', '.($choice->margin < 0 ? '−' : '+').$this->depth(abs($choice->margin)))
            .($breaks === [] ? '' : '; breaks '.$this->rules(array_values($breaks)));
    }

    public function depth(float $m): string
    {
        return $this->format->format($m, Quantity::Depth);
    }

    /** @return list<Step> most saved first */
    public function steps(): array
    {
        return array_values(array_map(Step::fromArray(...), $this->gain->result['steps'] ?? []));
    }

    /** What the search came to so far; null before it has begun. */
    public function found(): ?Outcome
    {
        $kept = $this->search->result ?? [];

        return $kept === [] ? null : Outcome::fromArray($kept);
    }

    /** @return list<Change> sizes besides the wing's that the table asks to be changed; none where a wing cannot help */
    public function besides(): array
    {
        try {
            return WingSearch::besides($this->project->site, $this->option->design, $this->project->units);
        } catch (FaultyInput) {
            return [];
        }
    }

    public function changed(Change $change): string
    {
        $said = fn (float|string $value): string => is_string($value)
            ? $this->project->materials()->get($value)->name : $this->size($change->path, $value);

        return sprintf('%s %s → %s', $this->label($change->path), $said($change->from), $said($change->to));
    }

    /** Which wings were tried; null before the first. */
    public function wings(): ?WingsKept
    {
        $kept = $this->wing->result ?? [];

        return ($kept['tries'] ?? []) === [] ? null : WingsKept::fromArray($kept);
    }

    /** How far frost stays from the bearing without heat, where no wing is needed. */
    public function withoutHeat(WingsKept $wings): string
    {
        return match (true) {
            $wings->withoutHeat === null => 'comes nowhere near the bearing',
            $wings->withoutHeat < 0 => 'goes '.$this->depth(-$wings->withoutHeat).' into the ground under the bearing',
            default => 'stays '.$this->depth($wings->withoutHeat).' away from the bearing',
        };
    }

    /** As near as frost may come, in words. */
    public function close(): string
    {
        return $this->depth(FrostVerdict::CLOSE);
    }

    public function weighing(int $n): string
    {
        return $this->format->mark->grouped($n);
    }

    /**
     * Places of the choices in the plot of price against heat.
     *
     * @return list<array{float, float}> x and y in its own measure
     */
    public function front(Outcome $found): array
    {
        $prices = array_map(static fn (Choice $c): float => $c->price, $found->front);
        $heats = array_map(static fn (Choice $c): float => $c->energy(), $found->front);
        $at = static fn (float $v, array $of): float => ($v - min([...$of, $v])) / max(1e-9, max([...$of, $v]) - min([...$of, $v]));

        return array_map(
            static fn (Choice $c): array => [round(44 + 258 * $at($c->price, $prices), 1), round(112 - 96 * $at($c->energy(), $heats), 1)],
            $found->front,
        );
    }

    /** @return array<string, array{now: string, from: string, to: string}> sizes that may be left open, with what is offered */
    public function open(): array
    {
        $data = DesignCodec::toArray($this->option->design);
        $open = [];
        foreach (self::OPEN as $path) {
            $now = SizePath::find($data, $path) ?? 0.0;
            $sizes = SizePath::sold($path, $this->project->units);
            if (! self::belongs($path, $this->option->design, $now) || $sizes === []) {
                continue;
            }
            $at = count(array_filter($sizes, static fn (float $s): bool => $s < $now - 1e-6));
            $open[$path] = [
                'now' => $this->size($path, $now),
                'from' => $this->size($path, $sizes[max(0, $at - self::AROUND)]),
                'to' => $this->size($path, $sizes[min(count($sizes) - 1, $at + self::AROUND)]),
            ];
        }

        return $open;
    }

    /** A part that is left out may be searched for where it could stand. */
    private static function belongs(string $path, Design $design, float $now): bool
    {
        $present = Part::from(explode('.', $path)[0])->of($design)->present();

        return $now > 0.0 && $present || in_array(
            $path,
            ['field_board.thickness_m', 'edge_outside.thickness_m', 'edge_inside.thickness_m', 'edge_under.thickness_m'],
            true,
        ) && $design->slab->present();
    }
}
