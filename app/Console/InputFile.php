<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\Letters;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What commands that read a file have in common. */
final class InputFile
{
    /**
     * @param  string  $file  a path, or - for standard input
     * @param  positive-int  $largest  bytes
     *
     * @throws FaultyInput
     */
    public static function contents(string $file, int $largest): string
    {
        if ($file !== '-' && (! is_file($file) || ! is_readable($file))) {
            throw FaultyInput::one(Fault::of('', "no file “{$file}” that can be read", 'the path of a file, or - for standard input'));
        }

        // One byte past the limit is enough to know that a file is too large.
        return (string) file_get_contents($file === '-' ? 'php://stdin' : $file, length: $largest + 1);
    }

    /** One line per fault on standard error. */
    public static function refuse(FaultyInput $e, OutputInterface $output): void
    {
        foreach ($e->faults as $fault) {
            self::say($output, $fault->line());
        }
    }

    /** A line on standard error. */
    public static function say(OutputInterface $output, string $line): void
    {
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln(Letters::escaped($line),
            OutputInterface::OUTPUT_RAW);
    }
}
