<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Kinds\SetUp;
use Ondergrond\Logbook\Survey;
use Ondergrond\Logbook\Where;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;
use Ondergrond\SetOut\PegCheck;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Tape;
use Ondergrond\SetOut\TapeClass;
use Ondergrond\SetOut\Target;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\Slip;
use Ondergrond\Units\UnreadableQuantity;

/** What was read while setting out, out of its forms: each reading an entry of the log. */
final class TypedSurvey
{
    /** The same reading by the same person so soon after is the same sending, s. */
    private const AGAIN = 120;

    /** @var array<string, list<string>> by field */
    private array $wrong = [];

    public function __construct(
        private readonly Request $request,
        private readonly QuantityFormatter $format,
        private readonly TypedEntry $entry,
        private readonly Survey $survey,
    ) {}

    /**
     * Tapes between corners; those that nobody typed are left as they were.
     *
     * @param  list<array{from: string, to: string, m: float}>  $lines  that may be taped, as drawn
     * @return list<Entry>
     *
     * @throws ValidationException where one cannot be read, is likely a slip, or contradicts the others; nothing is kept then
     */
    public function tapes(Outline $outline, array $lines): array
    {
        $class = TapeClass::tryFrom(Word::of($this->request, 'class'));
        $celsius = $this->value('warm', Word::of($this->request, 'warm'), Quantity::Temperature) ?? Tape::MARKED;
        if ($celsius < -40.0 || $celsius > 60.0) {
            $this->wrong['warm'][] = 'Allowed: '.$this->format->format(-40.0, Quantity::Temperature).' to '
                .$this->format->format(60.0, Quantity::Temperature).'.';
        }
        $typed = $this->request->array('tape');
        $entries = $tapes = [];
        foreach ($lines as $line) {
            $field = "tape.{$line['from']}-{$line['to']}";
            $text = $typed["{$line['from']}-{$line['to']}"] ?? '';
            $read = $this->value($field, is_string($text) ? $text : '', Quantity::Length);
            if ($read === null) {
                continue;
            }
            $slip = Slip::of($read, $line['m']);
            if ($slip !== null || $read <= 0.0 || $read > 2 * $line['m'] + 1 || $read < $line['m'] / 2 - 1) {
                $this->wrong[$field][] = sprintf(
                    'Is that so? Drawn is %s, and %s is %s', $this->format->taped($line['m']), $this->format->taped($read),
                    $slip ?? 'far from it: read it again.',
                );

                continue;
            }
            $true = Tape::corrected($read, $celsius);
            $tapes["{$line['from']}–{$line['to']}"] = new Tape($line['from'], $line['to'], $true, $class);
            $off = SquareUp::tolerance($line['m']);
            $entries[] = $this->entry->several(
                EntryKind::Tape, new Where(point: "{$line['from']}–{$line['to']}"), [$true, $celsius], (string) $text, $line['m'],
                $line['m'] - $off, $line['m'] + $off, $class->value ?? '',
            );
        }
        $this->refuse();
        $all = $this->survey->between(...array_keys($outline->points));
        try {
            SquareUp::agree($outline, [...array_filter(
                $all, static fn (Tape $t): bool => ! isset($tapes[$t->name()]),
            ), ...array_values($tapes)]);
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(['tape' => array_map($this->contradiction(...), $e->faults)]);
        }

        return $this->fresh($entries, $this->survey->tapes);
    }

    /**
     * That a corner was moved as it was told.
     *
     * @param  array{float, float}  $by  m
     */
    public function moved(string $corner, array $by): Entry
    {
        return $this->entry->several(EntryKind::Moved, new Where(point: $corner), $by);
    }

    /**
     * The instrument set up or closed, and rods read on what is levelled.
     *
     * @param  array<string, Target>  $targets
     * @return list<Entry>
     *
     * @throws ValidationException where one cannot be read, or no instrument is set up; nothing is kept then
     */
    public function levels(Plan $plan, array $targets): array
    {
        if (Word::of($this->request, 'act') === 'check') {
            return $this->checked();
        }
        if ($plan->benchmark === null) {
            throw ValidationException::withMessages(['back' => 'The benchmark has no level yet: type it on the plan, under its corners.']);
        }
        $entries = match (Word::of($this->request, 'act')) {
            'benchmark' => $this->onBenchmark($plan->benchmark),
            'turning' => $this->overTurning(),
            'close' => $this->closed($plan->benchmark),
            default => $this->rods($targets),
        };
        $this->refuse();

        return $entries;
    }

    /** @return list<Entry> */
    private function checked(): array
    {
        $values = $words = [];
        foreach (['apart', 'middle_a', 'middle_b', 'near_a', 'near_b'] as $field) {
            $words[] = $text = trim(Word::of($this->request, $field));
            $values[] = ($field === 'apart' ? $this->value($field, $text, Quantity::Length) : $this->rod($field, $text)) ?? 0.0;
        }
        $this->refuse();
        try {
            PegCheck::of($values[0], [$values[1], $values[2]], [$values[3], $values[4]]);
        } catch (FaultyInput) {
            throw ValidationException::withMessages(['apart' => 'Allowed: '.$this->format->format(
                PegCheck::NEAREST, Quantity::Length,
            ).' to '
                .$this->format->format(PegCheck::FURTHEST, Quantity::Length).' between the two pegs.']);
        }

        return [$this->entry->several(EntryKind::LevelCheck, new Where, $values, implode('; ', $words))];
    }

    /** @return list<Entry> */
    private function onBenchmark(float $benchmark): array
    {
        $text = Word::of($this->request, 'back');
        $back = $this->rod('back', $text);

        return $back === null ? [] : [
            $this->entry->several(EntryKind::SetUp, new Where(point: SetUp::BENCHMARK), [$benchmark, $back], $text),
        ];
    }

    /** @return list<Entry> */
    private function overTurning(): array
    {
        [$typedFore, $typedBack] = [Word::of($this->request, 'fore'), Word::of($this->request, 'turn_back')];
        [$fore, $back] = [$this->rod('fore', $typedFore), $this->rod('turn_back', $typedBack)];
        $rods = $this->setUp('fore');

        return $fore === null || $back === null || $rods === null ? [] : [$this->entry->several(
            EntryKind::SetUp, new Where(point: SetUp::TURNING), [$rods->instrument() - $fore, $back, $fore],
            trim($typedFore).'; '.trim($typedBack),
        )];
    }

    /** @return list<Entry> */
    private function closed(float $benchmark): array
    {
        $text = Word::of($this->request, 'close');
        $read = $this->rod('close', $text);
        $rods = $this->setUp('close');

        return $read === null || $rods === null ? [] : [$this->entry->several(
            EntryKind::Closing, new Where(point: SetUp::BENCHMARK), [$read, $rods->instrument()], $text, $benchmark,
            $benchmark - $rods->limit(), $benchmark + $rods->limit(),
        )];
    }

    /**
     * @param  array<string, Target>  $targets
     * @return list<Entry>
     */
    private function rods(array $targets): array
    {
        $typed = $this->request->array('rod');
        $entries = [];
        foreach ($targets as $id => $target) {
            $text = $typed[$id] ?? '';
            if (! is_string($text) || trim($text) === '') {
                continue;
            }
            $read = $this->rod("rod.{$id}", $text);
            $rods = $this->setUp("rod.{$id}");
            if ($read === null || $rods === null) {
                continue;
            }
            $expected = $rods->rod($target->level);
            $slip = $expected > 0.05 ? Slip::of($read, $expected) : null;
            if ($slip !== null && ! $this->request->boolean('sure')) {
                $this->wrong["rod.{$id}"][] = sprintf(
                    'Is that so? The rod should read %s, and %s is %s', $this->format->rod($expected), $this->format->rod($read),
                    $slip.' Tick “that is what it reads” if it is.',
                );

                continue;
            }
            $entries[] = $this->entry->several(
                EntryKind::Rod, new Where(
                    item: preg_match(
                        '~^[0-9A-HJKMNP-TV-Z]{26}~', $id, $m,
                    ) === 1 ? $m[0] : '', point: $id, place: mb_substr($target->name, 0, 120),
                ),
                [$read, $rods->instrument()], $text, $target->level, $target->level + $target->low, $target->level + $target->high,
            );
        }

        return $this->fresh($entries, $this->survey->rodsOn);
    }

    private function setUp(string $field): ?Rods
    {
        if ($this->survey->rods === null) {
            $this->wrong[$field][] = 'Set the instrument up first: read the rod on the benchmark.';
        }

        return $this->survey->rods;
    }

    private function rod(string $field, string $text): ?float
    {
        $read = $this->value($field, $text, Quantity::Length);
        if ($read === null && ! isset($this->wrong[$field])) {
            $this->wrong[$field][] = 'Type what the rod reads.';
        }
        if ($read !== null && ($read < 0.0 || $read > Rods::LONGEST)) {
            $this->wrong[$field][] = 'Allowed: '.$this->format->rod(0.0).' to '.$this->format->rod(Rods::LONGEST).', as on a rod.';

            return null;
        }

        return $read;
    }

    private function value(string $field, string $text, Quantity $quantity): ?float
    {
        if (trim($text) === '') {
            return null;
        }
        try {
            return QuantityParser::parse($text, $quantity, $this->format->system, $this->format->mark);
        } catch (UnreadableQuantity $e) {
            $this->wrong[$field][] = $e->getMessage();

            return null;
        }
    }

    private function contradiction(Fault $fault): string
    {
        return "Found {$fault->found}. Allowed: {$fault->allowed}.";
    }

    /**
     * Without those that stand so already: sent twice.
     *
     * @param  list<Entry>  $entries
     * @param  array<string, Entry>  $last
     * @return list<Entry>
     */
    private function fresh(array $entries, array $last): array
    {
        return array_values(array_filter($entries, static function (Entry $e) use ($last): bool {
            $before = $last[$e->about->point] ?? null;

            return $before === null || $before->values !== $e->values || $before->who !== $e->who
                || abs((int) strtotime($before->at) - (int) strtotime($e->at)) > self::AGAIN;
        }));
    }

    /** @throws ValidationException */
    private function refuse(): void
    {
        if ($this->wrong !== []) {
            throw ValidationException::withMessages($this->wrong);
        }
    }
}
