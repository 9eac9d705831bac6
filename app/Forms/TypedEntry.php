<?php

declare(strict_types=1);

namespace App\Forms;

use App\Models\User;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Ondergrond\AsBuilt\BoardLeftOut;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Logbook\Passing;
use Ondergrond\Logbook\Where;
use Ondergrond\Plan\Plan;
use Ondergrond\Project\Ulid;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\Slip;
use Ondergrond\Units\UnreadableQuantity;

/** An entry of the log out of its form. */
final readonly class TypedEntry
{
    private const MOST_VALUES = 200;

    public function __construct(
        private Request $request,
        private QuantityFormatter $format,
        private DateTimeInterface $now,
        private string $zone,
    ) {}

    /**
     * A reading of an item of a hold point.
     *
     * @param  Entry|null  $last  what was read of it before
     *
     * @throws ValidationException with a message at its field
     */
    public function reading(HoldItem $item, ?Entry $last, string $photo, Design $design, ?Plan $plan): Entry
    {
        $field = strtr($item->id, ':', '-');
        $text = trim($this->word('value'));
        $values = match ($item->kind) {
            EntryKind::Seen => [$this->word('seen') === 'no' ? 0.0 : 1.0],
            EntryKind::Note, EntryKind::Photograph => [],
            EntryKind::Pressure => [...($last->values ?? []), ...$this->pressure($field, $last)],
            EntryKind::Weather => $this->each($field, [Quantity::Temperature, Quantity::Speed, Quantity::Thickness]),
            EntryKind::Rating => $text === '' ? [] : [$this->value($field, $text, Quantity::Pressure)],
            default => $this->values($field, $text, $item->kind->quantity() ?? Quantity::Ratio),
        };
        if ($item->kind === EntryKind::Weather) {
            // Rain is kept in mm.
            $values = [$values[0], $values[1], 1000 * $values[2]];
        }
        if ($item->kind === EntryKind::Photograph && $photo === '') {
            throw ValidationException::withMessages([$field => 'Take a photograph, or choose one.']);
        }
        if (count($values) < $item->kind->needs()) {
            throw ValidationException::withMessages([$field => 'Type what was read.']);
        }
        $this->askBack($field, $item, $values);

        return $this->entry(
            $item->kind, new Where(
                hold: $item->id, part: $item->part, stretch: $this->stretch($field, $design, $plan), place: $this->place(),
            ), $values,
            $text, $item->drawn, $item->min, $item->max, $photo, replaces: $item->kind === EntryKind::Pressure ? $last->id ?? '' : '',
        );
    }

    /** What stands by itself: a note, a photograph, a board that was left out. @throws ValidationException */
    public function free(EntryKind $kind, string $photo, Design $design, ?Plan $plan): Entry
    {
        $part = $this->word('part');
        if ($kind === EntryKind::LeftOut) {
            $of = Part::tryFrom($part);
            if ($of === null || ! in_array($of, BoardLeftOut::PARTS, true) || ! $of->of($design)->present()) {
                throw ValidationException::withMessages(['part' => 'Choose a board of this design’s edge.']);
            }
            $stretch = $this->stretch('stretch', $design, $plan);
            if ($stretch === '') {
                throw ValidationException::withMessages(['stretch' => 'Choose along which wall.']);
            }

            return $this->entry(
                $kind, new Where(
                    part: $part, stretch: $stretch, place: $this->place(),
                ), $this->values('length', trim($this->word('value')), Quantity::Length),
                trim($this->word('value')), photo: $photo,
            );
        }
        if (trim($this->word('note')) === '' && $photo === '') {
            throw ValidationException::withMessages(['note' => 'Write something, or take a photograph.']);
        }

        return $this->entry(
            $photo === '' ? EntryKind::Note : EntryKind::Photograph, new Where(
                task: $this->word('task'), place: $this->place(),
            ), [], photo: $photo,
        );
    }

    /** @throws ValidationException where it may not be passed so */
    public function pass(HoldState $state): Entry
    {
        $passing = new Passing(
            $state->hold, [...$state->missing(), ...$state->failing()], mb_substr(trim($this->word('reason')), 0, 500),
            mb_substr(trim($this->word('competent')), 0, 120), mb_substr(trim($this->word('document')), 0, 200),
        );
        try {
            Logbook::mayPass($state, $passing);
        } catch (\Ondergrond\Fault\FaultyInput $e) {
            throw ValidationException::withMessages(["pass-{$state->hold->value}" => array_map(
                static fn ($f): string => "Found: {$f->found}. Allowed: {$f->allowed}.",
                $e->faults,
            )]);
        }

        return $this->entry(EntryKind::Pass, new Where, [], passing: $passing);
    }

    /** Of the device where it says one; a second try of the same sending has the same. */
    public function id(): string
    {
        $id = $this->word('id');

        return Ulid::isOne($id) ? $id : (string) Str::ulid();
    }

    /** What is said in words: a point that is open, or how one was settled. */
    public function told(EntryKind $kind, Where $about, string $text): Entry
    {
        return $this->entry($kind, $about, [], trim($text));
    }

    /**
     * One of several that are sent together: each has an id of its own, made here.
     *
     * @param  list<float>  $values
     */
    public function several(
        EntryKind $kind, Where $about, array $values, string $text = '', ?float $drawn = null, ?float $min = null, ?float $max = null,
        string $instrument = '',
    ): Entry {
        return new Entry(
            (string) Str::ulid(), $kind, $about, $values, mb_substr($text, 0, 2000), '', $drawn, $min, $max, $instrument,
            who: User::current()->name, at: $this->at(), counter: max(0, $this->request->integer('counter')),
            received: gmdate('Y-m-d\TH:i:s\Z', $this->now->getTimestamp()),
        );
    }

    /** @param  list<float>  $values */
    private function entry(
        EntryKind $kind,
        Where $about,
        array $values,
        string $text = '',
        ?float $drawn = null,
        ?float $min = null,
        ?float $max = null,
        string $photo = '',
        string $replaces = '',
        ?Passing $passing = null,
    ): Entry {
        return new Entry(
            $this->id(), $kind, $about, $values, mb_substr($text, 0, 2000), '', $drawn, $min, $max, mb_substr(
                trim($this->word('instrument')), 0, 120,
            ),
            who: User::current()->name, at: $this->at(), counter: max(0, $this->request->integer('counter')),
            received: gmdate('Y-m-d\TH:i:s\Z', $this->now->getTimestamp()), replaces: $replaces !== '' ? $replaces : $this->replaces(),
            photo: $photo, note: mb_substr(trim($this->word('note')), 0, 2000), passing: $passing,
        );
    }

    private function at(): string
    {
        $at = $this->word('at');

        return preg_match(
            '~^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d[+-]\d\d:\d\d$~', $at,
        ) === 1 && abs((int) strtotime($at) - $this->now->getTimestamp()) < 86_400
            ? $at
            : \DateTimeImmutable::createFromInterface($this->now)->setTimezone(new DateTimeZone($this->zone))->format('Y-m-d\TH:i:sP');
    }

    private function replaces(): string
    {
        return Ulid::isOne($this->word('replaces')) ? $this->word('replaces') : '';
    }

    private function place(): string
    {
        return mb_substr(trim($this->word('place')), 0, 120);
    }

    private function word(string $name): string
    {
        return Word::of($this->request, $name);
    }

    /** @throws ValidationException */
    private function stretch(string $field, Design $design, ?Plan $plan): string
    {
        $stretch = $this->word('stretch');
        $known = [...array_column(Stretch::all($design), 'id'), ...array_map(
            static fn (string $c): string => "wall:{$c}",
            $plan === null ? [] : array_keys($plan->outline->points),
        )];
        if ($stretch !== '' && ! in_array($stretch, $known, true)) {
            throw ValidationException::withMessages([$field => 'There is no such wall.']);
        }

        return $stretch;
    }

    /**
     * @return list<float>
     *
     * @throws ValidationException
     */
    private function values(string $field, string $text, Quantity $quantity): array
    {
        $words = preg_split('~\s*[;\n]\s*|\s{2,}~', $text, -1, PREG_SPLIT_NO_EMPTY);
        $words = $words === false ? [] : $words;
        // Bare numbers need no semicolons between them.
        if (count($words) === 1 && preg_match('~^-?\d+(?:[.,]\d+)?(?:\s+-?\d+(?:[.,]\d+)?)+$~', $words[0]) === 1) {
            $words = explode(' ', (string) preg_replace('~\s+~', ' ', $words[0]));
        }
        if (count($words) > self::MOST_VALUES) {
            throw ValidationException::withMessages([$field => 'Allowed: up to '.self::MOST_VALUES.' readings.']);
        }

        return array_map(fn (string $word): float => $this->value($field, $word, $quantity), $words);
    }

    /**
     * @param  non-empty-list<Quantity>  $quantities
     * @return list<float>
     *
     * @throws ValidationException
     */
    private function each(string $field, array $quantities): array
    {
        return array_map(
            fn (Quantity $q, int $i): float => $this->value($field, trim($this->word("value{$i}")), $q),
            $quantities,
            array_keys($quantities),
        );
    }

    /**
     * @return list<float> hours since the first reading, °C, Pa
     *
     * @throws ValidationException
     */
    private function pressure(string $field, ?Entry $last): array
    {
        $values = $this->each($field, [Quantity::Hours, Quantity::Temperature, Quantity::GaugePressure]);
        if ($last !== null && $last->values !== [] && $values[0] <= $last->values[count($last->values) - 3]) {
            throw ValidationException::withMessages([$field => 'Allowed: hours after the reading before.']);
        }

        return $values;
    }

    /** @throws ValidationException */
    private function value(string $field, string $text, Quantity $quantity): float
    {
        try {
            return QuantityParser::parse($text, $quantity, $this->format->system, $this->format->mark);
        } catch (UnreadableQuantity $e) {
            throw ValidationException::withMessages([$field => $e->getMessage()]);
        }
    }

    /**
     * A slip of unit or point is asked back rather than believed.
     *
     * @param  list<float>  $values
     *
     * @throws ValidationException
     */
    private function askBack(string $field, HoldItem $item, array $values): void
    {
        $expected = $item->drawn ?? $item->min ?? $item->max;
        if ($expected === null || $this->request->boolean('sure') || $item->kind->quantity() === null || $item->kind === EntryKind::Count) {
            return;
        }
        foreach ($values as $value) {
            $slip = Slip::of($value, $expected);
            if ($slip !== null) {
                throw ValidationException::withMessages([$field => sprintf(
                    'Is that so? %s is %s Tick “that is what it reads” if it is.',
                    $this->format->format($value, $item->kind->quantity()), $slip,
                ), "{$field}-sure" => '1']);
            }
        }
    }
}
