<?php

declare(strict_types=1);

use App\Server\StaticFile;

// Asked by PHP's own server first, at every request.
require __DIR__.'/../../vendor/autoload.php';

umask(0o077);
$public = dirname(__DIR__, 2).'/public';
$method = (string) ($_SERVER['REQUEST_METHOD'] ?? '');
$file = StaticFile::at($public, (string) ($_SERVER['REQUEST_URI'] ?? ''));
if ($file !== null && in_array($method, ['GET', 'HEAD'], true)) {
    $file->answer($method === 'HEAD', (string) ($_SERVER['HTTP_IF_NONE_MATCH'] ?? ''));
} else {
    require $public.'/index.php';
}
