<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\SetOutFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\SetOut\PegCheck;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\Targets;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('levels', 'What the rod reads on every height of a plan, from a back sight on the benchmark; and how far off readings are')]
final class LevelsCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('backsight', null, InputOption::VALUE_REQUIRED, 'Rod on the benchmark, m')
            ->addOption(
                'turn', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'The instrument moved: rod on the turning point before and after, m, such as 2.115,0.937',
            )
            ->addOption('close', null, InputOption::VALUE_REQUIRED, 'Rod back on the benchmark, m')
            ->addOption(
                'check', null, InputOption::VALUE_REQUIRED,
                'Whether the instrument is level: pegs apart, both rods from midway, both from beside the first, m: 36,1.432,1.108,1.561,1.245',
            )
            ->addOption('readings', null, InputOption::VALUE_REQUIRED, 'A CSV file of what the rod read: id,rod in m')
            ->addOption('csv', null, InputOption::VALUE_NONE, 'Print CSV instead of a list')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->setHelp('Exits 1 where a reading is out of tolerance, or the way back to the benchmark does not close.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $plan = $job->plan();
            $benchmark = $plan->benchmark ?? throw FaultyInput::one(
                Fault::of('/plan/benchmark_m', 'a benchmark without level', 'its level, m'),
            );
            $targets = Targets::of($plan, $job->option->design, $job->option->layout);
            $rods = $this->rods($input, $benchmark);
            $read = $this->readings($input, array_keys($targets));
            $check = $this->check($input);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $result = SetOutFile::levels($benchmark, $rods, $targets, $read, $check);
        if ($input->getOption('json') === true) {
            $job->write($output, 'levels', $result);
        } elseif ($input->getOption('csv') === true) {
            $output->write(SetOutFile::levelsCsv($result), false, OutputInterface::OUTPUT_RAW);
        } else {
            foreach ($this->lines($result) as $line) {
                $output->writeln($line, OutputInterface::OUTPUT_RAW);
            }
        }
        $out = array_filter($result['targets'], static fn (array $t): bool => $t['within'] === false);

        return $out === [] && $rods->isWithin() && $check?->isWithin() !== false ? self::SUCCESS : self::FAILURE;
    }

    /** @throws FaultyInput */
    private function rods(InputInterface $input, float $benchmark): Rods
    {
        $rods = Rods::from($benchmark, self::number('--backsight', (string) $input->getOption('backsight')));
        foreach ($input->getOption('turn') as $turn) {
            $sights = explode(',', (string) $turn);
            if (count($sights) !== 2) {
                throw FaultyInput::one(Fault::of('--turn', "“{$turn}”", 'two rods, m, such as 2.115,0.937'));
            }
            $rods = $rods->moved(self::number('--turn', $sights[0]), self::number('--turn', $sights[1]));
        }
        $close = $input->getOption('close');

        return $close === null ? $rods : $rods->closed($benchmark, self::number('--close', (string) $close));
    }

    /** @throws FaultyInput */
    private function check(InputInterface $input): ?PegCheck
    {
        if ($input->getOption('check') === null) {
            return null;
        }
        $words = explode(',', (string) $input->getOption('check'));
        if (count($words) !== 5) {
            throw FaultyInput::one(Fault::of('--check', "“{$input->getOption('check')}”", 'five numbers, m: 36,1.432,1.108,1.561,1.245'));
        }
        [$apart, $a, $b, $c, $d] = array_map(static fn (string $w): float => self::number('--check', trim($w)), $words);

        return PegCheck::of($apart, [$a, $b], [$c, $d]);
    }

    /** @throws FaultyInput */
    private static function number(string $option, string $typed): float
    {
        return is_numeric($typed) ? (float) $typed
            : throw FaultyInput::one(Fault::of($option, $typed === '' ? 'nothing' : "“{$typed}”", 'what the rod read, m'));
    }

    /**
     * @param  list<string>  $known
     * @return array<string, float>
     *
     * @throws FaultyInput with every line that is none
     */
    private function readings(InputInterface $input, array $known): array
    {
        if ($input->getOption('readings') === null) {
            return [];
        }
        $read = $faults = [];
        foreach (CsvFile::rows((string) $input->getOption('readings'), ['id', 'rod']) as $line => $row) {
            if (! in_array($row['id'], $known, true)) {
                $faults[] = Fault::of("line {$line}", "“{$row['id']}”", implode(', ', $known));
            } elseif (! is_numeric($row['rod']) || $row['rod'] < 0.0 || $row['rod'] > Rods::LONGEST) {
                $faults[] = Fault::of("line {$line}", "“{$row['rod']}”", sprintf('0 to %d m on a rod', Rods::LONGEST));
            } else {
                $read[$row['id']] = (float) $row['rod'];
            }
        }

        return $faults === [] ? $read : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $result
     * @return iterable<string>
     */
    private function lines(array $result): iterable
    {
        yield sprintf('Benchmark %.3f m, the instrument sees at %.3f m', $result['benchmark_m'], $result['instruments_m'][count(
            $result['instruments_m'],
        ) - 1]);
        if ($result['misclosure_mm'] !== null) {
            yield sprintf(
                'Closes by %+.1f mm over %d set-ups, allowed ±%.0f mm: %s', $result['misclosure_mm'], count($result['instruments_m']),
                $result['limit_mm'], $result['closes'] === true ? 'shared among them' : 'level again',
            );
        }
        if ($result['check'] !== null) {
            yield sprintf('Its line of sight runs %+.1f mm over 30 m: %s', $result['check']['error_mm'], $result['check']['within'] === true
                ? 'level enough' : 'adjust it');
        }
        foreach ($result['targets'] as $t) {
            yield sprintf('%-32s %8.3f m  rod %6.3f m', $t['name'], $t['level_m'], $t['rod_m']).($t['deviation_mm'] === null ? '' : sprintf(
                '  read %.3f: %+.1f mm%s', $t['read_m'], $t['deviation_mm'], $t['within'] === true ? '' : '  OUT',
            ));
        }
    }
}
