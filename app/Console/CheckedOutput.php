<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Units\Letters;
use RuntimeException;
use Symfony\Component\Console\Output\ConsoleOutput;

/** Standard output that says so where what is written does not arrive: on a full disk, or in a pipe that nobody reads. */
final class CheckedOutput extends ConsoleOutput
{
    protected function doWrite(string $message, bool $newline): void
    {
        // Colours are ours; whatever else a name would tell the terminal is shown instead of done.
        $parts = preg_split('~(\e\[[0-9;]*m)~', $message, -1, PREG_SPLIT_DELIM_CAPTURE);
        $message = ! stream_isatty($this->getStream()) || $parts === false ? $message : implode('', array_map(
            static fn (string $part, int $i): string => $i % 2 === 1 ? $part : Letters::escaped($part), $parts, array_keys($parts),
        ));
        $text = $newline ? $message.PHP_EOL : $message;
        for ($left = $text; $left !== ''; $left = substr($left, $written)) {
            error_clear_last();
            $written = @fwrite($this->getStream(), $left);
            if ($written === false || $written === 0) {
                $why = error_get_last()['message'] ?? '';

                throw str_contains($why, 'errno=32')
                    ? new ClosedPipe
                    : new RuntimeException('the output could not be written: the disk is full or may not be written to.');
            }
        }
    }
}
