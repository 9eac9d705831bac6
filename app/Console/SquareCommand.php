<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\SetOutFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\SetOut\Held;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Tape;
use Ondergrond\SetOut\TapeClass;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('square', 'Squares up an outline by tapes: which corner is out, by how much, which way to move it')]
final class SquareCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addArgument('tapes', InputArgument::IS_ARRAY, 'As read, in m: A-B=12.000 B-C=8.010 A-C=14.440')
            ->addOption('measured', null, InputOption::VALUE_REQUIRED, 'The same from a CSV file: from,to,length in m')
            ->addOption('held', null, InputOption::VALUE_REQUIRED, 'What stays: A,B holds corner A and the line towards B')
            ->addOption('both', null, InputOption::VALUE_NONE, 'Hold both of these corners')
            ->addOption('celsius', null, InputOption::VALUE_REQUIRED, 'Of a steel tape while it was read, °C', '20')
            ->addOption('class', null, InputOption::VALUE_REQUIRED, 'Of the tape: I, II or III')
            ->addOption('framed', null, InputOption::VALUE_NONE, 'A frame maker asks for 6 mm over 30 m')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->setHelp('What is held is asked, never assumed. Exits 1 where a corner is out or the tapes cannot tell.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $plan = $job->plan();
            $celsius = $input->getOption('celsius');
            if (! is_numeric($celsius) || $celsius < -40 || $celsius > 60) {
                throw FaultyInput::one(Fault::of('--celsius', "“{$celsius}”", '-40 to 60'));
            }
            $tapes = array_map(self::tape(...), array_values($input->getArgument('tapes')));
            if ($input->getOption('measured') !== null) {
                array_push($tapes, ...self::measured((string) $input->getOption('measured')));
            }
            $class = self::tapeClass($input);
            $square = SquareUp::of(
                $plan->atConcrete($job->option->design)->outline,
                array_map(static fn (array $t): Tape => new Tape($t[0], $t[1], Tape::corrected($t[2], (float) $celsius), $class), $tapes),
                self::held($input), $input->getOption('framed') === true,
            );
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $result = SetOutFile::square($square);
        if ($input->getOption('json') === true) {
            $job->write($output, 'square', $result);
        } else {
            $output->writeln("Held: {$result['held']}. {$result['words']}", OutputInterface::OUTPUT_RAW);
            foreach ($result['corners'] as $c) {
                $output->writeln(sprintf(
                    '%s: move %+.1f mm along x, %+.1f mm along y%s', $c['id'], $c['dx_mm'], $c['dy_mm'],
                    $c['within'] === true ? '' : '  OUT; then read '.implode(', ', array_map(
                        static fn (array $n): string => sprintf('%s–%s %.3f m', $c['id'], $n['to'], $n['m']), $c['next'],
                    )),
                ), OutputInterface::OUTPUT_RAW);
            }
        }

        return $square->isPlaced() && array_filter($result['corners'], static fn (array $c): bool => ! $c['within']) === []
            ? self::SUCCESS
            : self::FAILURE;
    }

    /**
     * @return array{string, string, float}
     *
     * @throws FaultyInput
     */
    private static function tape(string $typed): array
    {
        if (preg_match('~^([A-Z0-9]+)-([A-Z0-9]+)=(\d+(?:[.,]\d+)?)$~', $typed, $m) !== 1) {
            throw FaultyInput::one(Fault::of('tapes', "“{$typed}”", 'two corners and a length in m, such as A-B=12.000'));
        }

        return [$m[1], $m[2], (float) str_replace(',', '.', $m[3])];
    }

    /**
     * @return list<array{string, string, float}>
     *
     * @throws FaultyInput with every line that is none
     */
    private static function measured(string $file): array
    {
        $tapes = $faults = [];
        foreach (CsvFile::rows($file, ['from', 'to', 'length']) as $line => $row) {
            if ($row['from'] === '' || $row['to'] === '' || ! is_numeric($row['length'])) {
                $faults[] = Fault::of("line {$line}", implode(',', $row), 'from,to,length in m, such as A,B,12.000');

                continue;
            }
            $tapes[] = [$row['from'], $row['to'], (float) $row['length']];
        }

        return $faults === [] ? $tapes : throw FaultyInput::because($faults);
    }

    /** @throws FaultyInput */
    private static function tapeClass(InputInterface $input): ?TapeClass
    {
        $class = $input->getOption('class');

        return $class === null ? null : TapeClass::tryFrom(strtoupper((string) $class)) ?? throw FaultyInput::one(
            Fault::of('--class', "“{$class}”", implode(', ', array_column(TapeClass::cases(), 'value'))),
        );
    }

    /** @throws FaultyInput */
    private static function held(InputInterface $input): Held
    {
        $held = (string) $input->getOption('held');
        if (preg_match('~^([A-Z0-9]+),([A-Z0-9]+)$~', $held, $m) !== 1) {
            throw FaultyInput::one(
                Fault::of('--held', $held === '' ? 'nothing' : "“{$held}”", 'a corner and the corner its line leads to, such as A,B'),
            );
        }

        return new Held($m[1], $m[2], $input->getOption('both') === true);
    }
}
