<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Field\Complex;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * One section of each family by bilinear finite elements with Debian's python3-scipy, on a mesh of its own: the heat out
 * of the room and its yearly swing agree within 2 %. Where four materials meet in a point like a chessboard, as at the
 * thickened edge, elements come down to the answer very slowly (docs/methods.md): 4 % there.
 */
final class FamiliesFieldTest extends TestCase
{
    #[DataProvider('sections')]
    public function test_another_solver_finds_the_same_heat(string $family, Side $side): void
    {
        $plan = Footprint::rectangle(9.0, 6.0);
        $design = Families::all()[$family]->preset($side === Side::Walkout ? $plan->along(walkOut: 6.0) : $plan, UnitSystem::Metric);
        $site = new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0);
        $field = GroundField::of($site, $design, $side);
        // Smaller elements where they come down slowly.
        $chessboard = $design->edgeBeam->present() && $design->perimeterBoard->present() && ! $design->wing->present();
        $process = new Process(
            ['/usr/bin/python3', __DIR__.'/independent/section.py', 'scipy', '-', $chessboard ? '0.008' : '0.02'],
            input: SectionFile::write($field->solution->problem),
            timeout: 300,
        );
        $theirs = json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $steady = 0.0;
        $swing = Complex::zero();
        foreach (SectionProblem::INSIDE as $name) {
            $steady += $theirs['flows'][$name] ?? 0.0;
            $swing = $swing->plus(
                Complex::of($theirs['harmonic']['flows'][$name]['re'] ?? 0.0, $theirs['harmonic']['flows'][$name]['im'] ?? 0.0),
            );
        }
        $near = $chessboard ? 0.04 : 0.02;
        self::assertEqualsWithDelta($steady, $field->couplingCoefficient(), $near * $steady);
        self::assertLessThan($near * $swing->modulus(), $field->swing()->minus($swing)->modulus());
    }

    /** @return iterable<string, array{string, Side}> */
    public static function sections(): iterable
    {
        foreach (array_keys(Families::all()) as $family) {
            yield $family => [$family, $family === 'unheated-neighbour' ? Side::Neighbour : Side::Edge];
        }
        yield 'heated-basement, walk-out side' => ['heated-basement', Side::Walkout];
    }
}
