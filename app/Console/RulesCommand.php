<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Clashes;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Rulebook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('rules', 'Prints the rulebook with the source of each rule, as JSON')]
final class RulesCommand extends Command
{
    protected function configure(): void
    {
        $this->addOption('plan', null, InputOption::VALUE_NONE, 'Those about what clashes on a plan instead');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $rules = array_values(array_map(static fn (Rule $r): array => [
            'rule' => $r->id(),
            'asks' => $r->asks(),
            'why' => $r->why(),
            'parts' => array_map(static fn (Part $p): string => $p->value, $r->parts()),
            'source' => $r->source(),
        ], Rulebook::all()));
        if ($input->getOption('plan') === true) {
            $rules = [];
            foreach (Clashes::all() as $id => $rule) {
                $rules[] = ['rule' => $id, 'finds' => $rule::finds(), 'why' => $rule::reason(), 'source' => $rule::source()];
            }
        }
        $json = json_encode($rules, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
        $output->write($json."\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
