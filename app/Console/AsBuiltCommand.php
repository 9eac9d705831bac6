<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Exchange\LogFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Logbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('asbuilt', 'Says what was built otherwise than drawn and what that costs')]
final class AsBuiltCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')->addOption(
            'freezing', null, InputOption::VALUE_REQUIRED,
            'own: the design winter is run on every stretch, drawn and built, ten to twenty seconds each; or none, in which the frost '
                .'margin is not told',
            'none',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input, built: true);
            $uses = match ($input->getOption('freezing')) {
                'own' => [$job->project->site->frost->use],
                'none' => [],
                default => throw FaultyInput::one(Fault::of('--freezing', '“'.$input->getOption('freezing').'”', 'own or none')),
            };
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        [$site, $option] = [$job->project->site, $job->option];
        $built = AsBuilt::of($option->design, new Logbook($job->project->entries), $job->project->planOf($option));
        [$before, $after] = $uses === []
            ? [[], []]
            : [Winters::run($site, $built->drawn, $uses), $built->deviates() ? Winters::run($site, $built->design, $uses) : []];
        $result = LogFile::asBuilt(
            $built, Difference::of($site, $built, $job->project->units, $option->setAside, $before, $after === [] ? $before : $after),
        );
        if ($input->getOption('json') === true) {
            $job->write($output, 'asbuilt', $result);

            return self::SUCCESS;
        }
        $lines = array_map(
            static fn (array $d): string => $d['part'].($d['stretch'] === '' ? '' : ", {$d['stretch']}").": {$d['said']}",
            $result['deviations'],
        );
        $by = $result['difference'];
        foreach ([
            ...($lines === [] ? ['built as drawn'] : $lines),
            ...$result['undrawn'],
            sprintf('heat: %+.0f kWh a year, %+.0f W on the design day at most', $by['annual_kwh'], $by['design_w']),
            $by['margin_mm'] === null ? 'frost margin: not checked' : sprintf('frost margin: %+.0f mm', $by['margin_mm']),
            'found more: '.($by['findings']['brought'] === [] ? 'nothing' : implode(', ', $by['findings']['brought'])),
        ] as $line) {
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
