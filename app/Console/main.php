<?php

declare(strict_types=1);

use App\Console\AssessCommand;
use App\Console\ExampleCommand;
use Ondergrond\Version;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Output\ConsoleOutput;

require __DIR__.'/../../vendor/autoload.php';

$application = new Application('Ondergrond', Version::PROGRAM);
$application->addCommands([new AssessCommand, new ExampleCommand]);
$application->setAutoExit(false);
$application->setCatchExceptions(false);

try {
    exit($application->run());
} catch (ExceptionInterface $e) {
    (new ConsoleOutput)->getErrorOutput()->writeln(trim($e->getMessage())."\nbin/ondergrond --help lists what there is.", ConsoleOutput::OUTPUT_RAW);
    exit(2);
}
