<?php

declare(strict_types=1);

namespace App\Server;

use RuntimeException;

/**
 * A few lines of shell beside the server that wait for it to end. However it ends, by kill -9 too, the pipe between them is closed by
 * the system: then they end the groups that they were told of last.
 */
final class Watch
{
    private const LINES = 'trap "" INT TERM HUP; while read -r line; do groups=$line; done; '
        .'for group in $groups; do kill -KILL "-$group" 2>/dev/null; done';

    /**
     * @param  resource  $process
     * @param  resource  $pipe
     */
    private function __construct(private $process, private $pipe, private string $told = '') {}

    public static function begin(): self
    {
        return new self(...self::started());
    }

    /** @return array{resource, resource} */
    private static function started(): array
    {
        $null = ['file', '/dev/null', 'w'];
        $process = proc_open(['setsid', 'sh', '-c', self::LINES], [['pipe', 'r'], $null, $null], $pipes);
        if ($process === false) {
            throw new RuntimeException('The watch over the server did not start.');
        }

        return [$process, $pipes[0]];
    }

    /** @param  list<int>  $groups  that end with this program */
    public function over(array $groups): void
    {
        $line = implode(' ', $groups)."\n";
        if (! proc_get_status($this->process)['running']) {
            [$this->process, $this->pipe] = self::started();
            $this->told = '';
        }
        if ($line !== $this->told) {
            $this->told = $line;
            @fwrite($this->pipe, $line);
        }
    }

    public function end(): void
    {
        $this->over([]);
        fclose($this->pipe);
        proc_close($this->process);
    }
}
