<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Assessment;
use Ondergrond\Design\Design;
use Ondergrond\FloorHeating\CellProof;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\GroundHeat;
use Ondergrond\Heat\GroundShare;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junction;
use Ondergrond\Heat\Junctions;
use Ondergrond\Heat\OtherSchool;
use Ondergrond\Mass\MassStory;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Consequence;
use Ondergrond\Rules\Ruling;
use Ondergrond\Safety\Hazard;
use Ondergrond\Section\Levels;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Said;
use Ondergrond\Units\UnitSystem;

/** An assessment as JSON: the answers, with everything needed to work them out again. docs/formats.md lists the keys. */
final class AssessmentFile
{
    /**
     * @param  array<string, Consequence|null>  $costs  of findings and their remedies, by rule; missing where they were not asked for
     * @param  MassStory|null  $story  as far as it was asked for
     */
    public static function write(
        Project $project,
        Option $option,
        Assessment $assessment,
        array $costs = [],
        ?MassStory $story = null,
        ?CellProof $proof = null,
    ): string {
        return json_encode(
            self::toArray($project, $option, $assessment, $costs, $story, $proof),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @param  array<string, Consequence|null>  $costs  by rule
     * @return array<string, mixed>
     */
    public static function toArray(
        Project $project,
        Option $option,
        Assessment $assessment,
        array $costs = [],
        ?MassStory $story = null,
        ?CellProof $proof = null,
    ): array {
        return Envelope::around('assessment', 3, ProjectFile::hash($project), [
            'project' => $project->name,
            'option' => $option->name,
            'family' => $option->design->family,
            'plan' => PlanFile::of($project, $option),
            'levels' => self::levels($option->design),
            'verdicts' => array_map(static fn (Ruling $r): array => $r->toArray(), $assessment->judgement->rulings->all()),
            'heat' => self::heat($assessment->heat, $assessment->judgement->rulings->on(Concern::Heat), $assessment->field),
            'field' => self::field($assessment->field, $assessment->junctions),
            'junctions' => self::junctions($assessment->junctions),
            'frost' => self::ruled(FrostFile::toArray($assessment->frost), $assessment->judgement->rulings->on(Concern::Frost)),
            'damp' => self::ruled(DampFile::toArray($assessment->damp), $assessment->judgement->rulings->on(Concern::Damp)),
            'mass' => MassFile::toArray($assessment->mass, $assessment->heatedFloor, $story, $proof),
            'load' => [
                ...LoadFile::toArray($option->design, $assessment->load),
                'verdict' => $assessment->judgement->rulings->on(Concern::Load)->word->value,
            ],
            'judgement' => JudgementFile::summary($assessment->judgement),
            'findings' => JudgementFile::findings($assessment->judgement, $costs),
            'cautions' => array_map(static fn (Hazard $h): string => $h->line(), Hazard::at($project->site, $option->design)),
        ]);
    }

    /**
     * One word for one thing: that of the sums alone gives way to the verdict's.
     *
     * @param  array<string, mixed>  $part
     * @return array<string, mixed>
     */
    private static function ruled(array $part, Ruling $ruling): array
    {
        $part['verdict']['word'] = $ruling->word->value;

        return $part;
    }

    /** @return array<string, mixed> */
    private static function heat(HeatVerdict $heat, Ruling $ruling, FieldHeat $field): array
    {
        [$low, $high] = $heat->band;
        $pair = static fn (callable $of): array => [$of($low), $of($high)];

        return [
            'method' => 'ISO 13370:2007, steady ('.$heat->floor->formula->clauses().') and periodic (annex A); ISO 6946 layers',
            ...self::floor($heat->floor),
            'verdict' => [
                'word' => $ruling->word->value,
                'limit_w_m2k' => $heat->floor->site->floorLimit,
                'limit_meant' => $heat->floor->site->floorLimitMeant->value,
                'share' => $ruling->share,
                'shares' => $ruling->shares === [] ? null : $ruling->shares,
                'faces_w_m2k' => $heat->floor->formula->faces(),
                'faces_as_drawn_w_m2k' => $field->faces(),
            ],
            'u_wall_w_m2k' => $heat->wallTransmittance,
            'band' => [
                'lambda_ground' => $pair(static fn (GroundHeat $h): float => $h->formula->groundConductivity),
                'u_w_m2k' => $pair(static fn (GroundHeat $h): float => $h->transmittance()),
                'heating_kwh' => $pair(static fn (GroundHeat $h): float => $h->heating),
                'design_w' => $pair(static fn (GroundHeat $h): float => $h->design),
            ],
            'counted' => $heat->counted,
            'notes' => array_map(static fn (Said $n): string => $n->in(new QuantityFormatter(UnitSystem::Metric)), $heat->notes),
            'other_schools' => array_map(
                static fn (OtherSchool $o): array => ['method' => $o->method, 'h_w_k' => $o->coefficient, ...$o->steps],
                $heat->others,
            ),
            'bare' => self::floor($heat->bare),
            'ground_shares' => array_map(
                static fn (GroundShare $s): array => ['by' => $s->by, 'low' => $s->low, 'share' => $s->share, 'high' => $s->high],
                $heat->groundShares($field->heating),
            ),
            'cellar_summer' => $heat->cellar === null ? null : [
                'month' => $heat->cellar->month, 'above_c' => $heat->cellar->above, 'own_c' => $heat->cellar->own,
                'bare_c' => $heat->cellar->bare,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function field(FieldHeat $field, Junctions $junctions): array
    {
        $sections = [];
        foreach ($field->sides as $name => $ground) {
            $sections[$name] = [
                'length_m' => $ground->stretch->length,
                'whole_width' => $ground->side->isWhole(),
                'section_hash' => SectionFile::hash($ground->solution->problem),
                'l2d_w_mk' => $ground->couplingCoefficient(),
                'l2d_by_boundary_w_mk' => $ground->shares(),
                'h_g_w_k' => $field->bySide[$name],
                'psi_w_mk' => $junctions->find($name)?->psi,
                'psi_own_w_mk' => $junctions->find($name)?->own,
                'monthly_w_m' => $ground->monthlyFlows(),
                'space' => $ground->space === null ? null : [
                    'share' => $ground->space->share,
                    'monthly_c' => array_map(static fn (int $m): ?float => $ground->spaceTemperature($m), range(1, 12)),
                ],
                'mesh' => FieldFile::mesh($ground->solution),
            ];
        }
        $edge = $field->ground();

        return [
            'method' => 'ISO 10211:2007, two-dimensional sections, steady and harmonic; H_g + P ψ_g = Σ P (L2D − Σ h U), ISO '
                .'13370:2007, 9.1',
            'inputs' => [
                'wall_height_m' => SectionProblem::WALL,
                'u_wall_w_m2k' => $field->wallTransmittance,
                'perimeter_m' => $field->formula->formula->perimeter,
                'period_s' => $edge->solution->problem->period,
                'section_hash' => SectionFile::hash($edge->solution->problem),
            ],
            'l2d_w_mk' => $edge->couplingCoefficient(),
            'h_g_w_k' => $field->steadyCoefficient,
            'mean_w' => $field->mean,
            'u_w_m2k' => $field->transmittance(),
            'swing_w' => SectionFile::complex($field->swing),
            'lag_months' => $field->lag(),
            'monthly_w' => $field->monthly,
            'monthly_w_m' => $edge->monthlyFlows(),
            'heating_kwh' => $field->heating,
            'all_year_kwh' => $field->allYear,
            'shares_w_k' => $field->shares,
            'u_even_floor_w_m2k' => $field->strip,
            'over_formula' => $field->formulaGap(),
            'over_even_floor' => $field->sectionGap(),
            'reasons' => $field->reasons(),
            'mesh' => FieldFile::mesh($edge->solution),
            'sections' => $sections,
        ];
    }

    /** @return array<string, mixed> */
    private static function junctions(Junctions $junctions): array
    {
        return [
            'method' => 'ISO 10211:2007, 9.2; psi_w_mk: option A, U of the floor by ISO 13370; psi_own_w_mk: option B, by a field of '
                .'the formula’s floor',
            'dimensions' => 'overall internal',
            'floor_w_k' => $junctions->floor,
            'sum_w_k' => $junctions->sum,
            'all' => array_map(static fn (Junction $j): array => [
                'name' => $j->slug, ...($j->isPoint ? ['count' => $j->length, 'chi_w_k' => $j->psi] : []),
                'length_m' => $j->isPoint ? 0.0 : $j->length, 'psi_w_mk' => $j->isPoint ? null : $j->psi, 'psi_error_w_mk' => $j->error,
                'psi_own_w_mk' => $j->isPoint ? null : $j->own,
                'loss_w_k' => $j->psi === null ? null : $j->loss(), 'share' => $j->side === null ? null : $junctions->share($j),
                'note' => $j->note,
            ], $junctions->all),
            ...($junctions->formWebs === null ? [] : ['form_wall' => [
                'r_field_m2kw' => $junctions->formWebs->byField, 'r_area_m2kw' => $junctions->formWebs->byArea,
                'r_without_webs_m2kw' => $junctions->formWebs->bare,
            ]]),
        ];
    }

    /** @return array<string, mixed> */
    private static function floor(GroundHeat $heat): array
    {
        $formula = $heat->formula;

        return [
            'reading' => $formula->label(),
            'clauses' => $formula->clauses(),
            'inputs' => [
                'dimensions' => 'overall internal',
                'area_m2' => $formula->area,
                'perimeter_m' => $formula->perimeter,
                'lambda_ground' => $formula->groundConductivity,
                'heat_capacity_ground_j_m3k' => $heat->site->soil->heatCapacity(),
                ...$formula->inputs(),
                'psi_g_w_mk' => 0.0,
                'outdoor_monthly_c' => $heat->site->climate->monthly,
                'outdoor_mean_c' => $heat->outdoor->mean,
                'outdoor_amplitude_k' => $heat->outdoor->amplitude,
                'coldest_month' => $heat->outdoor->coldest,
                'outdoor_lag_months' => $formula->outsideLag(),
                'indoor_c' => $heat->indoor,
                'indoor_amplitude_k' => $heat->indoorSwing,
                'heating_limit_c' => $heat->site->heatingLimit,
                'heating_months' => $heat->site->heatingMonths(),
                'heating_shares' => $heat->site->heatingShares(),
                'design_outdoor_c' => $heat->site->climate->design(),
            ],
            ...$formula->steps(),
            'u_w_m2k' => $heat->transmittance(),
            'h_g_w_k' => $heat->steadyCoefficient,
            'shares_w_k' => $formula->shares(),
            'h_pi_w_k' => $heat->insideCoefficient,
            'h_pe_w_k' => $heat->outsideCoefficient,
            'h_pe_spell_w_k' => $heat->spellCoefficient,
            'monthly_w' => $heat->monthly,
            'heating_kwh' => $heat->heating,
            'all_year_kwh' => $heat->allYear,
            'design_w' => $heat->design,
        ];
    }

    /** @return array<string, mixed> */
    private static function levels(Design $design): array
    {
        $sides = [];
        foreach (Stretch::all($design) as $stretch) {
            foreach (Levels::of($stretch->design, $stretch->kind) as $level) {
                $sides[$stretch->id][$level->slug.'_m'] = $level->height;
            }
        }

        return ['sides' => $sides, 'headroom_m' => Levels::headroom($design), 'footing_above_dig_m' => Levels::footingAboveDig($design)];
    }
}
