<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Codec\SizePath;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Search\Limits;
use Ondergrond\Search\Outcome;
use Ondergrond\Search\Search;
use Ondergrond\Search\Space;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('search', 'Finds the cheapest designs that hold among open sizes, as JSON')]
final class SearchCommand extends Command
{
    protected function configure(): void
    {
        ProjectInput::configure($this);
        $this->addOption(
            'open',
            null,
            InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
            'A size with its range, such as "field_board.thickness_m=50 mm..150 mm"; may be given several times',
        );
        $this->addOption('most-cost', null, InputOption::VALUE_REQUIRED, 'All materials cost at most this, in the price file’s money');
        $this->addOption('most-height', null, InputOption::VALUE_REQUIRED, 'From the finished floor to the dig at most, such as "450 mm"');
        $this->setHelp(
            'Exits 0 with the choices on standard output, also where none holds; 2 with one line per fault where the input cannot be '
                .'used. Progress goes to standard error.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $job = ProjectInput::of($input);
            $units = $job->project->units;
            $open = [];
            foreach ($input->getOption('open') as $given) {
                [$path, $range] = [...explode('=', $given, 2), ''];
                [$from, $to] = [...explode('..', $range, 2), ''];
                $kind = SizePath::quantity($path) ?? Quantity::Thickness;
                $open[$path] = [self::size($path, $from, $kind, $units), self::size($path, $to, $kind, $units)];
            }
            $cost = $input->getOption('most-cost');
            if ($cost !== null && (! is_numeric($cost) || (float) $cost <= 0.0 || $job->prices->isEmpty())) {
                throw FaultyInput::one(
                    Fault::of(
                        '--most-cost',
                        "“{$cost}”",
                        $job->prices->isEmpty() ? 'a limit of cost needs --prices' : 'an amount of money',
                    ),
                );
            }
            $height = $input->getOption('most-height');
            $limits = new Limits(
                $cost === null ? null : (float) $cost,
                $height === null ? null : self::size('--most-height', $height, Quantity::Thickness, $units),
            );
            $space = Space::of($job->option->design, $open, $units);
        } catch (FaultyInput $e) {
            InputFile::refuse($e, $output);

            return self::INVALID;
        }
        $error = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : null;
        [$site, $aside] = [$job->project->site, $job->option->setAside];
        $outcome = Search::run($site, $space, $limits, $job->prices, $units, $aside, static function (Outcome $o) use ($error): bool {
            if ($error !== null && $o->judged > 0 && $o->judged % 1000 === 0) {
                $error->writeln("{$o->judged} of {$o->designs} judged, {$o->hold} hold");
            }

            return true;
        });
        $job->write(
            $output,
            'search',
            ['limits' => ['cost' => $limits->cost, 'height_m' => $limits->height], 'open_m' => $space->open, ...$outcome->toArray()],
        );

        return self::SUCCESS;
    }

    /** @throws FaultyInput */
    private static function size(string $where, string $text, Quantity $kind, UnitSystem $units): float
    {
        try {
            return QuantityParser::parse(trim($text), $kind, $units, DecimalMark::Point);
        } catch (UnreadableQuantity $e) {
            throw FaultyInput::one(Fault::of($where, "“{$text}”", $e->getMessage()));
        }
    }
}
