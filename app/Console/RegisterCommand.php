<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\RegisterFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Logbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('register', 'What must be settled before the pour: whose it is, by when, how it was settled and by whom')]
final class RegisterCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->setHelp('Points by hand and how points were settled are entries: bin/ondergrond log --add. Exits 1 while something is open.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input, built: true);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $register = JobOf::register($job, new Logbook($job->project->entries));
        $result = RegisterFile::toArray($register);
        if ($input->getOption('json') === true) {
            $job->write($output, 'register', $result);
        } else {
            foreach ($result['points'] as $p) {
                $output->writeln(sprintf(
                    '%-11s %s (%s, %s)%s', $p['open'] === true ? $p['severity'] : 'settled', $p['what'], $p['trade'], $p['due'],
                    $p['settled_by'] === null ? '' : ": {$p['settled_how']}, {$p['settled_by']}",
                ), OutputInterface::OUTPUT_RAW);
            }
            $output->writeln("{$result['open']} of ".count($result['points']).' open', OutputInterface::OUTPUT_RAW);
        }

        return $register->open() === [] ? self::SUCCESS : self::FAILURE;
    }
}
