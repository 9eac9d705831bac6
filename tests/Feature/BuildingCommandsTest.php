<?php

declare(strict_types=1);

namespace Tests\Feature;

use Ondergrond\Examples\Building;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\ProjectZip;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** From the plan to the hand-over as a shell meets it. */
final class BuildingCommandsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ondergrond-building-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public function test_a_drawn_outline_is_set_out_and_squared_up(): void
    {
        $example = $this->planless($this->call(['example'])->getOutput());
        $drawn = $this->call(['plan', '-', '--draw=l', ...self::sizes('length_m=12 width_m=9 part_length_m=5 part_width_m=4')], $example);
        self::assertSame([0, ''], [$drawn->getExitCode(), $drawn->getErrorOutput()]);
        $file = $this->file('l.json', $drawn->getOutput());
        $plan = $this->json(['plan', $file, '--json', "--svg={$this->folder}/l.svg", "--dxf={$this->folder}/l.dxf"]);
        self::assertSame(['A', 'B', 'C', 'D', 'E', 'F'], array_column($plan['outline'], 'id'));
        self::assertEqualsWithDelta(42.0, array_sum(array_column($plan['sides'], 'drawn_m')), 1e-9);
        self::assertEqualsWithDelta($plan['perimeter_m'], array_sum(array_column($plan['sides'], 'length_m')), 1e-9, 'they add up');
        self::assertSame(['outward' => 5, 'reentrant' => 1], $plan['corners']);
        self::assertEqualsWithDelta($plan['area_m2'] / (0.5 * $plan['exposed_m']), $plan['b_m'], 1e-9);
        self::assertStringStartsWith('<?xml', (string) file_get_contents("{$this->folder}/l.svg"));
        self::assertStringContainsString('AC1009', (string) file_get_contents("{$this->folder}/l.dxf"));

        $tapes = explode(
            ' ', 'A-B=12 B-C=5 C-D=5 D-E=4.014 E-F=7 F-A=9 A-C=13 A-D=8.594 A-E=11.402 B-D=7.061 B-E=10.296 B-F=15 C-F=12.649 D-F=8.069',
        );
        $square = $this->call(['square', $file, ...$tapes, '--held=A,B', '--json']);
        self::assertSame(1, $square->getExitCode(), 'a corner is out');
        $said = json_decode($square->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([null, true], [$said['suspect'], $said['placed']]);
        self::assertEqualsWithDelta(13.967, array_column($said['corners'], 'dy_mm', 'id')['D'], 1e-3);
        self::assertSame(
            [false], array_values(array_filter(array_column($said['corners'], 'within'), static fn (bool $in): bool => ! $in)),
        );

        // The same from a file, with a header in another order and a line that is empty.
        $rows = array_map(static function (string $tape): string {
            [$pair, $m] = explode('=', $tape);

            return $m.','.strtr($pair, '-', ',');
        }, $tapes);
        $csv = $this->file('tapes.csv', "\u{feff}Length,From,To\r\n\r\n".implode("\r\n", $rows)."\r\n");
        $again = $this->call(['square', $file, "--measured={$csv}", '--held=A,B', '--json']);
        self::assertSame(json_decode($again->getOutput(), true)['residuals_mm'], $said['residuals_mm']);
        self::assertEqualsWithDelta(4.0, array_column(array_column($said['corners'], 'next', 'id')['D'], 'm', 'to')['E'], 1e-3);
        self::assertStringStartsWith('<?xml', $this->call(['plan', $file, '--wall=A'])->getOutput());
        self::assertSame(2, $this->call(['plan', $file, '--wall=Z'])->getExitCode());
        self::assertSame(['A–B', 'B–C', 'C–D', 'D–E', 'E–F', 'F–A'], array_column($plan['set_out']['walls'], 'wall'));
        $set = $this->call(['plan', $file, '--setout']);
        self::assertSame('id,along,across,peg_a,peg_b,rod', explode("\r\n", substr($set->getOutput(), 3))[0]);
        foreach (array_slice(explode("\r\n", trim($set->getOutput())), 1) as $line) {
            [$id, $along, $across, $a] = str_getcsv($line, ',', '"', '');
            self::assertEqualsWithDelta(hypot((float) $along, (float) $across), (float) $a, 2e-4, (string) $id);
        }

        foreach ([
            'nothing; allowed: a corner' => ['square', $file, ...$tapes], 'feet and metres?' => [
                'square', $file, 'A-B=39.37', '--held=A,B',
            ],
            'from,to,length' => ['square', $file, '--measured='.$this->file('bad.csv', "A,B\n"), '--held=A,B'],
            'without readings' => ['square', $file, '--measured='.$this->file('none.csv', "\n"), '--held=A,B'],
            'I, II, III' => [
                'square', $file, ...[...$tapes, '--held=A,B', '--class=IV'],
            ], 'two corners and a length' => ['square', $file, 'A:B', '--held=A,B'],
            'at least' => ['square', $file, 'A-B=12', '--held=A,B'], 'traverse, rectangle' => ['plan', $file, '--draw=star'],
            'width_m=…' => ['plan', $file, '--draw=rectangle', '--size=wide=3'], 'an outline; bin' => ['plan', '-'],
        ] as $word => $call) {
            $refused = $this->call($call, $example);
            self::assertSame(2, $refused->getExitCode(), implode(' ', $call));
            self::assertStringContainsString($word, $refused->getErrorOutput(), implode(' ', $call));
        }
    }

    public function test_clashes_are_mended_from_the_command_line(): void
    {
        $file = $this->file('boathouse.json', $this->call(['example'])->getOutput());
        $rules = static fn (array $plan): array => array_column($plan['findings'], 'rule');
        $before = $this->json(['plan', $file, '--json']);
        self::assertContains('panel-too-long', $rules($before));
        $found = array_column($before['findings'], null, 'rule')['panel-too-long'];
        self::assertNotSame(['', ''], [$found['reason'], $found['remedy']]);
        $mended = $this->call(['plan', $file, '--mend=panel-too-long', '--mend=sleeve-without-boot']);
        self::assertSame([0, ''], [$mended->getExitCode(), $mended->getErrorOutput()]);
        $after = $this->json(['plan', $this->file('mended.json', $mended->getOutput()), '--json']);
        self::assertSame([], array_intersect(['panel-too-long', 'sleeve-without-boot'], $rules($after)));
        $put = $this->call(['plan', $file, '--propose=sill-bolts', '--propose=joints']);
        self::assertSame([0, ''], [$put->getExitCode(), $put->getErrorOutput()]);
        $proposed = $this->json(['plan', $this->file('proposed.json', $put->getOutput()), '--json']);
        self::assertGreaterThan(count($before['items']) + 3, count($proposed['items']));
        self::assertSame(2, $this->call(['plan', $file, '--propose=moon'])->getExitCode());
        $rules = array_column(
            json_decode($this->call(['rules', '--plan'])->getOutput(), true, flags: JSON_THROW_ON_ERROR), 'finds', 'rule',
        );
        self::assertArrayHasKey('dig-below-neighbour', $rules);
        $refused = $this->call(['plan', $file, '--mend=moon']);
        self::assertSame(2, $refused->getExitCode());
        self::assertStringContainsString('sleeve-down-edge', $refused->getErrorOutput());
    }

    public function test_the_register_of_a_file_is_settled_by_entries(): void
    {
        $file = $this->file('boathouse.json', $this->call(['example'])->getOutput());
        $register = json_decode($this->call(['register', $file, '--json'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(count($register['points']), $register['open']);
        $point = $register['points'][0];
        $entry = static fn (string $id, string $kind, array $about, string $text): array => [
            'id' => $id, 'kind' => $kind, 'about' => $about, 'text' => $text, 'who' => 'Wen', 'at' => '2026-11-26T08:00:00+01:00',
        ];
        $added = $this->call(['log', $file, '--add='.$this->file('settled.json', json_encode([
            $entry(
                '01HZX3V8Q0000000000000000A', 'settled', ['point' => $point['id'], 'hold' => $point['hold']], 'by the engineer’s letter',
            ),
            $entry('01HZX3V8Q0000000000000000B', 'open-point', ['trade' => 'electrician', 'due' => '2026-12-01'], 'Where the box goes'),
        ], JSON_THROW_ON_ERROR))]);
        self::assertSame([0, ''], [$added->getExitCode(), $added->getErrorOutput()]);
        $more = $this->file('more.json', $added->getOutput());
        $said = $this->call(['register', $more]);
        self::assertSame(1, $said->getExitCode(), 'something is open');
        self::assertStringContainsString('Where the box goes (electrician, 2026-12-01)', $said->getOutput());
        self::assertStringContainsString('by the engineer’s letter, Wen', $said->getOutput());
        self::assertSame(2, $this->call(['register', $this->file('none.json', '{}')])->getExitCode());
    }

    public function test_heights_are_levelled_from_a_back_sight(): void
    {
        $file = $this->file('boathouse.json', $this->call(['example'])->getOutput());
        $run = ['levels', $file, '--backsight=1.482', '--turn=2.115,0.937', '--close=0.308'];
        $levels = json_decode($this->call([...$run, '--json'])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        // Worked by hand: 11.482 shared by nothing, then 10.306; closes 4 mm low.
        self::assertEqualsWithDelta([10.0, [11.482, 10.306], [9.369], -4.0], [
            $levels['benchmark_m'], $levels['instruments_m'], $levels['turnings_m'], $levels['misclosure_mm'],
        ], 1e-6);
        foreach ($levels['targets'] as $target) {
            self::assertEqualsWithDelta(10.306, $target['level_m'] + $target['rod_m'], 1e-9, $target['id']);
        }
        $check = $this->call(['levels', $file, '--backsight=1.482', '--check=36,1.432,1.108,1.561,1.245', '--json']);
        self::assertSame(1, $check->getExitCode(), '6.67 mm over 30 m');
        self::assertEqualsWithDelta(
            6.67, json_decode($check->getOutput(), true, flags: JSON_THROW_ON_ERROR)['check']['error_mm'], 0.005,
        );
        $stone = array_column($levels['targets'], 'rod_m', 'id')['level:stone_top'];
        $csv = $this->file('rods.csv', sprintf("id,rod\nlevel:stone_top,%.3f\n", $stone + 0.011));
        $read = $this->call([...$run, "--readings={$csv}"]);
        self::assertSame(1, $read->getExitCode(), 'out of ±10 mm');
        self::assertStringContainsString('-11.0 mm  OUT', $read->getOutput());
        self::assertStringContainsString(',-11.0,no', $this->call([...$run, "--readings={$csv}", '--csv'])->getOutput());
        foreach ([
            'what the rod read' => ['levels', $file], '0 to 8' => ['levels', $file, '--backsight=9'],
            'five numbers' => ['levels', $file, '--backsight=1', '--check=36,1'],
            '10 to 100' => ['levels', $file, '--backsight=1', '--check=3,1,1,1,1'],
            'two rods' => ['levels', $file, '--backsight=1', '--turn=1'],
            'level:dig' => ['levels', $file, '--backsight=1', '--readings='.$this->file('r.csv', "moon,1\n")],
            'on a rod' => ['levels', $file, '--backsight=1', '--readings='.$this->file('r2.csv', "level:dig,-1\n")],
        ] as $word => $call) {
            $refused = $this->call($call);
            self::assertSame(2, $refused->getExitCode(), $word);
            self::assertStringContainsString($word, $refused->getErrorOutput());
        }
    }

    public function test_what_is_asked_of_a_plan_is_answered_or_refused(): void
    {
        $example = $this->call(['example', 'heated-basement'])->getOutput();
        $file = $this->file('basement.json', $example);
        $plan = $this->json(['plan', $file, '--json']);
        self::assertContains('sump', array_column($plan['items'], 'kind'));
        self::assertContains('walk-out', array_column($plan['stretches'], 'kind'));
        self::assertEqualsWithDelta($plan['exposed_m'], array_sum(array_column($plan['stretches'], 'length_m')), 1e-9);
        self::assertEqualsWithDelta($plan['area_m2'], $this->json(['assess', $file, '--freezing=none'])['plan']['area_m2'], 1e-12);
        self::assertStringContainsString('corner,A', $this->call(['plan', $file, '--csv'])->getOutput());
        self::assertStringContainsString('<svg', $this->call(['plan', $file, '--svg'])->getOutput());
        self::assertStringContainsString('AC1009', $this->call(['plan', $file, '--dxf'])->getOutput());
        $none = $this->json(['plan', $this->file('none.json', $this->planless($example)), '--json']);
        self::assertSame([null, 0, []], [$none['outline'], $none['area_m2'], $none['sides']]);

        $legs = static fn (string ...$legs): array => array_map(static fn (string $l): string => "--leg={$l}", array_values($legs));
        $bare = $this->planless($example);
        $open = $this->call(['plan', '-', '--draw=traverse', ...$legs('12 right', '7 up', '11.8 left', '7 down')], $bare);
        self::assertSame(2, $open->getExitCode());
        self::assertStringContainsString('leg 3 would close it at 12', $open->getErrorOutput());
        $kept = $this->call(['plan', '-', '--draw=l', '--keep', ...self::sizes('part_length_m=2 part_width_m=1')], $bare);
        self::assertSame(0, $kept->getExitCode(), $kept->getErrorOutput());
        $same = $this->json(['plan', $this->file('kept.json', $kept->getOutput()), '--json']);
        self::assertEqualsWithDelta([84.0, 38.0], [$same['area_m2'], $same['perimeter_m']], 1e-9);
        $data = json_decode($kept->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $data['options'][0]['design']['footprint']['area_m2'] = 90.0;
        $noted = $this->call(['plan', $this->file('noted.json', json_encode($data, JSON_THROW_ON_ERROR)), '--json']);
        self::assertStringContainsString('The plan counts', $noted->getErrorOutput());
    }

    public function test_a_job_is_ordered_sequenced_logged_and_handed_over(): void
    {
        $file = $this->file('job.json', ProjectFile::write(Building::boathouse()));
        $prices = $this->file('prices.json', '{"currency": "fl.", "per_m3": {"reinforced-concrete": 165}, "per_unit": {"sheet": 1.25}}');
        $order = $this->json(['order', $file, "--prices={$prices}", '--json']);
        $slab = array_column($order['lines'], null, 'id')['slab'];
        self::assertSame([16500, (int) round(16500 * $slab['quantity'])], [$slab['price'], $slab['cost']]);
        self::assertSame(['slab'], array_column($order['trucks'], 'pour'));
        self::assertContains('field_board', $order['unpriced']);
        self::assertSame(
            array_sum(array_map(static fn (array $l): int => $l['cost'] ?? 0, $order['lines'])), $order['totals']['cost'],
        );
        self::assertStringContainsString('Vapour sheet', $this->call(['order', $file])->getOutput());

        $days = $this->json(['sequence', $file, '--start=2026-03-02', '--json']);
        $tasks = array_column($days['tasks'], null, 'id');
        self::assertContains('t40', $tasks['pour']['after']);
        self::assertCount(count($tasks['pour']['after']), $tasks['pour']['why']);
        self::assertSame('h10', $tasks['pour']['hold_point']);
        self::assertGreaterThan(20, $days['critical_days']);
        self::assertStringStartsWith('BEGIN:VCALENDAR', $this->call(['sequence', $file, '--ics'])->getOutput(), 'the start is in the file');
        self::assertSame(2, $this->call(['sequence', $file, '--start=tomorrow'])->getExitCode());

        $entry = ['id' => '01HZX3V8Q0000000000000000A', 'kind' => 'lap', 'about' => ['hold' => 'h7:lap'], 'values' => [0.09], 'min' => 0.15,
            'who' => 'Wen', 'at' => '2026-11-26T08:00:00+01:00'];
        $added = $this->call(['log', $file, '--add='.$this->file('entries.json', json_encode([$entry], JSON_THROW_ON_ERROR))]);
        self::assertSame([0, ''], [$added->getExitCode(), $added->getErrorOutput()]);
        $more = $this->file('more.json', $added->getOutput());
        $log = $this->call(['log', $more, '--json']);
        self::assertSame(1, $log->getExitCode(), 'a point is stopped');
        $holds = array_column(json_decode($log->getOutput(), true, flags: JSON_THROW_ON_ERROR)['hold_points'], null, 'id');
        self::assertSame(['stopped', ['h7:lap']], [$holds['h7']['word'], $holds['h7']['failing']]);
        foreach ([
            [[...$entry, 'kind' => 'string']], [[...$entry, 'values' => []]], [$entry, $entry], ['no entry'],
            [[...$entry, 'kind' => 'pass', 'pass' => ['hold' => 'h9']]],
        ] as $bad) {
            $refused = $this->call(['log', $file, '--add='.$this->file('bad.json', json_encode($bad, JSON_THROW_ON_ERROR))]);
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
        }

        $built = $this->json(['asbuilt', $more, '--json']);
        self::assertEqualsCanonicalizing(['slab', 'edge_outside'], array_column($built['deviations'], 'part'));
        self::assertEqualsWithDelta(
            $built['after']['annual_kwh'] - $built['before']['annual_kwh'], $built['difference']['annual_kwh'], 1e-9,
        );
        self::assertGreaterThan(0.0, $built['difference']['annual_kwh']);
        self::assertNull($built['difference']['margin_mm'], 'no winter was run');

        ProjectZip::write("{$this->folder}/job.zip", $added->getOutput(), []);
        $pack = $this->call(['pack', "{$this->folder}/job.zip", "--html={$this->folder}/p.html", "--pdf={$this->folder}/p.pdf", '--json']);
        self::assertSame([0, ''], [$pack->getExitCode(), $pack->getErrorOutput()]);
        self::assertSame(2, json_decode($pack->getOutput(), true, flags: JSON_THROW_ON_ERROR)['deviations']);
        $pages = (new Process(['pdfinfo', "{$this->folder}/p.pdf"]))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('~Page size:\s+59\d.*A4~', $pages);
        self::assertStringContainsString('Built otherwise than drawn', (string) file_get_contents("{$this->folder}/p.html"));
        self::assertSame(2, $this->call(['pack', $file])->getExitCode(), 'a file to write is asked for');
        self::assertSame(2, $this->call(['pack', $this->file('text.zip', "PK\x03\x04 no archive"), '--json'])->getExitCode());
    }

    /** @return list<string> */
    private static function sizes(string $words): array
    {
        return array_map(static fn (string $word): string => "--size={$word}", explode(' ', $words));
    }

    private function file(string $name, string $contents): string
    {
        file_put_contents("{$this->folder}/{$name}", $contents);

        return "{$this->folder}/{$name}";
    }

    /**
     * @param  list<string>  $words
     * @return array<string, mixed>
     */
    private function json(array $words): array
    {
        $process = $this->call($words);
        self::assertSame([0, ''], [$process->getExitCode(), $process->getErrorOutput()], implode(' ', $words));

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  list<string>  $words */
    private function call(array $words, string $input = ''): Process
    {
        $process = new Process([dirname(__DIR__, 2).'/bin/ondergrond', ...$words], input: $input, timeout: 120);
        $process->run();

        return $process;
    }

    /** A project file without its plan. */
    private function planless(string $json): string
    {
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        unset($data['plan']);
        foreach (array_keys($data['options']) as $i) {
            unset($data['options'][$i]['layout'], $data['options'][$i]['plan']);
        }

        return json_encode($data, JSON_THROW_ON_ERROR);
    }
}
