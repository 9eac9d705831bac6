<?php

declare(strict_types=1);

use App\Database\Trouble;
use App\History\Conflict;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\LateAnswer;
use App\Http\Middleware\SafeHeaders;
use App\Http\Middleware\StartSitting;
use App\Http\Middleware\WellFormedText;
use App\Http\NotSaved;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(KnownHost::class);
        $middleware->append([SafeHeaders::class, WellFormedText::class, LateAnswer::class]);
        $middleware->web(replace: [StartSession::class => StartSitting::class]);
        // An emptied field is something typed: it comes back empty, with its message.
        $middleware->remove(ConvertEmptyStringsToNull::class);
        $middleware->redirectGuestsTo(static fn (): string => route('sign-in.create'));
        $middleware->redirectUsersTo(static fn (): string => route('projects.index'));
    })
    ->withCommands([__DIR__.'/../app/Console/Artisan'])
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(static fn (InvalidSignatureException $e): Response => response()->view('errors.link', [], 403));
        // Of whatever did not expect one: nothing was saved, and it is said.
        $exceptions->render(static fn (Conflict $e): Response => response()->view('errors.conflict', ['who' => $e->who], 409));
        $exceptions->render(static function (Throwable $e, Request $request): ?Response {
            $why = Trouble::of($e);

            return $why === null ? null : NotSaved::answer($why, $request);
        });
    })
    ->create();
