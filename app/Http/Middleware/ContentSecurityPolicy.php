<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything a page uses comes from this server, in files: no inline script, no inline style, nothing from outside. */
final class ContentSecurityPolicy
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; "
        ."connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        // Nothing here is for search engines, least of all a client's link.
        $response->headers->set('X-Robots-Tag', 'noindex');

        return $response;
    }
}
