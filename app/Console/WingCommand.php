<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Sizing\WingOutcome;
use Ondergrond\Sizing\WingSearch;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('wing', 'Finds the least wing and edge board that keep frost out in the design winter')]
final class WingCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->setHelp('Says each try on standard error, prints all with the best as JSON. Exits 2 where a wing cannot help or the input cannot be used, 1 where none holds.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $said = 0;
            $outcome = WingSearch::run($job->project->site, $job->option->design, $job->project->units, static function (WingOutcome $o) use ($output, &$said): bool {
                for (; $said < count($o->tries); $said++) {
                    $try = $o->tries[$said]->toArray();
                    InputFile::say($output, sprintf('%d: wing %.0f × %.0f mm, edge %.0f mm: %s mm', $said + 1, 1000 * $try['wing_width_m'], 1000 * $try['wing_thickness_m'], 1000 * $try['edge_thickness_m'], $try['margin_mm'] ?? 'far'));
                }

                return true;
            });
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $job->write($output, 'wing', $outcome->toArray());

        return $outcome->best === null ? self::FAILURE : self::SUCCESS;
    }
}
