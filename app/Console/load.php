<?php

declare(strict_types=1);

use App\Console\LoadCommand;
use Symfony\Component\Console\Application;

require __DIR__.'/../../vendor/autoload.php';

$application = new Application('Ondergrond load');
$application->add(new LoadCommand);
$application->setDefaultCommand('load', true);
$application->run();
