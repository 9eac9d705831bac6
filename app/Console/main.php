<?php

declare(strict_types=1);

use App\Console\CheckedOutput;
use App\Console\ClosedPipe;
use App\Console\Commands;
use App\Console\InputFile;
use App\Database\UnusableFile;
use Ondergrond\Version;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;

umask(0o077);
// What goes wrong is never mixed into what was asked for.
ini_set('display_errors', 'stderr');
require __DIR__.'/../../vendor/autoload.php';

$application = new Application('Ondergrond', Version::PROGRAM);
$application->addCommands(Commands::all());
$application->setAutoExit(false);
$application->setCatchExceptions(false);

$output = new CheckedOutput;
try {
    // Asked for help alone, it shows what there is.
    $words = in_array(array_slice($argv, 1), [['--help'], ['-h']], true) ? [$argv[0], 'list'] : $argv;
    exit($application->run(new ArgvInput($words), $output));
} catch (ClosedPipe) {
    // Whoever was reading has seen enough.
    exit(141);
} catch (UnusableFile $e) {
    InputFile::say($output, $e->getMessage());
    exit(2);
} catch (ExceptionInterface $e) {
    InputFile::say($output, trim($e->getMessage())."\nbin/ondergrond --help lists what there is.");
    exit(2);
} catch (Throwable $e) {
    InputFile::say($output, 'Not done: '.trim((string) preg_replace('~\s+~', ' ', $e->getMessage())));
    exit(1);
}
