<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Compare\Comparison;
use Ondergrond\Compare\FieldSummary;
use Ondergrond\Exchange\CsvWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Mass\MassTold;
use Ondergrond\Project\Option;
use Ondergrond\Units\QuantityFormatter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('compare', 'Sets the options of a project file side by side, as CSV')]
final class CompareCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The project file, or - for standard input');
        $this->addOption('formulas', null, InputOption::VALUE_NONE, 'Leave out the fields and the hours, which take a second or so each');
        $this->addOption('prices', null, InputOption::VALUE_REQUIRED, 'A price file; without one insulation is counted in m³');
        $this->setHelp('Exits 0 with the table on standard output; 2 with one line per fault where the input cannot be used.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $project = ProjectFile::read(InputFile::contents($input->getArgument('file'), ProjectFile::LARGEST));
            $prices = $input->getOption('prices') === null ? null : ProjectInput::prices($input->getOption('prices'));
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $fields = array_map(static function (Option $o) use ($project, $input): ?FieldSummary {
            if ($input->getOption('formulas') === true) {
                return null;
            }
            $assessment = Assessor::assess($project->site, $o->design, $project->units);

            return FieldSummary::of($assessment->field, $assessment->junctions, $assessment->damp, $assessment->judgement->rulings);
        }, $project->options);
        $hours = array_map(
            static fn (Option $o): ?array => $input->getOption('formulas') === true
                ? null
                : MassTold::by(Assessor::cold($project->site, $o->design))->cooling(),
            $project->options,
        );
        $table = Comparison::of(
            $project->site,
            $project->options,
            $fields,
            $project->units,
            new QuantityFormatter($project->units),
            hours: $hours,
            prices: $prices,
        )->table();
        $output->write(CsvWriter::write($table), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
