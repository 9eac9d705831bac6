<?php

declare(strict_types=1);

return [
    'channels' => [
        // A log that cannot be written is no reason to answer nobody.
        'single' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        'file' => ['driver' => 'single', 'path' => storage_path('logs/laravel.log'), 'level' => env('LOG_LEVEL', 'warning')],
    ],
];
