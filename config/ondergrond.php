<?php

declare(strict_types=1);

return [
    // The demo has a database of its own, and its people stand on the sign-in page.
    'demo' => (bool) env('ONDERGROND_DEMO', false),
    // A moment at which the clock stands still, for showing and for trying things.
    'now' => env('ONDERGROND_NOW'),
    // Names that it is asked by, beside that of APP_URL, with commas.
    'hosts' => preg_split('~[\s,]+~', (string) env('ONDERGROND_HOSTS', ''), -1, PREG_SPLIT_NO_EMPTY),
];
