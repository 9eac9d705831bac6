<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Forms\Reader;
use App\Models\Project;
use App\Models\Role;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Testing\TestResponse;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Logbook\Survey;
use Ondergrond\Section\Layout;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Setting out as requests meet it: the sheet, tapes and rods that are kept, what they come to. */
final class SurveyPagesTest extends TestCase
{
    private const METRIC = [Reader::FIELD => 'metric point'];

    private const OUT = ['A-B' => '12', 'B-C' => '8.010', 'C-D' => '12.015', 'D-A' => '8', 'A-C' => '14.440', 'B-D' => '14.422'];

    /** From what is printed alone: every corner by three ways, every item by three ways, every level. */
    public function test_a_building_can_be_set_out_from_the_sheet_alone(): void
    {
        $project = $this->rectangle();
        $this->put("/projects/{$project->id}/plan", [...self::METRIC, 'revision' => $this->revision($project), 'act' => 'add:sleeve']);
        $this->put('/units', ['units' => 'metric']);
        $page = $this->page("/projects/{$project->id}/plan/set-out");
        $m = static fn (string $text): float => (float) strtr($text, ["\u{a0}" => '']);
        preg_match('~stand ([\d.]+)\x{a0}m apart~u', $page->document->textContent ?? '', $apart);
        $base = (float) ($apart[1] ?? 0.0);
        self::assertGreaterThan(12.0, $base);
        // Two tapes cut in one point to the left of P–Q: on paper, a compass.
        $cut = static function (float $p, float $q) use ($base): array {
            $along = ($p ** 2 - $q ** 2 + $base ** 2) / (2 * $base);

            return [$along, sqrt(max(0.0, $p ** 2 - $along ** 2))];
        };
        $corners = [];
        foreach ($this->rows($page, 'Corners') as [$id, $along, $across, $p, $q]) {
            self::assertEqualsWithDelta([$m($along), $m($across)], $cut($m($p), $m($q)), 0.003, "offsets and tapes of {$id}");
            $corners[$id] = [$m($along), $m($across)];
        }
        self::assertSame(['A', 'B', 'C', 'D'], array_keys($corners));
        $apart = static fn (string $a, string $b): float => hypot($corners[$a][0] - $corners[$b][0], $corners[$a][1] - $corners[$b][1]);
        self::assertEqualsWithDelta(
            [12.0, 8.0, 12.0, 8.0], [$apart('A', 'B'), $apart('B', 'C'), $apart('C', 'D'), $apart('D', 'A')], 0.0015,
        );
        [[$names, $sides, $diagonal]] = $this->rows($page, 'Rectangles');
        self::assertSame('A, B, C, D', $names);
        self::assertSame("12\u{a0}m × 8\u{a0}m", $sides);
        self::assertEqualsWithDelta(14.422, $m($diagonal), 1e-9, '√(12² + 8²)');
        self::assertEqualsWithDelta([14.422, 14.422], [$apart('A', 'C'), $apart('B', 'D')], 0.0015);
        // The pegs beyond the dig give each wall's line back: a string between two of them passes its corners.
        $backs = [];
        foreach ($this->rows($page, 'Pegs beyond the dig') as [$name, , , $tapes]) {
            [$wall, $corner] = explode(' beyond ', $name);
            $backs[$wall][$corner] = $cut(...array_map($m, explode(', ', $tapes)));
        }
        self::assertCount(4, $backs);
        foreach ($backs as $wall => $ends) {
            // Those behind the base line are measured on its other side.
            [[$x0, $y0], [$x1, $y1]] = array_values($ends);
            foreach (array_keys($ends) as $corner) {
                [$x, $y] = $corners[$corner];
                if (min($y0, $y1) > 1.0) {
                    $off = abs(($x1 - $x0) * ($y - $y0) - ($y1 - $y0) * ($x - $x0)) / hypot($x1 - $x0, $y1 - $y0);
                    self::assertLessThan(0.004, $off, "{$corner} in the string of {$wall}");
                }
            }
        }
        [[, $line, $faces, $tapes]] = $this->rows($page, 'Items');
        [$along, $across] = array_map($m, explode(', ', $line));
        self::assertEqualsWithDelta([$along, $across], $cut(...array_map($m, explode(', ', $tapes))), 0.003);
        preg_match_all('~([\d.]+)\x{a0}m inside (\w)–(\w)~u', $faces, $two, PREG_SET_ORDER);
        self::assertCount(2, $two);
        foreach ($two as [, $in, $from, $to]) {
            [[$x0, $y0], [$x1, $y1]] = [$corners[$from], $corners[$to]];
            $off = abs(($x1 - $x0) * ($across - $y0) - ($y1 - $y0) * ($along - $x0)) / hypot($x1 - $x0, $y1 - $y0);
            self::assertEqualsWithDelta((float) $in, $off, 0.0025, "{$from}–{$to}");
        }
        $this->get("/projects/{$project->id}/plan/walls")->assertOk()->assertSee('Wall A–B')->assertSee(
            'a sleeve that is missed is drilled later',
        );
        // Heights: with a level their rods, with tapes alone how far from the benchmark.
        $this->put("/projects/{$project->id}/plan", [
            ...self::METRIC, 'revision' => $this->revision($project), 'plan' => ['benchmark_m' => '10', 'zero_m' => '9.85'],
        ])->assertSessionHasNoErrors();
        $this->post(
            "/projects/{$project->id}/plan/levels", [...self::METRIC, 'act' => 'benchmark', 'back' => '1.482'],
        )->assertSessionHasNoErrors();
        $levels = $this->rows($this->page("/projects/{$project->id}/plan/set-out"), 'Levels');
        self::assertGreaterThan(5, count($levels));
        foreach ($levels as [, $level, , $rod]) {
            self::assertEqualsWithDelta(11.482, $m($level) + $m($rod), 0.0015);
        }
        foreach ($this->rows($this->page("/projects/{$project->id}/plan/set-out?by=tapes"), 'Levels') as [, $level, , $from]) {
            $over = $m($from) * (str_contains($from, 'below') ? -1 : 1);
            self::assertEqualsWithDelta($m($level), 10.0 + ($from === 'level with it' ? 0.0 : $over), 0.0015);
        }
    }

    public function test_tapes_are_kept_and_say_which_corner_to_move(): void
    {
        $project = $this->rectangle();
        $this->become($this->member(Role::Crew));
        $this->put('/units', ['units' => 'metric']);
        $this->tape($project, self::OUT)->assertSessionHasNoErrors()->assertSessionHas('said', '6 tapes are kept.');
        $this->see($project, '')->assertSee('Choose below what stays')->assertDontSee('C is out');
        $this->see($project, '?hold=A-B')->assertSee('The triangle without C is as drawn: C is out.')
            ->assertSee("move it 15\u{a0}mm towards D and 10\u{a0}mm towards B", false)
            ->assertSeeText("C–B 8\u{a0}m")->assertSeeText("C–A 14.422\u{a0}m")->assertSee('C is moved');
        // Twice the same sending is one; nothing typed keeps nothing.
        $this->tape($project, self::OUT)->assertSessionHas('said', 'No tape was typed; those that were kept before count.');
        self::assertSame(6, $project->entries()->count());
        $first = $project->log()->entries[0];
        self::assertSame(['tape', '12'], [$first->kind->value, $first->text]);
        self::assertNotSame('', $first->who);
        self::assertEqualsWithDelta([12.0, 11.99, 12.01], [$first->drawn, $first->min, $first->max], 1e-9);

        // Moved: its tapes no longer count until they are read again.
        $this->post("/projects/{$project->id}/plan/square?hold=A-B", ['moved' => 'C'])->assertSessionHasNoErrors();
        self::assertCount(3, Survey::of($project->log())->tapes);
        $this->see($project, '?hold=A-B')->assertSee('a corner was moved: read it again')->assertSee('at least 5');
        $this->tape($project, ['B-C' => '8', 'C-D' => '12.001', 'A-C' => '14.422'], ['hold' => 'A-B'])->assertSessionHasNoErrors();
        $this->see($project, '?hold=A-B')->assertSee('Every corner is within tolerance.');
        // The plan is as it was drawn: nobody edits it by a reading.
        self::assertEqualsWithDelta([12.0, 8.0], $project->fresh()?->building()->plan()->outline->points['C'] ?? [], 1e-9);
        // Entries travel with the file.
        $read = ProjectFile::read(ProjectFile::write($project->refresh()->toCore()));
        self::assertCount(10, $read->entries);
    }

    public function test_what_tapes_cannot_be_is_asked_back_and_stays_typed(): void
    {
        $project = $this->rectangle();
        $this->put('/units', ['units' => 'metric']);
        foreach ([
            'A-B' => ['39.37', 'feet and metres?'], 'B-C' => [
                '800', 'centimetres and metres?',
            ], 'C-D' => ['abc', ''], 'A-C' => ['3 m', 'far from it'],
        ] as $tape => [$typed, $said]) {
            $this->tape($project, [...self::OUT, $tape => $typed])->assertSessionHasErrors("tape.{$tape}");
            $this->get("/projects/{$project->id}/plan/square")->assertSee($said)->assertSee('value="'.$typed.'"', false)->assertSee(
                'value="14.422"', false,
            );
        }
        // Shorter than geometry allows: A–C by the way of B.
        $this->tape($project, [...self::OUT, 'A-C' => '20.6'])->assertSessionHasErrors('tape');
        $this->get(
            "/projects/{$project->id}/plan/square",
        )->assertSee('the way round by the third corner')->assertSee('value="20.6"', false);
        $this->tape($project, self::OUT, ['warm' => '300'])->assertSessionHasErrors('warm');
        self::assertSame(0, $project->entries()->count(), 'nothing is kept of what was refused');
        $this->post("/projects/{$project->id}/plan/square", ['moved' => 'C'])->assertSessionHasErrors('moved');
        $this->see($project, '?hold[]=1&both[]=&class=IX&warm=abc')->assertOk();
        $this->tape($project, ['A-B' => ['x']])->assertSessionHasNoErrors();
        // A cold steel tape reads long: 30 K colder, 12 m read 4 mm more.
        $this->tape($project, ['A-B' => '12.004'], ['warm' => '-10', 'class' => 'II'])->assertSessionHasNoErrors();
        $entry = $project->log()->entries[0];
        self::assertEqualsWithDelta([12.004 * (1 - 11.6e-6 * 30), -10.0], $entry->values, 1e-9);
        self::assertSame('II', $entry->instrument);
    }

    public function test_heights_are_levelled_from_the_benchmark(): void
    {
        $project = $this->rectangle();
        $this->become($this->member(Role::Crew));
        $this->put('/units', ['units' => 'metric']);
        $levels = "/projects/{$project->id}/plan/levels";
        $this->get($levels)->assertOk()->assertSee('The benchmark has no level yet.');
        $this->rod($project, ['act' => 'benchmark', 'back' => '1.482'])->assertSessionHasErrors('back');
        $this->become($this->member(Role::Owner));
        $this->put("/projects/{$project->id}/plan", [
            ...self::METRIC, 'revision' => $this->revision($project), 'plan' => ['benchmark_m' => '10', 'zero_m' => '9.85'],
        ])->assertSessionHasNoErrors();
        $this->become($this->member(Role::Crew));
        $this->put('/units', ['units' => 'metric']);
        $this->rod($project, ['rod' => ['level:dig' => '1.5']])->assertSessionHasErrors('rod.level:dig');
        foreach (['', 'abc', '-1', '12 m'] as $bad) {
            $this->rod($project, ['act' => 'benchmark', 'back' => $bad])->assertSessionHasErrors('back');
        }
        $this->rod($project, ['act' => 'benchmark', 'back' => '1.482'])->assertSessionHasNoErrors();
        $this->get($levels)->assertSeeText("It sees at 11.482\u{a0}m");
        $plan = $project->fresh()?->building()->plan() ?? self::fail('a plan');
        $design = Project::query()->findOrFail($project->id)->building()->design;
        $stone = 11.482 - $plan->level(Layout::of($design)->bed);
        $this->rod($project, ['rod' => ['level:stone_top' => (string) round($stone + 0.011, 3)]])
            ->assertSessionHas('said', "Stone: 11\u{a0}mm low: out of tolerance.");
        $this->get($levels)->assertSee('out of tolerance');
        $this->rod(
            $project, ['rod' => ['level:stone_top' => (string) round($stone - 0.004, 3)]],
        )->assertSessionHas('said', "Stone: 4\u{a0}mm high.");
        // Ten times what it should be is asked back, and taken where somebody says it is so.
        $this->rod(
            $project, ['rod' => ['level:stone_top' => (string) round($stone / 10, 4)]],
        )->assertSessionHasErrors('rod.level:stone_top');
        $this->rod($project, ['rod' => ['level:stone_top' => (string) round($stone / 10, 4)], 'sure' => '1'])->assertSessionHasNoErrors();
        // Moved and closed, as worked by hand: 9.367, then 10.304; read 0.308: 4 mm low, shared.
        $this->rod($project, ['act' => 'turning', 'fore' => '2.115', 'turn_back' => '0.937'])->assertSessionHasNoErrors();
        $this->get($levels)->assertSeeText("It sees at 10.304\u{a0}m");
        $this->rod($project, ['act' => 'close', 'close' => '0.308'])->assertSessionHasNoErrors();
        $this->get($levels)->assertSeeText("It sees at 10.306\u{a0}m")->assertSeeText(
            "Closes 4\u{a0}mm low on the benchmark, allowed ±6\u{a0}mm",
        );
        // Is the instrument level: 8 mm over 36 m are 6.7 over 30.
        $check = [
            'act' => 'check', 'apart' => '36', 'middle_a' => '1.432', 'middle_b' => '1.108', 'near_a' => '1.561', 'near_b' => '1.245',
        ];
        $this->rod($project, [...$check, 'apart' => '3'])->assertSessionHasErrors('apart');
        $this->rod($project, [...$check, 'near_b' => ''])->assertSessionHasErrors('near_b');
        $this->rod($project, $check)->assertSessionHasNoErrors();
        $this->get($levels)->assertSee('adjust it');
        // What was drawn then stays with the reading when the plan changes.
        $this->become($this->member(Role::Owner));
        $this->put("/projects/{$project->id}/plan", [
            ...self::METRIC, 'revision' => $this->revision($project), 'plan' => ['zero_m' => '9.95'],
        ])->assertSessionHasNoErrors();
        $this->put('/units', ['units' => 'metric']);
        $this->get($levels)->assertSee('it was drawn at');
        $this->get("/projects/{$project->id}/log")->assertOk()->assertSee('Instrument set up');
    }

    public function test_readings_before_the_release_do_not_hold_it_fast(): void
    {
        $project = $this->rectangle();
        $this->tape($project, self::OUT)->assertSessionHasNoErrors();
        $this->travel(1)->minutes();
        $this->post("/projects/{$project->id}/release", ['option' => $project->leading()->id])->assertSessionHasNoErrors();
        $this->delete("/projects/{$project->id}/release")->assertSessionHasNoErrors();
        $this->post("/projects/{$project->id}/release", ['option' => $project->leading()->id])->assertSessionHasNoErrors();
        $this->travel(1)->minutes();
        $this->tape($project, ['A-B' => '12.001'])->assertSessionHasNoErrors();
        $this->delete("/projects/{$project->id}/release")->assertSessionHasErrors('option');
    }

    private function rectangle(): Project
    {
        $project = $this->boathouse();
        $this->post("/projects/{$project->id}/plan", [
            ...self::METRIC, 'shape' => 'rectangle', 'sizes' => ['length_m' => '12', 'width_m' => '8'],
        ])->assertSessionHasNoErrors();

        return Project::query()->findOrFail($project->id);
    }

    private function revision(Project $project): ?int
    {
        return Project::query()->findOrFail($project->id)->drawnPlan?->revisions()->latest('id')->first()?->id;
    }

    /**
     * @param  array<string, mixed>  $tapes
     * @param  array<string, string>  $more
     * @return TestResponse<Response>
     */
    private function tape(Project $project, array $tapes, array $more = []): TestResponse
    {
        return $this->post("/projects/{$project->id}/plan/square", [...self::METRIC, 'tape' => $tapes, ...$more]);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function rod(Project $project, array $form): TestResponse
    {
        return $this->post("/projects/{$project->id}/plan/levels", [...self::METRIC, ...$form]);
    }

    /** @return TestResponse<Response> */
    private function see(Project $project, string $query): TestResponse
    {
        return $this->get("/projects/{$project->id}/plan/square{$query}");
    }

    private function page(string $address): DOMXPath
    {
        $page = new DOMDocument;
        @$page->loadHTML('<?xml encoding="utf-8"?>'.$this->get($address)->assertOk()->getContent());

        return new DOMXPath($page);
    }

    /** @return list<list<string>> what a table of the sheet says, by row and column */
    private function rows(DOMXPath $page, string $table): array
    {
        $rows = [];
        $found = $page->query("//*[@aria-label='{$table}']//tbody/tr");
        foreach ($found === false ? [] : $found as $row) {
            $cells = [];
            foreach ($row instanceof DOMElement ? $row->childNodes : [] as $cell) {
                if ($cell instanceof DOMElement) {
                    $cells[] = trim((string) preg_replace('~[ \n]+~', ' ', $cell->textContent));
                }
            }
            $rows[] = $cells;
        }

        return $rows;
    }
}
