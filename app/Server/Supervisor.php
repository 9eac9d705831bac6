<?php

declare(strict_types=1);

namespace App\Server;

use Closure;
use RuntimeException;

/**
 * Serves the application and works off its queues until it is told to end. What ends by itself is begun anew: a worker, the server, or
 * one of the processes that answer for it.
 */
final class Supervisor
{
    /** Between two looks, µs. */
    private const LOOK = 200_000;

    /** What ends sooner than this is begun anew only after a pause, s. */
    private const SOON = 1.0;

    /** That an answer may take when the server is begun anew, s. */
    private const ANSWER = 5.0;

    /** That answer beside the first of them. */
    private const SERVERS = 4;

    /** Each with a worker of its own: winters take long. */
    private const QUEUES = ['winters', 'default,packs'];

    private Child $server;

    /** @var list<Child> */
    private array $workers;

    private bool $ended = false;

    public function __construct(
        private readonly string $root,
        private readonly int $port,
        private readonly Claim $claim,
        private readonly Watch $watch,
    ) {
        $logs = "{$root}/storage/logs";
        $settings = ['APP_URL' => $this->address(), 'PHP_CLI_SERVER_WORKERS' => (string) self::SERVERS, 'QUEUE_CONNECTION' => 'database'];
        $this->server = new Child([PHP_BINARY, '-S', "127.0.0.1:{$port}", '../app/Server/router.php'], "{$root}/public",
            $settings, "{$logs}/server.log", 1 + self::SERVERS);
        // Nice, but no more: a worker that never gets a processor keeps the lock that it holds on the database.
        $this->workers = array_map(static fn (string $queues): Child => new Child(
            ['nice', '-n', '10', PHP_BINARY, "{$root}/artisan", 'ondergrond:work', $queues], $root, $settings, "{$logs}/worker.log",
        ), self::QUEUES);
    }

    public static function isTaken(int $port): bool
    {
        $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.5);

        return $socket !== false && fclose($socket);
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** From a signal: the loop ends at its next look. */
    public function stop(): void
    {
        $this->ended = true;
    }

    /**
     * @param  Closure(): void  $ready  called once it answers
     *
     * @throws RuntimeException where it does not start
     */
    public function run(Closure $ready): void
    {
        try {
            $this->server->begin();
            $this->tell();
            $this->await();
            foreach ($this->workers as $worker) {
                $worker->begin();
            }
            $this->tell();
            if (! $this->ended) {
                $ready();
            }
            while (! $this->ended) {
                usleep(self::LOOK);
                $this->look();
            }
        } finally {
            $this->server->end(SIGTERM, 1.0);
            foreach ($this->workers as $worker) {
                // In the middle of something it is not waited for: that is taken up again at the next start.
                $worker->end(SIGTERM, 0.3);
            }
            $this->watch->end();
            $this->claim->giveUp();
        }
    }

    private function look(): void
    {
        if ((! $this->server->runs() || $this->server->lacks()) && $this->server->age() > self::SOON) {
            // Those that still answer may finish their answer.
            $this->server->end(SIGINT, self::ANSWER);
            $this->server->begin();
        }
        foreach ($this->workers as $worker) {
            if (! $worker->runs() && $worker->age() > self::SOON) {
                $worker->end(SIGKILL, 0.0);
                $worker->begin();
            }
        }
        $this->tell();
    }

    /** To whoever has to end them, should this one not come to it. */
    private function tell(): void
    {
        $children = [$this->server, ...$this->workers];
        $groups = array_map(static fn (Child $child): ?int => $child->group(), $children);
        $this->watch->over(array_values(array_filter($groups, is_int(...))));
        $this->claim->say($this->address(), array_merge(...array_map(static fn (Child $child): array => $child->processes(), $children)));
    }

    private function await(): void
    {
        for ($until = microtime(true) + 10.0; ! $this->ended && ! self::isTaken($this->port); usleep(20_000)) {
            if (! $this->server->runs() || microtime(true) > $until) {
                throw new RuntimeException("The server did not start on port {$this->port}; storage/logs/server.log says why.");
            }
        }
    }
}
