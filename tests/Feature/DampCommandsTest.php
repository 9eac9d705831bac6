<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What bin/ondergrond says of damp. */
final class DampCommandsTest extends TestCase
{
    public function test_an_assessment_carries_damp(): void
    {
        $project = json_decode($this->call(['example', 'existing-basement'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $project['options'][0]['design']['lining']['layers'][1] = ['material' => 'cavity-wool', 'thickness_m' => 0.08];
        $assessed = $this->call(['assess', '-', '--freezing=none'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame(0, $assessed->getExitCode());
        self::assertStringContainsString('The plan counts', $assessed->getErrorOutput(), 'a thicker lining leaves a smaller floor');
        $damp = json_decode($assessed->getOutput(), true, flags: JSON_THROW_ON_ERROR)['damp'];
        self::assertSame('fails', $damp['verdict']['words']['stacks']);
        self::assertIsFloat($damp['f_rsi']);
        self::assertIsFloat($damp['f_rsi_needed']);
        $wall = array_values(array_filter($damp['stacks'], static fn (array $s): bool => $s['place'] === 'wall-middle'))[0];
        $wet = array_values(
            array_filter(
                $wall['interfaces'],
                static fn (array $i): bool => $i['where'] === 'between mineral wool and dense concrete block',
            ),
        )[0];
        self::assertCount(12, $wet['condensate_kg_m2']);
        self::assertGreaterThan(0.1, max($wet['condensate_kg_m2']));
        self::assertEqualsWithDelta(max($wet['held_kg_m2']), $wall['peak_kg_m2'], 0.02);
        self::assertSame('with a sheet on the room’s side of the boards', $wall['variants'][0]['what']);
        // The figures can be worked out again from the file: p_sat at the interface from its temperature.
        self::assertEqualsWithDelta(
            610.5 * exp(17.269 * $wet['monthly_c'][0] / (237.3 + $wet['monthly_c'][0])),
            $wet['saturation_pa'][0],
            0.2,
        );
    }

    /** Independent computation: gypsum, wool and concrete against soil at 4 °C; 0.8723 kg/m² in January. */
    public function test_a_stack_is_taken_through_its_year(): void
    {
        $stack = [
            'inside_r_m2kw' => 0.13, 'outside_r_m2kw' => 0,
            'layers' => [
                ['name' => 'gypsum', 'thickness_m' => 0.0125, 'conductivity' => 0.25, 'mu' => 8],
                ['name' => 'wool', 'thickness_m' => 0.1, 'conductivity' => 0.035, 'mu' => 1],
                ['name' => 'concrete', 'thickness_m' => 0.2, 'conductivity' => 2, 'mu' => 100],
            ],
            'months' => array_map(
                static fn (int $m): array => [
                    'month' => $m,
                    'inside_c' => 20,
                    'inside_rh_share' => 0.5,
                    'outside_c' => 4,
                    'outside_rh_share' => 1,
                ],
                range(1, 12),
            ),
        ];
        $answer = $this->call(['vapour', '-'], json_encode($stack, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$answer->getExitCode(), $answer->getErrorOutput()]);
        $year = json_decode($answer->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $wet = array_values(
            array_filter($year['interfaces'], static fn (array $i): bool => $i['where'] === 'between wool and concrete'),
        )[0];
        self::assertEqualsWithDelta(0.8723, $wet['condensate_kg_m2'][0], 0.0001);
        self::assertEqualsWithDelta(4.510, $wet['monthly_c'][0], 0.0005);
        self::assertFalse($year['dries']);

        $stack['layers'][1]['mu'] = 0;
        $stack['months'][2]['inside_rh_share'] = 1.4;
        $refused = $this->call(['vapour', '-'], json_encode($stack, JSON_THROW_ON_ERROR));
        self::assertSame(2, $refused->getExitCode());
        self::assertSame('', $refused->getOutput());
        self::assertMatchesRegularExpression(
            '~^/layers/1/mu: found 0; allowed: 1 to .*\n/months/2/inside_rh_share: found 1\.4; allowed: 0 to 1\n$~',
            $refused->getErrorOutput(),
        );
        $stack = json_decode((string) json_encode($stack), true);
        $stack['layers'][1]['mu'] = 1;
        $stack['months'][2]['inside_rh_share'] = 0.5;
        $stack['months'][7]['month'] = 3;
        self::assertStringContainsString(
            'twelve months in order',
            $this->call(['vapour', '-'], (string) json_encode($stack))->getErrorOutput(),
        );
    }

    public function test_the_day_of_the_pour(): void
    {
        $say = fn (string ...$with): Process => $this->call(['evaporation', ...array_values($with)]);
        $stop = $say('--concrete=87F', '--air=80F', '--humidity=50%', '--wind=12mph');
        self::assertSame(1, $stop->getExitCode(), 'nothing should be poured like this');
        self::assertEqualsWithDelta(1.14, json_decode($stop->getOutput(), true, flags: JSON_THROW_ON_ERROR)['rate_kg_m2h'], 0.02);
        self::assertSame(0, $say('--concrete=15', '--air=12', '--humidity=80', '--wind=1')->getExitCode());
        $refused = $say('--concrete=15', '--air=12', '--humidity=140', '--wind=1');
        self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
        self::assertStringContainsString('humidity', $refused->getErrorOutput());
        self::assertStringContainsString('--wind: found nothing', $say('--concrete=15', '--air=12', '--humidity=50')->getErrorOutput());
    }

    public function test_an_inspection_is_ranked(): void
    {
        $seen = [
            'place' => 'cellar, north wall',
            'on' => '2026-02-14',
            'signs' => ['tide-line', 'salts', 'electrics'],
            'readings' => [['height_m' => 0.1, 'value' => 80], ['height_m' => 0.5, 'value' => 50], ['height_m' => 1, 'value' => 12]],
        ];
        $answer = $this->call(['inspect', '-'], json_encode($seen, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$answer->getExitCode(), $answer->getErrorOutput()]);
        $said = json_decode($answer->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('rising', $said['suspects'][0]['cause']);
        self::assertStringContainsString('electrician', $said['specialists'][0]);
        foreach (['{"place":"x"}', '[]', 'no', '{"place":"x","on":"2026-02-14","signs":["ghosts"]}'] as $bad) {
            $refused = $this->call(['inspect', '-'], $bad);
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()], $bad);
            self::assertNotSame('', $refused->getErrorOutput());
        }
    }

    /** @param  list<string>  $words */
    private function call(array $words, string $input = ''): Process
    {
        $process = new Process([dirname(__DIR__, 2).'/bin/ondergrond', ...$words], input: $input);
        $process->setTimeout(120);
        $process->run();

        return $process;
    }
}
