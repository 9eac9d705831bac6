<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Examples\Examples;
use Ondergrond\Examples\Plans;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\SidesParser;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('example', 'Prints a complete project of a family as JSON, to start from')]
final class ExampleCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'A family, as `families` lists them', 'thickened-edge-slab');
        $this->addOption(
            'floor', null, InputOption::VALUE_REQUIRED, 'One of your own with a floor of these sides, as "9 x 14 m" or "30\' x 46\'"',
        );
        $this->addOption('units', null, InputOption::VALUE_REQUIRED, 'With --floor: metric or inch-pound sizes', 'metric');
        $this->setHelp(
            'With --floor the climate is not known yet: `climate` makes one from a few figures. Exits 2 where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $name = (string) $input->getArgument('name');
        try {
            $floor = $input->getOption('floor');
            $project = is_string($floor) ? self::own($name, $floor, (string) $input->getOption('units')) : Examples::of($name);
            $project = $project === null ? null : Plans::drawn($project);
            $project ?? throw self::fault("no family “{$name}”", implode(', ', array_keys(Families::all())));
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(ProjectFile::write($project), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws FaultyInput */
    private static function own(string $name, string $floor, string $units): ?Project
    {
        $system = UnitSystem::tryFrom($units) ?? throw self::fault(
            "units “{$units}”", implode(', ', array_column(UnitSystem::cases(), 'value')),
        );
        try {
            [$length, $width] = SidesParser::parse($floor, $system);
        } catch (UnreadableQuantity) {
            throw self::fault("a floor of “{$floor}”", 'two sides, as 9 x 14 m or 30\' x 46\'');
        }
        $family = Families::find($name);
        if ($family === null) {
            return null;
        }
        // Through the shape of files, which judges the footprint.
        $design = DesignCodec::fromArray(DesignCodec::toArray($family->preset(Footprint::rectangle($length, $width), $system)));

        return new Project($family->label(), $system, new Site('', ClimateSamples::notKnown(), Soil::SandOrGravel), [
            new Option('A · first design', true, '', $design),
        ]);
    }

    private static function fault(string $found, string $allowed): FaultyInput
    {
        return FaultyInput::one(Fault::of('', $found, $allowed));
    }
}
