<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The field of a heavy design is asked for behind the page's back and may come when its person has signed out or in anew.
 * Its answer brings no cookies, or the sitting that has ended would take the place of the one that has begun.
 */
final class LateAnswer
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->isMethod('GET') && $request->hasHeader('X-Bench')) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }
}
