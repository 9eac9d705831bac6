<?php

declare(strict_types=1);

namespace App\Forms;

use App\Models\Option;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Proposals;
use Ondergrond\Plan\Redraw;
use Ondergrond\Plan\Remark;
use Ondergrond\SetOut\BaseLine;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/**
 * What is pressed on the page of a plan: `add:sleeve`, `copy:<id>`, `remove:<id>`, `opening:<corner>`, `no-opening:<id>`,
 * `corner:<corner>` (a new one in the middle of its wall), `step:<corner>` (with where and how far out), `no-corner:<corner>`,
 * `pegs`, `mend:<place>|<rule>|<which>`, `propose:<rule>`.
 */
final readonly class PlanAct
{
    /** Of an opening that is new, m. */
    private const OPENING = 0.95;

    /** A copy stands that far aside, m. */
    private const ASIDE = 0.5;

    private string $of;

    private string $what;

    /**
     * @param  array<array-key, mixed>  $step  texts, by wall: `along`, `out`
     * @param  Mend|null  $mend  what is done about a clash
     */
    public function __construct(
        string $act,
        private Design $design,
        private QuantityFormatter $format,
        private array $step = [],
        private ?Mend $mend = null,
    ) {
        [$this->of, $this->what] = [...explode(':', $act, 2), ''];
    }

    /** @throws ValidationException where nothing of the kind is offered any more */
    public static function mend(string $act, Plan $plan, Option $option): ?Mend
    {
        if (! str_starts_with($act, 'mend:') && ! str_starts_with($act, 'propose:')) {
            return null;
        }
        [$design, $layout] = [$option->typed(), $option->layout()];
        if (str_starts_with($act, 'propose:')) {
            $rule = substr($act, strlen('propose:'));

            return isset(Proposals::all()[$rule]) ? Proposals::on(
                $rule, $plan, $design, $layout,
            ) ?? throw ValidationException::withMessages(
                ['act' => Proposals::all()[$rule]::label().': this design has none to propose, or they are all there.'],
            ) : throw ValidationException::withMessages(['act' => 'Allowed: '.implode(', ', array_keys(Proposals::all())).'.']);
        }
        [$place, $rule, $which] = [...explode('|', substr($act, strlen('mend:')), 3), '', ''];
        $there = array_values(array_filter(
            PlanReview::of($plan, $design, $layout)[$place] ?? [], static fn (Remark $r): bool => $r->id === $rule,
        ));

        return $there[(int) $which]->mend ?? throw ValidationException::withMessages(['act' => 'That is settled already.']);
    }

    /**
     * @param  array<string, mixed>  $plan  as in project files
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    public function onPlan(array $plan): array
    {
        if ($this->of === '') {
            return $plan;
        }
        $drawn = PlanCodec::fromValid($plan);
        $side = $drawn->outline->sides()[$this->what] ?? null;
        try {
            if ($this->of === 'corner' && $side !== null) {
                return PlanCodec::toArray(Redraw::parted($drawn, $this->what, round($side->length() / 2, 3)));
            }
            if ($this->of === 'step' && $side !== null) {
                return PlanCodec::toArray(Redraw::stepped($drawn, $this->what, $this->length('along'), $this->length('out')));
            }
            if ($this->of === 'no-corner') {
                return PlanCodec::toArray(Redraw::without($drawn, $this->what));
            }
        } catch (FaultyInput $e) {
            $at = $this->of === 'step' ? "step.{$this->what}.along" : 'act';
            throw ValidationException::withMessages([$at => $e->faults[0]->line()]);
        }
        if ($this->of === 'no-opening') {
            unset($plan['openings'][$this->what]);
        } elseif ($this->of === 'opening' && $side !== null) {
            $width = min(self::OPENING, $side->length() / 2);
            $plan['openings'][(string) Str::ulid()] = [
                'wall' => $this->what, 'from_m' => self::room($drawn, $this->what, $side->length(), $width), 'width_m' => round($width, 3),
            ];
        } elseif ($this->of === 'pegs') {
            $pegs = BaseLine::of($drawn->with(['pegs' => null])->atConcrete($this->design), $this->design)->pegs;
            $plan['pegs'] = [
                'px_m' => round($pegs->px, 3), 'py_m' => round($pegs->py, 3), 'qx_m' => round($pegs->qx, 3), 'qy_m' => round($pegs->qy, 3),
            ];
        } else {
            $plan['items'] = $this->items($plan['items'] ?? [], Belongs::Building, $drawn);
        }

        return $plan;
    }

    /**
     * @param  array<string, array<string, mixed>>  $layout  as in project files
     * @return array<string, array<string, mixed>>
     */
    public function onLayout(array $layout, Plan $plan): array
    {
        return $this->items($layout, Belongs::Design, $plan);
    }

    /**
     * @param  array<string, array<string, mixed>>  $items
     * @return array<string, array<string, mixed>>
     */
    private function items(array $items, Belongs $whose, Plan $plan): array
    {
        $kind = $this->of === 'add' ? Kinds::find($this->what) : null;
        if ($kind !== null && $kind::belongs() === $whose) {
            $items[(string) Str::ulid()] = $this->fresh($kind, $plan, count($items) + 1);
        } elseif ($this->of === 'copy' && isset($items[$this->what])) {
            $items[(string) Str::ulid()] = self::aside($items[$this->what]);
        } elseif ($this->of === 'remove') {
            unset($items[$this->what]);
        }
        foreach ($this->mend?->among($items, $whose) ?? [] as $id => $item) {
            if ($item === null) {
                unset($items[$id]);
            } else {
                $items = [...$items, ...PlanCodec::items(new Items([isset($items[$id]) ? $id : (string) Str::ulid() => $item]))];
            }
        }

        return $items;
    }

    /** The first place along a wall where an opening has room; its middle where there is none, so that the fault says so. */
    private static function room(Plan $plan, string $wall, float $length, float $width): float
    {
        $there = array_filter($plan->openings, static fn ($o): bool => $o->wall === $wall);
        for ($from = ($length - $width) / 2; $from + $width <= $length; $from += 0.1) {
            $free = array_filter($there, static fn ($o): bool => $from < $o->from + $o->width + 0.05 && $o->from < $from + $width + 0.05);
            if ($free === []) {
                return round($from, 3);
            }
        }

        return round(($length - $width) / 2, 3);
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function aside(array $item): array
    {
        foreach (['x_m', 'to_x_m', 'manifold_x_m'] as $key) {
            if (isset($item[$key])) {
                $item[$key] = round($item[$key] + self::ASIDE, 4);
            }
        }

        return [...$item, 'name' => mb_substr($item['name'], 0, 50).' again'];
    }

    /**
     * @param  class-string<Item>  $kind
     * @return array<string, mixed> in the middle of the floor, at the level that the section has there
     */
    private function fresh(string $kind, Plan $plan, int $number): array
    {
        [$x0, $y0, $x1, $y1] = $plan->outline->box();
        // A step aside for each, so that none hides another.
        $x = round(($x0 + $x1) / 2 + 0.3 * ($number % 5), 2);
        $y = round(($y0 + $y1) / 2 + 0.2 * (intdiv($number, 5) % 4), 2);
        if ($plan->outline->outside($x, $y) > 0.0) {
            $side = array_values($plan->outline->sides())[0];
            [$x, $y] = array_map(static fn (float $v): float => round($v, 2), $side->at($side->length() / 2, 0.6));
        }
        $data = [...PlanCodec::fresh($kind, "{$kind::label()} {$number}", $this->design), 'x_m' => $x, 'y_m' => $y];
        if ($kind === HeatedZone::class) {
            return [...$data, 'manifold_x_m' => $x, 'manifold_y_m' => $y];
        }

        // A run leads to the first wall, and out through it where it may.
        return $kind::isRun() ? [
            ...$data, 'to_x_m' => $x, 'to_y_m' => round($kind::mayLeave() ? $y0 - 3.0 : $y0 + ($y - $y0) / 2, 2),
        ] : $data;
    }

    /** @throws ValidationException */
    private function length(string $which): float
    {
        $text = $this->step[$this->what][$which] ?? '';
        try {
            return QuantityParser::parse(is_string($text) ? $text : '', Quantity::Length, $this->format->system, $this->format->mark);
        } catch (UnreadableQuantity $e) {
            throw ValidationException::withMessages(["step.{$this->what}.{$which}" => $e->getMessage()]);
        }
    }
}
