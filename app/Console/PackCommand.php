<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\NewFile;
use App\Pdf\Printer;
use DateTimeImmutable;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Exchange\PackWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Handover\Dossier;
use Ondergrond\Handover\Pack;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\QuantityFormatter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('pack', 'Writes what is handed over: site, plan, sections, verdicts, readings, photographs')]
final class PackCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('html', null, InputOption::VALUE_REQUIRED, 'Write it there, as one HTML file')
            ->addOption('pdf', null, InputOption::VALUE_REQUIRED, 'Write it there, as PDF, by Chromium')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Print what its chapters are')
            ->addOption('freezing', null, InputOption::VALUE_REQUIRED, 'own: the design winter is run; or none', 'none')
            ->setHelp('A ZIP that holds a project file and its photographs is read as well.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input, built: true);
            $uses = match ($input->getOption('freezing')) {
                'own' => [$job->project->site->frost->use],
                'none' => [],
                default => throw FaultyInput::one(Fault::of('--freezing', '“'.$input->getOption('freezing').'”', 'own or none')),
            };
            if ($input->getOption('html') === null && $input->getOption('pdf') === null && $input->getOption('json') !== true) {
                throw FaultyInput::one(Fault::of('--html', 'nothing', 'a file to write, by --html or --pdf, or --json'));
            }
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        [$project, $option] = [$job->project, $job->option];
        $log = new Logbook($project->entries);
        $built = AsBuilt::of($option->design, $log, $project->planOf($option));
        $before = $uses === [] ? [] : Winters::run($project->site, $built->drawn, $uses);
        $after = $uses === [] || ! $built->deviates() ? $before : Winters::run($project->site, $built->design, $uses);
        $pack = Pack::of(new Dossier(
            $project, $option, Difference::of($project->site, $built, $project->units, $option->setAside, $before, $after), $built,
            OrderList::of(JobOf::job($job), PriceList::none()), $log, JobOf::holds($job, $log), new QuantityFormatter($project->units),
            new DateTimeImmutable, array_keys($job->photos),
        ));
        $html = PackWriter::html($pack, ProjectFile::hash($project), $job->photos);
        foreach (['html' => static fn (): string => $html, 'pdf' => static fn (): string => Printer::pdf($html)] as $format => $write) {
            $file = $input->getOption($format);
            if (is_string($file)) {
                NewFile::put($file, $write());
            }
        }
        if ($input->getOption('json') === true) {
            $job->write($output, 'pack', [
                'chapters' => array_map(
                    static fn (array $c): array => ['title' => $c['title'], 'blocks' => count($c['blocks'])], $pack->chapters,
                ),
                'hold_points' => array_map(static fn ($h): string => $h->word(), $pack->of->holds),
                'deviations' => count($built->deviations),
                'photographs' => array_keys($job->photos),
            ]);
        }

        return self::SUCCESS;
    }
}
