<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\Trouble;
use App\Http\NotSaved;
use App\Http\Sittings;
use Closure;
use DateTimeInterface;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\QueryException;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use Illuminate\Support\Carbon;

/** The framework's, for sittings that stay and for a disk that keeps none. */
final class StartSitting extends StartSession
{
    public function handle($request, Closure $next)
    {
        $response = parent::handle($request, $next);
        $session = $request->hasSession() ? $request->session() : null;
        $handler = $session instanceof Store ? $session->getHandler() : null;
        $trouble = $handler instanceof Sittings ? $handler->trouble() : null;

        // A refusal and a sign-in are told by the sitting: without it, it would seem that nothing was sent, or that a page that was
        // just opened had stood open too long.
        $silent = $response->isRedirection() || $response->getStatusCode() === 419;

        return $trouble instanceof Trouble && ! $request->isMethodSafe() && $silent
            ? NotSaved::answer($trouble, $request)
            : $response;
    }

    protected function collectGarbage(Session $session): void
    {
        try {
            parent::collectGarbage($session);
        } catch (QueryException $e) {
            // Another time.
            Trouble::of($e) ?? throw $e;
        }
    }

    protected function getCookieExpirationDate(): DateTimeInterface|int
    {
        $stays = $this->manager->driver()->get(Sittings::STAYS) === true;

        return $stays ? Carbon::now()->addMinutes(Sittings::LONG) : parent::getCookieExpirationDate();
    }
}
