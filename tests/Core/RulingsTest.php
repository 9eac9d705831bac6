<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Heat\FloorLimit;
use Ondergrond\Material\Catalogue;
use Ondergrond\Project\Project;
use Ondergrond\Project\SetAside;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Rulings;
use Ondergrond\Rules\Subject;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\LimitMeant;
use Ondergrond\Site\Site;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Words that agree: no verdict is better than its worst finding, none fails without one, and none holds whose method was not run. */
#[Group('slow')]
final class RulingsTest extends TestCase
{
    private const GREEN = [Verdict::Holds, Verdict::Close];

    private const GRAVE = [Severity::Stop, Severity::Fix];

    public function test_what_hangs_on_a_climate_that_is_not_the_sites_own_is_provisional(): void
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        foreach (ClimateSource::cases() as $source) {
            $climate = new Climate(...[...get_object_vars($project->site->climate), 'source' => $source]);
            $site = new Site(...[...get_object_vars($project->site), 'climate' => $climate]);
            foreach (Assessor::rulings($site, $design)->all() as $concern => $ruling) {
                $stamped = $concern !== 'load' && ! in_array($source, [ClimateSource::Own, ClimateSource::File], true);
                self::assertSame($stamped, $ruling->provisional, "{$concern} under a climate that is {$source->value}");
                self::assertSame($stamped, str_starts_with($ruling->stamped(), 'provisional'));
                self::assertSame($stamped, $ruling->toArray()['provisional']);
            }
        }
    }

    /** LOT=1000 draws more of them; SEED draws others. */
    public function test_words_and_findings_agree_on_any_design(): void
    {
        $seed = getenv('SEED') === false ? 19_271_127 : (int) getenv('SEED');
        mt_srand($seed);
        $many = getenv('LOT') === false ? 100 : (int) getenv('LOT');
        $words = [];
        for ($i = $taken = 0; $taken < $many; $i++) {
            try {
                [$site, $design] = Lot::draw($i);
            } catch (FaultyInput) {
                continue;
            }
            $taken++;
            $frost = Assessor::frost($site, $design)->proved($i % 3 === 0 ? [] : self::winters($site, $design));
            // The fields take a second: some of them.
            $assessment = $taken % 12 === 0 ? Assessor::assess($site, $design, proofs: $frost->proofs, roughly: true) : null;
            $subject = new Subject($site, $design, field: $assessment?->field, frost: $frost, damp: $assessment?->damp);
            $found = Rulebook::findings($subject);
            $rulings = Rulings::of($subject, $found);
            foreach (Concern::verdicts() as $concern) {
                $ruling = $rulings->on($concern);
                $at = "seed {$seed}, design {$i}, {$concern->value}";
                $words[$concern->value][$ruling->word->value] = true;
                $own = array_filter($found, static fn (Finding $f): bool => $f->rule->concern() === $concern);
                $grave = array_filter($own, static fn (Finding $f): bool => in_array($f->severity, self::GRAVE, true));
                $unknown = array_filter($own, static fn (Finding $f): bool => $f->severity === Severity::NotChecked);
                self::assertSame(
                    $grave !== [],
                    $ruling->word === Verdict::Fails,
                    "{$at}: what fails has a stop or a fix behind it, and what has one fails",
                );
                self::assertFalse(
                    $unknown !== [] && in_array($ruling->word, [...self::GREEN, Verdict::Shown], true),
                    "{$at}: not checked at best",
                );
                self::assertFalse(
                    $ruling->word === Verdict::Holds && ($ruling->share ?? 0.0) > 1.0 + 1e-9,
                    "{$at}: no share over its limit holds",
                );
            }
            if ($frost->reason === null && $frost->closest() === null) {
                self::assertNotContains($rulings->on(Concern::Frost)->word, self::GREEN, 'no winter was run');
            }
            if ($assessment === null) {
                self::assertNotContains($rulings->on(Concern::Damp)->word, self::GREEN, 'no field was solved');
            }
        }
        self::assertGreaterThan(2, count($words['frost'] ?? []));
    }

    public function test_setting_aside_turns_no_word_green(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $found = Rulebook::findings($subject = new Subject($project->site, $option->design, $project->units));
                $all = array_map(
                    static fn (Finding $f): SetAside => new SetAside($f->rule->id(), 'a test', 'Nobody', '2026-01-01'),
                    $found,
                );
                $open = Rulings::of($subject, $found);
                $aside = Rulings::of($subject, $found, $all);
                foreach (Concern::verdicts() as $concern) {
                    self::assertSame($open->on($concern)->word, $aside->on($concern)->word);
                    if ($aside->on($concern)->word === Verdict::Fails) {
                        self::assertSame('fails, set aside by Nobody', $aside->on($concern)->said());
                    }
                }
            }
        }
    }

    /** What a list says of a design at once is what its page says before fields are solved. */
    public function test_a_verdict_asked_for_alone_says_what_it_says_among_all(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $all = Assessor::judge($project->site, $option->design, $project->units, $option->setAside)->rulings;
                foreach (Concern::cases() as $concern) {
                    if ($concern !== Concern::None) {
                        $alone = Assessor::ruling($concern, $project->site, $option->design, $project->units, $option->setAside);
                        self::assertSame(
                            [$all->on($concern)->said(), $all->on($concern)->worst?->rule->id()],
                            [$alone->said(), $alone->worst?->rule->id()],
                            "{$project->name}, {$option->name}, {$concern->value}",
                        );
                    }
                }
            }
        }
    }

    public function test_a_note_lowers_nothing(): void
    {
        $project = self::washHouse();
        $judgement = Assessor::judge($project->site, $project->options[1]->design, $project->units);
        self::assertGreaterThan(0, $judgement->count(Severity::Note));
        self::assertSame(0, $judgement->count(Severity::Stop) + $judgement->count(Severity::Fix));
        self::assertSame(Verdict::NotChecked, $judgement->word());
        self::assertSame(Verdict::Holds, Assessor::ruling(Concern::Load, $project->site, $project->options[1]->design)->word);
    }

    /** 170 kN on a post over board of no stated strength is no open question. */
    public function test_a_board_without_a_stated_strength_under_a_load_is_a_stop(): void
    {
        $project = self::washHouse();
        $design = $project->options[1]->design;
        $soft = Layer::of(Catalogue::get('stone-wool-board'), 0.1);
        self::assertNull($soft->material->strength);
        foreach ([
            'post-carried' => ['fieldBoard' => $soft, 'loads' => $design->loads->but(post: 170.0)],
            'board-under-bearing' => ['edgeUnder' => $soft],
        ] as $rule => $parts) {
            $then = $design->with($parts);
            $judgement = Assessor::judge($project->site, $then);
            self::assertSame(Severity::Stop, $judgement->find($rule)?->finding->severity, $rule);
            self::assertSame(Verdict::Fails, $judgement->rulings->on(Concern::Load)->word);
            $mended = $judgement->find($rule)->finding->remedy?->applied($then);
            self::assertTrue(
                $mended === null || ! in_array(
                    Assessor::judge($project->site, $mended)->find($rule)?->finding->severity,
                    self::GRAVE,
                    true,
                ),
                'its remedy settles it, where one does',
            );
        }
    }

    public function test_two_methods_on_two_sides_of_a_limit_are_disputed(): void
    {
        $project = array_values(array_filter(Examples::all(), static fn (Project $p): bool => str_contains($p->name, 'reading room')))[0];
        $design = $project->options[0]->design;
        $field = Assessor::assess($project->site, $design)->field;
        $heat = Assessor::formulas($project->site, $design);
        self::assertLessThan(1.0, (float) $heat->share);
        self::assertGreaterThan((float) $project->site->floorLimit, $field->transmittance());
        foreach ([
            [LimitMeant::NotSaid, Verdict::Disputed],
            [LimitMeant::Without, Verdict::Holds],
            [LimitMeant::With, Verdict::Fails],
        ] as [$meant, $word]) {
            $site = self::meaning($project->site, $meant);
            $limit = FloorLimit::of(Assessor::formulas($site, $design), $field->faces());
            self::assertSame($word, $limit->word());
            self::assertNotNull($limit->drawn);
        }
        self::assertSame(
            Verdict::NotChecked,
            FloorLimit::of(Assessor::formulas(self::meaning($project->site, LimitMeant::With), $design), null)->word(),
        );
        $assessment = Assessor::assess($project->site, $design, $project->units);
        $file = AssessmentFile::toArray($project, $project->options[0], $assessment);
        self::assertSame(['heat', 'frost', 'damp', 'mass', 'load'], array_keys($file['verdicts']));
        self::assertSame('disputed', $file['verdicts']['heat']['word']);
        self::assertEqualsWithDelta(
            ['formula' => $heat->share, 'as_drawn' => $field->transmittance() / (float) $project->site->floorLimit],
            $file['verdicts']['heat']['shares'],
            1e-9,
        );
        foreach (['heat', 'frost', 'damp'] as $part) {
            self::assertSame($file['verdicts'][$part]['word'], $file[$part]['verdict']['word'], 'one word for one thing');
        }
        self::assertSame($file['verdicts']['load']['word'], $file['load']['verdict']);
    }

    private static function meaning(Site $site, LimitMeant $meant): Site
    {
        return new Site(...[...get_object_vars($site), 'floorLimitMeant' => $meant]);
    }

    /** @return list<FrostProof> as if they had been run */
    private static function winters(Site $site, Design $design): array
    {
        $lot = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();

        return array_map(static fn (Side $side): FrostProof => new FrostProof(
            $side, $site->frost->use, Bearing::of($design, $side), mt_rand(0, 3) === 0 ? $lot(-0.4, 0.1) : $lot(0.0, 0.6),
            $lot(0.0, 0.08), 40, -0.3,
            max(0.0, $lot(-1.0, 0.3)), max(0.0, $lot(-1.0, 0.3)), max(0.0, $lot(-1.0, 0.3)), 1.5, 90.0, 5000, 1e-8, 1e-8, 5.0, [],
        ), array_column(Stretch::all($design), 'kind'));
    }

    private static function washHouse(): Project
    {
        return array_values(array_filter(Examples::all(), static fn (Project $p): bool => str_contains($p->name, 'wash-house')))[0];
    }
}
