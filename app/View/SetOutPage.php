<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Http\Request;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Drawing\Role;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\SetOut\Held;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\SetOut;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Tape;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** A sheet to set out by, and what is typed on it: tapes to square up by, a back sight to level by. Nothing of it is stored. */
final readonly class SetOutPage
{
    /**
     * @param  array<string, string>  $typed  by field
     * @param  array<string, string>  $wrong  by field
     */
    private function __construct(
        public Project $project,
        public Option $option,
        public Plan $plan,
        public QuantityFormatter $format,
        public SetOut $out,
        public string $svg,
        public array $typed,
        public array $wrong,
        public ?SquareUp $square,
        public ?Rods $rods,
    ) {}

    public static function of(Project $project, QuantityFormatter $format, Request $request): self
    {
        $option = $project->building();
        $plan = $option->plan() ?? throw new \LogicException('looked for before');
        $out = SetOut::of($plan, $option->design, $option->layout());
        [$typed, $wrong, $tapes] = [[], [], []];
        $read = static function (string $field, string $text, Quantity $quantity) use ($format, &$typed, &$wrong): ?float {
            $typed[$field] = $text;
            if (trim($text) === '') {
                return null;
            }
            try {
                return QuantityParser::parse($text, $quantity, $format->system, $format->mark);
            } catch (UnreadableQuantity $e) {
                $wrong[$field] = $e->getMessage();

                return null;
            }
        };
        $of = static fn (string $field): string => is_string($request->query($field)) ? $request->query($field) : '';
        $celsius = $read('warm', $of('warm'), Quantity::Temperature) ?? Tape::MARKED;
        $all = is_array($request->query('tape')) ? $request->query('tape') : [];
        foreach ([...$out->sides, ...$out->diagonals] as $line) {
            $field = "{$line['from']}-{$line['to']}";
            $text = $all[$field] ?? '';
            $m = $read($field, is_string($text) ? $text : '', Quantity::Length);
            if ($m !== null) {
                $tapes[] = new Tape($line['from'], $line['to'], Tape::corrected($m, $celsius));
            }
        }
        $square = null;
        $typed['hold'] = $of('hold');
        $typed['both'] = $of('both');
        if ($tapes !== [] && $wrong === []) {
            $held = explode('-', $typed['hold']);
            try {
                $square = count($held) === 2
                    ? SquareUp::of($plan->outline, $tapes, new Held($held[0], $held[1], $typed['both'] === '1'))
                    : throw FaultyInput::one(Fault::of('/hold', 'nothing', 'what stays: choose it, it is never assumed'));
            } catch (FaultyInput $e) {
                $wrong['square'] = implode(
                    ' ', array_map(static fn (Fault $f): string => "Found {$f->found}. Allowed: {$f->allowed}.", $e->faults),
                );
            }
        }
        $sight = $read('sight', $of('sight'), Quantity::Length);

        return new self(
            $project, $option, $plan, $format, $out,
            SvgWriter::beside(
                PlanDrawing::of($plan, $option->design, $option->layout(), $format)->without(Role::Handle),
            ), $typed, $wrong, $square,
            $sight === null ? null : Rods::from($plan->benchmark, $sight),
        );
    }

    public function length(float $m): string
    {
        return $this->format->taped($m);
    }

    public function small(float $m): string
    {
        return $this->format->format($m, Quantity::Thickness);
    }

    /** What the rod reads on a level of the section; empty without a back sight. */
    public function rod(float $level): string
    {
        return $this->rods === null ? '' : $this->length($this->rods->rod($level));
    }

    /** @return array<string, string> what may be held, with words */
    public function holds(): array
    {
        $ways = ['' => 'choose what stays'];
        foreach ($this->plan->outline->sides() as $side) {
            $ways["{$side->from}-{$side->to}"] = "corner {$side->from} and the line {$side->from}–{$side->to}";
        }

        return $ways;
    }

    /** @return list<array{corner: string, words: string, within: bool}> which way to move each corner */
    public function moves(): array
    {
        $moves = [];
        foreach ($this->square?->best()->moves ?? [] as $corner => [$dx, $dy]) {
            $way = static fn (float $by, string $plus, string $minus): string => $by >= 0 ? $plus : $minus;
            $moves[] = [
                'corner' => $corner,
                'words' => hypot($dx, $dy) < 0.0005 ? 'stays'
                    : $this->small(abs($dx)).' '.$way(
                        $dx, 'right', 'left',
                    ).', '.$this->small(abs($dy)).' '.$way($dy, 'up', 'down').' the sheet',
                'within' => $this->square?->isWithin($corner) ?? true,
            ];
        }

        return $moves;
    }
}
