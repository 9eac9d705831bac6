<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Heat\EdgeKind;
use Ondergrond\Heat\FloorLimit;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\SlabOnGround;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\Site;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Said;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

#[Group('slow')]
final class HeatVerdictTest extends TestCase
{
    /** The file says enough to work every answer out again: done here from its `heat.inputs` alone. */
    public function test_the_assessment_can_be_worked_out_again(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $heat = self::written($project, $option)['heat'];
                if ($heat['reading'] !== 'slab on the ground') {
                    // Other readings are worked out again in Iso13370Test, case by case.
                    continue;
                }
                self::assertRecomputes($heat);
                self::assertRecomputes($heat['bare']);
                self::assertNull($heat['bare']['inputs']['edge_kind']);
                self::assertGreaterThan($heat['heating_kwh'], $heat['bare']['heating_kwh']);
            }
        }
    }

    public function test_more_board_never_loses_more(): void
    {
        $last = INF;
        foreach ([0.0, 0.025, 0.05, 0.1, 0.2, 0.4, 0.6] as $thickness) {
            $heat = self::judge(['field_board' => ['thickness_m' => $thickness], 'perimeter_board' => ['width_m' => 0.0]]);
            self::assertLessThan($last, $heat->floor->heating);
            $last = $heat->floor->heating;
        }
    }

    public function test_the_better_edge_counts_and_the_parts_say_so(): void
    {
        $both = self::judge([]);
        self::assertSame(EdgeKind::Vertical, self::slab($both)->edge?->kind);
        self::assertSame('counts as edge', $both->counted['edge_outside']);
        self::assertStringContainsString('outside board saves more', $both->counted['perimeter_board']);

        $strip = self::judge(['edge_outside' => ['thickness_m' => 0.0]]);
        self::assertSame(EdgeKind::Horizontal, self::slab($strip)->edge?->kind);
        self::assertSame('counts as edge', $strip->counted['perimeter_board']);
        // The strip is 4 in over the field's 2 in: 50.8 mm more of λ 0.0288.
        self::assertEqualsWithDelta(0.0508 / 0.0288, self::slab($strip)->edge->resistance ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(0.0508, self::slab($strip)->edge->thickness ?? 0.0, 1e-9);
    }

    public function test_a_weaker_perimeter_takes_away_by_its_width(): void
    {
        $of = static fn (float $width, float $thick): HeatVerdict => self::judge(
            ['perimeter_board' => ['width_m' => $width, 'thickness_m' => $thick], 'edge_outside' => ['thickness_m' => 0.0]],
        );
        $weak = $of(0.6, 0.025);
        self::assertStringContainsString('weaker', $weak->counted['perimeter_board']);
        // The strip lacks 25.8 mm of board: ISO 13370, annex B, with R_n below 0.
        $slab = self::slab($weak);
        $dt = $slab->equivalentThickness();
        $lacks = (0.025 - 0.0508) / 0.0288 * $slab->groundConductivity;
        self::assertEqualsWithDelta(
            -$slab->groundConductivity / M_PI * (log(0.6 / $dt + 1) - log(0.6 / ($dt + $lacks) + 1)),
            $slab->weakerCorrection(),
            1e-4,
        );
        self::assertGreaterThan(0.0, $slab->weakerCorrection());
        $even = $of(0.0, 0.025)->floor->transmittance();
        self::assertEqualsWithDelta($even, $of(0.01, 0.025)->floor->transmittance(), 0.005 * $even, 'a sliver changes next to nothing');
        self::assertSame($even, $of(0.6, 0.0)->floor->transmittance(), 'a zone without a board is the middle board run through');
    }

    public function test_a_bare_beam_is_spoken_of(): void
    {
        $covered = self::notes(self::judge([])->notes);
        $bare = self::notes(self::judge(['edge_under' => ['thickness_m' => 0.0]])->notes);
        self::assertStringNotContainsString('stands on less board', $covered);
        self::assertStringContainsString('stands on less board', $bare);
    }

    public function test_the_mean_alone_is_the_mean_of_the_whole_field(): void
    {
        foreach (['thickened-edge-slab', 'heat-storing-slab', 'vented-crawlspace'] as $family) {
            $project = Examples::of($family);
            self::assertNotNull($project);
            $design = $project->options[0]->design;
            $whole = Assessor::assess($project->site, $design)->field;
            $mean = Assessor::loss($project->site, $design);
            self::assertEqualsWithDelta($whole->mean, $mean->mean, 1e-6 * abs($whole->mean), $family);
            self::assertEqualsWithDelta($whole->steadyCoefficient, $mean->coefficient, 1e-6 * $whole->steadyCoefficient);
            self::assertEqualsWithDelta($mean->coefficient, array_sum($mean->shares), 1e-9);
            self::assertEqualsWithDelta($mean->coefficient, array_sum($mean->bySide), 1e-9);
        }
    }

    public function test_ignoring_a_finding_costs_what_its_remedy_saves(): void
    {
        $project = Examples::boathouse();
        $design = $project->options[2]->design;
        $now = Assessor::assess($project->site, $design)->field->mean;
        foreach (Assessor::judge($project->site, $design, $project->units)->findings as $judged) {
            $cost = Assessor::consequence($project->site, $design, $judged->finding)?->saves;
            $id = $judged->finding->rule->id();
            if (in_array($id, ['wood-off-concrete', 'pest-shield', 'board-bevelled'], true) || $judged->finding->remedy === null) {
                self::assertNull($cost, "{$id} costs no heat");
            } else {
                self::assertEqualsWithDelta(
                    $now - Assessor::assess($project->site, $judged->finding->remedy->applied($design))->field->mean,
                    (float) $cost,
                    1e-6 * $now,
                    $id,
                );
            }
        }
    }

    public function test_words_follow_the_limit(): void
    {
        $u = self::judge([])->floor->transmittance();
        foreach ([
            [$u / 0.5, Verdict::Holds], [$u / 0.97, Verdict::Close], [$u, Verdict::Close], [$u / 1.01, Verdict::Fails],
            [null, Verdict::Shown],
        ] as [$limit, $word]) {
            self::assertSame($word, FloorLimit::of(self::judge([], $limit), ['floor' => $u])->word());
        }
    }

    public function test_the_ground_leaves_a_band(): void
    {
        $heat = self::judge([]);
        [$low, $high] = $heat->band;
        self::assertLessThan($heat->floor->heating, $low->heating);
        self::assertGreaterThan($heat->floor->heating, $high->heating);
    }

    /** @param  array<string, mixed>  $heat */
    private static function assertRecomputes(array $heat): void
    {
        $in = $heat['inputs'];
        $lambda = $in['lambda_ground'];
        $b = 2 * $in['area_m2'] / $in['perimeter_m'];
        $dt = $in['wall_thickness_m'] + $lambda * ($in['rsi'] + $in['r_floor'] + $in['rse']);
        $u = $dt < $b ? 2 * $lambda / (M_PI * $b + $dt) * log(M_PI * $b / $dt + 1) : $lambda / (0.457 * $b + $dt);
        $delta = sqrt(3.15e7 * $lambda / M_PI / $in['heat_capacity_ground_j_m3k']);
        $pe = static fn (float $d): float => 0.37 * $in['perimeter_m'] * $lambda * log($delta / $d + 1);
        $hpe = $pe($dt);
        if ($in['edge_kind'] !== null) {
            $depth = $in['edge_depth_m'] * ($in['edge_kind'] === 'vertical' ? 2 : 1);
            $both = $dt + $in['edge_r'] * $lambda - $in['edge_thickness_m'];
            $u += 2 / $b * -$lambda / M_PI * (log($depth / $dt + 1) - log($depth / $both + 1));
            $hpe = (1 - exp(-$depth / $delta)) * $pe($both) + exp(-$depth / $delta) * $pe($dt);
        }
        $hg = $in['area_m2'] * $u;
        $hpi = $in['area_m2'] * $lambda / $dt * sqrt(2 / ((1 + $delta / $dt) ** 2 + 1));
        self::assertEqualsWithDelta($u, $heat['u_w_m2k'], 1e-9);
        self::assertEqualsWithDelta($hg, $heat['h_g_w_k'], 1e-9);

        $months = $in['outdoor_monthly_c'];
        $mean = array_sum($months) / 12;
        $days = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
        $kwh = $year = 0.0;
        foreach (range(1, 12) as $m) {
            $watts = $hg * ($in['indoor_c'] - $mean)
                - $hpi * $in['indoor_amplitude_k'] * cos(2 * M_PI * ($m - $in['coldest_month']) / 12)
                + $hpe * $in['outdoor_amplitude_k'] * cos(2 * M_PI * ($m - $in['coldest_month'] - 1) / 12);
            self::assertEqualsWithDelta($watts, $heat['monthly_w'][$m - 1], 1e-6);
            // A month within 2 K of the limit counts by its share.
            $share = max(0.0, min(1.0, 0.5 + ($in['heating_limit_c'] - $months[$m - 1]) / 4));
            self::assertEqualsWithDelta($share, $in['heating_shares'][$m - 1], 1e-9);
            $kwh += $share * max(0.0, $watts) * 24 * $days[$m - 1] / 1000;
            $year += $watts * 24 * $days[$m - 1] / 1000;
        }
        self::assertEqualsWithDelta($kwh, $heat['heating_kwh'], 1e-6);
        self::assertEqualsWithDelta($year, $heat['all_year_kwh'], 1e-6);
        self::assertGreaterThanOrEqual(max($heat['monthly_w']), $heat['design_w']);
    }

    /** @return array<string, mixed> */
    private static function written(Project $project, Option $option): array
    {
        // The formula is worked out again: for the fields beside it meshes of a first look will do.
        return AssessmentFile::toArray($project, $option, Assessor::assess($project->site, $option->design, roughly: true));
    }

    /** @param  array<string, array<string, float|string>>  $parts changed from the boathouse's first option */
    private static function judge(array $parts, ?float $limit = 0.25): HeatVerdict
    {
        $boathouse = Examples::boathouse();
        $s = $boathouse->site;
        $site = new Site($s->place, $s->climate, $s->soil, $s->indoor, $s->indoorSwing, $s->heatingLimit, $limit);

        return HeatVerdict::of($site, self::design($parts));
    }

    /** @param  array<string, array<string, float|string>>  $parts */
    private static function design(array $parts): Design
    {
        return DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray(Examples::boathouse()->options[0]->design), $parts));
    }

    private static function slab(HeatVerdict $heat): SlabOnGround
    {
        self::assertInstanceOf(SlabOnGround::class, $heat->floor->formula);

        return $heat->floor->formula;
    }

    /** @param  list<Said>  $notes */
    private static function notes(array $notes): string
    {
        return implode(' ', array_map(static fn (Said $n): string => $n->in(new QuantityFormatter(UnitSystem::Metric)), $notes));
    }
}
