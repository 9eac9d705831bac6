<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Fault\FaultyInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('assess', 'Reads a project file and prints its assessment as JSON')]
final class AssessCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->setHelp('Exits 0 with the assessment on standard output; 2 with one line per fault on standard error where the input cannot be used.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        [$project, $option] = [$job->project, $job->option];
        $assessment = Assessor::assess($project->site, $option->design, $project->units, $option->setAside);
        $costs = [];
        foreach ($assessment->judgement->findings as $judged) {
            $costs[$judged->finding->rule->id()] = Assessor::cost($project->site, $option->design, $judged->finding, $assessment->field->mean);
        }
        $output->write(AssessmentFile::write($project, $option, $assessment, $costs), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
