<?php

declare(strict_types=1);

namespace App\View;

use App\Later\Fields;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Design\Part;
use Ondergrond\Drawing\PlanOverlay;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Cuts;
use Ondergrond\Plan\Kinds\BearingStrip;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Remark;
use Ondergrond\Section\Layout;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What may be laid over a plan: figures by wall, from what is known of the option by now. */
final readonly class PlanLayers
{
    /** By the word in the address. */
    public const ALL = [
        'heat' => 'Heat lost, a metre of edge', 'psi' => 'ψ of the edge', 'frost' => 'Frost margin', 'load' => 'Load under bearings',
        'findings' => 'What is said of it', 'products' => 'Where one board gives way to another',
    ];

    public function __construct(private Fields $fields, private Winters $winters, private Later $later) {}

    /** Null where none of that name is asked for, or nothing is drawn. */
    public function of(Project $project, Option $option, QuantityFormatter $format, string $which): ?PlanLayer
    {
        $plan = $option->plan();
        if ($plan === null || ! isset(self::ALL[$which])) {
            return null;
        }

        return match ($which) {
            'heat', 'psi' => $this->heat($project, $option, $plan, $format, $which),
            'frost' => $this->frost($project, $option, $plan, $format),
            'load' => $this->load($project, $option, $plan, $format),
            'findings' => $this->findings($option, $plan),
            default => $this->products($option, $format),
        };
    }

    private function heat(Project $project, Option $option, Plan $plan, QuantityFormatter $format, string $which): PlanLayer
    {
        $known = $this->fields->known($project, $option);
        if ($known === null) {
            $this->later->ask(Kind::Fields, $project, $option);

            return new PlanLayer(
                $which, new PlanOverlay(self::ALL[$which]), 'The field is being solved; its figures come in by themselves.', true,
            );
        }
        $heat = Assessor::formulas($project->site, $option->design);
        $difference = $project->site->indoor - array_sum($project->site->climate->monthly) / 12;
        // The part of the formula's floor that belongs to a metre of edge.
        $floor = $heat->floor->steadyCoefficient / $option->design->footprint->exposed;
        $walls = $values = [];
        foreach (Cuts::of($plan, $option->design) as $wall => $stretch) {
            $psi = $known->psi[$stretch] ?? null;
            if ($psi === null) {
                continue;
            }
            $values[$wall] = $which === 'psi' ? $psi : ($psi + $floor) * $difference;
            $walls[$wall] = $which === 'psi' ? $format->format($psi, Quantity::LinearTransmittance)
                : $format->format($values[$wall], Quantity::LinearPower);
        }
        $most = max([1e-9, ...array_values(array_map(abs(...), $values))]);

        return new PlanLayer($which, new PlanOverlay(self::ALL[$which], $walls, array_map(
            static fn (float $v): float => abs($v) / $most, $values,
        )), $which === 'psi'
            ? 'ψ by option A, from the field of each section. Longest bar: '.$format->format($most, Quantity::LinearTransmittance).'.'
            : 'Over the year’s mean: what a metre of edge and the floor that belongs to it lose. Longest bar: '
                .$format->format($most, Quantity::LinearPower).'.');
    }

    private function frost(Project $project, Option $option, Plan $plan, QuantityFormatter $format): PlanLayer
    {
        $verdict = Assessor::frost($project->site, $option->design);
        if ($verdict->reason !== null) {
            return new PlanLayer('frost', new PlanOverlay(self::ALL['frost']), $verdict->reason);
        }
        $use = $project->site->frost->use;
        $margins = [];
        foreach ($this->winters->known($project, $option) as $proof) {
            if ($proof->use === $use) {
                $margins[$proof->id()] = $proof;
            }
        }
        $cuts = Cuts::of($plan, $option->design);
        $waits = array_diff(array_unique($cuts), array_keys($margins)) !== [];
        if ($waits) {
            $this->later->ask(Kind::Winters, $project, $option);
        }
        $walls = array_map(static fn (string $s): string => isset($margins[$s]) ? self::margin($margins[$s], $format) : '…', $cuts);
        $bars = array_map(static fn (string $s): float => isset($margins[$s]) && is_finite($margins[$s]->margin)
            ? max(0.1, min(1.0, 0.5 - $margins[$s]->margin)) : 0.0, $cuts);
        $table = $verdict->table->holds();
        $corner = match ($table) {
            true => 'table holds', false => 'table fails', default => 'table: no row'
        };
        // Frost comes from two sides where both walls are exposed.
        $before = array_flip(array_map(static fn (Corner $c): string => $c->next, $plan->corners));
        $outward = array_values(array_filter(
            $plan->outline->outward(), static fn (string $id): bool => isset($cuts[$id], $cuts[$before[$id]]),
        ));

        return new PlanLayer('frost', new PlanOverlay(
            self::ALL['frost'], $walls, $bars, array_fill_keys($outward, $corner),
        ), 'How far frost stays '
            .'from under the bearing in the design winter, by the section at each wall; thick is near. A section shows no corner: the table '
            .'stands for it there.'.($waits ? ' Winters are being run.' : ''), $waits);
    }

    private static function margin(FrostProof $proof, QuantityFormatter $format): string
    {
        return is_finite($proof->margin) ? $format->format($proof->margin, Quantity::Depth) : 'no frost there';
    }

    private function load(Project $project, Option $option, Plan $plan, QuantityFormatter $format): PlanLayer
    {
        $load = LoadVerdict::of($project->site, $option->design);
        $edge = $load->at('edge');
        $said = static fn ($check): string => $format->format($check->total, Quantity::Stress)
            .($check->share() === null ? '' : sprintf(', %d %% of what may', (int) round(100 * $check->share())));
        $walls = $edge === null ? [] : array_fill_keys(array_keys(Cuts::of($plan, $option->design)), $said($edge));
        $items = [];
        foreach ($plan->items->and($option->layout())->all as $id => $item) {
            $check = $item instanceof Post || $item instanceof BearingStrip ? $load->at($item->of) : null;
            if ($check !== null) {
                $items[$id] = $said($check);
            }
        }

        return new PlanLayer('load', new PlanOverlay(
            self::ALL['load'], $walls, $edge?->share() === null ? [] : array_fill_keys(
                array_keys($walls), min(1.0, $edge->share()),
            ), [], $items,
        ), 'Stress on the board under the edge, and under posts and bearing walls that name a kind; the worst place of each kind governs.');
    }

    private function findings(Option $option, Plan $plan): PlanLayer
    {
        $corners = $items = [];
        foreach (PlanReview::of($plan, $option->typed(), $option->layout()) as $place => $remarks) {
            [$of, $id] = [...explode(':', $place), ''];
            usort($remarks, static fn (Remark $a, Remark $b): int => $a->severity->rank() <=> $b->severity->rank());
            $words = $remarks[0]->severity->value.(count($remarks) > 1 ? ' +'.(count($remarks) - 1) : '');
            if ($of === 'item') {
                $items[$id] = $words;
            } elseif ($of === 'corner') {
                $corners[$id] = $words;
            }
        }

        return new PlanLayer('findings', new PlanOverlay(self::ALL['findings'], [], [], $corners, $items),
            $corners === [] && $items === [] ? 'Nothing is said of any place.'
                : 'The gravest word at each place; all of them stand in the list.');
    }

    private function products(Option $option, QuantityFormatter $format): PlanLayer
    {
        [$design, $at] = [$option->design, Layout::of($option->design)];
        $lines = [];
        $name = static fn (Part $part, float $thick): string => $part->label().', '.$format->format($thick, Quantity::Thickness);
        if ($design->fieldBoard->present()) {
            $lines[] = ['inset' => -$at->tray, 'label' => 'within: '.$name(
                $design->perimeterBoard->present() ? Part::Perimeter : Part::Field,
                $design->perimeterBoard->present() ? $design->perimeterBoard->thickness() : $design->fieldBoard->thickness,
            )];
        }
        if ($design->perimeterBoard->present()) {
            $lines[] = ['inset' => -$at->zone, 'label' => 'within: '.$name(Part::Field, $design->fieldBoard->thickness)];
        }
        if ($design->wing->present()) {
            $lines[] = ['inset' => -($at->boardFace + $design->wing->width), 'label' => 'to here: '.$name(
                Part::Wing, $design->wing->layer->thickness,
            )];
        }

        return new PlanLayer('products', new PlanOverlay(self::ALL['products'], lines: $lines), $lines === []
            ? 'One board throughout, or none.' : 'Lines at which one board gives way to another.');
    }
}
