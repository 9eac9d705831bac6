<?php

declare(strict_types=1);

namespace App\Server;

use Symfony\Component\Process\Process;

/** A program that runs beside this one, in a group of its own with whatever it starts. */
final class Child
{
    private ?Process $process = null;

    /** Number of its group; stays when the first of them has ended and others run. */
    private ?int $group = null;

    private float $began = 0.0;

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $settings
     * @param  int  $whole  how many of its group run when nothing is wrong
     */
    public function __construct(
        private readonly array $command,
        private readonly string $folder,
        private readonly array $settings,
        private readonly string $log,
        private readonly int $whole = 1,
    ) {}

    public function begin(): void
    {
        $this->began = microtime(true);
        $this->process = new Process(
            ['setsid', 'sh', '-c', 'exec >>"$0" 2>&1 </dev/null; exec "$@"', $this->log, ...$this->command], $this->folder, $this->settings,
            null, null,
        );
        $this->process->disableOutput();
        $this->process->start();
        $this->group = $this->process->getPid();
    }

    public function group(): ?int
    {
        return $this->group;
    }

    public function runs(): bool
    {
        return $this->process?->isRunning() === true;
    }

    public function age(): float
    {
        return microtime(true) - $this->began;
    }

    /** @return list<array{pid: int, began: string}> */
    public function processes(): array
    {
        return $this->group === null ? [] : Processes::ofGroup($this->group);
    }

    /** Whether some of its own have ended. */
    public function lacks(): bool
    {
        return count($this->processes()) < $this->whole;
    }

    /** @param  float  $patience  s that it may take to end what it is doing */
    public function end(int $signal, float $patience): void
    {
        if ($this->group !== null) {
            for ($until = microtime(true) + $patience; $this->processes() !== [] && microtime(true) < $until; usleep(20_000)) {
                posix_kill(-$this->group, $signal);
                $this->runs();
            }
            if ($this->processes() !== []) {
                posix_kill(-$this->group, SIGKILL);
            }
        }
        $this->process?->stop(0);
        [$this->process, $this->group] = [null, null];
    }
}
