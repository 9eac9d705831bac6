<?php

declare(strict_types=1);

use App\Console\AsBuiltCommand;
use App\Console\AssessCommand;
use App\Console\BackupCommand;
use App\Console\CheckedOutput;
use App\Console\ClimateCommand;
use App\Console\ClosedPipe;
use App\Console\CompareCommand;
use App\Console\EvaporationCommand;
use App\Console\ExampleCommand;
use App\Console\FamiliesCommand;
use App\Console\FieldCommand;
use App\Console\FrostCommand;
use App\Console\GainCommand;
use App\Console\InputFile;
use App\Console\InspectCommand;
use App\Console\LayersCommand;
use App\Console\LogCommand;
use App\Console\MassCommand;
use App\Console\OrderCommand;
use App\Console\PackCommand;
use App\Console\PlanCommand;
use App\Console\RestoreCommand;
use App\Console\RulesCommand;
use App\Console\SearchCommand;
use App\Console\SequenceCommand;
use App\Console\SizesCommand;
use App\Console\SquareCommand;
use App\Console\VapourCommand;
use App\Console\WingCommand;
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
$application->addCommands(
    [
        new AssessCommand, new FieldCommand, new ClimateCommand, new MassCommand, new LayersCommand, new VapourCommand,
        new EvaporationCommand, new InspectCommand, new FamiliesCommand, new ExampleCommand, new CompareCommand,
        new FrostCommand, new WingCommand, new GainCommand, new SearchCommand, new RulesCommand, new SizesCommand,
        new PlanCommand, new SquareCommand, new OrderCommand, new SequenceCommand, new LogCommand,
        new AsBuiltCommand, new PackCommand, new BackupCommand, new RestoreCommand,
    ],
);
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
