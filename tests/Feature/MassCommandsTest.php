<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What bin/ondergrond says of mass and heated floors. */
final class MassCommandsTest extends TestCase
{
    public function test_an_assessment_carries_mass(): void
    {
        $project = $this->call(['example', 'heat-storing-slab'])->getOutput();
        $assessed = $this->call(['assess', '-', '--freezing=none'], $project);
        self::assertSame([0, ''], [$assessed->getExitCode(), $assessed->getErrorOutput()]);
        $mass = json_decode($assessed->getOutput(), true, flags: JSON_THROW_ON_ERROR)['mass'];
        self::assertGreaterThan(1.0, $mass['admittance_w_m2k']);
        self::assertGreaterThan(10.0, $mass['kappa_kj_m2k']);
        self::assertGreaterThan($mass['kappa_kj_m2k'], $mass['kappa_surface_kj_m2k']);
        self::assertGreaterThan($mass['hours_to']['16'], $mass['hours_to']['10']);
        self::assertSame([], $mass['variants']);
        self::assertGreaterThan(0.0, $mass['heated_floor']['output_w_m2']);
        $none = json_decode(
            $this->call(['assess', '-', '--freezing=none', '--hours=none'], $project)->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        )['mass'];
        self::assertNull($none['hours_to']);
        self::assertSame(2, ($refused = $this->call(['assess', '-', '--hours=some'], $project))->getExitCode());
        self::assertSame("--hours: found “some”; allowed: cold, all or none\n", $refused->getErrorOutput());
    }

    public function test_the_whole_story_is_told(): void
    {
        $project = $this->call(['example', 'insulated-screed-floor'])->getOutput();
        $told = $this->call(['mass', '-'], $project);
        self::assertSame([0, ''], [$told->getExitCode(), $told->getErrorOutput()]);
        $file = json_decode($told->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('ondergrond-mass', $file['format']);
        $mass = $file['mass'];
        self::assertSame(
            ['heating-stops', 'night-set-back', 'warm-up', 'clear-winter-day', 'surplus-power', 'heat-spell', 'year'],
            array_keys($mass['questions']),
        );
        self::assertLessThan(0.001, $mass['questions']['year']['imbalance_share']);
        self::assertSame('as drawn', $mass['variants'][0]['what']);
        self::assertSame($mass['hours_to']['16'], $mass['variants'][0]['hours_to']['16']);
        // The standard, the resistances and the field say much the same.
        self::assertEqualsWithDelta(
            $mass['heated_floor']['field']['output_w_m2'],
            $mass['heated_floor']['en1264_output_w_m2'],
            0.1 * $mass['heated_floor']['en1264_output_w_m2'],
        );
        self::assertNotSame([], $mass['heated_floor']['field']['range']);
        // κ can be worked out again: 2 κ A ÷ 3.6 MJ is what a day takes and gives back.
        self::assertEqualsWithDelta(2 * $mass['kappa_kj_m2k'] * $mass['room']['area_m2'] / 3600, $mass['usable_kwh_k']['24'], 1e-3);

        $csv = $this->call(['mass', '-', '--hours=heat-spell'], $project);
        self::assertCount(1 + 7 * 24, explode("\n", trim($csv->getOutput())));
        $refused = $this->call(['mass', '-', '--hours=dreams'], $project);
        self::assertSame(
            [
                2,
                '',
                "--hours: found “dreams”; allowed: heating-stops, night-set-back, warm-up, clear-winter-day, surplus-power, heat-spell, year\n",
            ],
            [$refused->getExitCode(), $refused->getOutput(), $refused->getErrorOutput()],
        );
    }

    /** Independent computation: concrete 100 mm and boards 100 mm for a day, air to air. */
    public function test_layers_of_ones_own(): void
    {
        $head = ['format' => 'ondergrond-layers', 'version' => 1];
        $head += ['inside_r_m2kw' => 0.17, 'outside_r_m2kw' => 0.04, 'periods_h' => [24, 168]];
        $file = [...$head, 'layers' => [
            ['name' => 'concrete', 'thickness_m' => 0.1, 'conductivity' => 2, 'density_kg_m3' => 2400, 'specific_heat_j_kgk' => 1000],
            ['name' => 'boards', 'thickness_m' => 0.1, 'conductivity' => 0.035, 'density_kg_m3' => 20, 'specific_heat_j_kgk' => 1450],
        ]];
        $answer = $this->call(['layers', '-'], json_encode($file, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$answer->getExitCode(), $answer->getErrorOutput()]);
        $day = json_decode($answer->getOutput(), true, flags: JSON_THROW_ON_ERROR)['periods_h']['24'];
        self::assertEqualsWithDelta(5.087, $day['admittance_w_m2k'], 0.0005);
        self::assertEqualsWithDelta(70.27, $day['kappa_kj_m2k'], 0.005);
        self::assertEqualsWithDelta(5.725, $day['lag_h'], 0.0005);

        $file['layers'][0]['thickness_m'] = 0;
        $refused = $this->call(['layers', '-'], json_encode($file, JSON_THROW_ON_ERROR));
        self::assertSame(
            [2, '', "/layers/0/thickness_m: found 0 m; allowed: 0.0005 to 20 m\n"],
            [$refused->getExitCode(), $refused->getOutput(), $refused->getErrorOutput()],
        );
        self::assertStringContainsString('no JSON that can be read', $this->call(['layers', '-'], '{')->getErrorOutput());
        self::assertStringContainsString('no file “nowhere.json”', $this->call(['layers', 'nowhere.json'])->getErrorOutput());
    }

    public function test_bad_floors_and_suns_are_refused(): void
    {
        $project = json_decode($this->call(['example', 'heat-storing-slab'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $project['site']['sun']['latitude_deg'] = 95;
        $project['options'][0]['design']['heating']['supply_c'] = 90;
        $refused = $this->call(['mass', '-'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
        self::assertStringContainsString('/site/sun/latitude_deg: found 95°; allowed: -90 to 90°', $refused->getErrorOutput());
        self::assertStringContainsString(
            '/options/0/design/heating/supply_c: found 90 °C; allowed: 20 to 65 °C',
            $refused->getErrorOutput(),
        );
    }

    /** @param  list<string>  $arguments */
    private function call(array $arguments, string $input = ''): Process
    {
        $process = new Process(['bin/ondergrond', ...$arguments], dirname(__DIR__, 2), input: $input, timeout: 120);
        $process->run();

        return $process;
    }
}
