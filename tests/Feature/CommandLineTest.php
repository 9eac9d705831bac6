<?php

declare(strict_types=1);

namespace Tests\Feature;

use Ondergrond\Exchange\ProjectFile;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/ondergrond as a shell meets it. */
final class CommandLineTest extends TestCase
{
    public function test_the_example_is_assessed(): void
    {
        $example = $this->call(['example']);
        self::assertSame(0, $example->getExitCode());
        $quick = '--freezing=none';
        $assessed = $this->call(['assess', '-', $quick], $example->getOutput());
        self::assertSame([0, ''], [$assessed->getExitCode(), $assessed->getErrorOutput()]);
        $heat = json_decode($assessed->getOutput(), true, flags: JSON_THROW_ON_ERROR)['heat'];
        self::assertCount(12, $heat['monthly_w']);
        self::assertEqualsWithDelta($heat['h_g_w_k'], $heat['inputs']['area_m2'] * $heat['u_w_m2k'], 1e-9);

        $file = tempnam(sys_get_temp_dir(), 'project');
        self::assertIsString($file);
        file_put_contents($file, $example->getOutput());
        self::assertSame($assessed->getOutput(), $this->call(['assess', $file, $quick])->getOutput());
        $other = $this->call(['assess', $file, $quick, '--option=C · as first priced']);
        self::assertGreaterThan(
            $heat['heating_kwh'],
            json_decode($other->getOutput(), true, flags: JSON_THROW_ON_ERROR)['heat']['heating_kwh'],
        );
        unlink($file);
    }

    public function test_a_section_is_solved_with_its_isotherms_and_a_file_for_viewers(): void
    {
        $section = (string) file_get_contents(dirname(__DIR__).'/Reference/sections/iso-10211-2.json');
        $vtk = sys_get_temp_dir().'/field-'.getmypid().'.vtk';
        $solved = $this->call(['field', '-', '--isotherms=0,5,10', "--vtk={$vtk}"], $section);
        self::assertSame([0, ''], [$solved->getExitCode(), $solved->getErrorOutput()]);
        $field = json_decode($solved->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(-9.5, $field['flows']['outside'], 0.1);
        self::assertEqualsWithDelta(7.1, $field['probes']['A'], 0.1);
        self::assertLessThan(1e-6, $field['balance']);
        self::assertLessThan(0.01, $field['mesh']['reached']);
        self::assertSame([0, 5, 10], array_column($field['isotherms'], 'temperature'));
        self::assertSame('', $field['isotherms'][0]['path'], 'nothing is as cold as 0');
        self::assertStringStartsWith('M', $field['isotherms'][1]['path']);
        self::assertArrayNotHasKey('harmonic', $field);
        self::assertStringStartsWith("# vtk DataFile Version 3.0\n", (string) file_get_contents($vtk));
        unlink($vtk);

        $swinging = json_decode(
            $this->call(['field', dirname(__DIR__).'/Reference/sections/hollow.json'])->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        self::assertSame(['below', 'hollow', 'room', 'sun'], array_keys($swinging['harmonic']['flows']));
        self::assertSame(['re', 'im'], array_keys($swinging['harmonic']['probes']['sunny face']));
    }

    public function test_options_are_compared_boards_ranked_and_designs_searched(): void
    {
        $project = $this->call(['example', 'frost-protected-raft'])->getOutput();
        $compared = $this->call(['compare', '-', '--formulas'], $project);
        self::assertSame([0, ''], [$compared->getExitCode(), $compared->getErrorOutput()]);
        self::assertStringContainsString('Findings,Stop,', $compared->getOutput());

        $rules = json_decode($this->call(['rules'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertGreaterThan(40, count($rules));
        self::assertSame(['rule', 'asks', 'why', 'parts', 'source'], array_keys($rules[0]));

        $prices = sys_get_temp_dir().'/prices-'.getmypid().'.json';
        file_put_contents(
            $prices,
            '{"currency": "EUR", "per_m3": {"eps-25psi": 120, "xps-25psi": 240, "xps-40psi": 300, "reinforced-concrete": 160, '
                .'"crushed-stone": 40, "cement-board": 900}}',
        );
        $gain = json_decode($this->call(['gain', '-', "--prices={$prices}"], $project)->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('ondergrond-gain', $gain['format']);
        self::assertGreaterThan(0.0, $gain['steps'][0]['mean_w']);
        self::assertGreaterThan(0.0, $gain['steps'][0]['cost']);

        $search = $this->call(
            [
                'search', '-', '--open=field_board.thickness_m=60 mm..140 mm', '--open=edge_under.thickness_m=50 mm..100 mm',
                "--prices={$prices}", '--most-height=60 cm',
            ],
            $project,
        );
        self::assertSame(0, $search->getExitCode(), $search->getErrorOutput());
        $found = json_decode($search->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame($found['designs'], $found['judged']);
        self::assertSame([true, true], [$found['finished'], $found['priced']]);
        foreach ([
            [['search', '-'], '1 to 6'],
            [['search', '-', '--open=field_board.colour=1..2'], 'a size that is sold'],
            [['search', '-', '--open=field_board.thickness_m=thin'], 'can\'t be read as a number'],
            [['search', '-', '--open=field_board.thickness_m=1 cm..9 cm', '--most-cost=100'], 'a limit of cost needs --prices'],
            [['gain', '-', '--prices='.__FILE__], 'no JSON'],
            [['gain', '-', '--option=Z'], 'no option named'],
            [['compare', '/nowhere.json'], 'nowhere'],
        ] as [$words, $says]) {
            $refused = $this->call($words, $project);
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()], implode(' ', $words));
            self::assertStringContainsString($says, $refused->getErrorOutput());
        }
        unlink($prices);
    }

    public function test_bad_input_exits_2_with_a_line_per_fault(): void
    {
        $project = json_decode($this->call(['example'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $project['options'][1]['design']['slab']['thickness_m'] = -1;
        $project['options'][2]['design']['stone']['thickness_m'] = 'deep';
        $answer = $this->call(['assess', '-'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame([2, ''], [$answer->getExitCode(), $answer->getOutput()]);
        self::assertSame([
            '/options/1/design/slab/thickness_m: found -1 m; allowed: 0 to 1 m',
            '/options/2/design/stone/thickness_m: found “deep”; allowed: a number, 0 to 1.5 m',
        ], explode("\n", trim($answer->getErrorOutput())));
    }

    public function test_every_family_is_listed_and_its_example_can_be_judged(): void
    {
        $listed = $this->call(['families']);
        self::assertSame([0, ''], [$listed->getExitCode(), $listed->getErrorOutput()]);
        $slugs = explode("\n", trim($listed->getOutput()));
        self::assertCount(11, $slugs);
        foreach ($slugs as $slug) {
            $project = ProjectFile::read($this->call(['example', $slug])->getOutput());
            self::assertSame($slug, $project->options[0]->design->family);
            $design = $project->options[0]->design;
            if ($slug === 'unheated-neighbour') {
                self::assertTrue(
                    $design->neighbour->present() && $design->slab->present() && $design->fieldBoard->present(),
                    'the heated slab is there too',
                );
                $answer = json_decode(
                    $this->call(['assess', '-', '--freezing=none'], ProjectFile::write($project))->getOutput(),
                    true,
                    flags: JSON_THROW_ON_ERROR,
                );
                self::assertSame(['edge', 'door', 'neighbour'], array_keys($answer['field']['sections']));
                self::assertSame(['edge', 'door', 'neighbour'], array_keys($answer['levels']['sides']));
                self::assertEqualsWithDelta(
                    $answer['field']['h_g_w_k'],
                    array_sum(array_column($answer['field']['sections'], 'h_g_w_k')),
                    1e-9,
                );
                self::assertEqualsWithDelta($answer['field']['h_g_w_k'], array_sum($answer['field']['shares_w_k']), 1e-9);
                self::assertStringContainsString('F-factor', $answer['heat']['other_schools'][0]['method']);
            }
        }
        $none = $this->call(['example', 'floating-island']);
        self::assertSame([2, ''], [$none->getExitCode(), $none->getOutput()]);
        self::assertStringContainsString('heated-basement', $none->getErrorOutput());
    }

    public function test_the_winter_is_run_on_a_section(): void
    {
        $project = json_decode($this->call(['example', 'insulated-screed-floor'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $assessed = $this->call(['assess', '-'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$assessed->getExitCode(), $assessed->getErrorOutput()]);
        $frost = json_decode($assessed->getOutput(), true, flags: JSON_THROW_ON_ERROR)['frost'];
        self::assertNull($frost['reason']);
        self::assertGreaterThan(300, $frost['margin_mm'], 'the mild river plain hardly reaches it');
        self::assertMatchesRegularExpression('~^(12|01|02|03)-\d\d$~', $frost['day']);
        self::assertGreaterThanOrEqual(0, $frost['depth_mm']);
        self::assertSame($frost['margin_mm'], $frost['field']['edge']['heated']['margin_mm']);
        self::assertLessThan(1e-6, $frost['field']['edge']['heated']['energy_closure']);
        self::assertSame(['footing', 'vertical'], array_column($frost['table']['asks'], 'what'));
        // Where frost cannot matter: null, with the reason.
        $project['site']['soil'] = 'rock';
        $rock = json_decode(
            $this->call(['assess', '-'], json_encode($project, JSON_THROW_ON_ERROR))->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        )['frost'];
        self::assertSame(
            [null, null, null, 'The ground does not heave when it freezes.'],
            [$rock['margin_mm'], $rock['day'], $rock['depth_mm'], $rock['reason']],
        );
        $drawn = $this->call(['frost', '-', '--side=door'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame(2, $drawn->getExitCode());
        self::assertStringContainsString('allowed: edge', $drawn->getErrorOutput());
        $drawn = $this->call(['frost', '-'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame([1, "The ground does not heave when it freezes.\n"], [$drawn->getExitCode(), $drawn->getErrorOutput()]);
    }

    public function test_a_climate_is_made_from_figures_and_says_what_it_leaves_open(): void
    {
        $made = $this->call(['climate', '--coldest=-5', '--warmest=18', '--mean=43.16F', '--frost-depth=42in', '--soil=sand-or-gravel']);
        self::assertSame(0, $made->getExitCode());
        $said = json_decode($made->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([-5, 18], [(int) $said['climate']['monthly_mean_c'][0], (int) $said['climate']['monthly_mean_c'][6]]);
        self::assertSame(['estimated', null], [$said['climate']['source'], $said['climate']['design_c']]);
        self::assertEqualsWithDelta(42 * 0.0254, $said['frost_depth']['open_ground_m'], 0.002);
        self::assertCount(2, $said['leaves_open'], 'the design day, and how the months really go');
        $summed = $this->call(['climate', '--degree-days=7740°F·d', '--base=65F', '--mean=44F', '--design=-20', '--coldest-month=7']);
        $said = json_decode($summed->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(7740 / 1.8, $said['degree_days']['sum_k_d'], 1.0);
        self::assertSame(min($said['climate']['monthly_mean_c']), $said['climate']['monthly_mean_c'][6], 'July');
        foreach ([
            ['climate'], ['climate', '--coldest=-5', '--mean=6'], ['climate', '--warmest=18', '--coldest=-5', '--mean=14'],
            ['climate', '--warmest=18', '--coldest=-5', '--mean=6', '--degree-days=3000'],
            ['climate', '--coldest=-5', '--warmest=warm', '--mean=6'],
            ['climate', '--coldest=-5', '--warmest=18', '--mean=6', '--coldest-month=13'],
            ['climate', '--coldest=-5', '--warmest=18', '--mean=6', '--design=3'],
            ['climate', '--coldest=-5', '--warmest=18', '--mean=6', '--soil=cheese'],
        ] as $faulty) {
            $refused = $this->call($faulty);
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()], implode(' ', $faulty));
            self::assertStringContainsString('allowed: ', $refused->getErrorOutput());
        }
    }

    public function test_a_project_of_ones_own_floor_is_printed_and_assessed(): void
    {
        $own = $this->call(['example', 'frost-protected-raft', "--floor=30' x 46'", '--units=inch-pound']);
        self::assertSame(0, $own->getExitCode());
        $project = ProjectFile::read($own->getOutput());
        self::assertEqualsWithDelta(30 * 46 * 0.3048 ** 2, $project->options[0]->design->footprint->area, 1e-9);
        $words = json_decode(
            $this->call(['assess', '-', '--freezing=none'], $own->getOutput())->getOutput(), true, flags: JSON_THROW_ON_ERROR,
        )['verdicts'];
        self::assertSame(['not checked', 'not checked'], [$words['frost']['word'], $words['damp']['word']]);
        foreach ([['castle', '--floor=9x14'], ['stem-wall-slab', '--floor=9'], ['stem-wall-slab', '--floor=0.1x0.2'], [
            'stem-wall-slab', '--floor=9x14', '--units=cubits',
        ]] as $faulty) {
            self::assertSame(2, $this->call(['example', ...$faulty])->getExitCode(), implode(' ', $faulty));
        }
    }

    public function test_a_climate_is_read_from_a_file(): void
    {
        $csv = "month,mean_c\n";
        foreach ([-6, -5, 0, 6, 12, 16, 18, 17, 12, 7, 1, -4] as $m => $t) {
            $csv .= sprintf("2001-%02d,%d\n", $m + 1, $t);
        }
        $read = $this->call(['climate', '-'], $csv);
        self::assertSame([0, ''], [$read->getExitCode(), $read->getErrorOutput()]);
        $climate = json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(-6, (int) $climate['climate']['monthly_mean_c'][0]);
        self::assertGreaterThan($climate['freezing_index']['months_c_d'], $climate['freezing_index']['mean_c_d']);
        self::assertEqualsWithDelta(1.8 * $climate['freezing_index']['design_c_d'], $climate['freezing_index']['design_f_d'], 1e-6);
        $faulty = $this->call(['climate', '-'], str_replace('2001-04', '2001-05', $csv));
        self::assertSame([2, ''], [$faulty->getExitCode(), $faulty->getOutput()]);
        self::assertStringContainsString('/line 5: found 2001-05; allowed: 2001-04', $faulty->getErrorOutput());
    }

    public function test_a_section_is_taken_through_a_winter(): void
    {
        $section = [
            'materials' => [
                'soil' => [
                    'conductivity' => 1.5,
                    'capacity' => 3.0e6,
                    'frozen' => ['conductivity' => 2.5, 'capacity' => 1.9e6],
                    'latent' => 150e6,
                ],
            ],
            'regions' => [['material' => 'soil', 'x' => [0, 1], 'y' => [-12, 0]]],
            'boundaries' => [['name' => 'top', 'x' => [0, 1], 'y' => [0, 0], 'temperature' => 8]],
            'winter' => ['top' => array_fill(0, 30, -6)], 'start_c' => 8, 'lines' => ['middle' => 0.5],
            'fine' => [['x' => [0, 1], 'y' => [-1, 0], 'size' => 0.02, 'across' => 0.5]],
        ];
        $run = $this->call(['field', '-'], json_encode($section, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$run->getExitCode(), $run->getErrorOutput()]);
        $winter = json_decode($run->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('ondergrond-freezing', $winter['format']);
        // Neumann, independent computation: 0.5918 m after 30 days.
        self::assertEqualsWithDelta(0.5918, $winter['fronts_m']['middle'][29], 0.010);
        self::assertLessThan(1e-6, $winter['closure']);
        foreach ([
            ['/winter/top: found “top”', static function (array $s): array {
                $s['boundaries'][0]['name'] = 'lid';

                return $s;
            }],
            ['both, or neither', static function (array $s): array {
                unset($s['materials']['soil']['latent']);

                return $s;
            }],
            ['a winter, or nothing', static function (array $s): array {
                unset($s['winter']);

                return $s;
            }],
            ['°C', static function (array $s): array {
                $s['winter']['top'][3] = -300;

                return $s;
            }],
            ['an x within what is painted', static function (array $s): array {
                $s['lines']['middle'] = 9;

                return $s;
            }],
            ['cells each way', static function (array $s): array {
                $s['fine'][0]['size'] = 1e-6;

                return $s;
            }],
        ] as [$said, $broken]) {
            $refused = $this->call(['field', '-'], json_encode($broken($section), JSON_THROW_ON_ERROR));
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()], $said);
            self::assertStringContainsString($said, $refused->getErrorOutput());
        }
        self::assertSame(2, $this->call(['field', '-', '--isotherms=0'], json_encode($section, JSON_THROW_ON_ERROR))->getExitCode());
    }

    public function test_what_cannot_be_built_is_named_at_the_part(): void
    {
        $project = json_decode($this->call(['example', 'heated-basement'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $project['options'][0]['design']['footing']['depth_below_grade_m'] = 1.9;
        $answer = $this->call(['assess', '-'], json_encode($project, JSON_THROW_ON_ERROR));
        self::assertSame([2, ''], [$answer->getExitCode(), $answer->getOutput()]);
        self::assertStringContainsString(
            '/options/0/design/footing/depth_below_grade_m: found 1.9 m; allowed: at least 2.3 m (the footing’s top is not above '
                .'the slab’s)',
            $answer->getErrorOutput(),
        );
    }

    public function test_what_it_is_not_told_right_it_says(): void
    {
        foreach ([
            [['assess', '/no/such/file'], '', 'no file “/no/such/file”'],
            [['assess', '-'], random_bytes(100_000), 'no JSON that can be read'],
            [['assess', '-'], str_repeat(' ', 30_000_000), 'more than 20 MB'],
            [['assess'], '', 'missing: "file"'],
            [['demolish'], '', 'demolish'],
            [['field', '/no/such/file'], '', 'no file “/no/such/file”'],
            [['field', '-'], '{}', '/materials: found nothing'],
            [['field', '-'], str_repeat(' ', 10_000_000), 'more than 2 MB'],
            [['field', '-', '--isotherms=cold'], '{}', 'temperatures in °C with commas between'],
            [
                ['field', dirname(__DIR__).'/Reference/sections/iso-10211-2.json', '--vtk=/no/such/folder/a.vtk'],
                '',
                '“/no/such/folder/a.vtk” can\'t be written',
            ],
            [['assess', '-', '--option=none'], $this->call(['example'])->getOutput(), 'no option named “none”'],
        ] as [$words, $input, $says]) {
            $answer = $this->call($words, $input);
            self::assertSame(2, $answer->getExitCode(), implode(' ', $words));
            self::assertSame('', $answer->getOutput());
            self::assertStringContainsString($says, $answer->getErrorOutput());
            self::assertStringNotContainsString('Stack trace', $answer->getErrorOutput());
        }
    }

    public function test_help_and_version(): void
    {
        self::assertMatchesRegularExpression('~^Ondergrond \d+\.\d+\.\d+$~', trim($this->call(['--version'])->getOutput()));
        $help = $this->call(['--help'])->getOutput();
        self::assertStringContainsString('assess', $help);
        self::assertStringContainsString('example', $help);
    }

    public function test_commands_refuse_what_they_cannot_do(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($taken);
        $port = substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        foreach ([
            ['bin/demo', "--port={$port}", 1, "Port {$port} is taken"],
            ['bin/demo', '--port=many', 2, 'a number from 1 to 65535'],
            ['bin/demo', '--port=70000', 2, 'a number from 1 to 65535'],
            ['bin/demo', '--fast', 2, 'does not know'],
            ['bin/serve', '--now=some day', 2, 'a moment such as 2026-02-14T08:00, not "some day"'],
            ['bin/lot', 'fields', 2, 'does not know "fields"'],
            ['bin/lot', '--n=0', 2, 'A number from 1 on is wanted, not "0"'],
            ['bin/load', '--people=many', 2, '--people: found “many”; allowed: 1 to 200'],
            ['bin/load', '--seconds=0', 2, '--seconds: found “0”; allowed: 1 to 600'],
        ] as [$command, $word, $code, $says]) {
            $answer = new Process([$command, $word], dirname(__DIR__, 2));
            self::assertSame($code, $answer->run());
            self::assertStringContainsString($says, $answer->getErrorOutput());
        }
    }

    /** @param  list<string>  $words */
    private function call(array $words, string $input = ''): Process
    {
        $process = new Process(['bin/ondergrond', ...$words], dirname(__DIR__, 2), input: $input, timeout: 30);
        $process->run();

        return $process;
    }
}
