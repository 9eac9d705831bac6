<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\LayersFile;
use Ondergrond\Fault\FaultyInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('layers', 'Prints what plane layers store and pass on of a swing: admittance, κ, decrement and lag, as JSON')]
final class LayersCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The layers as JSON, or - for standard input');
        $this->setHelp(
            'docs/formats.md describes the file. Exits 2 with one line per fault on standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $output->write(
                LayersFile::answer(InputFile::contents($input->getArgument('file'), LayersFile::LARGEST)),
                false,
                OutputInterface::OUTPUT_RAW,
            );
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
