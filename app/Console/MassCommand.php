<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Mass\MassStory;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('mass', 'Simulates the rooms over one option by the hour and prints what the floor stores and how long it lasts, as JSON')]
final class MassCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption(
            'hours',
            null,
            InputOption::VALUE_REQUIRED,
            'Prints the hours behind one answer as CSV instead: '.implode(', ', MassStory::QUESTIONS),
        );
        $this->setHelp('docs/formats.md lists the keys. Exits 2 with one line per fault on standard error where the input cannot be used.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            [$site, $design] = [$job->project->site, $job->option->design];
            $asked = $input->getOption('hours');
            $answer = $asked === null ? null : Assessor::answer($site, $design, $asked) ?? throw FaultyInput::one(
                Fault::of(
                    '--hours',
                    "“{$asked}”",
                    implode(', ', $design->heating->present() ? MassStory::QUESTIONS : array_diff(MassStory::QUESTIONS, ['surplus-power'])),
                ),
            );
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write($answer === null
            ? MassFile::write(
                $job->project, $job->option, Assessor::mass($site, $design), Assessor::heatedFloor($site, $design),
                Assessor::story($site, $design), Assessor::cellProof($site, $design),
            )
            : MassFile::csv($answer->runs[array_key_first($answer->runs)], $asked === 'year'), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
