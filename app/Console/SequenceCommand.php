<?php

declare(strict_types=1);

namespace App\Console;

use DateTimeImmutable;
use Ondergrond\Exchange\IcsWriter;
use Ondergrond\Exchange\SequenceFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Network;
use Ondergrond\Sequence\Schedule;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('sequence', 'Says what is done on which day, what must hold first, and which tasks decide the end')]
final class SequenceCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('start', null, InputOption::VALUE_REQUIRED, 'The first day, such as 2026-03-02')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Print JSON instead of a list')
            ->addOption('ics', null, InputOption::VALUE_NONE, 'Print a calendar instead of a list');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $start = (string) ($input->getOption('start') ?? $job->option->days->start);
            [$year, $month, $day] = array_map(intval(...), [...explode('-', $start), '0', '0']);
            if (preg_match('~^\d{4}-\d\d-\d\d$~', $start) !== 1 || ! checkdate($month, $day, $year)) {
                throw FaultyInput::one(Fault::of('--start', $start === '' ? 'nothing' : "“{$start}”", 'a day, such as 2026-03-02'));
            }
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $project = $job->project;
        $schedule = Schedule::of(
            Network::of(JobOf::circumstances($job)), Calendar::moment($start), JobOf::calendar($job), JobOf::notBefore($job),
        );
        $zone = $project->site->timeZone;
        if ($input->getOption('ics') === true) {
            $output->write(
                IcsWriter::write($schedule, $project->id, $project->name, $zone, new DateTimeImmutable), false, OutputInterface::OUTPUT_RAW,
            );
        } elseif ($input->getOption('json') === true) {
            $job->write($output, 'sequence', SequenceFile::toArray($schedule, $zone));
        } else {
            foreach ($schedule->tasks as $planned) {
                $output->writeln(sprintf(
                    '%s  %s  %s  %5.1f d  %s%s', Calendar::shown($planned->start), Calendar::shown($planned->finish),
                    $planned->isCritical() ? '*' : ' ', $schedule->slackDays($planned), $planned->task->name,
                    $planned->task->hold === null ? '' : " [H{$planned->task->hold->number()}]",
                ), OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }
}
