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
use Symfony\Component\Console\Output\ConsoleOutputInterface;
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
            $project = ProjectFile::read($this->contents($input->getArgument('file')));
            $option = $this->option($project, $input->getOption('option'));
        } catch (FaultyInput $e) {
            $error = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            foreach ($e->faults as $fault) {
                $error->writeln($fault->line(), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $output->write(AssessmentFile::write($project, $option, Assessor::assess($project->site, $option->design)), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function contents(string $file): string
    {
        if ($file !== '-' && (! is_file($file) || ! is_readable($file))) {
            throw FaultyInput::one(Fault::of('', "no file “{$file}” that can be read", 'the path of a project file, or - for standard input'));
        }

        // One byte past the limit is enough to know that a file is too large.
        return (string) file_get_contents($file === '-' ? 'php://stdin' : $file, length: ProjectFile::LARGEST + 1);
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
