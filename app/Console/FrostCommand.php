<?php

declare(strict_types=1);

namespace App\Console;

use App\View\FrostPage;
use Ondergrond\Assessor;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\FrostSheet;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Rules\Concern;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\QuantityFormatter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('frost', 'Runs the design winter on one side of a project and prints the section on its closest day as SVG')]
final class FrostCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption('side', null, InputOption::VALUE_REQUIRED, 'Which side: edge, walk-out, door or neighbour', Side::Edge->value);
        $this->addOption('day', null, InputOption::VALUE_REQUIRED, 'Another day of that winter, as 02-20');
        $this->addOption('whole', null, InputOption::VALUE_NONE, 'The whole section, not its edge alone');
        $this->setHelp(
            'Says on standard error what it found. Exits 2 where the input cannot be used, 1 where frost is not judged, with the reason.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            [$project, $option] = [$job->project, $job->option];
            $stretch = Stretch::find($option->design, (string) $input->getOption('side'));
            if ($stretch === null) {
                throw FaultyInput::one(
                    Fault::of(
                        '--side',
                        '“'.$input->getOption('side').'”',
                        implode(', ', array_column(Stretch::all($option->design), 'id')),
                    ),
                );
            }
            $frost = Assessor::frost($project->site, $option->design);
            if ($frost->reason !== null) {
                InputFile::say($output, $frost->reason);

                return self::FAILURE;
            }
            $proof = Assessor::proof($project->site, $stretch, $project->site->frost->use);
            $days = [];
            foreach ($proof->film as $day => $frame) {
                $days[(string) Calendar::written($day)] = $frame;
            }
            $asked = $input->getOption('day') ?? Calendar::written($proof->day);
            if (! isset($days[(string) $asked])) {
                throw FaultyInput::one(
                    Fault::of(
                        '--day',
                        "“{$asked}”",
                        $days === [] ? 'nothing is frozen on any day' : 'a day on which the ground is frozen, as '.array_key_first($days),
                    ),
                );
            }
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $format = new QuantityFormatter($project->units);
        $ruling = Assessor::ruling(Concern::Frost, $project->site, $option->design, $project->units, $option->setAside, proofs: [$proof]);
        $said = (new FrostPage($frost->proved([$proof]), $format, $ruling))->on($stretch->id);
        $drawing = FrostSheet::over(
            FrostSheet::ledge(
                SectionDrawing::of($stretch->design, $format, $stretch->kind, $input->getOption('whole') !== true),
                $project->site->frost->ledge,
                $format,
            )->without(Role::Level, Role::Handle, Role::Dimension),
            $proof->bearing, $days[(string) $asked]['zones'], $said,
        );
        InputFile::say($output, $said);
        $output->write(
            SvgWriter::file($drawing, "{$project->name}, {$option->name}", ProjectFile::hash($project)),
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
