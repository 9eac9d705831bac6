<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Part;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\EntryCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\HeldPressure;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\Kinds\Thickness;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Logbook\Passing;
use Ondergrond\Logbook\Source;
use Ondergrond\Logbook\State;
use Ondergrond\Logbook\Where;
use Ondergrond\Project\Ulid;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Network;
use Ondergrond\Takeoff\Job;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Readings against worked examples that were computed independently (gas law, least squares, statistics of a sample), and
 * hold points as the trade keeps them (common practice, no source).
 */
final class LogbookTest extends TestCase
{
    /** 4.00 bar at 20 °C; nights are colder, and air in a pipe with them. */
    public function test_pressure_is_compared_at_one_temperature(): void
    {
        self::assertEqualsWithDelta(3.743480, HeldPressure::expected(4.0, 20.0, 5.0), 5e-7);
        self::assertEqualsWithDelta(3.758730, HeldPressure::expected(4.0, 20.0, 5.0, then: 0.998), 5e-7);
        foreach (['3.75' => [4.0069, false], '3.70' => [3.9542, false], '3.55' => [3.7961, true]] as $bar => [$corrected, $leaks]) {
            $test = self::pressure([[0, 20, 4.0], [14, 5, (float) $bar]]);
            self::assertEqualsWithDelta($corrected, $test->corrected()[1], 5e-5);
            self::assertSame($leaks, $test->leaks(), $bar);
        }
        self::assertEqualsWithDelta(0.074429, self::pressure([[0, 20, 4.0]])->uncertainty(), 5e-7);
        // 60 psi at 70 °F, 40 °F at night; 14.6959 psi of air.
        $psi = 14.503774;
        self::assertEqualsWithDelta(55.7693, $psi * HeldPressure::expected(60 / $psi, 21.11111, 4.44444), 5e-4);
    }

    public function test_the_least_leak_that_would_have_been_seen(): void
    {
        $volume = 600 * M_PI * 0.006 ** 2;
        self::assertEqualsWithDelta(0.0678584, $volume, 5e-8);
        self::assertEqualsWithDelta(5.529, 1e6 * self::pressure([[0, 20, 4.0], [14, 5, 3.75]])->least($volume), 5e-4);
        self::assertEqualsWithDelta(1.613, 1e6 * self::pressure([[0, 20, 4.0], [48, 5, 3.75]])->least($volume), 5e-4);
    }

    public function test_a_slow_leak_that_warm_hours_hide_is_seen_in_the_series(): void
    {
        $test = self::pressure([
            [0, 20, 4.00], [2, 18.5, 3.97], [6, 15, 3.90], [14, 5, 3.70], [24, 16, 3.86], [38, 6, 3.65], [48, 17.5, 3.81],
        ]);
        self::assertEqualsWithDelta([4.0000, 3.9956, 3.9853, 3.9542, 3.9274, 3.8839, 3.8515], $test->corrected(), 5e-5);
        $line = $test->line();
        self::assertNotNull($line);
        self::assertEqualsWithDelta([4.001177, -0.0031091, -65.9], [$line['at'], $line['slope'], round($line['t'], 1)], 5e-6);
        self::assertTrue($test->leaks());
    }

    public function test_thickness_on_a_grid(): void
    {
        $mm = [102, 98, 104, 110, 95, 101, 99, 107, 92, 103, 100, 105];
        $values = array_map(static fn (int $v): float => $v / 1000, $mm);
        self::assertEqualsWithDelta(
            [0.092, 0.10133333, 0.005015], [min($values), Thickness::mean($values), round(Thickness::deviation($values), 6)], 1e-6,
        );
        $entry = self::entry(EntryKind::Thickness, $values, drawn: 0.1);
        // Thinner than drawn in places: out of the house's practice, within ACI 117 (from memory).
        self::assertSame(State::Close, $entry->said()->state);
        self::assertSame(
            'least 92 mm, mean 101.3 mm of 100 mm drawn; 4 of 12 thinner than drawn; within ACI 117 (mean −9.5 mm, single −19 mm)',
            self::plain($entry),
        );
        self::assertSame(State::In, self::entry(EntryKind::Thickness, [0.1, 0.104], drawn: 0.1)->said()->state);
        self::assertSame(State::Out, self::entry(EntryKind::Thickness, [0.1, 0.080], drawn: 0.1)->said()->state);
        self::assertSame(State::Out, self::entry(EntryKind::Thickness, [0.090, 0.089], drawn: 0.1)->said()->state);
    }

    /** @param  list<float>  $values */
    #[DataProvider('readings')]
    public function test_each_reading_says_at_once_what_it_is(
        EntryKind $kind,
        array $values,
        ?float $min,
        ?float $max,
        State $state,
        string $said,
    ): void {
        $entry = self::entry($kind, $values, min: $min, max: $max);
        self::assertSame($state, $entry->said()->state);
        self::assertStringContainsString($said, self::plain($entry));
    }

    /** @return iterable<string, array{EntryKind, list<float>, float|null, float|null, State, string}> */
    public static function readings(): iterable
    {
        yield 'lap enough' => [EntryKind::Lap, [0.2], 0.15, null, State::In, '200 mm; at least 150 mm'];
        yield 'lap just enough' => [EntryKind::Lap, [0.16], 0.15, null, State::Close, '160 mm'];
        yield 'lap short' => [EntryKind::Lap, [0.12], 0.15, null, State::Out, '120 mm'];
        yield 'level in' => [EntryKind::Level, [0.003], -0.01, 0.01, State::In, 'allowed -10 mm to 10 mm'];
        yield 'level out' => [EntryKind::Level, [-0.011], -0.01, 0.01, State::Out, '-11 mm'];
        yield 'count short' => [EntryKind::Count, [2.0], 3.0, null, State::Out, '2; 3 are drawn'];
        yield 'no label' => [EntryKind::Rating, [], 173.0, null, State::Out, 'unrated'];
        yield 'label of 25 psi' => [EntryKind::Rating, [172.4], 173.0, null, State::In, 'at least'];
        yield 'softer label' => [EntryKind::Rating, [104.0], 173.0, null, State::Out, '104'];
        yield 'seen' => [EntryKind::Seen, [1.0], 1.0, null, State::In, 'as it should be'];
        yield 'seen wrong' => [EntryKind::Seen, [0.0], 1.0, null, State::Out, 'not as it should be'];
        yield 'pressure, too short' => [
            EntryKind::Pressure, [0.0, 20.0, 4e5, 14.0, 5.0, 3.75e5], 48.0, null, State::Close, 'watched for 48 h',
        ];
        yield 'pressure, a leak' => [EntryKind::Pressure, [0.0, 20.0, 4e5, 48.0, 5.0, 3.55e5], 48.0, null, State::Out, 'a leak'];
        yield 'weather' => [EntryKind::Weather, [4.0, 3.0, 2.0], null, null, State::Kept, '4 °C, wind 3 m/s, rain 2 mm'];
    }

    public function test_a_hold_point_is_read_passed_stopped_and_opened_again(): void
    {
        $items = self::items();
        $boards = static fn (Entry ...$e): HoldState => (new Logbook($e))->holds($items)['h7'];
        self::assertSame('to be read', $boards()->word());
        $all = array_map(
            static fn (HoldItem $i): Entry => self::reading($i, in: true),
            array_values(array_filter($items, static fn (HoldItem $i): bool => $i->hold === HoldPoint::Boards)),
        );
        self::assertSame('ready to pass', $boards(...$all)->word());
        $lap = $items['h7:lap'];
        $short = self::reading($lap, in: false, at: '2026-03-04T09:00:00+01:00');
        self::assertSame(['stopped', ['h7:lap']], [$boards(...$all, ...[$short])->word(), $boards(...$all, ...[$short])->failing()]);
        $corrected = self::reading($lap, in: true, at: '2026-03-04T09:05:00+01:00', replaces: $short->id);
        self::assertSame('ready to pass', $boards(...$all, ...[$short, $corrected])->word(), 'a correction counts');

        $pass = self::pass(HoldPoint::Boards, at: '2026-03-04T10:00:00+01:00');
        Logbook::mayPass($boards(...$all), $pass->passing ?? new Passing(HoldPoint::Boards));
        self::assertSame('passed', $boards(...$all, ...[$pass])->word());
        $later = self::reading($lap, in: false, at: '2026-03-04T11:00:00+01:00');
        self::assertSame('open again', $boards(...$all, ...[$pass, $later])->word());
        self::assertFalse($boards(...$all, ...[$pass, $later])->isPassed());
        self::assertSame(
            'to be read', (new Logbook([self::pass(HoldPoint::Boards, source: Source::Imported)]))->holds($items)['h7']->word(),
        );
    }

    public function test_what_is_open_is_passed_with_a_reason_and_what_can_kill_by_a_competent_person_alone(): void
    {
        $items = self::items();
        $state = (new Logbook)->holds($items)['h1'];
        self::assertSame(['h1:soft', 'h1:trench'], $state->forCompetent());
        $over = $state->missing();
        foreach ([
            'does not name what is open' => new Passing(HoldPoint::Formation),
            'no reason' => new Passing(HoldPoint::Formation, $over),
            'no competent person' => new Passing(HoldPoint::Formation, $over, 'it looked fine'),
        ] as $said => $passing) {
            try {
                Logbook::mayPass($state, $passing);
                self::fail($said);
            } catch (FaultyInput $e) {
                self::assertStringContainsString($said, $e->faults[0]->line());
            }
        }
        $passing = new Passing(HoldPoint::Formation, $over, 'seen by the engineer', 'Ada Graaf', 'letter of 2026-03-04');
        Logbook::mayPass($state, $passing);
        $entry = self::pass(HoldPoint::Formation, passing: $passing);
        $passed = (new Logbook([$entry]))->holds($items)['h1'];
        self::assertSame('passed over what is open', $passed->word());
        $this->expectExceptionMessageMatches('~passed by Marit~');
        Logbook::mayPass($passed, $passing);
    }

    public function test_every_kind_of_entry_reads_back_and_says_something(): void
    {
        foreach (EntryKind::cases() as $kind) {
            $entry = $kind === EntryKind::Pass ? self::pass(HoldPoint::Base) : self::entry(
                $kind, array_fill(0, max(1, $kind->needs()), 1.0),
            );
            self::assertEquals($entry, EntryCodec::fromArray((array) json_decode((string) json_encode(EntryCodec::toArray($entry)), true)));
            self::assertNotSame('', $entry->said()->words->in(new QuantityFormatter(UnitSystem::InchPound)));
        }
        foreach ([
            '“thickness”' => ['kind' => 'string'], '1 or more' => ['values' => []], 'string' => ['at' => 'yesterday'],
            'only there' => ['pass' => ['hold' => 'h6']],
        ] as $said => $with) {
            try {
                EntryCodec::fromArray([...EntryCodec::toArray(self::entry(EntryKind::Lap, [0.2])), ...$with]);
                self::fail($said);
            } catch (FaultyInput $e) {
                self::assertStringContainsString($said, implode(' ', array_map(static fn ($f) => $f->line(), $e->faults)));
            }
        }
    }

    public function test_every_hold_point_of_every_example_has_something_to_read(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $of = new Circumstances($project->site, new Job($option->design, $project->units));
                $network = Network::of($of);
                $items = HoldItems::of($of, $network);
                $held = array_unique(array_map(static fn (HoldItem $i): string => $i->hold->value, array_values($items)));
                foreach ($network->tasks as $task) {
                    if ($task->hold !== null) {
                        self::assertContains($task->hold->value, $held, "{$project->name}: {$task->name}");
                    }
                }
                foreach ($items as $item) {
                    self::assertTrue(
                        $item->part === '' || Part::from($item->part)->of($option->design)->present(), "{$project->name}: {$item->id}",
                    );
                    self::assertNotSame('', $item->source);
                }
            }
        }
    }

    /** In metric units, with plain spaces. */
    private static function plain(Entry $entry): string
    {
        return strtr($entry->said()->words->in(new QuantityFormatter(UnitSystem::Metric)), ["\u{a0}" => ' ', "\u{202f}" => ' ']);
    }

    /** @param  list<array{float|int, float|int, float}>  $readings */
    private static function pressure(array $readings): HeldPressure
    {
        return new HeldPressure(array_map(static fn (array $r): array => [
            'hours' => (float) $r[0], 'celsius' => (float) $r[1], 'bar' => $r[2], 'barometer' => HeldPressure::BAROMETER,
        ], $readings));
    }

    /** @return array<string, HoldItem> */
    private static function items(): array
    {
        $project = Examples::boathouse();
        $of = new Circumstances($project->site, new Job($project->options[0]->design, $project->units));

        return HoldItems::of($of, Network::of($of));
    }

    private static function reading(HoldItem $item, bool $in, string $at = '2026-03-04T08:00:00+01:00', string $replaces = ''): Entry
    {
        $value = match (true) {
            $item->min !== null => $in ? $item->min * 1.2 : $item->min * 0.5,
            $item->max !== null => $in ? $item->max * 0.5 : $item->max * 2,
            default => 1.0,
        };

        return new Entry(
            Ulid::from($item->id, $at), $item->kind, new Where(hold: $item->id), [$value], drawn: $item->drawn, min: $item->min,
            max: $item->max,
            who: 'Wen', at: $at, replaces: $replaces,
        );
    }

    private static function pass(
        HoldPoint $hold,
        string $at = '2026-03-04T10:00:00+01:00',
        Source $source = Source::Typed,
        ?Passing $passing = null,
    ): Entry {
        return new Entry(
            Ulid::from('pass', $hold->value, $at), EntryKind::Pass, new Where, source: $source, who: 'Marit', at: $at,
            passing: $passing ?? new Passing($hold),
        );
    }

    /** @param  list<float>  $values */
    private static function entry(EntryKind $kind, array $values, ?float $drawn = null, ?float $min = null, ?float $max = null): Entry
    {
        return new Entry(
            Ulid::from($kind->value), $kind, new Where(part: 'slab'), $values, '', '', $drawn, $min, $max, at: '2026-03-04T08:00:00+01:00',
        );
    }
}
