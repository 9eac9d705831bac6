<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\ClimateFile;
use Ondergrond\Exchange\Envelope;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Frost\FrozenSoil;
use Ondergrond\Frost\OpenGround;
use Ondergrond\Rules\OpenQuestion;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\DegreeDays;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\YearFrom;
use Ondergrond\Units\Quantity;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('climate', 'Reads a weather file, or makes a climate from a few figures, and prints months and freezing indices as JSON')]
final class ClimateCommand extends Command
{
    /** Degree-days are told below this where no base is given, °C. */
    private const BASE = 18.0;

    private const ASKED = [
        'warmest' => [Quantity::Temperature, 'Mean of the warmest month, with --coldest and --mean'],
        'coldest' => [Quantity::Temperature, 'Mean of the coldest month'],
        'mean' => [Quantity::Temperature, 'Mean of the year'],
        'degree-days' => [Quantity::FreezingIndex, 'Heating degree-days of a year, as 3600 or 6500°F·d, with --base and --mean'],
        'base' => [Quantity::Temperature, 'What degree-days count below, as 18 or 65F'],
        'design' => [Quantity::Temperature, 'Air on the heating design day'],
        'index' => [Quantity::FreezingIndex, 'Freezing index of the design winter'],
        'frost-depth' => [Quantity::Length, 'Frost depth that the building office asks, as 1.1 or 42in, in the ground of --soil'],
    ];

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::OPTIONAL, 'The weather file, or - for standard input');
        foreach (self::ASKED as $name => [, $words]) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $words);
        }
        $this->addOption('coldest-month', null, InputOption::VALUE_REQUIRED, 'The coldest month, 1 to 12', '1');
        $this->addOption('soil', null, InputOption::VALUE_REQUIRED, implode(', ', array_column(Soil::cases(), 'value')), 'clay-or-silt');
        $this->setHelp(
            'From a file, from --warmest, --coldest and --mean, or from --degree-days, --base and --mean. climate and frost go into a '
                .'project file’s site as they are; leaves_open lists what nobody has said. docs/formats.md describes the CSV. Exits 2 '
                .'with one line per fault on standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $begun = hrtime(true);
        try {
            [$climate, $winters, $notes] = $this->read($input);
            $soil = Soil::tryFrom((string) $input->getOption('soil')) ?? throw FaultyInput::one(Fault::of(
                '--soil', "“{$input->getOption('soil')}”", implode(', ', array_column(Soil::cases(), 'value')),
            ));
            $design = TypedOption::maybe($input, 'design', Quantity::Temperature) ?? $climate->designGiven;
            if ($design !== null && $design > min($climate->monthly)) {
                throw FaultyInput::one(Fault::range(
                    '/climate/design_c', $design, null, min($climate->monthly), 'the design day is no warmer than the coldest month',
                ));
            }
            $site = new Site(
                '', new Climate($climate->name, $climate->monthly, $design, $climate->source, $climate->estimatedBy), $soil,
                frost: new FrostBasis(
                    designIndex: TypedOption::maybe($input, 'index', Quantity::FreezingIndex),
                    winters: $winters,
                    officeDepth: TypedOption::maybe($input, 'frost-depth', Quantity::Length),
                ),
            );
            $base = TypedOption::maybe($input, 'base', Quantity::Temperature) ?? self::BASE;
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $output->write(
            Envelope::json('climate', 1, null, [
                ...self::told($site, $base), 'notes' => $notes, 'seconds' => round((hrtime(true) - $begun) / 1e9, 3),
            ]),
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /**
     * @return array{Climate, list<float>, list<string>} with the winters on record and notes
     *
     * @throws FaultyInput
     */
    private function read(InputInterface $input): array
    {
        $file = $input->getArgument('file');
        $given = array_values(array_filter(
            ['file' => $file !== null, '--warmest' => $input->getOption('warmest') !== null,
                '--degree-days' => $input->getOption('degree-days') !== null],
        ));
        if (count($given) !== 1) {
            throw FaultyInput::one(Fault::of(
                '', count($given) === 0 ? 'nothing to make a climate from' : 'more than one thing to make a climate from',
                'a weather file, or --warmest, --coldest and --mean, or --degree-days, --base and --mean',
            ));
        }
        if (is_string($file)) {
            $read = ClimateFile::read(InputFile::contents($file, ClimateFile::LARGEST));

            return [$read->climate, $read->winters, $read->notes];
        }
        $month = filter_var($input->getOption('coldest-month'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 12]]);
        if ($month === false) {
            throw FaultyInput::one(Fault::of('--coldest-month', "“{$input->getOption('coldest-month')}”", '1 to 12'));
        }
        $of = static fn (string $name): float => TypedOption::quantity($input, $name, self::ASKED[$name][0]);
        [$monthly, $from] = $input->getOption('warmest') !== null
            ? [
                YearFrom::extremes($of('warmest'), $of('coldest'), $of('mean'), $month),
                sprintf(
                    'from warmest month %.4g °C, coldest %.4g °C, mean of the year %.4g °C', $of('warmest'), $of('coldest'), $of('mean'),
                ),
            ]
            : [
                YearFrom::degreeDays($of('degree-days'), $of('base'), $of('mean'), $month),
                sprintf('from %.5g K·d below %.4g °C, mean of the year %.4g °C', $of('degree-days'), $of('base'), $of('mean')),
            ];

        return [new Climate('From a few figures', $monthly, null, ClimateSource::Estimated, $from), [], []];
    }

    /** @return array<string, mixed> */
    private static function told(Site $site, float $base): array
    {
        $climate = $site->climate;
        $winter = DesignWinter::of($site);
        $wave = $climate->wave();
        $open = OpenGround::of($site, $winter, FrozenSoil::of($site->soil, $site->frost));
        $left = array_filter(
            OpenQuestion::of($site),
            static fn (OpenQuestion $q): bool => preg_match('~^(climate|frost)\.(?!susceptibility)~', $q->key) === 1,
        );

        return [
            'climate' => [
                'name' => $climate->name,
                'monthly_mean_c' => $climate->monthly,
                'design_c' => $climate->designGiven === null ? null : round($climate->designGiven, 2),
                'source' => $climate->source->value,
                'estimated_by' => $climate->estimatedBy,
            ],
            'frost' => [
                'design_index_c_d' => $site->frost->designIndex,
                'office_depth_m' => $site->frost->officeDepth,
                'winters_c_d' => array_map(static fn (float $w): float => round($w, 2), $site->frost->winters),
            ],
            'wave' => ['mean_c' => $wave->mean, 'amplitude_k' => $wave->amplitude, 'coldest_month' => $wave->coldest],
            'design_day_c' => $climate->design(),
            'degree_days' => ['base_c' => $base, 'sum_k_d' => round(DegreeDays::of($climate->monthly, $base), 1)],
            'freezing_index' => [
                'months_c_d' => $winter->smooth, 'mean_c_d' => $winter->mean, 'design_c_d' => $winter->index,
                'design_k_h' => FreezingIndex::kelvinHours($winter->index),
                'design_f_d' => FreezingIndex::fahrenheitDays($winter->index), 'method' => $winter->method,
            ],
            'frost_depth' => ['soil' => $site->soil->value, 'open_ground_m' => $open === null ? null : round($open->depth(), 3)],
            'leaves_open' => array_values(array_map(static fn (OpenQuestion $q): string => $q->asks.' '.$q->meanwhile, $left)),
        ];
    }
}
