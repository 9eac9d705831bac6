<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Damp\Stacks;
use Ondergrond\Damp\StackVariant;
use Ondergrond\Damp\Surface;
use Ondergrond\Damp\Surfaces;
use Ondergrond\Damp\Trap;
use Ondergrond\Damp\Vapour;
use Ondergrond\Damp\VapourLayer;
use Ondergrond\Inspection\Diagnosis;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Rules\Ruling;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Verdict;

/** The damp verdict in words. */
final readonly class DampPage
{
    /** @param  list<Inspection>  $seen  damp places that were looked at */
    public function __construct(
        public DampVerdict $verdict,
        public QuantityFormatter $format,
        public Ruling $ruling,
        public array $seen = [],
    ) {}

    /**
     * What lies in a stack at the end of each month, all its cuts together.
     *
     * @return list<float> kg/m², January first
     */
    public function held(DampStack $stack): array
    {
        $held = array_fill(0, 12, 0.0);
        foreach ($stack->year->held as $months) {
            foreach ($months as $i => $kg) {
                $held[$i] += $kg;
            }
        }

        return array_map(static fn (int $m): float => $held[$m] ?? 0.0, range(0, 11));
    }

    /** What somebody has seen at a place, and what that points to, a sentence. */
    public function sees(Inspection $seen): string
    {
        return $seen->place.', '.$seen->on.': '.Diagnosis::of($seen)->inShort();
    }

    /** What is judged, by the key of its word. */
    public static function title(string $what): string
    {
        return match ($what) {
            'stacks' => 'vapour in the layers',
            'surfaces' => 'mould at the faces',
            'traps' => 'water built in',
            'water' => 'water that presses',
            default => 'slab under its finish',
        };
    }

    /** The one thing to know, a sentence. */
    public function found(): string
    {
        $v = $this->verdict;
        $words = $v->words();
        foreach (['stacks', 'surfaces', 'traps', 'water', 'drying'] as $what) {
            if ($words[$what] === Verdict::Fails) {
                return $this->said($what);
            }
        }
        foreach (['water', 'drying'] as $what) {
            if ($words[$what] === Verdict::NotChecked) {
                return $this->said($what);
            }
        }

        return $v->stacks === null
            ? 'The section as drawn is being worked out.'
            : $this->said($words['stacks'] === Verdict::Close ? 'stacks' : 'surfaces');
    }

    /** @return list<string> by month, the factor that the rooms' faces need */
    public function needed(): array
    {
        return array_map(
            fn (?float $f): string => $f === null || $f < 0 ? '–' : $this->factor($f),
            Surfaces::neededBy($this->verdict->air),
        );
    }

    /** What is said of one thing, a sentence. */
    public function said(string $what): string
    {
        $v = $this->verdict;

        return match ($what) {
            'stacks' => $this->stack($v->wettest()),
            'surfaces' => $this->surface($v->dampest()),
            'traps' => $this->trap($v->traps),
            'water' => $this->water(),
            default => $this->drying(),
        };
    }

    private function stack(?DampStack $stack): string
    {
        return match (true) {
            $this->verdict->stacks === null => 'The section as drawn is being worked out.',
            $stack === null
                || $stack->where() === null
                || $stack->year->peak < DampStack::TRACE => 'Nothing condenses in floor, wall, rim or deck.',
            $stack->isKept() => sprintf('%s, %s: %s stays each year.', $stack->label, $stack->where(), $this->water($stack->year->left)),
            default => sprintf(
                '%s, %s: up to %s lies there and dries again.',
                $stack->label,
                $stack->where(),
                $this->water($stack->year->peak),
            ),
        };
    }

    private function surface(?Surface $surface): string
    {
        if ($surface === null) {
            return $this->verdict->surfaces === null ? 'The section as drawn is being worked out.' : 'No face is colder than the room.';
        }
        $hours = $this->verdict->hoursAtRiskSetBack();

        return sprintf(
            'Dampest in %s: %s at the %s, %s; mould grows above %s.',
            Calendar::MONTHS[$surface->worstMonth() - 1], $this->share($surface->humidity[$surface->worstMonth() - 1]),
            $surface->name, $this->side($surface), $this->share(Surface::LIMIT),
        ).($hours > $this->verdict->hoursAtRisk() ? sprintf(
            ' Where rooms are let cool by %s at night it may grow in %s hours of the year.',
            $this->format->format($this->verdict->site->damp->setBack, Quantity::TemperatureDifference),
            $this->format->mark->grouped($hours),
        ) : '');
    }

    /** @param  list<Trap>  $traps */
    private function trap(array $traps): string
    {
        foreach ($traps as $trap) {
            if (! $trap->holds()) {
                return ucfirst($trap->what).': '.$this->years($trap).' to dry.';
            }
        }

        return $traps === [] ? 'Nothing wet lies between two tight layers.' : 'What is built in dries within '.(int) Trap::YEARS.' years.';
    }

    public function years(Trap $trap): string
    {
        return $trap->years() > 200.0 ? 'more than 200 years' : (
            $trap->years() < 1.5
            ? 'about a year'
            : sprintf('about %.0f years', $trap->years())
        );
    }

    /** @param  float|null  $kg  kg/m²; null: what is said of the water table */
    private function water(?float $kg = null): string
    {
        if ($kg !== null) {
            return $this->format->format($kg, Quantity::Water);
        }
        $w = $this->verdict->water;

        return match (true) {
            ! $w->isKnown() => 'How high the water table comes is not said.',
            $w->lifts() => sprintf(
                'Water would lift the floor: %s against %s.',
                $this->format->format($w->uplift() ?? 0.0, Quantity::Stress),
                $this->format->format($w->weight, Quantity::Stress),
            ),
            $w->presses() => 'Water presses, and nothing keeps it out of '.implode(' and ', $w->unsealed()).'.',
            ($w->floorHead ?? 0.0) > 0.0 => sprintf(
                'The highest water stands %s over the floor’s underside.',
                $this->format->format($w->floorHead ?? 0.0, Quantity::Depth),
            ),
            $w->deep && ($w->wallHead ?? 0.0) > 0.0 => sprintf(
                'The highest water stands %s over the footing.',
                $this->format->format($w->wallHead ?? 0.0, Quantity::Depth),
            ),
            default => 'No water presses on floor or wall.',
        };
    }

    private function drying(): string
    {
        $finish = $this->verdict->design->finish;
        $limit = $finish->kind->limit();
        $drying = $this->verdict->drying;
        if ($limit === null || $drying === null) {
            return 'Nothing that minds is laid on the slab.';
        }
        if ($finish->wait <= 0.0) {
            return 'When the finish is laid is not said.';
        }

        return sprintf(
            'When the finish is laid the slab holds %s; it may hold %s.',
            $this->share($drying->humidity($finish->wait)),
            $this->share($limit),
        );
    }

    /** A surface factor, with both its decimals. */
    public function factor(float $value): string
    {
        return $this->format->mark->written(sprintf('%.2f', $value));
    }

    public function share(float $value): string
    {
        return sprintf("%.0f\u{a0}%%", 100 * $value);
    }

    public function side(Surface $surface): string
    {
        return mb_strtolower(Stretch::find($this->verdict->design, $surface->side)->label ?? $surface->side);
    }

    /** How a layer passes vapour: as still air, or in perms where inches are read. */
    public function passes(VapourLayer $layer): string
    {
        return $this->format->system === UnitSystem::Metric ? $this->format->number($layer->airLayer, Quantity::AirLayer) : (
            $layer->airLayer > 0.0
            ? sprintf('%.2g', Vapour::perms($layer->airLayer))
            : '–'
        );
    }

    public function passesIn(): string
    {
        return $this->format->system === UnitSystem::Metric ? 'as m of still air' : 'perms';
    }

    /**
     * @param  list<int>  $months  1 to 12
     * @return string `Nov to Mar`, or `none`
     */
    public static function months(array $months): string
    {
        if ($months === []) {
            return 'none';
        }
        if (count($months) === 12) {
            return 'all year';
        }
        $runs = [];
        foreach (range(1, 12) as $m) {
            $before = $m === 1 ? 12 : $m - 1;
            if (in_array($m, $months, true) && ! in_array($before, $months, true)) {
                $end = $m;
                while (in_array($end % 12 + 1, $months, true)) {
                    $end = $end % 12 + 1;
                }
                $runs[] = Calendar::MONTHS[$m - 1].($end === $m ? '' : ' to '.Calendar::MONTHS[$end - 1]);
            }
        }

        return implode(', ', $runs);
    }

    /** @return list<StackVariant> */
    public function variants(DampStack $stack): array
    {
        return Stacks::variants($this->verdict->design, $stack);
    }
}
