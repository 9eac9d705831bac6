<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Damp\Evaporation;
use Ondergrond\Exchange\Envelope;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\Quantity;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('evaporation', 'Says how fast water leaves fresh concrete, and what to do about it, as JSON')]
final class EvaporationCommand extends Command
{
    private const ASKED = [
        'concrete' => [Quantity::Temperature, 'Temperature of the concrete, as 30 or 86F'],
        'air' => [Quantity::Temperature, 'Temperature of the air'],
        'humidity' => [Quantity::Share, 'Relative humidity, as 50%'],
        'wind' => [Quantity::Speed, 'Wind over the face, as 5 or 12mph'],
    ];

    protected function configure(): void
    {
        foreach (self::ASKED as $name => [, $words]) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $words);
        }
        $this->setHelp(
            'Bare numbers are °C, % and m/s. Exits 1 where nothing should be poured like this, 2 where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $value = static fn (string $name): float => TypedOption::quantity($input, $name, self::ASKED[$name][0]);
            $evaporation = Evaporation::of($value('concrete'), $value('air'), $value('humidity'), $value('wind'));
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(Envelope::json('evaporation', 1, null, [
            'method' => 'Uno 1998, limits ACI 305R, both from memory',
            'rate_kg_m2h' => $evaporation->rate,
            'word' => $evaporation->word()->value,
            'advice' => $evaporation->advice(),
        ]), false, OutputInterface::OUTPUT_RAW);

        return $evaporation->rate >= Evaporation::STOP ? self::FAILURE : self::SUCCESS;
    }
}
