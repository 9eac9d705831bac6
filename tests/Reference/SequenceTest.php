<?php

declare(strict_types=1);

namespace Tests\Reference;

use DateTimeImmutable;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Shield;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\IcsWriter;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\GasPipe;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\WingCorner;
use Ondergrond\Project\Project;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\Network;
use Ondergrond\Sequence\Schedule;
use Ondergrond\Sequence\Task;
use Ondergrond\Takeoff\Job;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The order of work against whole networks of the trade (common practice, no source), and its critical path against Debian's
 * python3-networkx.
 */
final class SequenceTest extends TestCase
{
    private const ID = '01HZX3V8Q0000000000000000A';

    /** Each network: what a step is called here, and the steps that it comes after. */
    private const NETWORKS = [
        'thickened edge' => [
            'services' => '', 'decisions' => '', 'order' => 'decisions', 'silt-fence' => 'services', 'base-line' => 'silt-fence',
            'test-pits' => 'services', 'strip' => 'base-line test-pits', 'fill' => 'strip', 'compact' => 'fill', 'pipes' => 'compact',
            'beam-trench' => 'compact pipes', 'pads' => 'beam-trench', 'stone' => 'pipes pads', 'edge-forms' => 'beam-trench stone',
            'base-check' => 'edge-forms', 'edge-under' => 'base-check', 'tray' => 'edge-under', 'boards' => 'tray', 'gaps' => 'boards',
            'sheet' => 'gaps', 'beam-steel' => 'sheet', 'mat' => 'beam-steel', 'conduits' => 'mat', 'heating' => 'mat conduits',
            'pressure' => 'heating', 'bolts' => 'edge-forms beam-steel', 'rails' => 'mat', 'walk-over' => 'heating bolts rails',
            'inspector' => 'walk-over', 't24' => 'decisions order pressure inspector', 't40' => 't24', 'pour' => 't40', 'finish' => 'pour',
            'cut' => 'finish', 'cover' => 'finish cut', 'cure' => 'cover', 'strip-forms' => 'pour', 'outside-board' => 'strip-forms',
            'shield' => 'outside-board', 'cover-board' => 'shield', 'grade' => 'cover-board', 'release' => 'cure strip-forms',
            'dry-in' => 'release', 'heat-up' => 'dry-in', 'finish-floor' => 'dry-in heat-up',
        ],
        'raft' => [
            'services' => '', 'decisions' => '', 'order' => 'decisions level', 'probe-rock' => 'services', 'level' => 'probe-rock',
            'silt-fence' => 'services', 'base-line' => 'silt-fence', 'neighbours' => 'level', 'strip' => 'probe-rock base-line',
            'break-rock' => 'level neighbours strip', 'fill' => 'break-rock', 'drain-pockets' => '', 'compact' => 'fill drain-pockets',
            'pipes' => 'compact', 'pads' => 'compact pipes', 'stone' => 'pipes pads', 'boards' => 'stone', 'gaps' => 'boards',
            'sheet' => 'gaps', 'mat' => 'sheet', 'conduits' => 'mat', 'heating' => 'mat conduits', 'pressure' => 'heating',
            'rails' => 'mat',
            'inspector' => 'decisions heating rails', 't24' => 'order pressure inspector', 't40' => 't24', 'pour' => 't40',
            'finish' => 'pour',
            'cut' => 'finish', 'cover' => 'finish cut', 'cure' => 'cover', 'strip-forms' => 'pour', 'wing-drain' => 'compact strip-forms',
            'wing' => 'strip-forms', 'wing-cover' => 'wing', 'cover-board' => 'strip-forms', 'grade' => 'wing-cover cover-board',
            'release' => 'cure', 'before-frost' => 'grade',
        ],
        'basement' => [
            'services' => '', 'decisions' => '', 'order' => 'decisions', 'silt-fence' => 'services', 'base-line' => 'silt-fence',
            'bulk-dig' => 'base-line', 'footing-trench' => 'bulk-dig', 'bearing' => 'footing-trench', 'footing-forms' => 'bearing',
            'footing-steel' => 'footing-forms', 'footing-sleeves' => 'footing-steel', 'footing-inspector' => 'footing-sleeves',
            'footing-pour' => 'order footing-inspector', 'footing-strip' => 'footing-pour', 'wall-lines' => 'footing-strip',
            'wall-start' => 'order wall-lines', 'wall-braces' => 'wall-start', 'wall-courses' => 'wall-start',
            'wall-check' => 'decisions wall-courses', 'wall-inspector' => 'wall-check', 'wall-t24' => 'order wall-inspector',
            'wall-pour' => 'wall-t24', 'wall-cure' => 'wall-pour wall-straighten', 'inner-drain' => 'footing-strip',
            'wall-faces' => 'wall-cure',
            'wall-coat' => 'wall-faces', 'wall-coat-look' => 'wall-coat', 'drainage' => 'wall-coat-look', 'outer-drain' => 'drainage',
            'stone' => 'wall-cure inner-drain', 'base-check' => 'stone', 'boards' => 'base-check', 'sheet' => 'boards', 'mat' => 'sheet',
            'heating' => 'mat', 'pressure' => 'heating', 'inspector' => 'heating', 't24' => 'pressure inspector', 't40' => 't24',
            'pour' => 't40',
            'cure' => 'pour', 'deck' => 'wall-cure', 'backfill' => 'outer-drain pour deck', 'cover-board' => 'backfill',
            'grade' => 'cover-board', 'braces-off' => 'deck', 'heat-up' => 'cure deck', 'finish-floor' => 'heat-up',
        ],
        'old basement' => [
            'survey' => '', 'radon' => 'survey', 'water-outside' => 'survey', 'movement' => 'survey', 'clear' => 'survey',
            'props' => 'survey',
            'sump' => 'water-outside movement clear', 'cracks' => 'movement clear', 'tie-holes' => 'clear', 'entries' => 'clear',
            'damp-course' => 'movement', 'floor-joint' => 'sump cracks tie-holes',
            'dry-watch' => 'water-outside sump cracks tie-holes entries damp-course floor-joint', 'old-floor' => 'dry-watch',
            'electric-plan' => 'survey', 'old-order' => 'electric-plan', 'floor-mat' => 'decisions props dry-watch old-floor old-order',
            'wall-boards' => 'floor-mat', 'rim' => 'wall-boards', 'mat-look' => 'floor-mat wall-boards rim', 'floor-board' => 'mat-look',
            'panels' => 'floor-board', 'studs' => 'panels', 'in-studs' => 'studs', 'old-inspector' => 'in-studs',
            'barrier' => 'old-inspector',
            'sump-lid' => 'sump panels', 'stairs' => 'props floor-mat', 'finish-floor' => 'barrier stairs', 'radon-after' => 'barrier',
        ],
    ];

    #[DataProvider('networks')]
    public function test_a_family_is_built_in_the_order_of_the_trade(string $name, int $atLeast): void
    {
        $network = self::network($name);
        $met = 0;
        foreach (self::NETWORKS[$name] as $id => $after) {
            if (! isset($network->tasks[$id])) {
                continue;
            }
            foreach ($after === '' ? [] : explode(' ', $after) as $before) {
                if (isset($network->tasks[$before])) {
                    self::assertContains($before, self::ancestors($network, $id), "{$name}: {$id} comes after {$before}");
                    $met++;
                }
            }
        }
        self::assertGreaterThanOrEqual($atLeast, $met, "{$name}: so many of its precedences are met, with all its parts");
    }

    /** @return iterable<string, array{string, int}> */
    public static function networks(): iterable
    {
        yield 'A' => ['thickened edge', 55];
        yield 'B' => ['raft', 45];
        yield 'C' => ['basement', 50];
        yield 'D' => ['old basement', 30];
    }

    public function test_the_school_that_lays_the_sheet_first_lays_it_first(): void
    {
        $of = self::job('thickened edge');
        $design = $of->job->design->with(['sheet' => $of->job->design->sheet->but(position: SheetPosition::BelowBoards)]);
        $network = Network::of(new Circumstances($of->site, new Job($design, UnitSystem::Metric)));
        self::assertContains('sheet', self::ancestors($network, 'edge-under'));
        self::assertContains('base-check', self::ancestors($network, 'sheet'));
    }

    public function test_the_critical_path_is_the_longest(): void
    {
        $seed = random_int(1, 1 << 30);
        mt_srand($seed);
        // A day's beginning is no part of the method.
        $networks = array_map(static fn (string $name): Network => new Network(array_map(
            static fn (Task $t): Task => new Task(...[...get_object_vars($t), 'inTheMorning' => false]),
            self::network($name)->tasks,
        )), array_keys(self::NETWORKS));
        for ($i = 0; $i < 60; $i++) {
            $networks[] = self::random();
        }
        $read = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import json, sys, networkx as nx
            out = []
            for case in json.load(sys.stdin):
                g = nx.DiGraph()
                for t in case:
                    g.add_edge(t['id'] + '<', t['id'] + '>', w=t['h'])
                    g.add_edge('start', t['id'] + '<', w=0)
                    g.add_edge(t['id'] + '>', 'end', w=0)
                    for a in t['after']:
                        g.add_edge(a['id'] + ('<' if a['start'] else '>'), t['id'] + '<', w=a['lag'])
                at = {}
                for n in nx.topological_sort(g):
                    at[n] = max([at[p] + g[p][n]['w'] for p in g.predecessors(n)], default=0)
                out.append({'longest': nx.dag_longest_path_length(g, weight='w'), 'start': {t['id']: at[t['id'] + '<'] for t in case}})
            print(json.dumps(out))
            PY], input: json_encode(array_map(self::bare(...), $networks), JSON_THROW_ON_ERROR), timeout: 60);
        $read->mustRun();
        foreach (json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR) as $i => $theirs) {
            $schedule = Schedule::of($networks[$i], 1000.0, Calendar::always());
            self::assertEqualsWithDelta($theirs['longest'], $schedule->finish - $schedule->start, 1e-6, "seed {$seed}, network {$i}");
            foreach ($schedule->tasks as $id => $planned) {
                self::assertEqualsWithDelta(1000.0 + $theirs['start'][$id], $planned->start, 1e-6, "seed {$seed}, network {$i}, {$id}");
                self::assertGreaterThanOrEqual(-1e-9, $planned->slack);
            }
            self::assertNotSame([], $schedule->critical());
        }
    }

    public function test_a_delay_within_the_slack_moves_no_end_and_one_beyond_it_does(): void
    {
        $network = self::network('basement');
        $start = Calendar::moment('2026-03-02');
        $schedule = Schedule::of($network, $start);
        foreach ($schedule->tasks as $id => $planned) {
            if ($planned->task->work > 0.0 && $planned->slack > 1.0) {
                $late = Schedule::of($network, $start, notBefore: [$id => $planned->latest]);
                self::assertEqualsWithDelta($schedule->finish, $late->finish, 1e-6, $id);
                $later = Schedule::of($network, $start, notBefore: [$id => $schedule->calendar->after($planned->latest, 12.0)]);
                self::assertGreaterThan($schedule->finish, $later->finish, $id);
            }
        }
    }

    public function test_work_runs_on_working_days_and_waits_run_day_and_night(): void
    {
        $calendar = new Calendar(holidays: ['2026-05-14']);
        // Wednesday 13 May 2026, 7:30; Thursday is a holiday.
        $start = Calendar::moment('2026-05-13', 7.5);
        self::assertSame('2026-05-15 11:30', Calendar::shown($calendar->after($start, 12.0)));
        self::assertSame('2026-05-13 07:30', Calendar::shown($calendar->back(Calendar::moment('2026-05-15', 11.5), 12.0)));
        self::assertSame('2026-05-18 07:30', Calendar::shown($calendar->next(Calendar::moment('2026-05-15', 15.5))));
        self::assertSame('2026-05-15 15:30', Calendar::shown($calendar->before(Calendar::moment('2026-05-17', 12.0))));
        self::assertEqualsWithDelta(16.0, $calendar->between($start, Calendar::moment('2026-05-16')), 1e-9);
        $network = new Network([
            'pour' => new Task('pour', 'Pour', work: 8.0), 'set' => new Task('set', 'Set', [new After('pour', 'sets', 24.0)], wait: 24.0),
            'strip' => new Task('strip', 'Strip', [new After('set', 'set')], 4.0),
        ]);
        $schedule = Schedule::of($network, $start, $calendar);
        self::assertSame('2026-05-15 15:30', Calendar::shown($schedule->tasks['set']->finish), 'two days on the clock');
        self::assertSame('2026-05-18 07:30', Calendar::shown($schedule->tasks['strip']->start));
        self::assertCount(1, $schedule->on('2026-05-14'), 'the wait runs on the holiday');
        // Berlin changes its clocks on 29 March 2026: the day still begins at 7:30.
        self::assertSame('2026-03-30T07:30:00+02:00', Calendar::at(Calendar::moment('2026-03-30', 7.5), 'Europe/Berlin')->format('c'));
    }

    public function test_every_part_and_kind_of_item_is_somebodys_task(): void
    {
        $named = [];
        $there = [];
        foreach ([...Examples::all()] as $project) {
            foreach ($project->options as $option) {
                $items = self::items();
                $network = Network::of(new Circumstances($project->site, new Job($option->design, $project->units, null, $items)));
                $parts = $kinds = [];
                foreach ($network->tasks as $task) {
                    foreach ($task->parts as $part) {
                        $parts[$part->value] = true;
                    }
                    foreach ($task->items as $kind) {
                        $kinds[$kind::slug()] = true;
                    }
                    self::assertNotSame('', $task->name);
                    self::assertTrue($task->work + $task->wait > 0.0, "{$task->id} takes time");
                    foreach ($task->after as $after) {
                        self::assertNotSame('', $after->why);
                    }
                }
                foreach (Part::cases() as $part) {
                    if ($part->of($option->design)->present() && $part !== Part::Wall && $part !== Part::Loads) {
                        self::assertArrayHasKey(
                            $part->value, $parts, "{$project->name}, {$option->name}: nobody builds the {$part->label()}",
                        );
                    }
                }
                if ($option->design->family !== 'existing-basement' && $option->design->slab->present()) {
                    $set = array_filter(Kinds::all(), static fn (string $kind): bool => $kind::isSet() && match ($kind) {
                        HeatedZone::class => $option->design->heating->present(), WingCorner::class => $option->design->wing->present(),
                        GasPipe::class => $option->design->stone->present(), default => true,
                    });
                    self::assertSame(
                        [], array_diff(array_keys($set), array_keys($kinds)), "{$project->name}, {$option->name}: nobody sets them",
                    );
                }
            }
        }
    }

    public function test_another_program_reads_the_calendar(): void
    {
        $network = self::network('thickened edge');
        $schedule = Schedule::of($network, Calendar::moment('2026-03-26'));
        $file = IcsWriter::write($schedule, 'P1', 'Boathouse; north, “A”', 'Europe/Berlin', new DateTimeImmutable('2026-01-01T00:00:00Z'));
        foreach (explode("\r\n", $file) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
        $read = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import json, sys, icalendar
            c = icalendar.Calendar.from_ical(sys.stdin.buffer.read())
            print(json.dumps({'name': str(c['X-WR-CALNAME']), 'events': {str(e['UID']): [
                e.decoded('DTSTART').isoformat(), e.decoded('DTEND').isoformat(),
                str(e['SUMMARY']), str(e['DESCRIPTION'])] for e in c.walk('VEVENT')}}))
            PY], input: $file);
        $read->mustRun();
        $found = json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('Boathouse; north, “A”', $found['name']);
        self::assertCount(count($schedule->tasks), $found['events']);
        foreach ($schedule->tasks as $id => $planned) {
            [$start, $finish, $name, $said] = $found['events']["P1-{$id}@ondergrond"];
            self::assertEquals(Calendar::at($planned->start, 'Europe/Berlin'), new DateTimeImmutable($start), $id);
            self::assertEquals(Calendar::at($planned->finish, 'Europe/Berlin'), new DateTimeImmutable($finish), $id);
            self::assertSame($planned->task->name, $name);
            self::assertStringContainsString($planned->task->caution, $said);
        }
    }

    /** @return list<string> all that comes before, near or far */
    private static function ancestors(Network $network, string $id): array
    {
        $found = [];
        $next = [$id];
        while ($next !== []) {
            foreach ($network->tasks[array_pop($next)]->after as $after) {
                if (! isset($found[$after->id])) {
                    $found[$after->id] = true;
                    $next[] = $after->id;
                }
            }
        }

        return array_keys($found);
    }

    private static function network(string $name): Network
    {
        return Network::of(self::job($name));
    }

    private static function job(string $name): Circumstances
    {
        [$project, $design] = match ($name) {
            'thickened edge' => self::first('thickened-edge-slab', ['shield' => new Shield(0.001, 0.02)]),
            'raft' => self::first('frost-protected-raft', []),
            'basement' => self::option('Music school with practice basement', 1, []),
            default => self::option('Old bakery cellar', 0, []),
        };
        if ($name !== 'old basement') {
            $design = $design->with(['heating' => $design->heating->but(in: HeatedIn::Slab, depth: 0.05)]);
        }
        $site = $project->site;
        if ($name === 'raft') {
            $site = SiteCodec::fromArray(array_replace_recursive(SiteCodec::toArray($site), ['frost' => ['ledge_m' => 0.3]]));
        }

        return new Circumstances($site, new Job($design, UnitSystem::Metric, null, self::items()));
    }

    /** One of each kind. */
    private static function items(): Items
    {
        return new Items(array_map(
            static fn (string $kind): Item => PlanCodec::itemsFromArray([self::ID => [
                ...PlanCodec::fresh($kind, $kind::label()), 'x_m' => 3.0, 'y_m' => 3.0, ...($kind::isRun() ? [
                    'to_x_m' => 3.0, 'to_y_m' => 1.0,
                ] : []),
            ]])->all[self::ID],
            Kinds::all(),
        ));
    }

    /**
     * @param  array<string, \Ondergrond\Design\DesignPart>  $with
     * @return array{Project, Design}
     */
    private static function first(string $family, array $with): array
    {
        $project = Examples::of($family);
        self::assertNotNull($project);

        return [$project, $project->options[0]->design->with($with)];
    }

    /**
     * @param  array<string, \Ondergrond\Design\DesignPart>  $with
     * @return array{Project, Design}
     */
    private static function option(string $project, int $option, array $with): array
    {
        $found = array_values(array_filter(Examples::all(), static fn (Project $p): bool => $p->name === $project))[0];

        return [$found, $found->options[$option]->design->with($with)];
    }

    private static function random(): Network
    {
        $tasks = [];
        $n = mt_rand(5, 40);
        for ($i = 0; $i < $n; $i++) {
            $after = [];
            for ($j = 0; $j < $i; $j++) {
                if (mt_rand(0, 5) === 0) {
                    $after[] = new After("t{$j}", 'so', mt_rand(0, 48), mt_rand(0, 4) === 0);
                }
            }
            $tasks["t{$i}"] = new Task("t{$i}", "Task {$i}", $after, mt_rand(1, 40), mt_rand(0, 1) * mt_rand(0, 72));
        }

        return new Network($tasks);
    }

    /** @return list<array<string, mixed>> */
    private static function bare(Network $network): array
    {
        return array_values(array_map(static fn (Task $t): array => [
            'id' => $t->id, 'h' => $t->work + $t->wait,
            'after' => array_map(static fn (After $a): array => ['id' => $a->id, 'lag' => $a->lag, 'start' => $a->fromStart], $t->after),
        ], $network->tasks));
    }
}
