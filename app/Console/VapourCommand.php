<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\VapourFile;
use Ondergrond\Fault\FaultyInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('vapour', 'Takes a stack of layers through a year and prints what condenses and dries in it as JSON')]
final class VapourCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The stack as JSON, or - for standard input');
        $this->setHelp(
            'docs/formats.md describes the file. Exits 2 with one line per fault on standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $stack = VapourFile::read(InputFile::contents($input->getArgument('file'), VapourFile::LARGEST));
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(VapourFile::write($stack), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
