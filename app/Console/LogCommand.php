<?php

declare(strict_types=1);

namespace App\Console;

use JsonException;
use Ondergrond\Exchange\EntryCodec;
use Ondergrond\Exchange\LogFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Logbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('log', 'Shows what was read on site and how each hold point stands; adds entries')]
final class LogCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->addOption('add', null, InputOption::VALUE_REQUIRED, 'A file with a list of entries; the project file with them is printed')
            ->setHelp('Exits 1 where a hold point is stopped or open again.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input, built: true);
            if ($input->getOption('add') !== null) {
                $output->write(
                    ProjectFile::write($job->project->logged($this->added($job, (string) $input->getOption('add')))), false,
                    OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $log = new Logbook($job->project->entries);
        $holds = JobOf::holds($job, $log);
        $result = LogFile::log($log, $holds);
        if ($input->getOption('json') === true) {
            $job->write($output, 'log', $result);
        } else {
            foreach ($result['entries'] as $e) {
                $output->writeln("{$e['at']}  {$e['state']}  {$e['kind']}: {$e['said']}", OutputInterface::OUTPUT_RAW);
            }
            foreach ($result['hold_points'] as $h) {
                $output->writeln(sprintf('%-4s %s: %s', strtoupper($h['id']), $h['name'], $h['word']), OutputInterface::OUTPUT_RAW);
            }
        }
        $stopped = array_filter($holds, static fn ($h): bool => in_array($h->word(), ['stopped', 'open again'], true));

        return $stopped === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @return list<Entry>
     *
     * @throws FaultyInput
     */
    private function added(ProjectInput $job, string $file): array
    {
        try {
            $data = json_decode(InputFile::contents($file, ProjectFile::LARGEST), true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw FaultyInput::one(Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'a list of entries'));
        }
        if (! is_array($data) || ! array_is_list($data)) {
            throw FaultyInput::one(Fault::of('', 'no list', 'a list of entries'));
        }
        $entries = $faults = [];
        $log = new Logbook($job->project->entries);
        foreach ($data as $i => $one) {
            try {
                $entry = EntryCodec::fromArray((array) $one);
                if ($log->find($entry->id) !== null) {
                    throw FaultyInput::one(Fault::of('/id', "“{$entry->id}” a second time", 'an id that no other has'));
                }
                if ($entry->replaces !== '' && $log->find($entry->replaces) === null) {
                    throw FaultyInput::one(Fault::of('/replaces', "“{$entry->replaces}”", 'the id of an entry'));
                }
                if ($entry->kind === EntryKind::Pass && $entry->passing !== null) {
                    $state = JobOf::holds($job, $log)[$entry->passing->hold->value] ?? throw FaultyInput::one(
                        Fault::of('/pass/hold', "“{$entry->passing->hold->value}”", 'a hold point of this design'),
                    );
                    Logbook::mayPass($state, $entry->passing);
                }
                $entries[] = $entry;
                $log = new Logbook([...$log->entries, $entry]);
            } catch (FaultyInput $e) {
                array_push($faults, ...array_map(static fn (Fault $f): Fault => $f->at("/{$i}"), $e->faults));
            }
        }

        return $faults === [] ? $entries : throw FaultyInput::because($faults);
    }
}
