<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Sizing\WingOutcome;
use Ondergrond\Sizing\WingSearch;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('wing', 'Finds the least wing and edge board that keep frost out in the design winter')]
final class WingCommand extends Command
{
    /** It answers with what it has after so long, s. */
    private const PATIENCE = 170;

    protected function configure(): void
    {
        ProjectInput::configure($this, false);
        $this->addOption(
            'seconds', null, InputOption::VALUE_REQUIRED, 'Answers after so long with what it has, “complete” false',
            (string) self::PATIENCE,
        );
        $this->addOption(
            'wing-alone', null, InputOption::VALUE_NONE,
            'Changes no size but the wing’s, though the table asks more of depth or edge board',
        );
        $this->setHelp(
            'Says each try on standard error, prints all with the best as JSON. Answers within three minutes; where it stopped, '
                .'“complete” is false. Exits 2 where a wing cannot help or the input cannot be used, 1 where none holds so far.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $said = 0;
            $begun = hrtime(true);
            $seconds = $input->getOption('seconds');
            if (! is_numeric($seconds) || (float) $seconds < 1.0 || (float) $seconds > 86_400.0) {
                throw FaultyInput::one(Fault::of('--seconds', "“{$seconds}”", '1 to 86400'));
            }
            [$site, $design] = [$job->project->site, $job->option->design];
            $outcome = WingSearch::run($site, $design, $job->project->units, static function (WingOutcome $o) use (
                $output,
                &$said,
                $begun,
                $seconds,
            ): bool {
                for (; $said < count($o->tries); $said++) {
                    $try = $o->tries[$said]->toArray();
                    InputFile::say(
                        $output,
                        sprintf(
                            '%d: wing %.0f × %.0f mm, edge %.0f mm: %s mm', $said + 1, 1000 * $try['wing_width_m'],
                            1000 * $try['wing_thickness_m'], 1000 * $try['edge_thickness_m'], $try['margin_mm'] ?? 'far',
                        ),
                    );
                }

                return (hrtime(true) - $begun) / 1e9 < (float) $seconds;
            }, wingAlone: $input->getOption('wing-alone') === true);
            foreach ($outcome->changes as $change) {
                $said = static fn (float|string $of): string => is_string($of) ? $of : sprintf('%.0f mm', 1000 * $of);
                InputFile::say($output, "besides: {$change->path} {$said($change->from)} → {$said($change->to)}");
            }
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $job->write($output, 'wing', $outcome->toArray());

        return $outcome->best === null ? self::FAILURE : self::SUCCESS;
    }
}
