<?php

declare(strict_types=1);

$demo = (bool) env('ONDERGROND_DEMO', false);

return [
    // Number 2 of the demo is somebody else than number 2 of the firm: a sitting of one is none of the other.
    'cookie' => $demo ? 'ondergrond_demo' : 'ondergrond',
    'driver' => env('SESSION_DRIVER', 'database'),
    'connection' => 'passing',
    'table' => 'sittings',
];
