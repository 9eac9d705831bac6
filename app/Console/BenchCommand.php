<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Project;
use Illuminate\Contracts\Console\Kernel as Artisan;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
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
        $rows = [];
        foreach ($this->steps() as $name => $step) {
            $rows[$name] = $this->measure($step);
        }
        $peak = round(memory_get_peak_usage(true) / 1e6, 1);
        $compiled = (bool) (opcache_get_status(false)['jit']['on'] ?? false);
        if ($input->getOption('json') === true) {
            $output->writeln(json_encode(['milliseconds' => $rows, 'peak_mb' => $peak, 'jit' => $compiled], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        $table = new Table($output);
        $table->setHeaders(['step', 'median ms', 'slowest ms']);
        foreach ($rows as $name => [$median, $slowest]) {
            $table->addRow([$name, number_format($median, 2), number_format($slowest, 2)]);
        }
        $table->render();
        $output->writeln(sprintf('%d runs each after a warm-up; peak memory %.1f MB; just-in-time compiler %s', self::RUNS, $peak, $compiled ? 'on' : 'off'));

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
        $stored = Project::query()->with('options')->firstOrFail();
        $page = static fn (string $url): callable => static function () use ($kernel, $url): void {
            $status = $kernel->handle(Request::create($url))->getStatusCode();
            if ($status !== 200) {
                throw new RuntimeException("{$url} answered {$status}");
            }
        };

        return [
            'assess one design' => static fn () => Assessor::assess($project->site, $design),
            'read a project file of three options' => static fn () => ProjectFile::read($json),
            'draw the section, write it as SVG' => static fn () => SvgWriter::inline(SectionDrawing::of($design, $format)),
            'page: projects' => $page('/'),
            'page: site' => $page("/projects/{$stored->id}/site"),
            'page: bench' => $page("/projects/{$stored->id}/section/{$stored->leading()->id}"),
            'page: materials' => $page('/materials'),
        ];
    }

    /** The application over a database in memory that holds the demo. */
    private function application(): Kernel
    {
        $application = Bootstrap::with(['DB_DATABASE' => ':memory:', 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array']);
        $application->make(Artisan::class)->call('migrate', ['--seed' => true, '--force' => true]);

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
