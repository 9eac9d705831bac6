<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('assess', 'Reads a project file and prints its assessment as JSON')]
final class AssessCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The project file, or - for standard input');
        $this->addOption('option', null, InputOption::VALUE_REQUIRED, 'The name of the option to judge; otherwise the pinned one, else the first');
        $this->setHelp('Exits 0 with the assessment on standard output; 2 with one line per fault on standard error where the input cannot be used.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $project = ProjectFile::read(InputFile::contents($input->getArgument('file'), ProjectFile::LARGEST));
            $option = $this->option($project, $input->getOption('option'));
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $assessment = Assessor::assess($project->site, $option->design, $project->units, $option->setAside);
        $costs = [];
        foreach ($assessment->judgement->findings as $judged) {
            $costs[$judged->finding->rule->id()] = Assessor::cost($project->site, $option->design, $judged->finding, $assessment->field->mean);
        }
        $output->write(AssessmentFile::write($project, $option, $assessment, $costs), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function option(Project $project, ?string $name): Option
    {
        return $project->option($name) ?? throw FaultyInput::one(Fault::of(
            '/options',
            "no option named “{$name}”",
            implode(', ', array_map(static fn (Option $o): string => "“{$o->name}”", $project->options)),
        ));
    }
}
