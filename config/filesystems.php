<?php

declare(strict_types=1);

return [
    'disks' => [
        // The framework would hang two routes of its own on this one.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false],
    ],
];
