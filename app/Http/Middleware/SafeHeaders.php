<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Server\StaticFile;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Everything a page uses comes from this server, in files: no inline script, no inline style, nothing from outside. And no browser
 * keeps a page: the next person at this machine is another.
 */
final class SafeHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; "
        ."connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** What is the same for everybody. */
    private const OPEN = ['help.picture', 'schema', 'schema.before'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        // Nothing here is for search engines either, least of all a client's link.
        foreach (StaticFile::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }
        if (! $request->routeIs(self::OPEN)) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
