<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\PassingFile;
use App\History\History;
use App\Later\Kind;
use App\Later\Later;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Artisan;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Ondergrond\Assessor;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\MassFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Field\Solution;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\FloorHeating\PipeCell;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Mass\MassStacks;
use Ondergrond\Mass\MassVerdict;
use Ondergrond\Mass\Question\WholeYear;
use Ondergrond\Mass\Regime;
use Ondergrond\Mass\Room;
use Ondergrond\Mass\RoomTemperatures;
use Ondergrond\Mass\Simulation;
use Ondergrond\Mass\Weather;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project as CoreProject;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\QuantityFormatter;
use RuntimeException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('bench', 'Measures how long the main steps take, medians')]
final class BenchCommand extends Command
{
    private const RUNS = 25;

    protected function configure(): void
    {
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a table');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        // First, while nothing else fills memory and caches.
        $field = FieldBench::run();
        $freezing = FreezingBench::run();
        $judgement = JudgementBench::run();
        $rows = [];
        foreach ($this->steps() as $name => $step) {
            $rows[$name] = $this->measure($step);
        }
        $pack = BuildingBench::pack();
        $compiled = (bool) (opcache_get_status(false)['jit']['on'] ?? false);
        if ($input->getOption('json') === true) {
            $output->writeln(json_encode([
                'steady' => $field->steady,
                'growth_exponent' => $field->growthExponent,
                'harmonic_over_steady' => $field->harmonicOverSteady,
                'freezing_seconds' => $freezing->seconds,
                'freezing' => [
                    'days' => 200,
                    'cells' => $freezing->cells,
                    'energy_closure' => $freezing->closure,
                    'front_off_m' => $freezing->off,
                    'section_seconds' => $freezing->proof,
                    'section_cells' => $freezing->proofCells,
                ],
                'peak_mb' => $field->peakMb,
                'gain' => ['steps' => $judgement->steps, 'first_seconds' => $judgement->gainFirst, 'seconds' => $judgement->gainAll],
                'search' => [
                    'designs' => $judgement->designs,
                    'judged_per_second' => $judgement->judgedPerSecond,
                    'fields' => $judgement->fields,
                    'seconds' => $judgement->search,
                ],
                'pack' => ['html_seconds' => $pack['html'], 'pdf_seconds' => $pack['pdf']],
                'plan_history_mb' => BuildingBench::history() / 1e6,
                'milliseconds' => $rows,
                'jit' => $compiled,
            ], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        $table = new Table($output);
        $table->setHeaders(['step', 'median ms', 'slowest ms']);
        foreach ($rows as $name => [$median, $slowest]) {
            $table->addRow([$name, number_format($median, 2), number_format($slowest, 2)]);
        }
        $table->render();
        $output->writeln(sprintf('1,000 edits of the demo’s plan: %.2f MB of history', BuildingBench::history() / 1e6));
        $output->writeln(sprintf("%d runs each after a warm-up; just-in-time compiler %s\n", self::RUNS, $compiled ? 'on' : 'off'));
        $table = new Table($output);
        $table->setHeaders(['steady field, unknowns', 'seconds', 'scipy spsolve', 'ratio', 'Eigen SimplicialLDLT', 'ratio']);
        foreach ($field->steady as $row) {
            $beside = static fn (?float $theirs): array => $theirs === null
                ? ['–', '–']
                : [sprintf('%.4f', $theirs), sprintf('%.2f', $row['seconds'] / $theirs)];
            $table->addRow([
                $row['unknowns'], sprintf('%.4f', $row['seconds']), ...$beside($row['scipy_seconds']), ...$beside($row['eigen_seconds']),
            ]);
        }
        $table->render();
        $output->writeln(
            sprintf(
                'growth exponent %.2f; harmonic %.2f × steady; peak memory %.0f MB; set-up and solve together, to 1e-7, medians',
                $field->growthExponent,
                $field->harmonicOverSteady,
                $field->peakMb,
            ),
        );
        $output->writeln(
            sprintf(
                'freezing: 200 days on %d cells %.2f s, energy closed to %.0e, front within %.1f mm of Neumann from day 30; a normal '
                    .'year and the design winter of a section of %d cells %.1f s',
                $freezing->cells,
                $freezing->seconds,
                $freezing->closure,
                1000 * $freezing->off,
                $freezing->proofCells,
                $freezing->proof,
            ),
        );
        $output->writeln(
            sprintf(
                'next boards of a basement: first of %d after %.2f s, all after %.2f s; search: %d designs, %.0f judged a second, '
                    .'with %d fields %.2f s in all',
                $judgement->steps,
                $judgement->gainFirst,
                $judgement->gainAll,
                $judgement->designs,
                $judgement->judgedPerSecond,
                $judgement->fields,
                $judgement->search,
            ),
        );

        $output->writeln(sprintf('a pack of a basement: judged and written %.1f s, printed %.1f s', $pack['html'], $pack['pdf']));

        return self::SUCCESS;
    }

    /** @return array<string, callable(): mixed> */
    private function steps(): array
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        $json = ProjectFile::write($project);
        $format = new QuantityFormatter($project->units);
        $kernel = $this->application();
        $stored = Project::query()->with('options')->where('name', $project->name)->firstOrFail();
        $option = $stored->leading();
        $send = static function (Request $request) use ($kernel): void {
            $status = $kernel->handle($request)->getStatusCode();
            // A form that was saved leads back to its page, unless a script sent it.
            $script = $request->hasHeader('X-Bench') || $request->hasHeader('X-Live');
            if ($status !== ($request->isMethod('PUT') && ! $script ? 302 : 200)) {
                throw new RuntimeException("{$request->fullUrl()} answered {$status}");
            }
        };
        $page = static fn (string $url): callable => static fn () => $send(Request::create($url));
        $thickness = 0.05;
        $edit = static function () use ($send, $stored, $option, &$thickness): void {
            $thickness = $thickness > 0.1 ? 0.05 : $thickness + 0.001;
            $send(Request::create("/projects/{$stored->id}/section/{$option->id}", 'PUT', [
                'design' => ['field_board' => ['thickness_m' => 1000 * $thickness.' mm']], 'revision' => History::head($option)->id,
            ], server: ['HTTP_X_BENCH' => '1']));
        };
        $many = Project::query()->where('name', 'Row of fifty')->firstOrFail();
        $later = app(Later::class);
        foreach ($many->options as $of) {
            $later->work(Kind::Fields)->workOut($many, $of, static fn () => null);
            $later->work(Kind::Cooling)->workOut($many, $of, static fn () => null);
        }
        $later->work(Kind::Story)->workOut($stored, $option, static fn () => null);
        // The heaviest family: two sections, one of them over the whole width of a basement.
        $basement = Examples::of('heated-basement') ?? $project;
        $heavy = Project::query()->with('options')->where('name', $basement->name)->firstOrFail();
        $deep = $heavy->leading();
        $board = 0.08;
        $heavyEdit = static function () use ($send, $heavy, $deep, &$board): void {
            $board = $board > 0.12 ? 0.08 : $board + 0.001;
            $send(Request::create("/projects/{$heavy->id}/section/{$deep->id}", 'PUT', [
                'design' => ['edge_outside' => ['thickness_m' => 1000 * $board.' mm']], 'revision' => History::head($deep)->id,
            ], server: ['HTTP_X_BENCH' => '1']));
        };

        $solved = ['edge' => GroundField::of($project->site, $design)];
        $below = ['edge' => GroundField::of($basement->site, $basement->options[0]->design)];

        $glass = Examples::of('heat-storing-slab') ?? $project;
        $floor = $glass->options[0]->design;
        $room = Room::of($glass->site, $floor);
        $weather = new Weather($room);
        $settled = RoomTemperatures::steady($room, $room->set(), $glass->site->climate->design(), $room->virtual[0]);

        return [
            'field: solve a section, mean and year, until it is fine enough' => static fn () => Solution::of(
                SectionProblem::of($project->site, $design, $project->site->soil->conductivity()),
            ),
            'assess one design' => static fn () => Assessor::assess($project->site, $design),
            'damp: stacks, faces and water of one design' => static fn () => DampVerdict::of($project->site, $design, $solved),
            'damp: the same of a basement' => static fn () => DampVerdict::of($basement->site, $basement->options[0]->design, $below),
            'mass: what layers store' => static fn () => MassFile::toArray(
                MassVerdict::of($glass->site, $floor),
                HeatedFloor::of($glass->site, $floor),
            ),
            'mass: a cold week of the rooms, hour by hour' => static fn () => Simulation::run(
                $room,
                Regime::of($room),
                $weather->coldest(7),
                $settled,
            ),
            'mass: heating stops, a fortnight before it, a light floor beside it' => static fn () => Assessor::cold($glass->site, $floor),
            'mass: a year of the rooms, hour by hour' => static fn () => WholeYear::ask($room),
            'heated floor: two fields from pipe to pipe' => static fn () => PipeCell::of(
                $floor->heating,
                MassStacks::of($glass->site, $floor)[0]->withGround(),
                $room->virtualLayer,
            ),
            'rulebook: ask one design' => static fn () => Rulebook::findings(new Subject($project->site, $design, $project->units)),
            'rulebook: with what each remedy brings' => static fn () => Assessor::judge($project->site, $design, $project->units),
            'read a project file of three options' => static fn () => ProjectFile::read($json),
            'draw the section, write it as SVG' => static fn () => SvgWriter::inline(SectionDrawing::of($design, $format)),
            'page: projects, 200 of 10 options' => $page('/'),
            'page: projects, sought by name' => $page('/?find=row'),
            'page: site' => $page("/projects/{$stored->id}/site"),
            'page: bench' => $page("/projects/{$stored->id}/section/{$option->id}"),
            'page: bench of 50 options' => $page("/projects/{$many->id}/section"),
            'page: options, 50 of them' => $page("/projects/{$many->id}/options"),
            'page: compare, 50 options, fields from the cache' => $page("/projects/{$many->id}/compare"),
            'page: rulebook' => $page('/rules'),
            'page: damp, at once' => $page("/projects/{$heavy->id}/section/{$deep->id}/damp"),
            'page: damp, with layers and faces' => $page("/projects/{$heavy->id}/section/{$deep->id}/damp?field=now"),
            'page: mass, its story told' => $page("/projects/{$stored->id}/section/{$option->id}/mass"),
            'page: inspections' => $page("/projects/{$heavy->id}/inspections"),
            'page: where it pays' => $page("/projects/{$stored->id}/section/{$option->id}/studies"),
            'page: history' => $page("/projects/{$stored->id}/section/{$option->id}/history"),
            'edit: a board, saved and drawn anew' => $edit,
            'basement with walk-out side: assess, both sections' => static fn () => Assessor::assess(
                $basement->site,
                $basement->options[0]->design,
            ),
            'basement: draw the walk-out side' => static fn () => SvgWriter::inline(
                SectionDrawing::of($basement->options[0]->design, $format, Side::Walkout),
            ),
            'basement: an edit, saved and drawn at once' => $heavyEdit,
            'basement: the rough field that follows' => static fn () => $send(
                Request::create("/projects/{$heavy->id}/section/{$deep->id}?field=rough", server: ['HTTP_X_BENCH' => '1']),
            ),
            'page: materials' => $page('/materials'),
            ...BuildingBench::steps($send),
        ];
    }

    /** The application over a database of its own that holds the demo and 200 projects of 10 options, an owner signed in. */
    private function application(): Kernel
    {
        $file = tempnam(sys_get_temp_dir(), 'ondergrond-bench');
        if ($file === false) {
            throw new RuntimeException('no temporary file can be made');
        }
        register_shutdown_function(
            static fn () => array_map(static fn (string|false $left) => unlink((string) $left), (array) glob("{$file}*")),
        );
        $application = Bootstrap::with(
            ['DB_DATABASE' => $file, 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing'],
        );
        PassingFile::current()->prepare();
        $application->make(Artisan::class)->call('migrate', ['--seed' => true, '--force' => true]);
        $owner = User::query()->where('role', Role::Owner)->firstOrFail();
        $boathouse = Examples::boathouse();
        $options = static fn (int $count): array => array_map(
            static fn (int $i): Option => new Option("Option {$i}", $i === 3, '', $boathouse->options[$i % 3]->design),
            range(1, $count),
        );
        DB::transaction(static function () use ($boathouse, $owner, $options): void {
            foreach ([...array_fill(0, 200, ['Row of ten', 10]), ['Row of fifty', 50]] as $i => [$name, $count]) {
                Project::store(
                    new CoreProject($count === 10 ? "{$name} {$i}" : $name, $boathouse->units, $boathouse->site, $options($count)),
                    $owner->firm,
                    $owner->name,
                );
            }
        });
        Auth::setUser($owner);

        return $application->make(Kernel::class);
    }

    /**
     * @param  callable(): mixed  $step
     * @return array{float, float} median and slowest, ms
     */
    private function measure(callable $step): array
    {
        for ($i = 0; $i < 5; $i++) {
            $step();
        }
        $times = [];
        for ($i = 0; $i < self::RUNS; $i++) {
            $start = hrtime(true);
            $step();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return [round($times[intdiv(self::RUNS, 2)], 3), round($times[self::RUNS - 1], 3)];
    }
}
