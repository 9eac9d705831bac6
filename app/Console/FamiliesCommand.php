<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Design\Families\Families;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('families', 'Lists the foundation families, one a line')]
final class FamiliesCommand extends Command
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach (array_keys(Families::all()) as $slug) {
            $output->writeln($slug, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
