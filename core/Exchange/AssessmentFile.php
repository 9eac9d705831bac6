<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Assessment;
use Ondergrond\Caution;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\SlabHeat;
use Ondergrond\Heat\YearlyFlow;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Version;

/** An assessment as JSON: the answers, with everything needed to work them out again. docs/formats.md lists the keys. */
final class AssessmentFile
{
    public static function write(Project $project, Option $option, Assessment $assessment): string
    {
        return json_encode(
            self::toArray($project, $option, $assessment),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @return array<string, mixed> */
    public static function toArray(Project $project, Option $option, Assessment $assessment): array
    {
        return [
            'format' => 'ondergrond-assessment',
            'version' => 1,
            'made_by' => [
                'program' => 'Ondergrond',
                'version' => Version::PROGRAM,
                'methods' => Version::METHODS,
                'input_hash' => ProjectFile::hash($project),
            ],
            'caution' => Caution::TEXT,
            'project' => $project->name,
            'option' => $option->name,
            'family' => $option->design->family,
            'heat' => self::heat($assessment->heat),
            'field' => self::field($assessment->field),
        ];
    }

    /** @return array<string, mixed> */
    private static function heat(HeatVerdict $heat): array
    {
        [$low, $high] = $heat->band;
        $pair = static fn (callable $of): array => [$of($low), $of($high)];

        return [
            'method' => 'ISO 13370:2007, steady (9.1, annex B) and periodic (annex A); ISO 6946 layers',
            ...self::floor($heat->floor),
            'verdict' => [
                'word' => $heat->word->value,
                'limit_w_m2k' => $heat->floor->site->floorLimit,
                'share' => $heat->share,
            ],
            'u_wall_w_m2k' => $heat->wallTransmittance,
            'band' => [
                'lambda_ground' => $pair(static fn (SlabHeat $h): float => $h->slab->groundConductivity),
                'u_w_m2k' => $pair(static fn (SlabHeat $h): float => $h->transmittance()),
                'annual_kwh' => $pair(static fn (SlabHeat $h): float => $h->annual),
                'design_w' => $pair(static fn (SlabHeat $h): float => $h->design),
            ],
            'counted' => $heat->counted,
            'notes' => $heat->notes,
            'bare' => self::floor($heat->bare),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(FieldHeat $field): array
    {
        $solution = $field->ground->solution;

        return [
            'method' => 'ISO 10211:2007, two-dimensional section, steady and harmonic; H_g + P ψ_g = P (L2D − h_w U_w), ISO 13370:2007, 9.1',
            'inputs' => [
                'wall_height_m' => SectionProblem::WALL,
                'u_wall_w_m2k' => $field->wallTransmittance,
                'perimeter_m' => $field->formula->slab->perimeter,
                'period_s' => $solution->problem->period,
                'section_hash' => SectionFile::hash($solution->problem),
            ],
            'l2d_w_mk' => $field->ground->couplingCoefficient(),
            'h_g_w_k' => $field->steadyCoefficient,
            'u_w_m2k' => $field->transmittance(),
            'swing_w' => SectionFile::complex($field->swing),
            'lag_months' => $field->lag(),
            'monthly_w' => $field->monthly,
            'monthly_w_m' => $field->ground->monthlyFlows(),
            'annual_kwh' => $field->annual,
            'all_year_kwh' => $field->allYear,
            'u_even_floor_w_m2k' => $field->strip,
            'over_formula' => $field->formulaGap(),
            'over_even_floor' => $field->sectionGap(),
            'reasons' => $field->reasons(),
            'mesh' => FieldFile::mesh($solution),
        ];
    }

    /** @return array<string, mixed> */
    private static function floor(SlabHeat $heat): array
    {
        $slab = $heat->slab;

        return [
            'inputs' => [
                'dimensions' => 'overall internal',
                'area_m2' => $slab->area,
                'perimeter_m' => $slab->perimeter,
                'wall_thickness_m' => $slab->wallThickness,
                'lambda_ground' => $slab->groundConductivity,
                'heat_capacity_ground_j_m3k' => $heat->site->soil->heatCapacity(),
                'r_floor' => $slab->floorResistance,
                'edge' => [
                    'kind' => $slab->edge?->kind->value,
                    'depth_m' => $slab->edge?->depth,
                    'r' => $slab->edge?->resistance,
                    'thickness_m' => $slab->edge?->thickness,
                ],
                'psi_g_w_mk' => 0.0,
                'rsi' => $slab->rsi,
                'rse' => $slab->rse,
                'outdoor_monthly_c' => $heat->site->climate->monthly,
                'outdoor_mean_c' => $heat->outdoor->mean,
                'outdoor_amplitude_k' => $heat->outdoor->amplitude,
                'coldest_month' => $heat->outdoor->coldest,
                'outdoor_lag_months' => YearlyFlow::OUTSIDE_LAG,
                'indoor_c' => $heat->site->indoor,
                'indoor_amplitude_k' => $heat->site->indoorSwing,
                'heating_limit_c' => $heat->site->heatingLimit,
                'heating_months' => $heat->site->heatingMonths(),
                'design_outdoor_c' => $heat->site->climate->design,
            ],
            'b_m' => $slab->characteristicDimension(),
            'd_t_m' => $slab->equivalentThickness(),
            'u0_w_m2k' => $slab->transmittanceWithoutEdge(),
            'delta_psi_w_mk' => $slab->edgeCorrection(),
            'edge_held' => $slab->edgeIsHeld(),
            'u_w_m2k' => $heat->transmittance(),
            'h_g_w_k' => $heat->steadyCoefficient,
            'h_pi_w_k' => $heat->insideCoefficient,
            'h_pe_w_k' => $heat->outsideCoefficient,
            'h_pe_spell_w_k' => $heat->spellCoefficient,
            'monthly_w' => $heat->monthly,
            'annual_kwh' => $heat->annual,
            'all_year_kwh' => $heat->allYear,
            'design_w' => $heat->design,
        ];
    }
}
