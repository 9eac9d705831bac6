<?php

declare(strict_types=1);

use App\Console\BenchCommand;
use Symfony\Component\Console\Application;

require __DIR__.'/../../vendor/autoload.php';

$application = new Application('Ondergrond bench');
$application->add(new BenchCommand);
$application->setDefaultCommand('bench', true);
$application->run();
