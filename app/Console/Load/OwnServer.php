<?php

declare(strict_types=1);

namespace App\Console\Load;

use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The application as bin/serve runs it, on this machine alone, over a demo of its own in a folder of its own; ended with the process. */
final class OwnServer
{
    private const SERVERS = 4;

    /** @param  list<Process>  $processes */
    private function __construct(
        public readonly string $address,
        private readonly string $folder,
        private array $processes,
        /** Name of the firm, which no other server's pages show. */
        public readonly string $mark,
    ) {}

    /**
     * @param  bool  $winters  with the worker that runs winters
     *
     * @throws RuntimeException where it does not start, or another program answers in its place
     */
    public static function start(bool $winters): self
    {
        $root = dirname(__DIR__, 3);
        $folder = sys_get_temp_dir().'/ondergrond-load-'.bin2hex(random_bytes(4));
        mkdir($folder, 0o700);
        $settings = [
            'APP_ENV' => 'testing', 'APP_DEBUG' => 'false', 'ONDERGROND_DEMO' => 'true', 'DB_DATABASE' => "{$folder}/load.sqlite",
            'LOG_CHANNEL' => 'stderr',
            'SESSION_DRIVER' => 'database', 'CACHE_STORE' => 'file', 'QUEUE_CONNECTION' => 'database',
            'PHP_CLI_SERVER_WORKERS' => (string) self::SERVERS, 'BCRYPT_ROUNDS' => '4',
        ];
        (new Process([PHP_BINARY, 'artisan', 'ondergrond:prepare-database'], $root, $settings, timeout: 120))->mustRun();
        $mark = 'Load '.bin2hex(random_bytes(6));
        (new PDO("sqlite:{$settings['DB_DATABASE']}"))->prepare('update firms set name = ?')->execute([$mark]);
        $port = self::freePort();
        $server = self::begin(
            ['setsid', PHP_BINARY, '-S', "127.0.0.1:{$port}", '../app/Server/router.php'],
            "{$root}/public",
            $settings,
        );
        $own = new self("http://127.0.0.1:{$port}", $folder, [$server], $mark);
        register_shutdown_function($own->end(...));
        foreach ($winters ? ['default', 'winters'] : ['default'] as $queue) {
            $own->processes[] = self::begin(
                [
                    'setsid', 'nice', '-n', '10', PHP_BINARY, 'artisan', 'ondergrond:work', $queue,
                ],
                $root,
                $settings,
            );
        }
        $own->await($port, $server);

        return $own;
    }

    public function end(): void
    {
        foreach ($this->processes as $process) {
            $pid = $process->getPid();
            if ($pid !== null) {
                posix_kill(-$pid, SIGKILL);
            }
            $process->stop(1);
        }
        $this->processes = [];
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** How many winters stand in the queue. */
    public function waiting(string $queue): int
    {
        $count = (new PDO("sqlite:{$this->folder}/load.passing.sqlite"))->prepare('select count(*) from jobs where queue = ?');
        $count->execute([$queue]);

        return (int) $count->fetchColumn();
    }

    private function await(int $port, Process $server): void
    {
        for ($i = 0; $i < 200 && $server->isRunning(); $i++) {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException('the server did not start');
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $settings
     */
    private static function begin(array $command, string $in, array $settings): Process
    {
        $process = new Process($command, $in, $settings, null, null);
        // Nobody reads what it says, and a full pipe would stop it.
        $process->disableOutput();
        $process->start();

        return $process;
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('no port is free');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }
}
