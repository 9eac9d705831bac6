<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Damp\Evaporation;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ClimateFile;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Frost\Seasons;
use Ondergrond\Ground\GroundField;
use Ondergrond\Project\Project;
use Ondergrond\Rules\Concern;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\DampBasis;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\SunBasis;
use Ondergrond\Site\WinterUse;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A year turned by six months with all that hangs on it, on the other side of the equator: no verdict may change. */
#[Group('slow')]
final class HemisphereTest extends TestCase
{
    private const TURN = 6;

    /** Months, sunshine, humidity outside and latitude turned; glass looks to the sun's side. */
    private static function turned(Site $site): Site
    {
        $room = $site->room;

        return new Site(...[
            ...get_object_vars($site),
            'climate' => new Climate(
                $site->climate->name, self::rolled($site->climate->monthly, self::TURN), $site->climate->design(),
            ),
            'damp' => new DampBasis(...[...get_object_vars($site->damp), 'outdoorRh' => self::months($site->damp->outdoorRh)]),
            'sun' => new SunBasis(-$site->sun->latitude, self::months($site->sun->shares), $site->sun->daySwing),
            'room' => new $room(
                ...[
                    ...get_object_vars($room),
                    'glassNorth' => $room->glassSouth,
                    'glassSouth' => $room->glassNorth,
                    'turned' => -$room->turned,
                ],
            ),
        ]);
    }

    /**
     * @template T
     *
     * @param  list<T>  $months
     * @return list<T>
     */
    private static function months(array $months): array
    {
        return [...array_slice($months, self::TURN), ...array_slice($months, 0, self::TURN)];
    }

    /**
     * @param  non-empty-list<float>  $year
     * @return non-empty-list<float>
     */
    private static function rolled(array $year, int $by): array
    {
        $rolled = [...array_slice($year, $by), ...array_slice($year, 0, $by)];
        assert($rolled !== []);

        return $rolled;
    }

    public function test_the_index_of_a_winter_hangs_on_no_calendar(): void
    {
        foreach (ClimateSamples::all() as $climate) {
            $smooth = Seasons::smooth($climate->monthly);
            $whole = FreezingIndex::ofYear($smooth)->value;
            for ($by = 0; $by < 365; $by += 14) {
                self::assertEqualsWithDelta($whole, FreezingIndex::ofYear(self::rolled($smooth, $by))->value, 1e-6);
            }
            $site = self::site(new Climate('', $climate->monthly, -30.0));
            [$here, $there] = [DesignWinter::of($site), DesignWinter::of(self::turned($site))];
            // Half a year is 182.5 days: the days lie half a one off.
            self::assertEqualsWithDelta($here->index, $there->index, 0.004 * $here->index);
            self::assertEqualsWithDelta($here->mean, $there->mean, 0.004 * $here->mean);
        }
    }

    /** A July winter in a weather file is read as the same winter in January. */
    public function test_weather_files_of_the_other_side_are_read_alike(): void
    {
        mt_srand(7);
        $weather = array_map(
            static fn (int $d): float => round(3.0 - 11.0 * cos(2 * M_PI * $d / 365.25) + 3.0 * (mt_rand() / mt_getrandmax() - 0.5), 2),
            range(0, 365 * 6),
        );
        $read = static function (string $from) use ($weather): array {
            $day = new \DateTimeImmutable($from);
            $lines = ['date,mean_c'];
            foreach ($weather as $i => $t) {
                $lines[] = $day->modify("+{$i} days")->format('Y-m-d').','.$t;
            }

            return ClimateFile::read(implode("\n", $lines))->winters;
        };
        [$north, $south] = [$read('2001-01-15'), $read('2001-07-15')];
        self::assertGreaterThanOrEqual(4, count($north));
        self::assertCount(count($north), $south);
        self::assertEqualsWithDelta($north, $south, 1e-6);
        // Each winter by hand: the deepest fall of the running sum below its peak.
        assert($north !== []);
        self::assertGreaterThan(700.0, min($north));
    }

    public function test_no_word_and_no_figure_of_any_example_turns_with_the_calendar(): void
    {
        foreach (Examples::all() as $project) {
            $design = $project->options[0]->design;
            $site = self::turned($project->site);
            [$here, $there] = [
                Assessor::assess($project->site, $design, $project->units, roughly: true),
                Assessor::assess($site, $design, $project->units, roughly: true),
            ];
            foreach (Concern::verdicts() as $concern) {
                self::assertSame(
                    $here->judgement->rulings->on($concern)->word,
                    $there->judgement->rulings->on($concern)->word,
                    "{$project->name}, {$concern->value}",
                );
            }
            $found = static fn ($of): array => array_map(
                static fn ($j): string => $j->finding->rule->id().' '.$j->finding->severity->value,
                $of->judgement->findings,
            );
            self::assertEqualsCanonicalizing($found($here), $found($there), $project->name);
            // Months have other lengths on the other side: a month of winter is a day longer or shorter.
            foreach ([
                [$here->heat->floor->heating, $there->heat->floor->heating, 0.02],
                [$here->heat->floor->design, $there->heat->floor->design, 1e-6],
                [$here->field->allYear, $there->field->allYear, 0.02], [$here->frost->depth(), $there->frost->depth(), 0.005],
                [$here->damp->needed, $there->damp->needed, 1e-6],
            ] as [$a, $b, $share]) {
                self::assertEqualsWithDelta($a, $b, $share * max(0.01, abs($a)), $project->name);
            }
        }
    }

    public function test_the_winter_on_a_section_and_the_hours_of_rooms_are_the_same(): void
    {
        $project = self::glasshouse();
        $design = $project->options[0]->design;
        $hours = [];
        foreach ([Assessor::cold($project->site, $design), Assessor::cold(self::turned($project->site), $design)] as $i => $story) {
            $hours[$i] = $story->answers['heating-stops']->figures;
        }
        foreach (['hours_to_16', 'hours_to_10'] as $key) {
            self::assertEqualsWithDelta($hours[0][$key] ?? 0.0, $hours[1][$key] ?? 0.0, 0.05 * max(1.0, $hours[0][$key] ?? 0.0));
        }
        foreach (['clear-winter-day', 'heat-spell'] as $question) {
            // The earth is nearer to the sun in January: a twentieth of its heat is another.
            $a = Assessor::answer($project->site, $design, $question)?->figures['warmest_c'];
            self::assertEqualsWithDelta(
                $a,
                Assessor::answer(self::turned($project->site), $design, $question)?->figures['warmest_c'],
                0.8,
                $question,
            );
        }
        $site = self::site(new Climate('', ClimateSamples::all()['snowy-upland']->monthly, -17.0));
        $slab = Examples::of('thickened-edge-slab')?->options[0]->design ?? throw new \LogicException;
        $proofs = array_map(static fn (Site $s): FrostProof => self::winter($s, $slab), [$site, self::turned($site)]);
        self::assertEqualsWithDelta($proofs[0]->margin, $proofs[1]->margin, 0.01);
        $apart = abs((int) $proofs[0]->day - (int) $proofs[1]->day);
        self::assertEqualsWithDelta(182.5, min($apart, 365 - $apart), 8.0, 'and comes closest half a year on');
    }

    /** The day of the pour is asked for by its own weather, whatever the month. */
    public function test_the_day_of_the_pour_has_no_month(): void
    {
        self::assertGreaterThan(0.0, Evaporation::of(25.0, 20.0, 0.5, 3.0)->rate);
    }

    private static function winter(Site $site, Design $design): FrostProof
    {
        $frost = FrostVerdict::of($site, $design);

        return FrostProof::run(
            GroundField::of($site, $design, Side::Edge),
            $frost->winter,
            $frost->soil,
            $frost->depth(),
            WinterUse::Heated,
            finer: 0.35,
            steps: 3,
        );
    }

    private static function site(Climate $climate): Site
    {
        return new Site('', $climate, \Ondergrond\Site\Soil::ClayOrSilt, 20.0, frost: new FrostBasis);
    }

    private static function glasshouse(): Project
    {
        return array_values(array_filter(Examples::all(), static fn (Project $p): bool => str_contains($p->name, 'glasshouse')))[0];
    }
}
