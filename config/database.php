<?php

declare(strict_types=1);

$lasting = (string) env('DB_DATABASE', storage_path((bool) env('ONDERGROND_DEMO', false) ? 'demo.sqlite' : 'ondergrond.sqlite'));
$sqlite = [
    'driver' => 'sqlite',
    'prefix' => '',
    'foreign_key_constraints' => true,
    'busy_timeout' => 5000,
    'journal_mode' => 'wal',
    'synchronous' => 'normal',
];

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [...$sqlite, 'database' => $lasting],
        // The queue's jobs and who is signed in: no backup holds it, and whoever waits for it waits for no save (decision 15).
        'passing' => [
            ...$sqlite,
            'database' => $lasting === ':memory:' ? $lasting : preg_replace('~\.sqlite$~', '', $lasting).'.passing.sqlite',
        ],
    ],
];
