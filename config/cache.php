<?php

declare(strict_types=1);

return [
    // What is kept of long work only saves its doing again: where the disk takes it no more, it is worked out each time.
    'default' => env('CACHE_STORE', 'file') === 'file' ? 'disk' : env('CACHE_STORE'),
    'stores' => [
        'disk' => ['driver' => 'failover', 'stores' => ['file', 'array']],
    ],
];
