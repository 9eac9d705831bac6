<?php

declare(strict_types=1);

/*
 * The words of every page of the demo, to be read in a row: php tests/words.php [PATTERN] prints each page's once, without numbers.
 */

use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;

$database = (string) tempnam(sys_get_temp_dir(), 'words');
$environment = [
    'APP_ENV' => 'testing', 'DB_DATABASE' => $database, 'ONDERGROND_DEMO' => 'true', 'BCRYPT_ROUNDS' => '4',
    'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array', 'QUEUE_CONNECTION' => 'null',
];
foreach ($environment as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
Artisan::call('migrate', ['--seed' => true, '--force' => true]);
$app->instance('request', Request::create('/'));
Auth::setUser(User::query()->where('role', 'owner')->firstOrFail());
$seen = [];
foreach (Route::getRoutes()->getRoutes() as $route) {
    $uri = strtr($route->uri(), ['{project}' => '4', '{option}' => '4', '{option?}' => '', '{inspection}' => '1']);
    if (! in_array('GET', $route->methods(), true) || str_contains($uri, '{') || preg_match('~\.\w+$~', $uri) === 1
        || preg_match($argv[1] ?? '~~', $uri) !== 1) {
        continue;
    }
    $response = $kernel->handle(Request::create('/'.ltrim($uri, '/'), 'GET', ['field' => 'rough']));
    if ($response->getStatusCode() !== 200 || ! str_contains((string) $response->headers->get('Content-Type'), 'html')) {
        continue;
    }
    $page = new DOMDocument;
    @$page->loadHTML('<?xml encoding="utf-8"?>'.$response->getContent());
    echo "\n== /{$uri}\n";
    $texts = (new DOMXPath($page))->query('//body//text()[not(ancestor::script) and not(ancestor::svg) and not(ancestor::option)]');
    foreach ($texts === false ? [] : $texts as $text) {
        $words = trim((string) preg_replace('~\s+~u', ' ', $text->nodeValue ?? ''));
        $kind = preg_replace('~\d+~', '#', $words);
        if (preg_match('~\pL{2}~u', $words) === 1 && ! isset($seen[$kind])) {
            $seen[$kind] = true;
            echo $words, "\n";
        }
    }
}
unlink($database);
