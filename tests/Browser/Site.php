<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Console\Load\OwnServer;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use PDO;
use RuntimeException;
use SQLite3;
use Symfony\Component\Process\Process;

/** The application served on a port of its own over a database of its own, and a browser to look at it with. */
final class Site
{
    private static ?self $running = null;

    /** @var array<string, Cookie> of people who have signed in, by their names */
    public array $sessions = [];

    private ?Process $winters = null;

    /** @param  array<string, string>  $environment  of the server */
    private function __construct(
        public readonly string $address,
        public readonly RemoteWebDriver $browser,
        public readonly string $folder,
        private readonly array $environment,
    ) {}

    /** Started once for all browser tests, ended with the run whatever happens to it. */
    public static function running(): self
    {
        return self::$running ??= self::start();
    }

    private static function start(): self
    {
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/ondergrond-browser-'.bin2hex(random_bytes(4));
        mkdir($folder.'/downloads', 0o700, true);
        $environment = [
            'APP_ENV' => 'testing', 'ONDERGROND_DEMO' => 'true', 'BCRYPT_ROUNDS' => '4', 'APP_DEBUG' => 'false',
            'DB_DATABASE' => "{$folder}/test.sqlite",
            'SESSION_DRIVER' => 'database', 'CACHE_STORE' => 'file', 'QUEUE_CONNECTION' => 'database', 'PHP_CLI_SERVER_WORKERS' => '2',
        ];
        (new Process([PHP_BINARY, 'artisan', 'ondergrond:prepare-database'], $root, $environment))->mustRun();
        foreach (['sqlite', 'passing.sqlite'] as $file) {
            (new PDO("sqlite:{$folder}/test.{$file}"))->exec("VACUUM INTO '{$folder}/demo.{$file}'");
        }

        $port = OwnServer::freePort();
        // Its own process group, so that its workers end with it.
        $server = new Process(
            ['setsid', PHP_BINARY, '-S', "127.0.0.1:{$port}", '../app/Server/router.php'],
            "{$root}/public", $environment, null, null,
        );
        // Nobody reads what they say, and a full pipe would stop them.
        $server->disableOutput();
        $server->start();
        $worker = self::worker($root, $environment, 'default');
        $driverPort = OwnServer::freePort();
        $driver = new Process(['chromedriver', "--port={$driverPort}"], $root, null, null, null);
        $driver->disableOutput();
        $driver->start();
        $processes = [$server, $worker, $driver];
        register_shutdown_function(static function () use ($processes, $folder): void {
            self::$running?->browser->quit();
            foreach ($processes as $process) {
                $pid = $process->getPid();
                if ($pid !== null) {
                    posix_kill(-$pid, SIGTERM);
                }
                $process->stop(1);
            }
            (new Process(['rm', '-rf', $folder]))->run();
        });
        self::await($port, $server);
        self::await($driverPort, $driver);

        return new self("http://127.0.0.1:{$port}", self::browser($driverPort, $folder), $folder, $environment);
    }

    private static function browser(int $driverPort, string $folder): RemoteWebDriver
    {
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', "--user-data-dir={$folder}/profile", '--lang=en-GB',
        ]);
        $options->setExperimentalOption(
            'prefs',
            [
                'download.default_directory' => "{$folder}/downloads", 'download.prompt_for_download' => false,
                // They would read the bench's hundreds of fields anew at every edit.
                'autofill.profile_enabled' => false, 'autofill.credit_card_enabled' => false, 'credentials_enable_service' => false,
                'profile.password_manager_enabled' => false,
            ],
        );
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return RemoteWebDriver::create("http://127.0.0.1:{$driverPort}", $capabilities, 20_000, 60_000);
    }

    /** Starts the worker of the winters as well, which would take the time of tests that need none. */
    public function withWinters(): void
    {
        if ($this->winters === null) {
            $this->winters = self::worker(dirname(__DIR__, 2), $this->environment, 'winters');
            $worker = $this->winters;
            register_shutdown_function(static function () use ($worker): void {
                $pid = $worker->getPid();
                if ($pid !== null) {
                    posix_kill(-$pid, SIGTERM);
                }
                $worker->stop(1);
            });
        }
    }

    /** While a worker of that queue runs beside it. */
    public function withWorker(string $queue, callable $do): void
    {
        $worker = self::worker(dirname(__DIR__, 2), $this->environment, $queue);
        try {
            $do();
        } finally {
            $pid = $worker->getPid();
            if ($pid !== null) {
                posix_kill(-$pid, SIGTERM);
            }
            $worker->stop(1);
        }
    }

    public function withoutWinters(): void
    {
        $pid = $this->winters?->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGKILL);
        }
        $this->winters = null;
    }

    /** @param  array<string, string>  $environment */
    private static function worker(string $root, array $environment, string $queue): Process
    {
        // Its own process group, so that what it starts ends with it.
        $worker = new Process(
            ['setsid', 'nice', '-n', '10', PHP_BINARY, 'artisan', 'ondergrond:work', $queue], $root, $environment, null, null,
        );
        $worker->disableOutput();
        $worker->start();

        return $worker;
    }

    /** What the server works on, for what a test has to set aside from the pages. */
    public function database(): PDO
    {
        $database = new PDO("sqlite:{$this->folder}/test.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $database->exec('PRAGMA busy_timeout = 5000');

        return $database;
    }

    /** The demo as it was before any test: what one leaves behind is no other's start. */
    public function restore(): void
    {
        $now = new SQLite3("{$this->folder}/test.sqlite");
        $now->busyTimeout(5000);
        for ($i = 0; ! @(new SQLite3("{$this->folder}/demo.sqlite", SQLITE3_OPEN_READONLY))->backup($now); $i++) {
            // The page of the test before may still be saving.
            if ($i === 100) {
                throw new RuntimeException('the database is never free to be restored');
            }
            usleep(50_000);
        }
        // Who is signed in stays so.
        $passing = new PDO("sqlite:{$this->folder}/test.passing.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $passing->exec('PRAGMA busy_timeout = 5000');
        $passing->exec("ATTACH '{$this->folder}/demo.passing.sqlite' AS demo");
        $passing->exec('BEGIN IMMEDIATE; DELETE FROM jobs; INSERT INTO jobs SELECT * FROM demo.jobs; COMMIT');
    }

    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 600,
        ]);
    }

    private static function await(int $port, Process $process): void
    {
        for ($i = 0; $i < 200; $i++) {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            if (! $process->isRunning()) {
                break;
            }
            usleep(50_000);
        }
        throw new RuntimeException('did not start: '.$process->getCommandLine());
    }
}
