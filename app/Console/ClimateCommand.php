<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\ClimateFile;
use Ondergrond\Exchange\Envelope;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('climate', 'Reads a weather file, EPW or CSV, and prints its months and freezing indices as JSON')]
final class ClimateCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The weather file, or - for standard input');
        $this->setHelp(
            'climate and frost go into a project file’s site as they are. docs/formats.md describes the CSV. Exits 2 with one line '
                .'per fault on standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $begun = hrtime(true);
        try {
            $read = ClimateFile::read(InputFile::contents($input->getArgument('file'), ClimateFile::LARGEST));
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $winter = DesignWinter::of(new Site('', $read->climate, Soil::ClayOrSilt, frost: new FrostBasis(winters: $read->winters)));
        $wave = $read->climate->wave();
        $output->write(Envelope::json('climate', 1, null, [
            'climate' => [
                'name' => $read->climate->name,
                'monthly_mean_c' => $read->climate->monthly,
                'design_c' => round($read->climate->design, 2),
            ],
            'frost' => ['winters_c_d' => array_map(static fn (float $w): float => round($w, 2), $read->winters)],
            'wave' => ['mean_c' => $wave->mean, 'amplitude_k' => $wave->amplitude, 'coldest_month' => $wave->coldest],
            'freezing_index' => [
                'months_c_d' => $winter->smooth, 'mean_c_d' => $winter->mean, 'design_c_d' => $winter->index,
                'design_k_h' => FreezingIndex::kelvinHours($winter->index),
                'design_f_d' => FreezingIndex::fahrenheitDays($winter->index), 'method' => $winter->method,
            ],
            'notes' => $read->notes,
            'seconds' => round((hrtime(true) - $begun) / 1e9, 3),
        ]), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
