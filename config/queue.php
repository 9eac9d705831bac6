<?php

declare(strict_types=1);

return [
    // bin/serve starts the worker; what fails says so in its study.
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database', 'connection' => 'passing', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 3600,
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => null],
];
