<?php

declare(strict_types=1);

namespace App\Console\Artisan;

use App\Database\DatabaseFile;
use App\Database\PassingFile;
use App\Later\CutOff;
use App\Server\Claim;
use App\Server\Folders;
use App\Server\Supervisor;
use App\Server\Watch;
use Illuminate\Console\Command;
use PDOException;
use RuntimeException;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** What bin/serve runs when all is set up. */
final class ServeCommand extends Command
{
    protected $signature = 'ondergrond:serve {port} {name : of the command that was typed}';

    protected $description = 'Serves the application and works off its queues until it is ended';

    public function handle(): int
    {
        $port = (int) $this->argument('port');
        $database = DatabaseFile::current()->path;
        try {
            Folders::check($database);
            $claim = Claim::on($database);
            if ($claim === null) {
                $at = Claim::address($database);

                return $this->refuse('Ondergrond already works on this database'.($at === '' ? '' : " at {$at}")
                    .". Use it there, or end it first: two at a time would take each other's work.");
            }
            if (Supervisor::isTaken($port)) {
                $free = $port < 65535 ? $port + 1 : 8000;

                return $this->refuse("Port {$port} is taken by another program. Choose one: {$this->argument('name')} --port={$free}");
            }
            PassingFile::current()->prepare();
            DatabaseFile::current()->prepare(config('ondergrond.demo') === true);
            CutOff::resume();
            $supervisor = new Supervisor(base_path(), $port, $claim, Watch::begin());
            $this->trap([SIGINT, SIGTERM, SIGHUP], $supervisor->stop(...));
            $supervisor->run(function () use ($supervisor): void {
                $compiler = function_exists('opcache_get_status') ? opcache_get_status(false) : false;
                if ($compiler === false || ($compiler['jit']['on'] ?? false) !== true) {
                    $this->say('The PHP just-in-time compiler is off here: answers will be slower.');
                }
                $this->output->writeln("Ondergrond is at {$supervisor->address()}  (Ctrl-C ends it)");
            });
        } catch (PDOException $e) {
            return $this->refuse("The database “{$database}” could not be made ready: ".($e->getPrevious() ?? $e)->getMessage());
        } catch (RuntimeException $e) {
            return $this->refuse($e->getMessage());
        }

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->say($why);

        return self::FAILURE;
    }

    private function say(string $line): void
    {
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($line);
    }
}
