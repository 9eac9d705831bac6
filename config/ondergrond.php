<?php

declare(strict_types=1);

return [
    // The demo has a database of its own, and its people stand on the sign-in page.
    'demo' => (bool) env('ONDERGROND_DEMO', false),
];
