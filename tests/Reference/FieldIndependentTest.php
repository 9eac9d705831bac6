<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\FieldFile;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Exchange\VtkWriter;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Ground\SectionProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The same sections, read from the same files, by finite elements: with Debian's python3-scipy and with FreeFem++ on
 * meshes of their own (tests/Reference/independent/section.py). Both must be there; bin/test installs them.
 */
final class FieldIndependentTest extends TestCase
{
    /** @param  'scipy'|'freefem++'  $solver */
    #[DataProvider('sections')]
    public function test_another_solver_finds_the_same(string $section, string $solver, float $spacing): void
    {
        $problem = self::section($section);
        $ours = FieldFile::toArray(Solution::of($problem));
        $theirs = self::solved($problem, $solver, $spacing);
        foreach ([[$ours, $theirs], ...(isset($ours['harmonic']) ? [[$ours['harmonic'], $theirs['harmonic']]] : [])] as [$one, $other]) {
            foreach ((array) $one['flows'] as $name => $flow) {
                self::assertLessThan(
                    0.01 * self::magnitude($other['flows'][$name]),
                    self::apart($flow, $other['flows'][$name]),
                    "flow at {$name}",
                );
            }
            $span = max([0.0, ...array_values(array_map(self::magnitude(...), $other['probes']))]);
            foreach ((array) $one['probes'] as $name => $value) {
                self::assertLessThan(0.01 * $span, self::apart($value, $other['probes'][$name]), "probe {$name}");
            }
        }
    }

    /** @return iterable<string, array{string, string, float}> */
    public static function sections(): iterable
    {
        yield 'ISO 10211 case 2 by scipy' => ['iso-10211-2', 'scipy', 0.0005];
        yield 'ISO 10211 case 2 by FreeFem++' => ['iso-10211-2', 'freefem++', 0.0005];
        yield 'a floor’s edge by scipy' => ['edge', 'scipy', 0.006];
        yield 'a floor’s edge by FreeFem++' => ['edge', 'freefem++', 0.01];
        yield 'a hollow block with a pipe and a flux by scipy' => ['hollow', 'scipy', 0.004];
        yield 'a slanted board by scipy' => ['slanted', 'scipy', 0.004];
    }

    /** Legacy VTK, as a general reader of meshes reads it. */
    public function test_another_program_opens_the_vtk_file(): void
    {
        $solution = Solution::of(self::section('edge'));
        $file = (string) tempnam(sys_get_temp_dir(), 'field');
        rename($file, "{$file}.vtk");
        file_put_contents("{$file}.vtk", VtkWriter::write($solution));
        $read = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import json, sys, meshio, numpy
            m = meshio.read(sys.argv[1])
            print(json.dumps({'points': len(m.points), 'cells': sum(len(c.data) for c in m.cells),
                              'names': sorted(m.point_data) + sorted(m.cell_data),
                              'warmest': float(numpy.nanmax(m.point_data['temperature'])), 'right': float(m.points[:, 0].max())}))
            PY, "{$file}.vtk"]);
        $found = json_decode($read->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        unlink("{$file}.vtk");
        self::assertSame(($solution->mesh->nx + 1) * ($solution->mesh->ny + 1), $found['points']);
        self::assertSame($solution->mesh->nx * $solution->mesh->ny, $found['cells']);
        self::assertSame(['amplitude_im', 'amplitude_re', 'temperature', 'conductivity', 'heat_capacity'], $found['names']);
        self::assertEqualsWithDelta(max([0.0, ...array_filter($solution->steady->nodes, is_float(...))]), $found['warmest'], 1e-6);
        self::assertEqualsWithDelta(max($solution->mesh->x), $found['right'], 1e-6);
    }

    private static function section(string $name): Problem
    {
        if ($name !== 'edge') {
            return SectionFile::read((string) file_get_contents(__DIR__."/sections/{$name}.json"));
        }
        $project = Examples::boathouse();
        $data = json_decode(
            SectionFile::write(SectionProblem::of($project->site, $project->options[1]->design, 1.5)),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        // Where the outside board meets the open ground a little heat flows between two air-cold faces; it settles late.
        $data['accuracy'] = 0.004;
        $data['probes'] = [
            ['name' => 'corner', 'x' => -0.1651, 'y' => 0.2032],
            ['name' => 'under the beam', 'x' => -0.4064, 'y' => -0.508],
            ['name' => 'outside', 'x' => 0.1524, 'y' => 0],
        ];
        // A point where four materials meet like a chessboard is left out: finite elements need very many there, see FieldPublishedTest.
        $moved = 0;
        foreach ($data['regions'] as &$region) {
            foreach ($region['polygon'] as &$corner) {
                // A file may write 0 or 0.0.
                if (array_map(floatval(...), $region['polygon'][0]) === [0.0, -0.4064] && $corner[1] === -0.4064) {
                    $corner[1] = -0.508;
                    $moved++;
                }
            }
        }
        self::assertSame(1, $moved);

        return SectionFile::read(json_encode($data, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    private static function solved(Problem $problem, string $solver, float $spacing): array
    {
        $process = new Process(
            ['/usr/bin/python3', __DIR__.'/independent/section.py', $solver, '-', (string) $spacing],
            input: SectionFile::write($problem),
            timeout: 300,
        );

        return json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  float|array{re: float, im: float}  $value */
    private static function complex(float|array $value): Complex
    {
        return is_array($value) ? Complex::of($value['re'], $value['im']) : Complex::of($value);
    }

    /** @param  float|array{re: float, im: float}  $value */
    private static function magnitude(float|array $value): float
    {
        return self::complex($value)->modulus();
    }

    /**
     * @param  float|array{re: float, im: float}  $one
     * @param  float|array{re: float, im: float}  $other
     */
    private static function apart(float|array $one, float|array $other): float
    {
        return self::complex($one)->minus(self::complex($other))->modulus();
    }
}
