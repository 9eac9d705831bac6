<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\WinterUse;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('assess', 'Reads a project file and prints its assessment as JSON')]
final class AssessCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption(
            'freezing',
            null,
            InputOption::VALUE_REQUIRED,
            'Which winters are run on the sections, ten to twenty seconds each: own, as the site says the building is kept; all, '
                .'heated, set back and without heat; or none, the quick way, a second or two, in which frost reads “not checked”',
            'own',
        );
        $this->addOption(
            'hours', null, InputOption::VALUE_REQUIRED,
            'What is simulated by the hour: cold, how long rooms stay warm when heating stops; all, some seconds; or none', 'cold',
        );
        $this->setHelp(
            'Most of its time are the winters: with --freezing=none it answers in a second or two. What runs is said on standard '
                .'error where that is a terminal. Exits 0 with the assessment on standard output; 2 with one line per fault on '
                    .'standard error where the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $uses = match ($input->getOption('freezing')) {
                'own' => [$job->project->site->frost->use],
                'all' => WinterUse::cases(),
                'none' => [],
                default => throw FaultyInput::one(Fault::of('--freezing', '“'.$input->getOption('freezing').'”', 'own, all or none')),
            };
            $hours = match ($input->getOption('hours')) {
                'cold', 'all', 'none' => $input->getOption('hours'),
                default => throw FaultyInput::one(Fault::of('--hours', '“'.$input->getOption('hours').'”', 'cold, all or none')),
            };
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        [$project, $option] = [$job->project, $job->option];
        $proofs = $uses === [] ? [] : Winters::run($project->site, $option->design, $uses);
        $assessment = Assessor::assess($project->site, $option->design, $project->units, $option->setAside, $proofs);
        $now = Assessor::assess($project->site, $option->design, $project->units, roughly: true);
        $costs = [];
        foreach ($assessment->judgement->findings as $judged) {
            $costs[$judged->finding->rule->id()] = Assessor::consequence($project->site, $option->design, $judged->finding, $now);
        }
        $story = match ($hours) {
            'cold' => Assessor::cold($project->site, $option->design),
            'all' => Assessor::story($project->site, $option->design),
            default => null,
        };
        $proof = $hours === 'all' ? Assessor::cellProof($project->site, $option->design) : null;
        $output->write(AssessmentFile::write($project, $option, $assessment, $costs, $story, $proof), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
