<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurityPolicy;
use App\Http\Middleware\LateAnswer;
use App\Http\Middleware\WellFormedText;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Http\Response;
use Illuminate\Routing\Exceptions\InvalidSignatureException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append([ContentSecurityPolicy::class, WellFormedText::class, LateAnswer::class]);
        // An emptied field is something typed: it comes back empty, with its message.
        $middleware->remove(ConvertEmptyStringsToNull::class);
        $middleware->redirectGuestsTo(static fn (): string => route('sign-in.create'));
        $middleware->redirectUsersTo(static fn (): string => route('projects.index'));
    })
    ->withCommands([__DIR__.'/../app/Console/Artisan'])
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(static fn (InvalidSignatureException $e): Response => response()->view('errors.link', [], 403));
    })
    ->create();
