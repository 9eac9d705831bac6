<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\CsvWriter;
use Ondergrond\Exchange\OrderFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Takeoff\OrderList;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('order', 'Lists what an option asks for: net, waste, packs, trucks, prices')]
final class OrderCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this);
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of CSV');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $order = OrderList::of(JobOf::job($job), $job->prices);
        if ($input->getOption('json') === true) {
            $job->write($output, 'order', OrderFile::toArray($order));
        } else {
            $output->write(CsvWriter::write(OrderFile::rows($order, ! $job->prices->isEmpty())), false, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
