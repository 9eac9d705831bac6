<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Codec\SizeTable;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('sizes', 'Prints every key of a design and a site, what it is and what may stand there')]
final class SizesCommand extends Command
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(SizeTable::markdown(), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
