<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Gain\Gains;
use Ondergrond\Gain\Step;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('gain', 'Ranks every size of insulation one step up and one down by what it saves, as JSON')]
final class GainCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this);
        $this->setHelp(
            'Every step is solved as a field of its own. Exits 0 with the list on standard output; 2 with one line per fault where '
                .'the input cannot be used.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $steps = Gains::ranked($job->project->site, $job->option->design, $job->project->units, $job->prices);
        $job->write($output, 'gain', ['steps' => array_map(static fn (Step $s): array => $s->toArray(), $steps)]);

        return self::SUCCESS;
    }
}
