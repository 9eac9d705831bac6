<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Survey;
use Ondergrond\Plan\Outline;
use Ondergrond\SetOut\Diagonals;
use Ondergrond\SetOut\Held;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Tape;
use Ondergrond\SetOut\TapeClass;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;

/** Tapes between the corners as they stand: which of them is out, which way to move it, what to read then. */
final readonly class SquarePage
{
    /**
     * @param  Outline  $outline  along the outer face of the concrete
     * @param  string  $hold  what stays, `A-B`; empty: nobody has said it
     * @param  bool  $both  whether both its corners stay
     * @param  bool  $framed  whether a frame maker asks for 6 mm in 30 m
     * @param  float  $celsius  of the tape now
     * @param  list<string>  $wrong  why the tapes cannot be worked out
     */
    private function __construct(
        public Project $project,
        public Option $option,
        public QuantityFormatter $format,
        public Outline $outline,
        public Survey $survey,
        public string $hold,
        public bool $both,
        public bool $framed,
        public string $class,
        public string $warm,
        public float $celsius,
        public ?SquareUp $square,
        public array $wrong,
        public bool $may,
    ) {}

    public static function of(Project $project, QuantityFormatter $format, Request $request): self
    {
        $option = $project->building();
        $outline = ($option->plan() ?? throw new \LogicException('looked for before'))->atConcrete($option->design)->outline;
        $survey = Survey::of($project->log());
        $word = static fn (string $name): string => is_string($request->input($name)) ? trim($request->input($name)) : '';
        [$hold, $both, $framed] = [$word('hold'), $word('both') === '1', $word('framed') === '1'];
        $tapes = $survey->between(...array_keys($outline->points));
        $square = null;
        $wrong = [];
        if ($tapes !== [] && $hold !== '') {
            $held = [...explode('-', $hold), ''];
            try {
                $square = SquareUp::of($outline, $tapes, new Held($held[0], $held[1], $both), $framed);
            } catch (FaultyInput $e) {
                $wrong = array_map(static fn (Fault $f): string => "Found {$f->found}. Allowed: {$f->allowed}.", $e->faults);
            }
        }
        try {
            $celsius = $word('warm') === '' ? Tape::MARKED
                : QuantityParser::parse($word('warm'), Quantity::Temperature, $format->system, $format->mark);
        } catch (UnreadableQuantity) {
            $celsius = Tape::MARKED;
        }

        return new self(
            $project, $option, $format, $outline, $survey, $hold, $both, $framed,
            TapeClass::tryFrom($word('class'))->value ?? '', $word('warm'), $celsius, $square, $wrong, Gate::allows('inspect', $project),
        );
    }

    /** @return list<array{from: string, to: string, m: float}> walls, then diagonals */
    public function lines(): array
    {
        $walls = [];
        foreach ($this->outline->sides() as $side) {
            $walls[] = ['from' => $side->from, 'to' => $side->to, 'm' => $side->length()];
        }

        return [...$walls, ...Diagonals::of($this->outline)];
    }

    /** @return array<string, string> what was chosen, as it goes into addresses */
    public function asked(): array
    {
        return array_filter([
            'hold' => $this->hold, 'both' => $this->both ? '1' : '', 'framed' => $this->framed ? '1' : '', 'class' => $this->class,
            'warm' => $this->warm,
        ], static fn (string $v): bool => $v !== '');
    }

    /** @return array<string, string> what may be held, with words */
    public function holds(): array
    {
        $ways = ['' => 'choose what stays'];
        foreach ($this->outline->sides() as $side) {
            $ways["{$side->from}-{$side->to}"] = "corner {$side->from} and the line {$side->from}–{$side->to}";
            $ways["{$side->to}-{$side->from}"] = "corner {$side->to} and the line {$side->to}–{$side->from}";
        }

        return $ways;
    }

    /** @return array<string, string> */
    public function classes(): array
    {
        return ['' => 'not said', ...array_column(array_map(
            static fn (TapeClass $c): array => [$c->value, $c->label()], TapeClass::cases(),
        ), 1, 0)];
    }

    /** What makers of large frames ask for, in words. */
    public function framed(): string
    {
        return $this->format->system === UnitSystem::Metric ? '6 mm over 30 m' : '1/4 in over 100 ft';
    }

    public function length(float $m): string
    {
        return $this->format->taped($m);
    }

    public function small(float $m): string
    {
        return $this->format->tapedSmall($m);
    }

    /** The last reading of a tape; null where none was taken, or its corner was moved since. */
    public function read(string $from, string $to): ?Entry
    {
        return $this->survey->tapes["{$from}–{$to}"] ?? null;
    }

    public function isStale(string $from, string $to): bool
    {
        return isset($this->survey->stale["{$from}–{$to}"]);
    }

    /** @return list<array{corner: string, words: string, within: bool, next: list<string>}> which way to move each corner, and what to read then */
    public function moves(): array
    {
        if ($this->square === null) {
            return [];
        }
        $moves = [];
        foreach ($this->square->best()->moves as $corner => [$dx, $dy]) {
            $within = $this->square->isWithin($corner);
            $ways = array_filter(
                $this->square->ways($corner),
                fn (array $w): bool => abs($w['m']) >= ($this->format->system === UnitSystem::Metric ? 0.0005 : Unit::INCH / 32),
            );
            $moves[] = [
                'corner' => $corner,
                'words' => hypot($dx, $dy) < 0.0005 || $ways === [] ? 'stands as drawn' : implode(' and ', array_map(
                    fn (array $w): string => $this->small(abs($w['m'])).($w['m'] > 0.0 ? ' towards ' : ' away from ').$w['towards'], $ways,
                )),
                'within' => $within,
                'next' => $within ? [] : array_map(
                    fn (array $n): string => "{$corner}–{$n['to']} ".$this->length(Tape::reads($n['m'], $this->celsius)),
                    $this->square->nextReadings($corner),
                ),
            ];
        }

        return $moves;
    }

    public function isSquare(): bool
    {
        return $this->square?->isPlaced() === true && array_filter($this->moves(), static fn (array $m): bool => ! $m['within']) === [];
    }

    /** @return list<array{name: string, off: string, checked: string}> each tape against what fits all of them best */
    public function residuals(): array
    {
        $lines = [];
        foreach ($this->square->tapes ?? [] as $i => $tape) {
            $v = $this->square->adjustment->residuals[$i] ?? 0.0;
            $lines[] = [
                'name' => $tape->name(),
                'off' => abs($v) < 0.0005 ? 'fits' : $this->small(abs($v)).($v < 0.0 ? ' too long' : ' too short'),
                'checked' => ($this->square->adjustment->shares[$i] ?? 0.0) < 0.01 ? 'no other tape checks it' : '',
            ];
        }

        return $lines;
    }
}
