<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Gain\Gains;
use Ondergrond\Gain\Step;
use Ondergrond\Project\Project;
use Ondergrond\Project\SetAside;
use Ondergrond\Search\Choice;
use Ondergrond\Search\Limits;
use Ondergrond\Search\Search;
use Ondergrond\Search\Space;
use Ondergrond\Site\WinterUse;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The search for the cheapest that holds, and the ranking of the next boards, against the plain way of doing it. */
#[Group('slow')]
final class SearchTest extends TestCase
{
    private const OPEN = ['field_board.thickness_m' => [0.05, 0.1], 'edge_outside.thickness_m' => [0.05, 0.1]];

    public function test_it_finds_what_trying_everything_finds(): void
    {
        $project = self::washHouse();
        $prices = PriceList::fromArray(['per_m3' => ['eps-25psi' => 120, 'xps-25psi' => 240, 'xps-40psi' => 290]]);
        $space = Space::of(self::sound($project), self::OPEN, UnitSystem::Metric);
        $found = Search::run($project->site, $space, new Limits, $prices, UnitSystem::Metric, prove: self::unproved());
        self::assertTrue($found->finished);
        self::assertSame($space->count(), $found->judged);

        // Every design with its own field and the whole rulebook, no guess anywhere.
        $all = [];
        foreach ($space->designs() as $sizes => $design) {
            if ($design !== null && $this->holds($project, $design)) {
                $all[] = [$prices->cost($design), Assessor::loss($project->site, $design)->mean, $sizes];
            }
        }
        self::assertSame(count($all), $found->hold);
        self::assertGreaterThan(8, count($all), 'the space is worth searching');
        foreach ($found->front as $choice) {
            foreach ($all as [$cost, $watts]) {
                self::assertFalse(
                    $cost < $choice->price - 1e-9 && $watts < (float) $choice->watts - 1e-6,
                    'nothing beats a choice in both',
                );
            }
        }
        usort($all, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        self::assertSame($all[0][2], $found->front[0]->sizes, 'the cheapest that holds is the first');
        self::assertEqualsWithDelta(
            min([INF, ...array_column($all, 1)]),
            (float) $found->front[count($found->front) - 1]->watts,
            1e-6,
            'the warmest is the last',
        );
    }

    public function test_choices_keep_the_limits_and_get_dearer_as_they_get_warmer(): void
    {
        $project = self::washHouse();
        $prices = PriceList::fromArray(['currency' => 'fl.', 'per_m3' => ['eps-25psi' => 120, 'xps-25psi' => 240]]);
        $design = self::sound($project);
        $most = $prices->cost($design) * 0.98;
        $height = Limits::height($design) - 0.02;
        $space = Space::of($design, [...self::OPEN, 'stone.thickness_m' => [0.1, 0.15]], UnitSystem::Metric);
        $found = Search::run($project->site, $space, new Limits($most, $height), $prices, UnitSystem::Metric, prove: self::unproved());
        self::assertNotSame([], $found->front);
        foreach ($found->front as $choice) {
            $then = $space->design($choice->sizes);
            self::assertNotNull($then);
            self::assertLessThanOrEqual($most, $choice->price);
            self::assertLessThanOrEqual($height + 1e-6, Limits::height($then));
        }
        self::assertArrayHasKey('the limit of height', $found->broken);
        $watts = array_map(static fn (Choice $c): float => (float) $c->watts, $found->front);
        $sorted = $watts;
        rsort($sorted);
        self::assertSame($sorted, $watts);
        self::assertContains('Reinforced concrete', $found->unpriced);
    }

    public function test_without_prices_the_board_stands_for_cost(): void
    {
        $project = self::washHouse();
        $space = Space::of(self::sound($project), ['edge_outside.thickness_m' => [0.08, 0.1]], UnitSystem::Metric);
        $found = Search::run($project->site, $space, new Limits, PriceList::none(), UnitSystem::Metric, prove: self::unproved());
        self::assertFalse($found->priced);
        $design = $space->design($found->front[0]->sizes);
        self::assertNotNull($design);
        self::assertEqualsWithDelta(Takeoff::insulation($design), $found->front[0]->price, 1e-9);
    }

    /**
     * Wings and boards that hold by every rule at once, and whose winter decides: the cheapest that holds is the first whose winter
     * does.
     */
    public function test_winters_are_run_from_the_cheapest_on_until_one_holds(): void
    {
        $project = self::washHouse();
        $space = Space::of(
            self::sound($project),
            ['field_board.thickness_m' => [0.08, 0.12], 'wing.width_m' => [0.6, 1.0]],
            UnitSystem::Metric,
        );
        $asked = [];
        $prove = static function (float $least) use (&$asked): \Closure {
            return static function (Design $d, callable $tick) use ($least, &$asked): array {
                $tick();
                $asked[] = $d;

                // Frost comes nearer the less the floor gives away.
                return [
                    new FrostProof(
                        Side::Edge, WinterUse::Heated, Bearing::of($d, Side::Edge),
                        0.3 - 5 * ($d->fieldBoard->thickness - $least) ** 2 * 1000, 0.0, 40, null, 0.0, 0.0, 0.0, 1.5, 90.0, 5000,
                        1e-8, 1e-8, 5.0, [],
                    ),
                ];
            };
        };
        $found = Search::run($project->site, $space, new Limits, PriceList::none(), UnitSystem::Metric, prove: $prove(0.08));
        self::assertTrue($found->finished);
        self::assertGreaterThan(1, count($found->front));
        self::assertTrue($found->front[0]->holds(), 'the cheapest holds, winter and all');
        self::assertCount(1, $asked);
        foreach (array_slice($found->front, 1) as $choice) {
            self::assertSame(['not run', false], [$choice->frost, $choice->holds()]);
        }
        $asked = [];
        $dearer = Search::run($project->site, $space, new Limits, PriceList::none(), UnitSystem::Metric, prove: $prove(0.12));
        $holds = array_values(array_filter($dearer->front, static fn (Choice $c): bool => $c->holds()));
        self::assertCount(1, $holds, 'it ends with the first that does');
        self::assertSame('fails', $dearer->front[0]->frost);
        self::assertLessThan(0.0, (float) $dearer->front[0]->margin);
        self::assertLessThanOrEqual(12, count($asked));
        // What the table refuses is turned away before any winter.
        $bare = Space::of(
            self::sound($project)->with(
                ['wing' => self::sound($project)->wing->but(layer: self::sound($project)->wing->layer->thick(0.0))],
            ),
            ['field_board.thickness_m' => [0.08, 0.12]],
            UnitSystem::Metric,
        );
        $none = Search::run($project->site, $bare, new Limits, PriceList::none(), UnitSystem::Metric, prove: $prove(0.08));
        self::assertSame([0, $bare->count()], [$none->hold, $none->broken['frost-table-met'] ?? 0]);
    }

    public function test_it_can_be_stopped_at_any_time(): void
    {
        $project = self::washHouse();
        $space = Space::of(self::sound($project), self::OPEN, UnitSystem::Metric);
        $told = 0;
        foreach ([1, 12] as $after) {
            $told = 0;
            $tell = static function () use (&$told, $after): bool {
                return ++$told < $after;
            };
            $none = PriceList::none();
            $found = Search::run($project->site, $space, new Limits, $none, UnitSystem::Metric, [], $tell, self::unproved());
            self::assertFalse($found->finished);
        }
        self::assertSame(12, $told);
    }

    public function test_where_nothing_holds_it_says_what_turned_them_away(): void
    {
        $project = self::washHouse();
        $wrong = $project->options[0]->design;
        $space = Space::of($wrong, ['edge_under.thickness_m' => [0.05, 0.1]], UnitSystem::Metric);
        $found = Search::run($project->site, $space, new Limits, PriceList::none(), UnitSystem::Metric);
        self::assertSame([0, []], [$found->hold, $found->front]);
        self::assertSame($space->count(), array_sum($found->broken));
        self::assertArrayHasKey('board-under-bearing', $found->broken);
        $aside = Search::run(
            $project->site,
            $space,
            new Limits,
            PriceList::none(),
            UnitSystem::Metric,
            [
                new SetAside('board-under-bearing', 'a test', 'Nobody', '2026-01-01'),
                new SetAside('frost-table-met', 'a test', 'Nobody', '2026-01-01'),
            ],
            prove: self::unproved(),
        );
        self::assertSame($space->count(), $aside->hold, 'a rule that is set aside turns nothing away');
    }

    public function test_what_cannot_be_searched_is_refused_with_what_is_allowed(): void
    {
        $design = self::sound(self::washHouse());
        $all = array_fill_keys(
            [
                'field_board.thickness_m', 'perimeter_board.thickness_m', 'edge_outside.thickness_m', 'edge_inside.thickness_m',
                'edge_under.thickness_m',
            ],
            [0.0, 0.3],
        );
        foreach ([
            [[], '1 to 6'],
            [['field_board.colour' => [0.0, 1.0]], 'a size that is sold'],
            [['field_board.thickness_m' => [0.051, 0.052]], 'a range with sizes in it'],
            [$all, 'up to 20000'],
        ] as [$open, $says]) {
            try {
                Space::of($design, $open, UnitSystem::Metric);
                self::fail('taken: '.json_encode($open, JSON_THROW_ON_ERROR));
            } catch (FaultyInput $e) {
                self::assertStringContainsString($says, implode(' ', array_map(static fn ($f): string => $f->line(), $e->faults)));
            }
        }
    }

    public function test_the_next_boards_are_ranked_by_what_their_fields_save(): void
    {
        $project = self::washHouse();
        $design = self::sound($project);
        $prices = PriceList::fromArray(['per_m3' => ['eps-25psi' => 120.0]]);
        $steps = Gains::ranked($project->site, $design, UnitSystem::Metric, $prices);
        $watts = array_map(static fn (Step $s): float => $s->watts, $steps);
        $sorted = $watts;
        rsort($sorted);
        self::assertSame($sorted, $watts);
        $field = array_values(
            array_filter($steps, static fn (Step $s): bool => $s->path === 'field_board.thickness_m' && $s->to > $s->from),
        )[0];
        self::assertEqualsWithDelta(0.12, $field->to, 1e-9, 'the next size that is sold');
        $then = $design->with(['fieldBoard' => $design->fieldBoard->thick(0.12)]);
        self::assertEqualsWithDelta(
            Assessor::assess($project->site, $design)->field->mean - Assessor::assess($project->site, $then)->field->mean,
            $field->watts,
            1e-6,
            'as two whole assessments say',
        );
        // 84 m² less a strip of 0.6 × 38 m, 20 mm thicker, at 120 for a cubic metre.
        self::assertEqualsWithDelta(0.02 * (84 - 0.6 * 38), $field->volume, 1e-9);
        self::assertEqualsWithDelta(120 * 0.02 * (84 - 0.6 * 38), (float) $field->cost, 1e-6);
        $outside = array_values(array_filter($steps, static fn (Step $s): bool => $s->path === 'edge_outside.thickness_m'))[0];
        self::assertNull($outside->cost, 'extruded board has no price');
        $thinner = array_values(
            array_filter($steps, static fn (Step $s): bool => $s->path === 'perimeter_board.thickness_m' && $s->to < $s->from),
        )[0];
        self::assertLessThan(0.0, $thinner->watts);
    }

    private function holds(Project $project, Design $design): bool
    {
        // All rules: those that look at no open part hold in this design anyway.
        $judgement = Assessor::judge($project->site, $design);

        return $judgement->count(Severity::Stop) + $judgement->count(Severity::Fix) === 0;
    }

    /** No winter is run. */
    private static function unproved(): \Closure
    {
        return static fn (): array => [];
    }

    private static function washHouse(): Project
    {
        $found = array_values(array_filter(Examples::all(), static fn (Project $p): bool => str_contains($p->name, 'wash-house')));

        return $found[0];
    }

    private static function sound(Project $project): Design
    {
        // One section is enough, and much quicker.
        $design = $project->options[1]->design;

        return $design->with(['footprint' => Footprint::rectangle(12.0, 7.0), 'threshold' => $design->threshold->but(width: 0.0)]);
    }
}
