<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('example', 'Prints a complete project as JSON, to start from')]
final class ExampleCommand extends Command
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(ProjectFile::write(Examples::boathouse()), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
