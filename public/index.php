<?php

declare(strict_types=1);

use Illuminate\Http\Request;

umask(0o077);
require __DIR__.'/../vendor/autoload.php';

(require __DIR__.'/../bootstrap/app.php')->handleRequest(Request::capture());
