<?php

declare(strict_types=1);

namespace App\Console;

use RuntimeException;
use Symfony\Component\Console\Output\ConsoleOutput;

/** Standard output that says so where what is written does not arrive: on a full disk, or in a pipe that nobody reads. */
final class CheckedOutput extends ConsoleOutput
{
    protected function doWrite(string $message, bool $newline): void
    {
        $text = $newline ? $message.PHP_EOL : $message;
        for ($left = $text; $left !== ''; $left = substr($left, $written)) {
            error_clear_last();
            $written = @fwrite($this->getStream(), $left);
            if ($written === false || $written === 0) {
                $why = error_get_last()['message'] ?? '';

                throw str_contains($why, 'errno=32') ? new ClosedPipe : new RuntimeException('the output could not be written: the disk is full or may not be written to.');
            }
        }
    }
}
