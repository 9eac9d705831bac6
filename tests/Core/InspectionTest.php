<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\InspectionCodec;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Inspection\Cause;
use Ondergrond\Inspection\Diagnosis;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Inspection\MeterReading;
use Ondergrond\Inspection\Profile;
use Ondergrond\Inspection\Sign;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What damp is taken for. Which sign speaks for which cause is common practice, no source; dew points are ISO 13788's. */
final class InspectionTest extends TestCase
{
    /** @return iterable<string, array{list<Sign>, list<array{float, float}>, Cause}> what a surveyor would see, and say */
    public static function textbook(): iterable
    {
        yield 'rising' => [[Sign::TideLine, Sign::Salts, Sign::WholeWallFoot], [[0.1, 90], [0.4, 70], [0.8, 35], [1.1, 8]], Cause::Rising];
        yield 'penetrating' => [
            [Sign::OnePatch, Sign::AfterRain, Sign::GutterLeaks],
            [[0.3, 10], [1.2, 70], [2.0, 15]],
            Cause::Penetrating,
        ];
        yield 'condensation' => [
            [Sign::Corners, Sign::Mould, Sign::Winter, Sign::FoilFront],
            [[0.1, 22], [0.8, 20], [1.6, 21]],
            Cause::Condensation,
        ];
        yield 'plumbing' => [[Sign::OnePatch, Sign::Warm, Sign::PipeNear, Sign::MeterRuns, Sign::AlwaysSame], [], Cause::Plumbing];
        yield 'construction' => [
            [Sign::NewBuild, Sign::EvenEverywhere, Sign::FoilBehind],
            [[0.2, 60], [1.0, 58], [1.8, 61]],
            Cause::Construction,
        ];
    }

    /**
     * @param  list<Sign>  $signs
     * @param  list<array{float, float}>  $readings
     */
    #[DataProvider('textbook')]
    public function test_the_textbook_case_is_recognised(array $signs, array $readings, Cause $cause): void
    {
        $diagnosis = Diagnosis::of(
            new Inspection(
                'wall',
                '2026-02-01',
                '',
                $signs,
                readings: array_map(static fn (array $r): MeterReading => new MeterReading(...$r), $readings),
            ),
        );
        self::assertSame($cause, $diagnosis->suspects[0]->cause);
        self::assertFalse($diagnosis->isOpen);
        self::assertNotSame([], $diagnosis->suspects[0]->for);
        self::assertSame($cause->tests(), $diagnosis->tests());
        self::assertNotSame([], $cause->first());
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn ($s): float => $s->share, $diagnosis->suspects)), 1e-9);
        $points = array_map(static fn ($s): int => $s->points, $diagnosis->suspects);
        $sorted = $points;
        rsort($sorted);
        self::assertSame($sorted, $points, 'likeliest first');
    }

    public function test_what_cannot_be_told_apart_is_said_with_the_tests_for_both(): void
    {
        $diagnosis = Diagnosis::of(new Inspection('wall', '2026-02-01', '', [Sign::GroundHigh, Sign::Salts]));
        self::assertTrue($diagnosis->isOpen);
        self::assertSame([...$diagnosis->suspects[0]->cause->tests(), ...$diagnosis->suspects[1]->cause->tests()], $diagnosis->tests());
        self::assertSame([], Diagnosis::of(new Inspection('wall', '2026-02-01'))->suspects, 'nothing seen, nothing said');
    }

    /** 20 °C and 60 % have their dew point at 12.0 °C (psychrometric chart, from memory). */
    public function test_a_face_below_the_dew_point_condenses(): void
    {
        $at = static fn (float $surface): Diagnosis => Diagnosis::of(
            new Inspection('wall', '2026-02-01', '', [Sign::WholeWallFoot], air: 20.0, humidity: 0.6, surface: $surface),
        );
        self::assertStringContainsString('condenses on the surface now', implode(' ', $at(11.9)->measured));
        self::assertSame(Cause::Condensation, $at(11.9)->suspects[0]->cause);
        self::assertStringContainsString('97 %', implode(' ', $at(12.5)->measured));
        self::assertNotSame(Cause::Condensation, $at(19.0)->suspects[0]->cause, 'a warm face speaks against it');
        self::assertNotSame(
            [],
            Diagnosis::of(new Inspection('wall', '2026-02-01', '', [Sign::Mould], air: 20.0, humidity: 0.0, surface: 10.0))->suspects,
            'air without any vapour breaks nothing',
        );
    }

    public function test_how_readings_go_up_a_wall(): void
    {
        $of = static fn (float ...$values): Profile => Profile::of(
            array_map(
                static fn (float $v, int $i): MeterReading => new MeterReading(0.3 * $i, $v),
                array_values($values),
                range(0, count($values) - 1),
            ),
        );
        self::assertSame(Profile::Falling, $of(80, 50, 20));
        self::assertSame(Profile::Rising, $of(20, 50, 80));
        self::assertSame(Profile::Bulge, $of(20, 80, 30));
        self::assertSame(Profile::Even, $of(50, 47, 52));
        self::assertSame(Profile::Even, $of(0, 0, 0));
        self::assertSame(Profile::Unknown, $of(80, 20));
        self::assertSame(
            Profile::Falling,
            Profile::of([new MeterReading(1.0, 10), new MeterReading(0.1, 80), new MeterReading(0.5, 50)]),
            'in whatever order they were taken',
        );
    }

    public function test_danger_calls_for_a_specialist_in_plain_words(): void
    {
        foreach ([
            Sign::MouldLarge, Sign::WoodSoft, Sign::CrackWide, Sign::WallBulges, Sign::Sewage, Sign::Electrics,
            Sign::WaterStands,
        ] as $sign) {
            $lines = Diagnosis::of(new Inspection('cellar', '2026-02-01', '', [$sign]))->specialists;
            self::assertCount(1, $lines, $sign->value);
            self::assertMatchesRegularExpression('~^[A-Z].{20,}\.$~su', $lines[0]);
        }
        self::assertSame([], Diagnosis::of(new Inspection('cellar', '2026-02-01', '', [Sign::Mould, Sign::Salts]))->specialists);
    }

    public function test_every_sign_and_cause_has_words(): void
    {
        foreach (Sign::cases() as $sign) {
            self::assertNotSame('', $sign->label());
            self::assertContains($sign->group(), ['Where', 'What', 'When', 'Looked at', 'Take care']);
            self::assertSame([], array_diff(array_keys($sign->points()), array_column(Cause::cases(), 'value')));
        }
        foreach (Cause::cases() as $cause) {
            self::assertGreaterThanOrEqual(2, count($cause->tests()));
            self::assertNotSame(
                [],
                array_filter(Sign::cases(), static fn (Sign $s): bool => ($s->points()[$cause->value] ?? 0) > 0),
                'something speaks for it',
            );
        }
    }

    public function test_inspections_survive_files(): void
    {
        foreach (Examples::all() as $project) {
            self::assertEquals($project->inspections, ProjectFile::read(ProjectFile::write($project))->inspections);
            foreach ($project->inspections as $seen) {
                self::assertEquals($seen, InspectionCodec::fromArray(InspectionCodec::toArray($seen)));
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no place' => [['place' => ''], '/place'];
        yield 'no date' => [['on' => 'last week'], '/on'];
        yield 'a sign that is none' => [['signs' => ['ghosts']], '/signs/0'];
        yield 'air of 140 %' => [['humidity_share' => 1.4], '/humidity_share'];
        yield 'a reading in the sky' => [['readings' => [['height_m' => 40, 'value' => 1]]], '/readings/0/height_m'];
        yield 'a reading without a height' => [['readings' => [['value' => 1]]], '/readings/0/height_m'];
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('bad')]
    public function test_bad_inspections_are_refused_in_words(array $with, string $pointer): void
    {
        try {
            InspectionCodec::fromArray(['place' => 'cellar', 'on' => '2026-02-01', ...$with]);
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertSame([$pointer], array_map(static fn (Fault $f): string => $f->pointer, $e->faults));
        }
    }

    /**
     * Common practice, no source: signs of which no cause explains both, and a wall that nobody said is damp.
     *
     * @param  list<Sign>  $signs
     * @param  list<float>  $readings  every 300 mm from 0.3 m
     */
    #[DataProvider('contradictory')]
    public function test_signs_that_contradict_each_other_are_said_to(array $signs, ?float $height, array $readings, string $said): void
    {
        $diagnosis = Diagnosis::of(new Inspection(
            'north wall', '2026-02-14', '', $signs, $height, array_map(
                static fn (int $i, float $v): MeterReading => new MeterReading(0.3 * ($i + 1), $v), array_keys($readings), $readings,
            ),
        ));
        self::assertNotSame([], $diagnosis->contradictions);
        self::assertStringContainsString($said, $diagnosis->inShort());
        self::assertSame($diagnosis->contradictions[0]->next, $diagnosis->tests()[0], 'what to read next comes first');
        if (($height ?? 0.0) > 1.2) {
            self::assertNotContains(Cause::Rising, array_column($diagnosis->suspects, 'cause'), 'not from the ground');
        }
    }

    /** @return iterable<string, array{list<Sign>, float|null, list<float>, string}> */
    public static function contradictory(): iterable
    {
        yield 'both foils' => [[Sign::FoilBehind, Sign::FoilFront], 0.5, [], 'the foil was wet on its face and behind'];
        yield 'fall and rise' => [[Sign::WholeWallFoot], 0.8, [100.0, 60.0, 99.0], 'readings fall with height and rise again'];
        yield 'too high' => [[Sign::TideLine, Sign::Salts, Sign::WholeWallFoot], 2.5, [90.0, 70.0, 40.0],
            'higher than ground water climbs'];
        yield 'all seasons' => [[Sign::Winter, Sign::Summer, Sign::AlwaysSame], null, [], 'the same all year'];
    }

    /** 8, 8 and 8 on a meter's own scale, and nothing seen: a dry wall has no cause of damp. */
    public function test_a_dry_wall_gets_no_cause(): void
    {
        $readings = array_map(static fn (float $h): MeterReading => new MeterReading($h, 8.0), [0.3, 0.6, 0.9]);
        $diagnosis = Diagnosis::of(new Inspection('hall', '2026-02-14', '', [], null, $readings));
        self::assertSame([], $diagnosis->suspects);
        self::assertSame('Nothing points anywhere yet.', $diagnosis->inShort());
        self::assertStringContainsString('known to be dry', implode(' ', $diagnosis->measured));
        self::assertNotSame([], Diagnosis::of(new Inspection('hall', '2026-02-14', '', [Sign::NewBuild], null, $readings))->suspects);
    }
}
