<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Design\Families\Families;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('example', 'Prints a complete project of a family as JSON, to start from')]
final class ExampleCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'A family, as `families` lists them', 'thickened-edge-slab');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $name = (string) $input->getArgument('name');
        $project = Examples::of($name);
        if ($project === null) {
            InputFile::refuse(FaultyInput::one(Fault::of('', "no family “{$name}”", implode(', ', array_keys(Families::all())))), $output);

            return self::INVALID;
        }
        $output->write(ProjectFile::write($project), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
