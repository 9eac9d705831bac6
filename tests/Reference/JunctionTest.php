<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Assessor;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Heat\FormulaStrip;
use Ondergrond\Heat\SlabOnGround;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** ψ of floor and wall, ISO 10211:2007, 9.2. */
final class JunctionTest extends TestCase
{
    /**
     * Both fields of ψ anew with Debian's python3-scipy, on its own mesh, and ψ put together from them by hand:
     * option A  ψ = L2D − h_w U_w − ½B′ U (ISO 13370), option B with U of the formula's floor as a field.
     */
    public function test_psi_of_a_frost_protected_raft_is_what_another_solver_finds(): void
    {
        $site = new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0);
        $design = Families::all()['frost-protected-raft']->preset(Footprint::rectangle(9.0, 6.0), UnitSystem::Metric);
        $assessment = Assessor::assess($site, $design);
        $edge = $assessment->junctions->find('edge');
        self::assertNotNull($edge);
        $section = self::scipy(SectionFile::write(SectionProblem::of($site, $design, 1.5, yearly: false)));
        $total = array_sum(array_intersect_key($section, array_flip(SectionProblem::INSIDE)));
        $formula = $assessment->heat->floor->formula;
        self::assertInstanceOf(SlabOnGround::class, $formula);
        $half = 0.5 * 54.0 / (0.5 * 30.0);
        $wall = 1.0 * $assessment->heat->wallTransmittance;
        self::assertEqualsWithDelta($total, (float) $edge->total, 0.01 * $total);
        $a = $total - $wall - $half * $formula->transmittance();
        self::assertEqualsWithDelta($a, (float) $edge->psi, 0.02, 'option A');
        $strip = self::scipy(SectionFile::write(FormulaStrip::problem($formula)))[FormulaStrip::FLOOR] / $half;
        self::assertEqualsWithDelta($total - $wall - $half * $strip, (float) $edge->own, 0.02, 'option B');
    }

    public function test_floor_and_junctions_add_up_to_what_the_fields_find(): void
    {
        foreach (Examples::all() as $project) {
            $assessment = Assessor::assess($project->site, $project->options[0]->design, $project->units);
            $junctions = $assessment->junctions;
            $sum = $assessment->heat->floor->steadyCoefficient;
            $length = $share = 0.0;
            foreach ($junctions->all as $junction) {
                $sum += $junction->side === null ? 0.0 : $junction->loss();
                $length += $junction->side === null ? 0.0 : $junction->length;
                $share += $junctions->share($junction);
            }
            self::assertEqualsWithDelta($assessment->field->steadyCoefficient, $sum, 1e-9, $project->name);
            self::assertEqualsWithDelta($project->options[0]->design->footprint->exposed, $length, 1e-9, $project->name);
            self::assertEqualsWithDelta($junctions->sum / ($junctions->sum + $junctions->floor), $share, 1e-9);
        }
    }

    public function test_a_break_at_the_door_makes_its_psi_smaller(): void
    {
        $site = new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0);
        $plan = Footprint::rectangle(9.0, 6.0)->along(doors: 3.0);
        $open = Families::all()['thickened-edge-slab']->preset($plan, UnitSystem::Metric);
        $filled = $open->with(['threshold' => $open->threshold->but(layer: $open->threshold->layer->thick(0.04), width: 0.15)]);
        [$without, $with] = array_map(
            static fn ($d): ?float => Assessor::assess($site, $d)->junctions->find(Side::Door->value)?->psi,
            [$open, $filled],
        );
        self::assertNotNull($without);
        self::assertNotNull($with);
        self::assertLessThan($without, $with);
    }

    /** @return array<string, float> flows by boundary, W/m for one kelvin */
    private static function scipy(string $section): array
    {
        $process = new Process(
            ['/usr/bin/python3', __DIR__.'/independent/section.py', 'scipy', '-', '0.02'],
            input: $section,
            timeout: 300,
        );

        return json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR)['flows'];
    }

    /** ISO 10211:2007, 5.2.3 halves cells until little changes: what is left is no more than what is said, on meshes four times as fine. */
    public function test_psi_is_off_by_no_more_than_is_said(): void
    {
        foreach (['thickened-edge-slab', 'insulated-screed-floor', 'conditioned-crawlspace', 'stem-wall-slab'] as $family) {
            $project = Examples::of($family) ?? self::fail('there is one');
            $ground = GroundField::of($project->site, $project->options[0]->design, yearly: false);
            $problem = $ground->solution->problem;
            $fine = Solution::of(Problem::of($problem->patches, $problem->boundaries, accuracy: 0.002));
            $better = array_sum(array_intersect_key($fine->steady->flows, array_flip(SectionProblem::INSIDE)));
            self::assertLessThanOrEqual((float) $ground->couplingError(), abs($better - $ground->couplingCoefficient()), $family);
            self::assertGreaterThan(0.0, $ground->couplingError());
        }
    }
}
