<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use RuntimeException;

/** Starts the application for commands that need its database. */
final class Bootstrap
{
    /** @param  array<string, string>  $settings  over those of .env */
    public static function with(array $settings): Application
    {
        foreach ($settings as $name => $value) {
            $_ENV[$name] = $_SERVER[$name] = $value;
        }
        $application = require dirname(__DIR__, 2).'/bootstrap/app.php';
        if (! $application instanceof Application) {
            throw new RuntimeException('the application did not start');
        }
        $application->make(Kernel::class)->bootstrap();

        return $application;
    }
}
