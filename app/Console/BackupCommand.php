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

#[AsCommand('backup', 'Copies everything into one file, also while Ondergrond is in use')]
final class BackupCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The file to write; it must not exist yet');
        $this->addOption('demo', null, InputOption::VALUE_NONE, 'The database of bin/demo instead of that of bin/serve');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        Bootstrap::with($input->getOption('demo') === true ? ['ONDERGROND_DEMO' => 'true'] : []);
        try {
            DatabaseFile::current()->backup((string) $input->getArgument('file'));
        } catch (UnusableFile $e) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($e->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::INVALID;
        }
        $output->writeln("Backed up to {$input->getArgument('file')}", OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
