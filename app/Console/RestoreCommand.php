<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\DatabaseFile;
use App\Database\UnusableFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('restore', 'Puts a backup in the place of what is there, also while Ondergrond is in use')]
final class RestoreCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A file made by backup, of this version or an earlier one');
        $this->addOption('demo', null, InputOption::VALUE_NONE, 'The database of bin/demo instead of that of bin/serve');
        $this->setHelp('What is there now is kept in a file beside the database, whose name is printed.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        Bootstrap::with($input->getOption('demo') === true ? ['ONDERGROND_DEMO' => 'true'] : []);
        try {
            $kept = DatabaseFile::current()->restore((string) $input->getArgument('file'));
        } catch (UnusableFile $e) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($e->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::INVALID;
        }
        $output->writeln('Restored.'.($kept === null ? '' : " What was there before is kept in {$kept}"), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
