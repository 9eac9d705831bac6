<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\DatabaseFile;
use App\Database\UnusableFile;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that moves the whole database to a file or from one. */
abstract class DatabaseCommand extends Command
{
    /**
     * @return string what to say when it is done
     *
     * @throws UnusableFile
     */
    abstract protected function move(DatabaseFile $database, string $file): string;

    abstract protected function aboutTheFile(): string;

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, $this->aboutTheFile());
        $this->addOption('demo', null, InputOption::VALUE_NONE, 'The database of bin/demo instead of that of bin/serve');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        Bootstrap::with($input->getOption('demo') === true ? ['ONDERGROND_DEMO' => 'true'] : []);
        $said = $this->move(DatabaseFile::current(), (string) $input->getArgument('file'));
        $output->writeln($said, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
