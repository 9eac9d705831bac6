<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurityPolicy;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\RedirectResponse;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(ContentSecurityPolicy::class);
        // An emptied field is something typed: it comes back empty, with its message.
        $middleware->remove(ConvertEmptyStringsToNull::class);
    })
    ->withCommands([__DIR__.'/../app/Console/Artisan'])
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(fn (PostTooLargeException $e): RedirectResponse => redirect()
            ->route('projects.index')
            ->withErrors(['file' => 'That file is larger than a project can be. Allowed: a project file of up to 2 MB.']));
    })
    ->create();
